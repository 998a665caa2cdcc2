import { figures, workshop } from '../api/figures'
import type {
  EffortOutcome,
  Faller,
  Gait,
  HorseAnswer,
  Leg,
  Movement,
  Rein,
  RideEvent,
  SessionView,
  SetUpView,
  Sign,
  WeatherReading,
} from '../api/schema'
import { options, outcomeWords } from '../house/words'
import { highestFence } from '../setups/setUpEntries'

/** What is written down after a ride, before it becomes events. Kept on the device until it is sent. */

export const riddenGaits: Gait[] = ['walk', 'trot', 'canter']
export const sides = ['left', 'right'] as const
export type Side = (typeof sides)[number]
type PerSide<T> = Record<Side, T>

export const transitionKinds: { from: Gait; to: Gait; label: string }[] = [
  { from: 'walk', to: 'trot', label: 'Walk to trot' },
  { from: 'trot', to: 'walk', label: 'Trot to walk' },
  { from: 'trot', to: 'canter', label: 'Trot to canter' },
  { from: 'canter', to: 'trot', label: 'Canter to trot' },
  { from: 'walk', to: 'canter', label: 'Walk to canter' },
  { from: 'trot', to: 'halt', label: 'Trot to halt' },
]

export const outcomes = options<EffortOutcome>(outcomeWords)
export const answers: HorseAnswer[] = ['alone', 'reminded', 'helped', 'not']

/** Askings of one movement on one side, counted by how they were answered. */
export interface AskedOfIt {
  movement: Movement
  side: Side | null
  times: Record<HorseAnswer, number>
}

/** What was ridden over without a set-up of the book. */
export const noSetUp = 'none'

export interface RideForm {
  rideId: string
  sessionId: string | null
  on: string
  minutes: Record<string, PerSide<number | null>>
  transitions: (number | null)[]
  /** Poles that stood in a set-up: touches are looked at by the pole crossed. */
  poles: Record<string, number>
  passes: Record<string, PerSide<{ clean: number; touched: number; rushed: number }>>
  efforts: Record<string, { height: number } & PerSide<Record<string, number>>>
  marks: PerSide<number | null>
  tension: number | null
  exertion: number | null
  /** Touches told by leg, of the whole ride. */
  touches: Record<Leg, number>
  signs: Sign[]
  /** The side a sign was on, where it has one. */
  signSides: Partial<Record<Sign, Side>>
  asked: AskedOfIt[]
  /** The grave ones are what a vet has called old and known. */
  known: string | null
  fell: Faller | null
  head: boolean
  closingTest: boolean | null
  note: string
  weather: { temperatureC: number | null; humidityPercent: number | null; simulated: boolean }
}

export const legs: Leg[] = ['leftFore', 'rightFore', 'leftHind', 'rightHind']
export const noTouches = () => Object.fromEntries(legs.map((l) => [l, 0])) as Record<Leg, number>
export const graveSigns: Sign[] = figures.painSigns

const perSide = <T>(make: () => T): PerSide<T> => ({ left: make(), right: make() })

function polesIn(entry: SetUpView['entry']): number {
  if (entry.family === 'poleLine' || entry.family === 'curvedPoles') return entry.poles ?? 0
  if (entry.family !== 'fenceLine') return 0
  return (entry.elements ?? []).filter((e) => e?.kind === 'pole' || e?.kind === 'raisedPole').length
}

/** Nothing of legs and falls. */
export const sayingNothing = () => ({
  poles: {} as Record<string, number>,
  touches: noTouches(),
  signSides: {} as Partial<Record<Sign, Side>>,
  asked: [] as AskedOfIt[],
  known: null,
  fell: null,
  head: false,
})

export const noPasses = () => perSide(() => ({ clean: 0, touched: 0, rushed: 0 }))
export const noEfforts = (height: number) => ({
  height,
  ...perSide(() => Object.fromEntries(outcomes.map((o) => [o.value, 0]))),
})

/** Something stood that was not planned: its passes or its jumps are counted too. */
export function rideOver(form: RideForm, setUp: SetUpView | 'poles' | 'fences') {
  if (setUp === 'poles') form.passes[noSetUp] ??= noPasses()
  else if (setUp === 'fences') form.efforts[noSetUp] ??= noEfforts(workshop.crossPole)
  else if (highestFence(setUp.measured) > 0)
    form.efforts[setUp.id] ??= noEfforts(highestFence(setUp.measured))
  else {
    form.passes[setUp.id] ??= noPasses()
    form.poles[setUp.id] = polesIn(setUp.entry)
  }
}

/** Starts from the plan: what was ridden differs less often than it agrees. */
export function startForm(
  session: SessionView | undefined,
  setUps: SetUpView[],
  on: string,
  weather?: WeatherReading,
): RideForm {
  const stood = setUps.filter((s) => session?.parts.some((p) => p.setUpId === s.id))
  const planned = (gait: Gait, rein: Side) =>
    (session?.parts ?? [])
      .filter((p) => p.gait === gait)
      .reduce((sum, p) => sum + (p.rein === rein ? p.minutes : p.rein === 'both' ? p.minutes / 2 : 0), 0) ||
    null
  return {
    // The ride of a planned session bears its id, whichever device begins it.
    rideId: session?.id ?? crypto.randomUUID(),
    sessionId: session?.id ?? null,
    on: session?.on ?? on,
    ...sayingNothing(),
    minutes: Object.fromEntries(
      riddenGaits.map((g) => [g, { left: planned(g, 'left'), right: planned(g, 'right') }]),
    ),
    transitions: transitionKinds.map(() => null),
    poles: Object.fromEntries(stood.map((s) => [s.id, polesIn(s.entry)])),
    passes: Object.fromEntries(
      stood.filter((s) => highestFence(s.measured) === 0).map((s) => [s.id, noPasses()]),
    ),
    efforts: Object.fromEntries(
      stood
        .filter((s) => highestFence(s.measured) > 0)
        .map((s) => [s.id, noEfforts(highestFence(s.measured))]),
    ),
    marks: { left: null, right: null },
    tension: null,
    exertion: null,
    signs: [],
    closingTest: null,
    note: '',
    weather: {
      temperatureC: weather?.temperatureC ?? null,
      humidityPercent: weather?.humidityPercent ?? null,
      simulated: weather?.simulated ?? false,
    },
  }
}

/** An id that stays the same for the same thing in the same ride, so that sending twice counts once. */
export type MakeId = (what: string) => string

/** Turns the form into the events a rail recorder would have made. */
export function toEvents(form: RideForm, at: string, id: MakeId): RideEvent[] {
  const events: RideEvent[] = []
  const about = (what: string) => ({ id: id(what), at })
  for (const gait of riddenGaits)
    for (const rein of sides) {
      const minutes = form.minutes[gait]?.[rein]
      if (minutes)
        events.push({ kind: 'ridden', gait, rein: rein as Rein, minutes, ...about(`ridden ${gait} ${rein}`) })
    }
  transitionKinds.forEach(({ from, to }, i) => {
    const count = form.transitions[i]
    if (count) events.push({ kind: 'transitions', from, to, count, ...about(`transitions ${from} ${to}`) })
  })
  for (const [setUpId, passes] of Object.entries(form.passes))
    for (const rein of sides) {
      const p = passes[rein]
      if (p.clean + p.touched > 0)
        events.push({
          kind: 'polesPassed',
          setUpId: setUpId === noSetUp ? null : setUpId,
          rein,
          ...p,
          ...(form.poles[setUpId] ? { poles: form.poles[setUpId] } : {}),
          ...about(`passes ${setUpId} ${rein}`),
        })
    }
  for (const [setUpId, efforts] of Object.entries(form.efforts))
    for (const rein of sides)
      for (const { value: outcome } of outcomes) {
        const count = efforts[rein][outcome] ?? 0
        if (count > 0)
          events.push({
            kind: 'efforts',
            setUpId: setUpId === noSetUp ? null : setUpId,
            rein,
            heightMetres: efforts.height,
            outcome,
            count,
            ...about(`efforts ${setUpId} ${rein} ${outcome}`),
          })
      }
  for (const rein of sides) {
    const mark = form.marks[rein]
    if (mark !== null) events.push({ kind: 'marked', rein, mark, about: '', ...about(`mark ${rein}`) })
  }
  if (form.tension !== null) events.push({ kind: 'tensionSeen', tension: form.tension, ...about('tension') })
  if (form.exertion !== null)
    events.push({ kind: 'exertionSeen', exertion: form.exertion, ...about('exertion') })
  for (const leg of legs)
    if (form.touches[leg])
      events.push({ kind: 'legTouched', leg, count: form.touches[leg], ...about(`touches ${leg}`) })
  for (const { movement, side, times } of form.asked)
    for (const answered of answers)
      for (let n = 0; n < times[answered]; n++)
        events.push(
          (movement === 'change'
            ? {
                kind: 'changeRidden',
                to: side ?? 'left',
                quality: answered === 'not' ? 'none' : 'clean',
                where: 'diagonal',
                ...(answered === 'alone' || answered === 'not' ? {} : { answered }),
                ...about(`asked ${movement} ${side} ${answered} ${n}`),
              }
            : {
                kind: 'attempted',
                movement,
                answered,
                ...(side ? { side } : {}),
                ...about(`asked ${movement} ${side} ${answered} ${n}`),
              }) as RideEvent,
        )
  for (const sign of form.signs)
    if (form.signSides[sign])
      events.push({
        kind: 'moreTold',
        about: id(`sign ${sign}`),
        side: form.signSides[sign],
        ...about(`side ${sign}`),
      } as RideEvent)
  for (const sign of form.signs)
    events.push({
      kind: 'signSeen',
      sign,
      rein: null,
      known: graveSigns.includes(sign) ? form.known : null,
      ...about(`sign ${sign}`),
    })
  if (form.fell) events.push({ kind: 'fell', who: form.fell, head: form.head, ...about('fall') })
  if (form.closingTest !== null)
    events.push({ kind: 'closingTest', passed: form.closingTest, ...about('closing test') })
  if (form.note.trim()) events.push({ kind: 'noted', text: form.note.trim(), ...about('note') })
  const { temperatureC, humidityPercent, simulated } = form.weather
  if (temperatureC !== null && humidityPercent !== null)
    events.push({ kind: 'weatherRead', temperatureC, humidityPercent, simulated, ...about('weather') })
  return events
}
