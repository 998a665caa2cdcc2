import type { RailAdvice, RailPart, RailTrigger, RideEvent, Sign } from '../../api/schema'

/** Counts what was tapped, for the advice that came with the sheet. What is said, and from which count, the rules decide. */

type Tapped = { event: RideEvent; part: number }

const signs = (tapped: Tapped[], ...wanted: Sign[]) =>
  tapped.filter(({ event: e }) => e.kind === 'signSeen' && wanted.includes(e.sign)).length
const efforts = (tapped: Tapped[], ...outcomes: string[]) =>
  tapped.reduce(
    (n, { event: e }) => (e.kind === 'efforts' && outcomes.includes(e.outcome) ? n + e.count : n),
    0,
  )
const changes = (tapped: Tapped[], ...qualities: string[]) =>
  tapped.filter(({ event: e }) => e.kind === 'changeRidden' && qualities.includes(e.quality)).length
const tensions = (tapped: Tapped[]) =>
  tapped.flatMap(({ event: e }) => (e.kind === 'tensionSeen' ? [e.tension] : []))

const touches = (tapped: Tapped[], rein: string) =>
  tapped.reduce((n, { event: e }) => (e.kind === 'polesPassed' && e.rein === rein ? n + e.touched : n), 0)
const passes = (tapped: Tapped[], rein: string) =>
  tapped.reduce(
    (n, { event: e }) => (e.kind === 'polesPassed' && e.rein === rein ? n + e.clean + e.touched : n),
    0,
  )

/** All on one rein while both were ridden. */
function oneSided(tapped: Tapped[]) {
  const [left, right] = [touches(tapped, 'left'), touches(tapped, 'right')]
  return passes(tapped, 'left') && passes(tapped, 'right') && (!left || !right) ? left + right : 0
}

function afterChange(tapped: Tapped[]) {
  const at = tapped.findLastIndex(({ event: e }) => e.kind === 'changeRidden')
  return at < 0 ? 0 : tensions(tapped.slice(at)).filter((t) => t === 3).length
}

function tenseRunning(tapped: Tapped[]) {
  const all = tensions(tapped)
  const calm = all.findLastIndex((t) => t < 3)
  return all.length - calm - 1
}

function lowerMark(tapped: Tapped[]) {
  const last = (rein: string) =>
    tapped.findLast(({ event: e }) => e.kind === 'marked' && (e.rein === rein || e.rein === 'both'))?.event
  const [left, right] = [last('left'), last('right')]
  return left?.kind === 'marked' && right?.kind === 'marked' ? Math.min(left.mark, right.mark) : -1
}

/** A landing on the lead of the other rein than the one ridden. */
function wrongLeads(tapped: Tapped[]) {
  const jumps = new Map(
    tapped.flatMap(({ event: e }) => (e.kind === 'efforts' ? [[e.id, e.rein] as const] : [])),
  )
  return (
    signs(tapped, 'wrongLead') +
    tapped.filter(
      ({ event: e }) =>
        e.kind === 'jumpTold' && e.landedOn && jumps.has(e.jump) && jumps.get(e.jump) !== e.landedOn,
    ).length
  )
}

const counters: Record<RailTrigger, (tapped: Tapped[], parts: RailPart[]) => number> = {
  begin: () => 0,
  pain: (t) => signs(t, 'offOrUnlevel', 'soreBack', 'heatInLeg'),
  ranOut: (t) => efforts(t, 'runOutLeft', 'runOutRight'),
  stopped: (t) => efforts(t, 'stop'),
  rushedPoles: (t) => t.reduce((n, { event: e }) => (e.kind === 'polesPassed' ? n + e.rushed : n), 0),
  touchedOnOneReinOnly: oneSided,
  addedStride: (t) => signs(t, 'addedStride'),
  flatAndLong: (t) => signs(t, 'flatAndLong'),
  drifted: (t) => signs(t, 'driftedLeft', 'driftedRight'),
  rushedBold: (t) => signs(t, 'rushedBold'),
  rushedWorried: (t) => signs(t, 'rushedWorried'),
  wrongLead: wrongLeads,
  goodChange: (t) => changes(t, 'clean'),
  noChange: (t) => changes(t, 'none'),
  lateChange: (t) => changes(t, 'late', 'shortBehind'),
  tenseAfterChange: afterChange,
  tenseRunning,
  overTheTop: (t) => tensions(t).filter((n) => n === 4).length,
  tired: (t) => signs(t, 'tired'),
  tempoLost: (t) => signs(t, 'tempoLost'),
  refusedYield: (t) =>
    signs(t, 'refusedYield') + t.filter(({ event: e }) => e.kind === 'yieldSteps' && e.given === 0).length,
  headUpShortNeck: (t) => signs(t, 'headUpShortNeck'),
  behindBitOrLeg: (t) => signs(t, 'behindBitOrLeg'),
  brokeIntoCanter: (t) => signs(t, 'brokeIntoCanter'),
  distracted: (t) => signs(t, 'distracted'),
  effortsCounted: (t, parts) =>
    t.reduce((n, { event: e, part }) => {
      if (e.kind !== 'efforts') return n
      const { fences, countsAs } = parts[part] ?? { fences: 0, countsAs: 0 }
      return n + e.count * (fences ? countsAs / fences : 1)
    }, 0),
  markOnBothReins: lowerMark,
}

/** Each event with the part it was tapped in. */
export function tappedIn(events: RideEvent[]): Tapped[] {
  let part = 0
  return events.map((event) => {
    if (event.kind === 'partBegun') part = event.part
    return { event, part }
  })
}

export interface Spoken {
  advice: RailAdvice
  /** The count at which it was said: a later count says it again. */
  count: number
}

/** The advice that speaks now and has not been answered at this count; the gravest first, then the one reached last. */
export function speaking(
  advice: RailAdvice[],
  events: RideEvent[],
  parts: RailPart[],
  now: number,
): Spoken | null {
  const tapped = tappedIn(events)
  const here = tapped.filter((t) => t.part === now)
  const said = advice
    .filter((a) => a.part === null || a.part === now)
    .map((a) => ({ advice: a, count: counters[a.trigger](a.inPart ? here : tapped, parts) }))
    .filter(
      ({ advice: a, count }) => count >= a.from && !isAnswered(a, count, a.inPart ? here : tapped, parts),
    )
  return (
    said.find(({ advice: a }) => a.endsRide) ??
    said.findLast(
      ({ advice: a, count }) =>
        !said.some(
          (o) =>
            o.advice !== a &&
            o.advice.trigger === a.trigger &&
            o.advice.from > a.from &&
            count >= o.advice.from,
        ),
    ) ??
    null
  )
}

/** Answered, and nothing of it since. */
function isAnswered(advice: RailAdvice, count: number, tapped: Tapped[], parts: RailPart[]) {
  const at = tapped.findLastIndex(({ event: e }) => e.kind === 'adviceAnswered' && e.rule === advice.rule)
  return at >= 0 && count <= counters[advice.trigger](tapped.slice(0, at), parts)
}
