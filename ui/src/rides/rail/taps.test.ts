import { expect, test } from 'vitest'
import type { RailStop, RideEvent } from '../../api/schema'
import { sayTap } from './sayTap'
import { askedBeforeJumping, jumpingStopped, ridingStopped, stopNow } from './stops'
import { keysDown, standingTaps, tapsOfPart } from './taps'

/** What the rail does for itself, without a browser and without Core: which keys are down, what stops at once, words. */

const morning = Date.parse('2026-04-18T07:00:00Z')
let n = 0
/** A tap so many seconds after seven. */
const tap = (second: number, made: Record<string, unknown>): RideEvent =>
  ({ id: `tap ${n++}`, at: new Date(morning + second * 1000).toISOString(), ...made }) as unknown as RideEvent
const pass = (rein: string, clean: number, touched: number, rushed = 0) =>
  tap(n, { kind: 'polesPassed', rein, clean, touched, rushed, setUpId: null })
const jump = (outcome: string, count = 1, rein = 'left') =>
  tap(n, { kind: 'efforts', rein, outcome, count, heightMetres: 0.5, setUpId: null })
const sign = (s: string, known: string | null = null) =>
  tap(n, { kind: 'signSeen', sign: s, rein: null, known })
const change = (quality: string) => tap(n, { kind: 'changeRidden', to: 'left', quality, where: 'diagonal' })
const answered = (rule: string) => tap(n, { kind: 'adviceAnswered', rule, accepted: true })
const fell = (head = false) => tap(n, { kind: 'fell', who: 'rider', head })

/** As they come with a sheet. */
const stop = (rule: string, endsRide: boolean, more: Partial<RailStop>): RailStop => ({
  advice: {
    rule,
    says: rule,
    do: '',
    seen: null,
    canWait: false,
    endsRide,
    why: { rule: '', inputs: [], source: { class: 'commonPractice', says: '' } },
    then: { parts: [], goTo: null },
  },
  signs: [],
  onFall: false,
  beforeJumping: false,
  endsJumping: false,
  ...more,
})
const stops = [
  stop('OffOrSore', true, { signs: ['heatInLeg', 'soreBack'] }),
  stop('Fall', false, { onFall: true, endsJumping: true }),
]
const says = (...taps: RideEvent[]) => stopNow(stops, taps)?.advice.rule ?? null

test('the keys are down that were tapped last, by gait, rein, part and clock', () => {
  const taps = [
    tap(0, { kind: 'partBegun', part: 0 }),
    tap(0, { kind: 'gaitNow', gait: 'walk' }),
    tap(60, { kind: 'reinNow', rein: 'left' }),
    tap(120, { kind: 'partBegun', part: 1 }),
    tap(120, { kind: 'gaitNow', gait: 'trot' }),
  ]
  expect(keysDown([])).toMatchObject({ gait: null, rein: 'both', part: 0, began: null, ended: false })
  expect(keysDown(taps)).toMatchObject({
    gait: 'trot',
    since: morning + 120_000,
    rein: 'left',
    part: 1,
    began: morning,
    last: morning + 120_000,
  })
  const stopped = [...taps, tap(180, { kind: 'paused', because: 'girth' })]
  expect(keysDown(stopped)).toMatchObject({ gait: null, paused: true, ended: false })
  expect(keysDown([...stopped, tap(300, { kind: 'gaitNow', gait: 'walk' })])).toMatchObject({
    gait: 'walk',
    paused: false,
    since: morning + 300_000,
  })
  expect(keysDown([...taps, tap(300, { kind: 'rideEnded' })])).toMatchObject({ gait: null, ended: true })
})

test('what was taken back is left out, and taps are put in order', () => {
  const slip = tap(5, { kind: 'gaitNow', gait: 'gallop' })
  const walk = tap(0, { kind: 'gaitNow', gait: 'walk' })
  expect(standingTaps([slip, tap(6, { kind: 'takenBack', event: slip.id }), walk])).toEqual([walk])
})

test('the pads show what was tapped in this part', () => {
  const [first, second] = [sign('spooked'), sign('tired')]
  const taps = [first, tap(1, { kind: 'partBegun', part: 1 }), second]
  expect(tapsOfPart(taps, 0)).toEqual([first])
  expect(tapsOfPart(taps, 1)).toContain(second)
})

test('pain stops at once, until it is answered, and again when it is told again', () => {
  expect(says(sign('tempoLost'))).toBeNull()
  expect(says(sign('heatInLeg'))).toBe('OffOrSore')
  expect(says(sign('heatInLeg'), answered('OffOrSore'))).toBeNull()
  expect(says(sign('heatInLeg'), answered('OffOrSore'), sign('soreBack'))).toBe('OffOrSore')
})

test('what a vet has entered as old and known does not stop', () => {
  expect(says(sign('heatInLeg', 'old splint'))).toBeNull()
})

test('a fall stops the jumping, answered or not, and a knock to the head the riding', () => {
  expect(says(jump('clear'))).toBeNull()
  expect(says(jump('clear'), fell())).toBe('Fall')
  expect(jumpingStopped(stops, [jump('clear')])).toBe(false)
  expect(jumpingStopped(stops, [fell(), answered('Fall')])).toBe(true)
  expect(ridingStopped(stops, [fell(), answered('Fall')])).toBe(false)
  expect(ridingStopped(stops, [fell(true)])).toBe(true)
  expect(ridingStopped(stops, [sign('soreBack'), answered('OffOrSore')])).toBe(true)
})

test('jumping waits until somebody has said that he is there', () => {
  const alone = [...stops, stop('FenceWithoutHelper', false, { beforeJumping: true })]
  expect(askedBeforeJumping(stops, [])).toBeNull()
  expect(askedBeforeJumping(alone, [])?.advice.rule).toBe('FenceWithoutHelper')
  expect(askedBeforeJumping(alone, [answered('FenceWithoutHelper')])).toBeNull()
})

test('every tap is said in a rider’s words', () => {
  expect(sayTap(pass('left', 0, 1))).toBe('Poles touched, left rein')
  expect(sayTap({ ...pass('right', 0, 1), leg: 'leftHind' } as RideEvent)).toBe(
    'Poles touched, left hind, right rein',
  )
  expect(sayTap(pass('left', 4, 1, 2))).toBe('Poles, left rein: 4 clean, 1 touched, 2 rushed')
  expect(sayTap(jump('runOutLeft'))).toBe('Fence 50 cm ran out left, left rein')
  expect(sayTap(change('shortBehind'))).toBe('Change to the left short behind, on the diagonal')
  expect(sayTap(tap(0, { kind: 'stridesCounted', metres: 15, strides: 5, planned: 4, rein: 'both' }))).toBe(
    '5 strides on 15 m (planned 4)',
  )
  expect(sayTap(tap(0, { kind: 'reinNow', rein: 'right' }))).toBe('Right rein')
  expect(sayTap(tap(0, { kind: 'paused', because: 'girth' }))).toBe('Stopped: girth')
})
