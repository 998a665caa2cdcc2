import type { JumpCause, Leg, RailAdvice, RailPart, RailTrigger, RideEvent, Sign } from '../../api/schema'

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

/** Causes that are the rider's: that jump is not held against a leg. */
const ridersCauses: (JumpCause | null)[] = ['track', 'pace', 'hand']

/** Touches told by leg in this ride: of poles, of fences, and totals by leg. */
export function touchesByLeg(tapped: RideEvent[]): Partial<Record<Leg, number>> {
  const legs: Partial<Record<Leg, number>> = {}
  const add = (leg: Leg | null | undefined, n: number) => leg && n && (legs[leg] = (legs[leg] ?? 0) + n)
  const mine = new Set(
    tapped.flatMap((e) => (e.kind === 'jumpTold' && ridersCauses.includes(e.cause) ? [e.jump] : [])),
  )
  for (const e of tapped) {
    if (e.kind === 'polesPassed') add(e.leg, e.touched)
    else if (e.kind === 'efforts' && !mine.has(e.id)) add(e.leg, e.count)
    else if (e.kind === 'legTouched') add(e.leg, e.count)
  }
  return legs
}

/** All touches told by leg, where one leg has its share of them; without one in this ride there is nothing to say. */
function sameLeg(tapped: Tapped[], { share, earlier }: RailAdvice) {
  const today = touchesByLeg(tapped.map((t) => t.event))
  if (!Object.keys(today).length) return 0
  const all = { ...earlier } as Partial<Record<Leg, number>>
  for (const [leg, n] of Object.entries(today) as [Leg, number][]) all[leg] = (all[leg] ?? 0) + n
  const counts = Object.values(all)
  const sum = counts.reduce((n, m) => n + m, 0)
  return Math.max(...counts) >= (share ?? 1) * sum ? sum : 0
}

/** The leg that the advice means, with its count, to name it. */
export function legMeant(events: RideEvent[], { earlier }: RailAdvice): { leg: Leg; of: number; n: number } {
  const all = { ...earlier } as Partial<Record<Leg, number>>
  for (const [leg, n] of Object.entries(touchesByLeg(events)) as [Leg, number][])
    all[leg] = (all[leg] ?? 0) + n
  const ordered = (Object.entries(all) as [Leg, number][]).sort((a, b) => b[1] - a[1])
  return { leg: ordered[0]![0], n: ordered[0]![1], of: ordered.reduce((sum, [, n]) => sum + n, 0) }
}

/** Signs of quickening told once trot and canter have lasted longer than the advice says. */
function quickenedLate(tapped: Tapped[], { afterMinutes }: RailAdvice) {
  let [since, fast, lasted, n] = [0, false, 0, 0]
  for (const { event: e } of tapped) {
    const at = Date.parse(e.at)
    if (fast) lasted += at - since
    since = at
    if (e.kind === 'gaitNow') fast = e.gait === 'trot' || e.gait === 'canter' || e.gait === 'gallop'
    else if (e.kind === 'paused' || e.kind === 'rideEnded') fast = false
    const quick =
      e.kind === 'signSeen' &&
      (e.sign === 'tempoLost' || e.sign === 'rushedBold' || e.sign === 'rushedWorried')
    if (quick && lasted / 60_000 > (afterMinutes ?? Infinity)) n++
  }
  return n
}

const counters: Record<RailTrigger, (tapped: Tapped[], parts: RailPart[], advice: RailAdvice) => number> = {
  begin: () => 0,
  fell: (t) => t.filter(({ event: e }) => e.kind === 'fell').length,
  pain: (t) =>
    t.filter(
      ({ event: e }) =>
        e.kind === 'signSeen' &&
        !e.known &&
        (e.sign === 'offOrUnlevel' || e.sign === 'soreBack' || e.sign === 'heatInLeg'),
    ).length,
  sameLeg: (t, _, advice) => sameLeg(t, advice),
  sameLegOverRides: (t, _, advice) => sameLeg(t, advice),
  quickenedLate: (t, _, advice) => quickenedLate(t, advice),
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

/** The advice that speaks now and has not been answered at this count: the gravest by the order that came with it, then the one reached last. */
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
    .map((a) => ({ advice: a, count: counters[a.trigger](a.inPart ? here : tapped, parts, a) }))
    .filter(
      ({ advice: a, count }) => count >= a.from && !isAnswered(a, count, a.inPart ? here : tapped, parts),
    )
  const most = said.filter(
    ({ advice: a, count }) =>
      !said.some(
        (o) =>
          o.advice !== a &&
          o.advice.trigger === a.trigger &&
          o.advice.from > a.from &&
          count >= o.advice.from,
      ),
  )
  const gravest = Math.min(...most.map((m) => m.advice.gravity))
  return most.findLast((m) => m.advice.gravity === gravest) ?? null
}

/** Answered, and nothing of it since. */
function isAnswered(advice: RailAdvice, count: number, tapped: Tapped[], parts: RailPart[]) {
  const at = tapped.findLastIndex(({ event: e }) => e.kind === 'adviceAnswered' && e.rule === advice.rule)
  return at >= 0 && count <= counters[advice.trigger](tapped.slice(0, at), parts, advice)
}

/** Something that ends the jumping has happened, answered or not. */
export const jumpingEnded = (advice: RailAdvice[], events: RideEvent[], parts: RailPart[]) =>
  advice.some((a) => a.endsJumping && counters[a.trigger](tappedIn(events), parts, a) >= a.from)
