import type { Gait, Rein, RideEvent } from '../../api/schema'

/** Taps that stand, in their order: what was taken back is left out. */
export function standingTaps(events: RideEvent[]): RideEvent[] {
  const back = new Set(events.flatMap((e) => (e.kind === 'takenBack' ? [e.event] : [])))
  return events
    .filter((e) => e.kind !== 'takenBack' && !back.has(e.id))
    .sort((a, b) => a.at.localeCompare(b.at) || (a.clock?.number ?? 0) - (b.clock?.number ?? 0))
}

/** Which keys are down: what was tapped last of each kind. How long anything lasted is not reckoned here. */
export interface Down {
  /** Nothing before it begins, while it is stopped, and after its end. */
  gait: Gait | null
  /** Since the gait was tapped. */
  since: number | null
  rein: Rein
  part: number
  began: number | null
  paused: boolean
  ended: boolean
  /** The last tap of all. */
  last: number | null
}

export function keysDown(taps: RideEvent[]): Down {
  const last = <K extends RideEvent['kind']>(...kinds: K[]) =>
    taps.findLast((e): e is Extract<RideEvent, { kind: K }> => (kinds as string[]).includes(e.kind))
  const time = (e?: RideEvent) => (e ? Date.parse(e.at) : null)
  const going = last('gaitNow', 'paused', 'rideEnded')
  const began = taps.find((e) => e.kind === 'gaitNow')
  return {
    gait: going?.kind === 'gaitNow' ? going.gait : null,
    since: time(going),
    rein: last('reinNow')?.rein ?? 'both',
    part: last('partBegun')?.part ?? 0,
    began: time(began),
    paused: going?.kind === 'paused',
    ended: going?.kind === 'rideEnded',
    last: time(taps.at(-1)),
  }
}

/** The taps of the part that is ridden now. */
export function tapsOfPart(taps: RideEvent[], now: number): RideEvent[] {
  let part = 0
  return taps.filter((e) => {
    if (e.kind === 'partBegun') part = e.part
    return part === now
  })
}

/** How tense it was last, of these taps; null where nobody said. */
export function lastTension(taps: RideEvent[]): number | null {
  const seen = taps.findLast((e) => e.kind === 'tensionSeen')
  return seen?.kind === 'tensionSeen' ? seen.tension : null
}
