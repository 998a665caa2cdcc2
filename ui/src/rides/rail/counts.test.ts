import { expect, test } from 'vitest'
import type { RailAdvice, RailPart, RailTrigger, RideEvent } from '../../api/schema'
import { sayTap } from './sayTap'
import { counted, standing } from './timeline'
import { jumpingEnded, legMeant, speaking } from './triggers'

/** What the device counts for itself, without a browser: advice as it is due, and where the ride stands. */

const morning = Date.parse('2026-04-18T07:00:00Z')
let n = 0
/** A tap so many seconds after seven. */
const tap = (second: number, made: Record<string, unknown>): RideEvent =>
  ({ id: `tap ${n++}`, at: new Date(morning + second * 1000).toISOString(), ...made }) as unknown as RideEvent
const pass = (rein: string, clean: number, touched: number, rushed = 0) =>
  tap(n, { kind: 'polesPassed', rein, clean, touched, rushed, setUpId: null })
const jump = (outcome: string, count = 1, rein = 'left') =>
  tap(n, { kind: 'efforts', rein, outcome, count, heightMetres: 0.5, setUpId: null })
const sign = (s: string) => tap(n, { kind: 'signSeen', sign: s, rein: null })
const part = (i: number) => tap(n, { kind: 'partBegun', part: i })
const tense = (tension: number) => tap(n, { kind: 'tensionSeen', tension })
const change = (quality: string) => tap(n, { kind: 'changeRidden', to: 'left', quality, where: 'diagonal' })
const answered = (rule: string, accepted = false) => tap(n, { kind: 'adviceAnswered', rule, accepted })
const mark = (rein: string, value: number) => tap(n, { kind: 'marked', rein, mark: value, about: '' })

const advice = (
  rule: string,
  trigger: RailTrigger,
  from: number,
  more: Partial<RailAdvice> = {},
): RailAdvice => ({
  rule,
  trigger,
  from,
  part: null,
  inPart: true,
  says: rule,
  do: '',
  canWait: true,
  endsRide: false,
  gravity: 10,
  endsJumping: false,
  share: null,
  earlier: null,
  afterMinutes: null,
  why: { rule: '', inputs: [], source: { class: 'commonPractice', says: '' } },
  ...more,
})
const grid: RailPart[] = [
  { pad: 'fence', fences: 3, countsAs: 2, heightMetres: 0.5, line: null, poles: 0, manner: 'ridden' },
]
const says = (all: RailAdvice[], events: RideEvent[], parts: RailPart[] = [], now = 0) =>
  speaking(all, events, parts, now)?.advice.rule ?? null

test('a run-out speaks at once, either way, and a clear jump does not', () => {
  const all = [advice('RanOut', 'ranOut', 1)]
  expect(says(all, [jump('clear')])).toBeNull()
  expect(says(all, [jump('runOutLeft')])).toBe('RanOut')
  expect(says(all, [jump('runOutRight')])).toBe('RanOut')
})

test('answered it is silent until it happens again', () => {
  const all = [advice('RushesPoles', 'rushedPoles', 1)]
  const first = [pass('left', 1, 0, 1), answered('RushesPoles')]
  expect(says(all, first)).toBeNull()
  expect(says(all, [...first, pass('left', 1, 0, 0)])).toBeNull()
  expect(says(all, [...first, pass('right', 1, 0, 1)])).toBe('RushesPoles')
})

test('what belongs to a part is counted in that part, what belongs to the ride in all of it', () => {
  const events = [part(0), sign('tempoLost'), sign('tired'), part(1)]
  expect(says([advice('TempoLost', 'tempoLost', 1)], events, [], 1)).toBeNull()
  expect(says([advice('Tires', 'tired', 1, { inPart: false })], events, [], 1)).toBe('Tires')
})

test('pain goes before everything else', () => {
  const all = [
    advice('OffOrSore', 'pain', 1, { inPart: false, endsRide: true, canWait: false, gravity: 0 }),
    advice('RanOut', 'ranOut', 1),
  ]
  expect(says(all, [sign('heatInLeg'), jump('runOutLeft')])).toBe('OffOrSore')
})

test('the graver line speaks, whichever came last, and a lesser one waits behind it', () => {
  const all = [advice('Budget', 'ranOut', 1, { gravity: 4 }), advice('Tempo', 'tempoLost', 1, { gravity: 7 })]
  const both = [jump('runOutLeft'), sign('tempoLost')]
  expect(says(all, both)).toBe('Budget')
  expect(says(all, [...both, answered('Budget')])).toBe('Tempo')
})

test('a fall speaks at one tap and ends the jumping, answered or not', () => {
  const all = [advice('Fall', 'fell', 1, { inPart: false, endsJumping: true, canWait: false, gravity: 0 })]
  const fell = tap(n, { kind: 'fell', who: 'rider', head: false })
  expect(jumpingEnded(all, [jump('clear')], [])).toBe(false)
  expect(says(all, [jump('clear'), fell])).toBe('Fall')
  expect(jumpingEnded(all, [fell, answered('Fall')], [])).toBe(true)
})

test('the same leg speaks at its share of what was told by leg, with earlier rides once this one has some', () => {
  const touch = (leg: string, count = 1) => tap(n, { kind: 'legTouched', leg, count })
  const today = advice('SameLegToday', 'sameLeg', 4, { inPart: false, share: 0.75 })
  expect(says([today], [touch('leftHind', 3)])).toBeNull()
  expect(says([today], [touch('leftHind', 3), touch('rightFore')])).toBe('SameLegToday')
  expect(says([today], [touch('leftHind', 3), touch('rightFore', 2)])).toBeNull()
  const over = advice('TheSameLeg', 'sameLegOverRides', 6, {
    inPart: false,
    share: 0.75,
    earlier: { leftHind: 5 },
  })
  expect(says([over], [])).toBeNull()
  expect(says([over], [touch('leftHind')])).toBe('TheSameLeg')
  expect(legMeant([touch('leftHind')], over)).toEqual({ leg: 'leftHind', n: 6, of: 6 })
})

test('quickening is asked about as tiredness only after so much trot and canter', () => {
  const all = [advice('MayBeTired', 'quickenedLate', 1, { inPart: false, afterMinutes: 20 })]
  const gait = (minute: number, g: string) => tap(minute * 60, { kind: 'gaitNow', gait: g })
  const quick = (minute: number) => tap(minute * 60, { kind: 'signSeen', sign: 'tempoLost', rein: null })
  const ridden = [gait(0, 'walk'), gait(10, 'trot')]
  expect(says(all, [...ridden, quick(29)])).toBeNull()
  expect(says(all, [...ridden, quick(31)])).toBe('MayBeTired')
  expect(says(all, [...ridden, gait(25, 'walk'), quick(45)])).toBeNull()
})

test('what a vet has entered as old and known does not end the ride', () => {
  const all = [advice('OffOrSore', 'pain', 1, { inPart: false, endsRide: true })]
  const heat = (known: string | null) => tap(n, { kind: 'signSeen', sign: 'heatInLeg', rein: null, known })
  expect(says(all, [heat('old splint')])).toBeNull()
  expect(says(all, [heat(null)])).toBe('OffOrSore')
})

test('of two lines on the same count the later one speaks', () => {
  const all = [advice('OneGoodChange', 'goodChange', 1), advice('TwoGoodChanges', 'goodChange', 2)]
  expect(says(all, [change('clean')])).toBe('OneGoodChange')
  expect(says(all, [change('clean'), change('late')])).toBe('OneGoodChange')
  expect(says(all, [change('clean'), change('clean')])).toBe('TwoGoodChanges')
})

test('a late change, one short behind and none each have their line', () => {
  const all = [advice('Late', 'lateChange', 1), advice('None', 'noChange', 1)]
  expect(says(all, [change('late')])).toBe('Late')
  expect(says(all, [change('shortBehind')])).toBe('Late')
  expect(says(all, [change('none')])).toBe('None')
})

test('touches speak only when all are on one rein and both were ridden', () => {
  const all = [advice('OneSide', 'touchedOnOneReinOnly', 4, { inPart: false })]
  const four = [pass('left', 0, 1), pass('left', 0, 1), pass('left', 0, 1), pass('left', 0, 1)]
  expect(says(all, four)).toBeNull()
  expect(says(all, [...four, pass('right', 1, 0)])).toBe('OneSide')
  expect(says(all, [...four, pass('right', 1, 1)])).toBeNull()
})

test('tension: over the top, two running, and after a change', () => {
  const running = [advice('Running', 'tenseRunning', 2)]
  expect(says(running, [tense(3), tense(2), tense(3)])).toBeNull()
  expect(says(running, [tense(2), tense(3), tense(3)])).toBe('Running')
  expect(says([advice('Over', 'overTheTop', 1)], [tense(4)])).toBe('Over')
  const after = [advice('Settle', 'tenseAfterChange', 1)]
  expect(says(after, [tense(3)])).toBeNull()
  expect(says(after, [tense(3), change('clean')])).toBeNull()
  expect(says(after, [change('clean'), tense(3)])).toBe('Settle')
})

test('the budget counts a go through a grid as the rules weigh it', () => {
  const all = [advice('EffortBudget', 'effortsCounted', 4, { inPart: false })]
  // Three fences that count as two: one go is two, two goes are four.
  expect(says(all, [part(0), jump('clear', 3)], grid)).toBeNull()
  expect(says(all, [part(0), jump('clear', 3), jump('clear', 3)], grid)).toBe('EffortBudget')
})

test('the aim is met when the lower of the last marks on both reins reaches it', () => {
  const all = [advice('AimMet', 'markOnBothReins', 7, { part: 0 })]
  expect(says(all, [mark('left', 8)])).toBeNull()
  expect(says(all, [mark('left', 8), mark('right', 6.5)])).toBeNull()
  expect(says(all, [mark('left', 8), mark('right', 6.5), mark('right', 7)])).toBe('AimMet')
  expect(says(all, [mark('both', 7)])).toBe('AimMet')
  expect(says(all, [mark('both', 7)], [], 1)).toBeNull()
})

test('landing on the lead of the other rein is the wrong lead', () => {
  const all = [advice('LandsOnWrongLead', 'wrongLead', 1)]
  const first = jump('clear', 1, 'left')
  const landed = (on: string) =>
    tap(n, {
      kind: 'jumpTold',
      jump: first.id,
      landedOn: on,
      takeOff: null,
      cause: null,
      changedBeforeTurn: null,
    })
  expect(says(all, [first, landed('left')])).toBeNull()
  expect(says(all, [first, landed('right')])).toBe('LandsOnWrongLead')
})

test('steps refused count as a refused yield', () => {
  const all = [advice('RefusesAYield', 'refusedYield', 1)]
  const steps = (given: number) => tap(n, { kind: 'yieldSteps', awayFrom: 'left', asked: 4, given })
  expect(says(all, [steps(2)])).toBeNull()
  expect(says(all, [steps(0)])).toBe('RefusesAYield')
})

test('what is due at the beginning is said at the beginning, and once', () => {
  const all = [advice('TooHot', 'begin', 0, { inPart: false })]
  expect(says(all, [part(0)])).toBe('TooHot')
  expect(says(all, [part(0), answered('TooHot', true)])).toBeNull()
})

test('the screen stands where the taps put it, by gait, rein, part and clock', () => {
  const events = [
    tap(0, { kind: 'partBegun', part: 0 }),
    tap(0, { kind: 'gaitNow', gait: 'walk' }),
    tap(60, { kind: 'reinNow', rein: 'left' }),
    tap(120, { kind: 'partBegun', part: 1 }),
    tap(120, { kind: 'gaitNow', gait: 'trot' }),
    tap(180, { kind: 'paused', because: 'girth' }),
  ]
  const at = standing(events, morning + 400_000)
  expect(at).toMatchObject({
    gait: null,
    paused: true,
    rein: 'left',
    part: 1,
    ridden: 180_000,
    byPart: { 0: 120_000, 1: 60_000 },
  })
  const on = standing([...events, tap(300, { kind: 'gaitNow', gait: 'walk' })], morning + 330_000)
  expect(on).toMatchObject({ gait: 'walk', paused: false, ridden: 210_000, gaitSince: morning + 300_000 })
  expect(standing([...events, tap(300, { kind: 'rideEnded' })], morning + 900_000)).toMatchObject({
    ended: true,
    ridden: 180_000,
  })
})

test('what was taken back is left out, and taps are put in order', () => {
  const slip = tap(5, { kind: 'gaitNow', gait: 'gallop' })
  const walk = tap(0, { kind: 'gaitNow', gait: 'walk' })
  expect(counted([slip, tap(6, { kind: 'takenBack', event: slip.id }), walk])).toEqual([walk])
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
