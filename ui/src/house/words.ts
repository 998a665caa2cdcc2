import type {
  ArenaPlace,
  AskedOnTheWay,
  AttemptWord,
  BlockPhase,
  CareKind,
  ChangeKind,
  ChangeQuality,
  Clarity,
  DayOfWeek,
  DemandKind,
  EventPhase,
  Discipline,
  EffortOutcome,
  Faller,
  Felt,
  Fit,
  FrightenedOf,
  Gait,
  GaitVariant,
  GoesAt,
  HorseAnswer,
  HowFar,
  Importance,
  InTime,
  Instead,
  JumpCause,
  Leg,
  LengthUnit,
  Manner,
  Material,
  Movement,
  NarrowWhere,
  OffBecause,
  OpeningTest,
  Outline,
  Phase,
  Purpose,
  QuestionHow,
  QuestionKind,
  QuestionWay,
  ReferredTo,
  Rein,
  ReturnGate,
  RiddenFigure,
  Rise,
  Role,
  RuledOut,
  SaddleWork,
  Seat,
  SessionKind,
  Sign,
  Strand,
  TackKind,
  TakeOff,
  Temperament,
  TestFigure,
  Thing,
  TodayPlace,
  TravelHow,
  VerdictWord,
  WaitingWork,
} from '../api/schema'

/** Riders' words for what the server names. */

export const gaitWords: Record<Gait, string> = {
  halt: 'Halt',
  walk: 'Walk',
  trot: 'Trot',
  canter: 'Canter',
  gallop: 'Gallop',
  reinBack: 'Rein-back',
}

export const variantWords: Record<GaitVariant, string> = {
  walkCollected: 'Collected walk',
  walkMedium: 'Medium walk',
  walkExtended: 'Extended walk',
  trotCollected: 'Collected trot',
  trotWorking: 'Working trot',
  trotMedium: 'Medium trot',
  trotExtended: 'Extended trot',
  canterCollected: 'Collected canter',
  canterWorking: 'Working canter',
  canterMedium: 'Medium canter',
  canterExtended: 'Extended canter',
  canterCourse: 'Course canter',
  canterPoles: 'Canter over poles',
}

export const testFigureWords: Record<TestFigure, string> = {
  straight: 'Straight',
  track: 'Along the track',
  circle: 'Circle',
  halfCircle: 'Half circle',
  halfCircleAndBack: 'Half circle and back',
  serpentine: 'Serpentine',
  loop: 'Loop',
  legYield: 'Leg-yield',
  halfPass: 'Half-pass',
  halt: 'Halt',
  reinBack: 'Rein-back',
  pirouette: 'Pirouette',
  piaffe: 'Piaffe',
}

export const askedOnTheWayWords: Record<AskedOnTheWay, string> = {
  shoulderIn: 'Shoulder-in',
  travers: 'Travers',
  renvers: 'Renvers',
  changes: 'Changes in sequence',
  change: 'Flying change',
  simpleChange: 'Simple change',
  givenRein: 'Rein given',
  stretch: 'Long rein',
  passage: 'Passage',
}

export const reinWords: Record<Rein, string> = { left: 'Left', right: 'Right', both: 'Both' }

export const outlineWords: Record<Outline, string> = {
  long: 'long and low',
  level: 'level',
  collected: 'collected',
}

export const seatWords: Record<Seat, string> = { light: 'light seat', rising: 'rising', sitting: 'sitting' }

export const placeWords: Record<TodayPlace, string> = {
  aWordFirst: 'A word first',
  toWork: 'To work',
  done: 'Done',
  nothing: 'Nothing today',
}

export const phaseWords: Record<Phase, string> = {
  warmUp: 'Warm-up',
  work: 'Work',
  newWork: 'New work',
  coolDown: 'Cool-down',
}

export const fitWords: Record<Fit, string> = {
  tooShort: 'too short',
  tight: 'tight',
  true: 'true',
  forward: 'forward',
  long: 'long',
}

export const roleWords: Record<Role, string> = { trainer: 'Trainer', rider: 'Rider', observer: 'Observer' }

export const unitWords: Record<LengthUnit, string> = {
  metres: 'Metres',
  feet: 'Feet and inches',
  paces: 'Paces',
}

export const verdictWords: Record<VerdictWord, string> = {
  end: 'End, call the vet',
  hold: 'Hold, have it looked at',
  stop: 'Stop that work',
  cut: 'Cut the work',
  ease: 'Ease',
  back: 'Go back',
  adjust: 'Adjust',
  repeat: 'Repeat quietly',
  stay: 'Stay',
  carryOn: 'Carry on',
  up: 'One rung up',
}

export const signWords: Record<Sign, string> = {
  offOrUnlevel: 'Off or unlevel',
  soreBack: 'Sore back',
  heatInLeg: 'Heat in a leg',
  tired: 'Tired',
  rushedBold: 'Rushed, bold',
  rushedWorried: 'Rushed, worried',
  addedStride: 'Struggled, added a stride',
  flatAndLong: 'Long and flat',
  driftedLeft: 'Drifted left',
  driftedRight: 'Drifted right',
  wrongLead: 'Wrong lead',
  tempoLost: 'Lost the tempo',
  refusedYield: 'Refused to yield',
  headUpShortNeck: 'Head up, short neck',
  behindBitOrLeg: 'Behind the bit or leg',
  brokeIntoCanter: 'Broke into canter',
  spooked: 'Spooked, came back',
  distracted: 'Looked elsewhere',
  leans: 'Leans on the hand',
  fallsIn: 'Falls in',
  fallsOut: 'Falls out',
  bulges: 'Bulges',
  quartersSwing: 'Swings quarters',
  crookedAgainstLeg: 'Crooked on a leg',
  atTheGate: 'Drawn to the gate',
  behindTheBit: 'Behind the bit',
  behindTheLeg: 'Behind the leg',
  neckOnly: 'Bends in the neck only',
  runsThroughHand: 'Through the hand',
  runsOffAfter: 'Runs off after',
  leapsDown: 'Leaps down',
  lateDepart: 'Late into canter',
  lateBehind: 'Late behind',
  anticipates: 'Anticipates',
  blows: 'Blows, sweats',
  frightened: 'Frightened',
  braced: 'Braced',
  stuck: 'Stuck',
  mouth: 'Fussy mouth',
  softAndReady: 'Soft and ready',
  bucks: 'Bucks, kicks',
  breathesAndThinks: 'Breathes, thinks',
  badDistance: 'Bad distance',
  voiceNotAnswered: 'Voice not answered',
  onForehand: 'On the forehand',
}

export const frightenedWords: Record<FrightenedOf, string> = {
  poles: 'Poles',
  material: 'Material',
  filler: 'Filler',
  water: 'Water',
  noise: 'Noise',
  something: 'Something',
}

export const movementWords: Record<Movement, string> = {
  change: 'Flying change',
  series: 'Series',
  depart: 'Canter depart',
  halt: 'Halt',
  pirouette: 'Pirouette',
  halfSteps: 'Half-steps',
  passage: 'Passage',
  yield: 'Yield',
  reinBack: 'Rein-back',
  lengthening: 'Lengthening',
  stretch: 'Stretch',
  givenRein: 'Rein given',
  walk: 'Walk',
  voice: 'Voice',
  stand: 'Halt and stand',
  stepBack: 'Step back',
  headDown: 'Head down',
  bridle: 'Bridle',
  saddle: 'Saddle',
  mounting: 'Mounting',
  lines: 'Lines',
  shoulderOver: 'Shoulder over',
  hipsOver: 'Hips over',
}

export const answeredWords: Record<HorseAnswer, string> = {
  alone: 'Alone',
  reminded: 'Reminder',
  helped: 'With help',
  not: 'Not',
}

export const attemptWords: Record<AttemptWord, string> = {
  byItself: 'By itself',
  byLeg: 'By leg',
  byRein: 'By rein',
  moreIn: 'More in',
  smaller: 'Smaller',
  allTheWay: 'All the way',
  half: 'Half',
  marches: 'Marches',
  hurries: 'Hurries',
  short: 'Short',
  stayed: 'Stayed',
  leaned: 'Leaned',
  cameUp: 'Came up',
  prompt: 'Prompt',
  dull: 'Dull',
  stood: 'Stood',
  moved: 'Moved',
  straight: 'Straight',
  quartersLeft: 'Quarters left',
  quartersRight: 'Quarters right',
  yes: 'Yes',
  no: 'No',
}

export const questionWords: Record<QuestionKind, string> = {
  water: 'Water',
  step: 'Step',
  drop: 'Drop',
  ditch: 'Ditch',
  narrow: 'Narrow',
  log: 'Log',
  corner: 'Corner',
  combination: 'Combination',
  fenceInWater: 'Fence in water',
}

export const questionWayWords: Record<QuestionWay, string> = {
  up: 'Up',
  down: 'Down',
  in: 'In',
  out: 'Out',
  fromLeft: 'From the left',
  fromRight: 'From the right',
}

export const questionHowWords: Record<QuestionHow, string> = {
  boldly: 'Boldly',
  looked: 'Looked',
  leapt: 'Leapt',
  stalled: 'Stalled, went',
  refused: 'Refused',
  ranOutLeft: 'Ran out left',
  ranOutRight: 'Ran out right',
}

export const travelWords: Record<TravelHow, string> = {
  smooth: 'Smooth',
  steadied: 'Steadied',
  strungOut: 'Strung out',
}

export const narrowWords: Record<NarrowWhere, string> = {
  middle: 'Middle',
  aLittleLeft: 'A little left',
  aLittleRight: 'A little right',
  offTheLeftEdge: 'Off the left edge',
  offTheRightEdge: 'Off the right edge',
}

export const openingWords: Record<OpeningTest, string> = {
  givenReinStays: 'Rein given: does it stay?',
  promptDeparts: 'Canter from walk: prompt on both leads?',
  voiceAnswered: 'The voice: answered each time?',
  levelOnTheLunge: 'On the lunge: level both ways?',
}

export const fallerWords: Record<Faller, string> = { rider: 'Rider', horse: 'Horse', both: 'Both' }

/** What a part is ridden as, once what was planned for it is out. */
export const insteadWords: Record<Instead, string> = {
  walk: 'Walk on a long rein',
  flatwork: 'Flatwork it does well',
  simpleChanges: 'Simple changes it can do',
}

export const mannerWords: Record<Manner, string> = {
  ridden: 'Ridden',
  inHand: 'In hand',
  lunged: 'On the lunge',
  longReined: 'On long lines',
  loose: 'Loose',
}

export const offWords: Record<OffBecause, string> = {
  rest: 'Rest or holiday',
  injury: 'Injury',
  illness: 'Illness',
}

export const ruledOutWords: Record<RuledOut, string> = {
  fences: 'Fences',
  collection: 'Collection',
  series: 'Changes in series',
  lunge: 'Lunge',
  fastWork: 'Fast work',
}

export const referredWords: Record<ReferredTo, string> = {
  vet: 'Vet',
  physiotherapist: 'Physiotherapist',
  farrier: 'Farrier',
  saddler: 'Saddler',
}

/** Work that waits until somebody has looked. */
export const waitingWords: Record<WaitingWork, string> = {
  nothing: 'Nothing waits',
  polesAndFences: 'Poles and fences',
  fences: 'Fences',
  collectedWork: 'Collected work',
  changes: 'Flying changes',
}

export const goesAtWords: Record<GoesAt, string> = {
  preliminary: 'Dressage, preliminary',
  dressageNovice: 'Dressage, novice',
  elementary: 'Dressage, elementary',
  medium: 'Dressage, medium',
  advancedMedium: 'Dressage, advanced medium',
  advanced: 'Dressage, advanced',
  smallTour: 'Dressage, small tour',
  bigTour: 'Dressage, big tour',
  jumping80: 'Jumping, 80 cm',
  jumping100: 'Jumping, 1 m',
  jumping120: 'Jumping, 1.20 m',
  eventing80: 'Eventing, 80 cm',
  eventing100: 'Eventing, 1 m',
  eventingNovice: 'Eventing, novice',
}

export const tensionWords = ['Asleep', 'Relaxed, attentive', 'Keen', 'Tense', 'Over the top']

type Options = { value: string; label: string }[]
const made = new WeakMap<object, WeakMap<object, Options>>()

/** One list for the same words, each time: a field is drawn anew only when its choices are others. */
export function options<K extends string>(words: Record<K, string>, only?: K[]) {
  const lists = made.get(words) ?? new WeakMap<object, Options>()
  made.set(words, lists)
  const known = lists.get(only ?? words)
  const list = known ?? (only ?? (Object.keys(words) as K[])).map((value) => ({ value, label: words[value] }))
  lists.set(only ?? words, list)
  return list as { value: K; label: string }[]
}

export const strandWords: Record<Strand, string> = {
  inHand: 'In hand',
  lunge: 'Lunge',
  flatwork: 'Flatwork',
  lateral: 'Lateral',
  changes: 'Changes',
  collected: 'Collected work',
  poles: 'Poles',
  grids: 'Grids',
  jumping: 'Jumping',
  narrow: 'Narrow',
  crossCountry: 'Cross-country',
  fitness: 'Fitness',
}

export const figureWords: Record<RiddenFigure, string> = {
  openGround: 'out in the open',
  wholeSchool: 'whole school',
  longSide: 'long side',
  centreLine: 'centre line',
  quarterLine: 'quarter line',
  diagonal: 'diagonal',
  serpentine: 'serpentine',
  circle20: '20 m circle',
  circle15: '15 m circle',
  circle10: '10 m circle',
  onTheSpot: 'on the spot',
}

export const saddleWords: Record<SaddleWork, string> = {
  looked: 'Looked at',
  reflocked: 'Reflocked',
  shimmed: 'Shim in',
  shimOut: 'Shim out',
  padOn: 'Pad under it',
  padOff: 'Pad off',
}

export const thingWords: Record<Thing, string> = {
  wood: 'Wooden poles',
  plastic: 'Plastic poles',
  pipes: 'Pipes',
  noisy: 'What rattles',
  emptyWings: 'Empty wings',
  filler: 'Fillers',
  waterTray: 'Water tray',
}

export const materialWords: Record<Material, string> = {
  wood: 'Wood',
  plastic: 'Plastic',
  pipes: 'Pipes',
  noisy: 'What rattles',
}

export const careWords: Record<CareKind, string> = {
  feet: 'Feet',
  saddle: 'Saddle',
  teeth: 'Teeth',
  therapist: 'Therapist',
}

export const tackWords: Record<TackKind, string> = {
  bit: 'Bit',
  bitless: 'Bitless bridle',
  noseband: 'Noseband',
  reinAid: 'Rein aid',
  saddle: 'Saddle',
  boots: 'Boots',
}

export const temperamentWords: Record<Temperament, string> = {
  calm: 'Calm',
  bold: 'Bold',
  hot: 'Hot',
  clever: 'Clever',
  worried: 'Worried',
}

export const clarityWords: Record<Clarity, string> = {
  none: 'nothing speaks for a side',
  contradicts: 'the evidence contradicts itself',
  likely: 'likely',
  clear: 'clear',
}

export const feltWords: Record<Felt, string> = {
  fussInMouth: 'Fuss in the mouth',
  headUp: 'Head up',
  fallsIn: 'Falls in',
  fallsOut: 'Falls out',
  refusesToYield: 'Refuses to yield',
  dullToLeg: 'Dull to the leg',
  runsFromLeg: 'Runs from the leg',
  tempoLost: 'Lost the tempo',
  breaks: 'Breaks',
  lateDepart: 'Late depart',
  wrongLead: 'Wrong lead',
  offBalance: 'Off balance after',
  looksAtNoise: 'Looks at noise',
  knows: 'Knows it',
  tires: 'Tires',
  offOrUnlevel: 'Off or unlevel',
  heatInLeg: 'Heat in a leg',
  soreBack: 'Sore back',
}

export const markWords = [
  'not performed',
  'very bad',
  'bad',
  'fairly bad',
  'insufficient',
  'marginal',
  'satisfactory',
  'fairly good',
  'good',
  'very good',
  'excellent',
]

export const outcomeWords: Record<EffortOutcome, string> = {
  clear: 'Clear',
  rub: 'Rub',
  knock: 'Knock',
  runOutLeft: 'Ran out left',
  runOutRight: 'Ran out right',
  stop: 'Stop',
}

export const legWords: Record<Leg, string> = {
  leftFore: 'Left fore',
  rightFore: 'Right fore',
  leftHind: 'Left hind',
  rightHind: 'Right hind',
}

export const takeOffWords: Record<TakeOff, string> = { close: 'Close', good: 'Good', long: 'Long' }

export const causeWords: Record<JumpCause, string> = {
  track: 'Track',
  pace: 'Pace',
  hand: 'Hand',
  horse: 'Horse',
  distraction: 'Distraction',
}

export const changeWords: Record<ChangeQuality, string> = {
  clean: 'Clean',
  late: 'Late',
  shortBehind: 'Short behind',
  none: 'None',
}

export const arenaPlaceWords: Record<ArenaPlace, string> = {
  diagonal: 'On the diagonal',
  longSide: 'On the long side',
  shortSide: 'On the short side',
  circle: 'On the circle',
  centreLine: 'On the centre line',
  corner: 'Beside the corner',
  gate: 'At the gate',
}

export const kindWords: Record<SessionKind, string> = {
  flatwork: 'Flatwork',
  lateral: 'Lateral work',
  poles: 'Poles',
  grid: 'Grid',
  jumping: 'Jumping',
  crossCountry: 'Cross-country',
  canterWork: 'Canter sets',
  hack: 'Hack',
  lunge: 'Lunge, long lines',
  inHand: 'In hand',
  walkOnly: 'Walk',
  competition: 'Competition',
  assessment: 'Assessment',
  recovery: 'Recovery walk',
}

/** The gait a kind of session is mostly about. */
export const kindGaits: Record<SessionKind, Gait> = {
  flatwork: 'trot',
  lateral: 'trot',
  poles: 'trot',
  grid: 'canter',
  jumping: 'canter',
  crossCountry: 'gallop',
  canterWork: 'canter',
  hack: 'walk',
  lunge: 'trot',
  inHand: 'walk',
  walkOnly: 'walk',
  competition: 'canter',
  assessment: 'trot',
  recovery: 'walk',
}

export const purposeWords: Record<Purpose, string> = {
  schooling: 'Schooling',
  conditioning: 'Conditioning',
  return: 'Return to work',
  runIn: 'Run-in',
}

export const riseWords: Record<Rise, string> = {
  nothing: 'holds',
  minutes: 'minutes go up',
  speed: 'speed goes up',
  height: 'height goes up',
}

export const gateWords: Record<ReturnGate, string> = {
  feet: 'Feet seen to',
  saddle: 'Saddle checked',
  legsCool: 'Legs cool next morning',
  closingTest: 'Closing test passed',
  easy: 'It was easy',
  skin: 'Skin under girth and saddle whole',
  feedAndDrink: 'Eats and drinks as ever; hard feed only as the work grew',
}

export const planChangeWords: Record<ChangeKind, string> = {
  moved: 'Moves',
  changed: 'Changes',
  dropped: 'Goes',
  added: 'Comes',
}

/** Phases by their tint; the word stands beside it always. */
export const phaseTints: Record<BlockPhase, string> = {
  base: 'bg-phase-base',
  climb: 'bg-phase-climb',
  atLevel: 'bg-phase-level',
  runIn: 'bg-phase-run-in',
  walk: 'bg-phase-base',
  trot: 'bg-phase-climb',
  canter: 'bg-phase-level',
  stage: 'bg-phase-climb',
}

/** The week as riders have it, from Monday. */
export const weekdays: { value: DayOfWeek; label: string }[] = [
  { value: 'monday', label: 'Mon' },
  { value: 'tuesday', label: 'Tue' },
  { value: 'wednesday', label: 'Wed' },
  { value: 'thursday', label: 'Thu' },
  { value: 'friday', label: 'Fri' },
  { value: 'saturday', label: 'Sat' },
  { value: 'sunday', label: 'Sun' },
]

/** The tint of a gait, and the letters on it. */
export const gaitTints: Record<Gait, string> = {
  halt: 'bg-halt text-on-gait',
  reinBack: 'bg-halt text-on-gait',
  walk: 'bg-walk text-on-gait',
  trot: 'bg-trot text-on-trot',
  canter: 'bg-canter text-on-gait',
  gallop: 'bg-gallop text-on-gait',
}

export const disciplineWords: Record<Discipline, string> = {
  dressage: 'Dressage',
  jumping: 'Jumping',
  eventing: 'Eventing',
}

export const importanceWords: Record<Importance, string> = {
  main: 'What the season is for',
  step: 'A step on the way',
  outing: 'For the outing',
}

export const inTimeWords: Record<InTime, string> = {
  inTime: 'In time',
  tight: 'Tight',
  notInTime: 'Not in time',
  cannotBeTold: 'Cannot be told',
}

export const howFarWords: Record<HowFar, string> = { met: 'Met', nearly: 'Nearly', notBegun: 'Not begun' }

export const eventPhaseWords: Record<EventPhase, string> = {
  dressage: 'dressage',
  jumping: 'jumping',
  crossCountry: 'cross-country',
}

export const demandKindWords: Record<DemandKind, string> = {
  movement: 'Movement',
  series: 'Changes in sequence',
  height: 'Fences of a height',
  combination: 'Double or treble',
  spread: 'Oxer of a spread',
  line: 'Related line in its count',
  thing: 'Something to look at',
  question: 'Question across country',
  speed: 'Minutes at a speed',
  away: 'Once away from home',
}
