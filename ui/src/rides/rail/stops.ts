import type { RailStop, RideEvent } from '../../api/schema'

/**
 * What stops the work at once, whether or not Core stands on this device: signs of pain, heat and swelling, a fall, and
 * jumping with nobody there.
 * Which signs those are and what is said came with the sheet.
 */
const is = (stop: RailStop, e: RideEvent) =>
  (e.kind === 'fell' && stop.onFall) || (e.kind === 'signSeen' && !e.known && stop.signs.includes(e.sign))

/** The line that has been reached and not answered since. */
export function stopNow(stops: RailStop[], taps: RideEvent[]): RailStop | null {
  const isAnswered = (stop: RailStop) =>
    taps.findLastIndex((e) => e.kind === 'adviceAnswered' && e.rule === stop.advice.rule) >
    taps.findLastIndex((e) => is(stop, e))
  return stops.find((stop) => taps.some((e) => is(stop, e)) && !isAnswered(stop)) ?? null
}

/** Something that ends the jumping has happened, answered or not. */
export const jumpingStopped = (stops: RailStop[], taps: RideEvent[]) =>
  stops.some((stop) => stop.endsJumping && taps.some((e) => is(stop, e)))

/** A knock to the head, or a line that ends the ride was answered: there is no riding on. */
export const ridingStopped = (stops: RailStop[], taps: RideEvent[]) =>
  taps.some(
    (e) =>
      (e.kind === 'fell' && e.head) ||
      (e.kind === 'adviceAnswered' && stops.some((s) => s.advice.endsRide && s.advice.rule === e.rule)),
  )

/** What is asked before the first fence, and has not been answered. */
export const askedBeforeJumping = (stops: RailStop[], taps: RideEvent[]) =>
  stops.find(
    (stop) =>
      stop.beforeJumping && !taps.some((e) => e.kind === 'adviceAnswered' && e.rule === stop.advice.rule),
  ) ?? null
