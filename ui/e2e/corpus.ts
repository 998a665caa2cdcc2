import type { RailPart, RideCase, RideEvent, RideFacts, Sign } from '../src/api/schema'

/**
 * Rides made up for the two judges to be compared on: each holds what some rules speak of, led up to tap by tap, so
 * that a rule is silent after one tap and speaks after the next. The same number makes the same rides.
 */

type Made = Record<string, unknown> & { kind: RideEvent['kind'] }
interface Recipe {
  /** What must be known for it; everything else is a novice on an ordinary day with a helper. */
  facts?: Partial<RideFacts>
  earlier?: Made[][]
  rung?: RideCase['rung']
  taps: (any: Chance) => Made[]
}

/** Chance that comes out the same each time (a linear congruential generator; Numerical Recipes). */
export class Chance {
  constructor(private state: number) {}
  next() {
    this.state = (Math.imul(this.state, 1664525) + 1013904223) >>> 0
    return this.state / 2 ** 32
  }
  upTo = (n: number) => Math.floor(this.next() * n)
  of = <T>(these: readonly T[]) => these[this.upTo(these.length)]!
}

const rein = (any: Chance) => any.of(['left', 'right'] as const)
const sign = (s: Sign, on: string | null = null): Made => ({ kind: 'signSeen', sign: s, rein: on })
const onSign = (s: Sign): Recipe => ({ taps: (any) => [sign(s, any.of([null, 'left', 'right']))] })
const jump = (on: string, outcome: string, count = 1, height = 0.6): Made => ({
  kind: 'efforts',
  setUpId: null,
  rein: on,
  heightMetres: height,
  outcome,
  count,
})
const passes = (on: string, clean: number, touched: number, rushed = 0, poles?: number): Made => ({
  kind: 'polesPassed',
  setUpId: null,
  rein: on,
  clean,
  touched,
  rushed,
  ...(poles && { poles }),
})
const mark = (on: string, value: number): Made => ({ kind: 'marked', rein: on, mark: value, about: '' })
const tense = (tension: number): Made => ({ kind: 'tensionSeen', tension })
const change = (any: Chance, quality: string): Made => ({
  kind: 'changeRidden',
  to: rein(any),
  quality,
  where: any.of(['diagonal', 'longSide', 'circle']),
})
const gait = (to: string): Made => ({ kind: 'gaitNow', gait: to })
const touched = (leg: string, count: number): Made => ({ kind: 'legTouched', leg, count })
const part = (more: Partial<RailPart> = {}): RailPart => ({
  pad: 'flat',
  fences: 0,
  countsAs: 0,
  heightMetres: 0,
  line: null,
  poles: 0,
  manner: 'ridden',
  phase: 'work',
  setUpId: null,
  setUp: null,
  instead: null,
  markHopedFor: null,
  minutes: 10,
  times: null,
  asks: [],
  signs: [],
  lines: [],
  firstStage: null,
  opensWith: null,
  changeReinAfter: null,
  ...more,
})
const polesStand = {
  family: 'poleLine',
  arena: 'sixtyByTwenty',
  line: 'leftQuarterLine',
  heading: 'towardsC',
  middleMetres: 30,
  variant: 'trotWorking',
  poles: 4,
  raising: 'ground',
} as const
const crossPole = {
  family: 'crossPole',
  arena: 'sixtyByTwenty',
  line: 'rightQuarterLine',
  heading: 'towardsC',
  middleMetres: 30,
  heightMetres: 0.5,
} as const
const asked = (movement: string, answered: string, more = {}): Made => ({
  kind: 'attempted',
  movement,
  answered,
  ...more,
})
const series = (every: number, planned: number, more = {}): Made => ({
  kind: 'seriesRidden',
  every,
  planned,
  missedAt: null,
  lateBehind: null,
  late: 0,
  where: 'diagonal',
  ...more,
})
const question = (how: string, kind = 'log', way = 'fromLeft'): Made => ({
  kind: 'questionRidden',
  question: kind,
  way,
  how,
})
/** A sign, and what was told of it with the next tap. */
const told = (s: Sign, more: Record<string, unknown>): Made[] => [
  { ...sign(s), id: `the ${s}` },
  { kind: 'moreTold', about: `the ${s}`, ...more },
]
const narrow = (over: string): Made => ({ ...jump('left', 'clear'), over })
const poor = [mark('left', 4), mark('right', 4.5)]
const good = [mark('left', 7.5), mark('right', 7)]

/** By rule. One that is told of something else in another words leaves the other rules alone where it can. */
export const recipes: Record<string, Recipe> = {
  OffOrSore: { taps: (any) => [sign(any.of(['offOrUnlevel', 'soreBack', 'heatInLeg']))] },
  Fall: { taps: (any) => [{ kind: 'fell', who: any.of(['rider', 'horse']), head: false }] },
  TooHot: {
    taps: () => [{ kind: 'weatherRead', temperatureC: 31, humidityPercent: 66, simulated: false }],
  },
  Tires: onSign('tired'),
  MayBeTired: {
    facts: { usualFast: [3, 2.5, 4, 3, 3.5] },
    taps: (any) => [
      gait('trot'),
      { kind: 'wait', minutes: 5 } as unknown as Made,
      gait('walk'),
      sign(any.of(['tempoLost', 'rushedBold'])),
    ],
  },
  TheSameLeg: {
    facts: { legs: [{ on: '2026-04-10', touches: { leftHind: 5 } }] },
    taps: () => [touched('leftHind', 1)],
  },
  SameLegToday: { taps: () => [touched('rightFore', 3), touched('rightFore', 1)] },
  KnocksRegularly: {
    earlier: [[passes('left', 3, 3, 0, 1)], [passes('right', 3, 3, 0, 1)]],
    taps: () => [passes('left', 1, 1, 0, 1)],
  },
  TouchesOneSideOnly: { taps: () => [passes('right', 3, 0), passes('left', 2, 3), passes('left', 1, 1)] },
  FenceWithoutHelper: { facts: { helper: false }, taps: (any) => [jump(rein(any), 'clear')] },
  EffortBudget: {
    facts: { experience: 'green' },
    taps: () => [jump('left', 'clear', 14), jump('right', 'clear', 2)],
  },
  RanOut: { taps: (any) => [jump(rein(any), any.of(['runOutLeft', 'runOutRight']))] },
  StoppedFromDoubt: { taps: (any) => [jump(rein(any), 'stop')] },
  RushesPoles: { taps: (any) => [passes(rein(any), 2, 0, 1)] },
  RushesWorried: onSign('rushedWorried'),
  RushesBold: onSign('rushedBold'),
  AddsAStride: onSign('addedStride'),
  FliesFlat: onSign('flatAndLong'),
  Drifts: { taps: (any) => [sign(any.of(['driftedLeft', 'driftedRight']))] },
  LandsOnWrongLead: {
    taps: (any) =>
      any.of([
        [sign('wrongLead')],
        [
          { ...jump('left', 'clear'), id: 'the jump' },
          {
            kind: 'jumpTold',
            jump: 'the jump',
            takeOff: null,
            landedOn: 'right',
            changedBeforeTurn: null,
            cause: null,
          },
        ],
      ]),
  },
  TouchesNowAndThen: { taps: (any) => [passes(rein(any), 9, 1, 0, 3)] },
  RubsOnce: { taps: (any) => [jump(rein(any), 'rub')] },
  EasierAfterATouch: {
    facts: { ways: { held: { touching: 'easier-at-once' } } },
    taps: (any) => [jump(rein(any), 'rub')],
  },
  RidersDistance: {
    taps: (any) => [
      { ...jump('left', 'clear'), id: 'the jump' },
      {
        kind: 'jumpTold',
        jump: 'the jump',
        takeOff: 'long',
        landedOn: null,
        changedBeforeTurn: null,
        cause: any.of(['track', 'pace', 'hand']),
      },
    ],
  },
  OverTheTop: { taps: () => [tense(4)] },
  TenseRunning: { taps: () => [tense(3), tense(3)] },
  ClosingTestFailed: { taps: () => [{ kind: 'closingTest', passed: false }] },
  TempoLost: onSign('tempoLost'),
  HeadUpShortNeck: onSign('headUpShortNeck'),
  BehindBitOrLeg: onSign('behindBitOrLeg'),
  RefusesAYield: {
    taps: (any) =>
      any.of([
        [sign('refusedYield', 'left')],
        [{ kind: 'yieldSteps', awayFrom: 'right', asked: 4, given: 0 }],
      ]),
  },
  BreaksIntoCanter: onSign('brokeIntoCanter'),
  Distracted: onSign('distracted'),
  Spooks: onSign('spooked'),
  NoReactionToChange: { taps: (any) => [change(any, 'none')] },
  ChangeLateOrShort: { taps: (any) => [change(any, any.of(['late', 'shortBehind']))] },
  TwoGoodChanges: { taps: (any) => [change(any, 'clean'), change(any, 'clean')] },
  OneGoodChange: { taps: (any) => [change(any, 'clean')] },
  SettleAfterChange: { taps: (any) => [change(any, 'late'), tense(3)] },
  PoorTwice: { earlier: [poor], taps: (any) => [mark(rein(any), 4)] },
  AimMet: {
    facts: { parts: [part({ markHopedFor: 6.5 }), part()] },
    taps: () => [mark('left', 7), mark('right', 6.5)],
  },
  Understood: { taps: () => [question('boldly'), question('boldly'), question('boldly')] },
  BreathesAndThinks: onSign('breathesAndThinks'),
  Untidy: {
    taps: () => [
      { ...narrow('middle'), id: 'the go' },
      {
        kind: 'jumpTold',
        jump: 'the go',
        takeOff: null,
        landedOn: null,
        changedBeforeTurn: null,
        cause: null,
        untidy: true,
      },
    ],
  },
  LeapsDown: { taps: (any) => any.of([[sign('leapsDown')], [question('leapt', 'step', 'down')]]) },
  BadDistance: onSign('badDistance'),
  OffTheMiddle: { taps: (any) => [narrow(any.of(['aLittleLeft', 'aLittleRight']))] },
  RunsOffAfter: onSign('runsOffAfter'),
  Blows: onSign('blows'),
  BucksAgain: { taps: () => [sign('bucks'), sign('bucks')] },
  BucksOnce: onSign('bucks'),
  LeansOnHand: {
    taps: (any) =>
      any.of([
        told('leans', { side: 'left' }),
        [asked('givenRein', 'not', { side: 'left', word: 'leaned' })],
      ]),
  },
  NeckOnly: onSign('neckOnly'),
  Frightened: { taps: (any) => told('frightened', { of: any.of(['filler', 'water', 'noise']) }) },
  QuartersSlide: {
    taps: (any) => [asked('stepBack', 'not', { word: any.of(['quartersLeft', 'quartersRight']), steps: 4 })],
  },
  SoftAndReady: onSign('softAndReady'),
  VoiceNotAnswered: {
    taps: (any) => any.of([[sign('voiceNotAnswered')], [asked('voice', 'not', { side: 'left' })]]),
  },
  AskAgain: {
    facts: { parts: [part({ phase: 'warmUp' }), part({ minutes: 20 }), part()] },
    taps: () => [...told('leans', { later: true }), { kind: 'partBegun', part: 2 }],
  },
  RunsThroughHand: onSign('runsThroughHand'),
  Crooked: {
    taps: (any) => [
      sign(any.of(['crookedAgainstLeg', 'fallsIn', 'fallsOut', 'bulges', 'quartersSwing', 'atTheGate'])),
    ],
  },
  LateDepart: {
    taps: (any) =>
      any.of([[sign('lateDepart')], [asked('depart', 'helped', { side: 'left', word: 'dull' })]]),
  },
  Anticipates: { taps: (any) => told('anticipates', { where: any.of(['diagonal', 'centreLine']) }) },
  Stuck: onSign('stuck'),
  RidersSlip: { taps: () => told('fallsOut', { mine: true }) },
  Again: { earlier: [[sign('spooked')]], taps: () => [sign('spooked')] },
  LeftForAnotherDay: { taps: () => told('distracted', { later: true }) },
  OneHindLeg: {
    earlier: [
      [{ kind: 'changeRidden', to: 'left', quality: 'late', where: 'diagonal' }],
      [asked('depart', 'helped', { side: 'left' })],
    ],
    taps: () => [touched('rightHind', 1)],
  },
  SameHindLate: { taps: (any) => [series(4, 5, { lateBehind: rein(any), late: 3 })] },
  WorseEachTime: {
    taps: () => [asked('halfSteps', 'alone'), asked('halfSteps', 'reminded'), asked('halfSteps', 'helped')],
  },
  TestNotPassed: {
    taps: (any) => [
      { kind: 'testAnswered', test: any.of(['promptDeparts', 'givenReinStays']), passed: false },
    ],
  },
  SeriesWhole: { taps: (any) => [series(any.of([3, 4]), 5)] },
  TackAmiss: {
    facts: { experience: 'novice' },
    taps: () => [{ kind: 'tackLooked', asLastTime: false, even: false, girthSnug: true, lineSafe: true }],
  },
  FirstFencesDone: {
    facts: {
      firstFences: true,
      parts: [part({ pad: 'fence', fences: 1, countsAs: 1, heightMetres: 0.5, setUp: crossPole }), part()],
    },
    taps: () => [jump('left', 'clear', 1, 0.5), jump('right', 'clear', 1, 0.5)],
  },
  StageCalm: {
    facts: { experience: 'established' },
    taps: () => [passes('left', 1, 0), passes('right', 1, 0)],
  },
  EasyTwice: {
    rung: {
      rungId: 'poles/trot-poles',
      age: 8,
      reached: [
        'in-hand/long-lines-canter',
        'lunge/poles-on-the-circle',
        'flatwork/collected-gaits',
        'lateral/lateral-canter',
      ],
    },
    earlier: [[...good, tense(1), { kind: 'closingTest', passed: true }]],
    taps: () => [tense(1), mark('left', 7), mark('right', 7)],
  },
}

/** Words that no rule at the rail minds, so that not every ride is made of trouble. */
const quiet = (any: Chance): Made =>
  any.of<Made>([
    gait(any.of(['walk', 'trot', 'canter'])),
    { kind: 'reinNow', rein: rein(any) },
    { kind: 'transitions', from: 'trot', to: 'walk', count: 1 },
    {
      kind: 'stridesCounted',
      setUpId: null,
      variant: 'canterWorking',
      rein: 'left',
      metres: 15,
      strides: 4,
      overPoles: true,
      planned: 4,
    },
    { kind: 'exertionSeen', exertion: 3 + any.upTo(3) },
    { kind: 'stands', part: 0, setUp: { ...polesStand, variant: 'walkMedium' } },
    { kind: 'stands', part: 1, instead: 'flatwork' },
    { kind: 'mannerNow', manner: 'ridden' },
    { kind: 'tackLooked', asLastTime: true },
    { kind: 'travelled', how: 'smooth' },
    asked('halt', 'alone', { word: 'byItself' }),
    { kind: 'testAnswered', test: 'voiceAnswered', passed: true },
    { kind: 'noted', text: 'quiet' },
    { kind: 'nextToDo', text: 'the same again' },
  ])

const morning = Date.parse('2026-04-18T07:00:00Z')
const uuid = (any: Chance) =>
  'xxxxxxxx-xxxx-4xxx-8xxx-xxxxxxxxxxxx'.replace(/x/g, () => any.upTo(16).toString(16))

/** Taps with ids, times and clocks, some seconds apart. */
function tapped(any: Chance, made: Made[]): RideEvent[] {
  const [device, run] = [uuid(any), uuid(any)]
  const ids = new Map<string, string>()
  let [seconds, number] = [0, 0]
  return made.flatMap((m) => {
    if ((m.kind as string) === 'wait') {
      seconds += (m.minutes as number) * 60
      return []
    }
    seconds += 4 + any.upTo(50)
    const id = uuid(any)
    if (m.id) ids.set(m.id as string, id)
    return [
      {
        v: 5,
        ...m,
        ...(m.jump ? { jump: ids.get(m.jump as string) } : {}),
        ...(m.about ? { about: ids.get(m.about as string) } : {}),
        id,
        at: new Date(morning + seconds * 1000).toISOString(),
        clock: { device, run, number: number++, seconds },
      } as unknown as RideEvent,
    ]
  })
}

/** So many rides, and the rules that each is made of. */
export function corpus(count: number): { rules: string[]; ride: RideCase }[] {
  const names = Object.keys(recipes)
  const asking = names.filter((n) => recipes[n]!.facts || recipes[n]!.earlier || recipes[n]!.rung)
  const plain = names.filter((n) => !asking.includes(n))
  return Array.from({ length: count }, (_, i) => {
    const any = new Chance(i + 1)
    // One that must know something comes first, and as many plain ones as keep the ride in bounds.
    const first = asking[i % asking.length]!
    const others = [0, 1, 2].map((k) => plain[(i * 3 + k) % plain.length]!)
    const { facts, earlier = [], rung = null } = recipes[first]!
    const made = [
      { kind: 'partBegun', part: 0 } as Made,
      gait('walk'),
      quiet(any),
      ...recipes[first]!.taps(any),
      ...others.flatMap((name, k) => [
        ...(k === 1 ? [{ kind: 'partBegun', part: 1 } as Made] : []),
        ...(any.upTo(2)
          ? [{ kind: 'adviceAnswered', rule: any.of(names), accepted: any.upTo(2) === 1 } as Made]
          : []),
        quiet(any),
        ...recipes[name]!.taps(any),
      ]),
      { kind: 'rideEnded' } as Made,
    ]
    return {
      rules: [first, ...others],
      ride: {
        facts: {
          on: '2026-04-18',
          experience: 'novice',
          heatLimitC: null,
          parts: [
            part({ setUp: polesStand }),
            part({ pad: 'fence', fences: 2, countsAs: 1.5, heightMetres: 0.6 }),
            part({ phase: 'coolDown' }),
          ],
          helper: true,
          heat: null,
          legs: [],
          usualFast: [],
          rampFast: null,
          changesAreSure: false,
          firstFences: false,
          firstDay: false,
          carefulRider: false,
          ways: { held: {} },
          ...facts,
        },
        taps: tapped(any, made),
        earlier: earlier.map((taps, k) => ({ on: `2026-04-${16 - 2 * k}`, taps: tapped(any, taps) })),
        rung,
      },
    }
  })
}
