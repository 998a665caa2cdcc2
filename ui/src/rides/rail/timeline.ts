import type { Gait, Rein, RideEvent } from '../../api/schema'

/** What the screen shows while it is ridden. The record itself is folded by the server. */
export interface Standing {
  gait: Gait | null
  rein: Rein
  part: number
  /** Since it last changed gait. */
  gaitSince: number
  began: number | null
  ended: boolean
  paused: boolean
  /** Milliseconds ridden, altogether and by part. */
  ridden: number
  byPart: Record<number, number>
}

/** Events that count, in their order: what was taken back is left out. */
export function counted(events: RideEvent[]): RideEvent[] {
  const back = new Set(events.flatMap((e) => (e.kind === 'takenBack' ? [e.event] : [])))
  return events
    .filter((e) => e.kind !== 'takenBack' && !back.has(e.id))
    .sort((a, b) => a.at.localeCompare(b.at) || (a.clock?.number ?? 0) - (b.clock?.number ?? 0))
}

export function standing(events: RideEvent[], now: number): Standing {
  const s: Standing = {
    gait: null,
    rein: 'both',
    part: 0,
    gaitSince: now,
    began: null,
    ended: false,
    paused: false,
    ridden: 0,
    byPart: {},
  }
  let since = 0
  const until = (at: number) => {
    if (s.gait !== null) {
      s.ridden += at - since
      s.byPart[s.part] = (s.byPart[s.part] ?? 0) + at - since
    }
    since = at
  }
  for (const e of events) {
    const at = Date.parse(e.at)
    until(at)
    if (e.kind === 'gaitNow') {
      if (s.gait !== e.gait) s.gaitSince = at
      s.gait = e.gait
      s.began ??= at
      s.ended = s.paused = false
    } else if (e.kind === 'reinNow') s.rein = e.rein
    else if (e.kind === 'partBegun') s.part = e.part
    else if (e.kind === 'paused') {
      s.gait = null
      s.paused = true
    } else if (e.kind === 'rideEnded') {
      s.gait = null
      s.ended = true
    }
  }
  if (now > since) until(now)
  return s
}
