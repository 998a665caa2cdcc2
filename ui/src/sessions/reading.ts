import type { Manner, PartEntry, SetUpView } from '../api/schema'
import {
  gaitWords,
  mannerWords,
  openingWords,
  outlineWords,
  reinWords,
  seatWords,
  variantWords,
} from '../house/words'

const times = (n: number) => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`)
const centimetres = (metres: number) => `${Math.round(metres * 100)} cm`

/** How a part is ridden and how much of it there is, as a trainer reads it aloud after what is done in it. */
export function reads(part: PartEntry, manner: Manner, setUp?: SetUpView): string[] {
  const said = part.what?.toLowerCase() ?? ''
  const stages = part.inStages === false ? 0 : (setUp?.measured.stages.length ?? 0)
  return [
    part.manner && part.manner !== manner && mannerWords[part.manner].toLowerCase(),
    part.rein === 'both'
      ? !/rein|both|left|right/.test(said) && 'both reins'
      : part.rein && `${reinWords[part.rein].toLowerCase()} rein`,
    part.strideAim && variantWords[part.strideAim].toLowerCase(),
    isWorthSaying(part, said) && outlineWords[part.outline!],
    part.seat && !said.includes(seatWords[part.seat]) && seatWords[part.seat],
    part.times && !part.boutSeconds && times(part.times),
    part.efforts &&
      `${part.efforts} ${part.efforts === 1 ? 'fence' : 'fences'}${part.heightMetres ? ` at ${centimetres(part.heightMetres)}` : ''}`,
    stages > 1 && `built up in ${stages} stages`,
    part.transitions &&
      `${part.transitions} transitions${part.transitionsWith ? ` with ${gaitWords[part.transitionsWith].toLowerCase()}` : ''}`,
    part.boutSeconds && bouts(part.times, part.boutSeconds, part.restSeconds),
    part.metresPerMinute && `${part.metresPerMinute} m a minute`,
    part.opensWith && `opens with “${openingWords[part.opensWith].toLowerCase()}”`,
    part.markHopedFor && `for a ${part.markHopedFor}`,
  ].filter((bit): bit is string => !!bit)
}

/** Level is how it goes anyway; a collected stride says the outline too, and so may the name. */
const isWorthSaying = (part: PartEntry, said: string) =>
  !!part.outline &&
  part.outline !== 'level' &&
  !said.includes(outlineWords[part.outline]) &&
  !(part.outline === 'collected' && part.strideAim?.endsWith('Collected'))

const bouts = (n: number | null | undefined, bout: number, rest: number | null | undefined) =>
  `${n ? `${n} × ` : ''}${seconds(bout)}${rest ? `, ${seconds(rest)} walk between` : ''}`

const seconds = (n: number) => (n >= 60 && n % 30 === 0 ? `${n / 60} min` : `${n} s`)
