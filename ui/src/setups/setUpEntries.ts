import type {
  ArenaLine,
  ElementKind,
  FigureKind,
  GaitVariant,
  LineElementEntry,
  MeasuredSetUp,
  SetUpEntry,
  SetUpEntryCorridorEntry,
  SetUpEntryCrossPoleEntry,
  SetUpEntryCurvedPolesEntry,
  SetUpEntryFenceLineEntry,
  SetUpEntryFigureEntry,
  SetUpEntryNarrowEntry,
  SetUpEntryPoleLineEntry,
} from '../api/schema'
import { workshop } from '../api/figures'
import { newCourse } from './course/course'
import { newSquareOfPoles } from './squareOfPoles/squareOfPoles'

/** What a new set-up of each family starts from. */

export const newPoleLine = (): SetUpEntryPoleLineEntry => ({
  family: 'poleLine',
  arena: 'sixtyByTwenty',
  line: 'leftQuarterLine',
  heading: 'towardsC',
  middleMetres: 30,
  adjustMetres: 0,
  variant: 'trotWorking',
  poles: 4,
  raising: 'ground',
  heightMetres: workshop.raisedPole,
})

export const newCrossPole = (): SetUpEntryCrossPoleEntry => ({
  family: 'crossPole',
  arena: 'sixtyByTwenty',
  line: 'leftQuarterLine',
  heading: 'towardsC',
  middleMetres: 30,
  adjustMetres: 0,
  heightMetres: workshop.crossPole,
})

/** A placing pole, a cross-pole, a small upright one stride on: what most grids begin with. */
export const newFenceLine = (): SetUpEntryFenceLineEntry => ({
  family: 'fenceLine',
  arena: 'sixtyByTwenty',
  line: 'leftQuarterLine',
  heading: 'towardsC',
  middleMetres: 30,
  adjustMetres: 0,
  kind: 'grid',
  comesIn: 'trot',
  elements: [element('pole', 0), element('crossPole', 0), element('upright', 1)],
})

const start = (kind: ElementKind) => workshop.elements.find((e) => e.kind === kind)!
export const isOxer = (kind: ElementKind) => start(kind).isOxer
/** A pole on the ground or on low blocks: nothing is jumped. */
export const isPole = (kind: ElementKind) => start(kind).isPole

export const element = (kind: ElementKind, strides: number): LineElementEntry => ({
  kind,
  heightMetres: start(kind).heightMetres,
  spreadMetres: start(kind).spreadMetres,
  strides,
  distanceMetres: null,
})

/** Four trot poles as a fan, a step apart eight metres from the middle of the arena. */
export const newCurve = (): SetUpEntryCurvedPolesEntry => ({
  family: 'curvedPoles',
  arena: 'sixtyByTwenty',
  line: 'centreLine',
  heading: 'towardsC',
  middleMetres: 30,
  adjustMetres: 0,
  kind: 'fan',
  variant: 'trotWorking',
  poles: 4,
  radiusMetres: 8,
})

export const isCurve = (entry: SetUpEntry): entry is SetUpEntryCurvedPolesEntry =>
  entry.family === 'curvedPoles'

/** Full width with its guides: where every narrow fence begins. */
export const newNarrow = (): SetUpEntryNarrowEntry => ({
  family: 'narrow',
  arena: 'sixtyByTwenty',
  line: 'centreLine',
  heading: 'towardsC',
  middleMetres: 30,
  adjustMetres: 0,
  widthMetres: workshop.narrowWidths[0]!,
  guides: 'both',
  heightMetres: workshop.fence,
  comesIn: 'canter',
})

export const isNarrow = (entry: SetUpEntry): entry is SetUpEntryNarrowEntry => entry.family === 'narrow'

/** Two poles on each side, one halt in the middle, three steps back. */
export const newCorridor = (): SetUpEntryCorridorEntry => ({
  family: 'corridor',
  arena: 'sixtyByTwenty',
  line: 'centreLine',
  heading: 'towardsC',
  middleMetres: 30,
  sections: 2,
  widthMetres: workshop.corridor,
  halts: 1,
  backSteps: 3,
})

export const isCorridor = (entry: SetUpEntry): entry is SetUpEntryCorridorEntry => entry.family === 'corridor'

/** A 20 m circle in the middle; the sizes of the other figures lie ready. */
export const newFigure = (): SetUpEntryFigureEntry => ({
  family: 'figure',
  arena: 'sixtyByTwenty',
  line: 'centreLine',
  heading: 'towardsC',
  middleMetres: 30,
  kind: 'circle',
  variant: 'trotWorking',
  rein: 'right',
  diameterMetres: 20,
  innerMetres: 12,
  loops: 3,
  sidewaysMetres: 5,
  forwardMetres: 30,
  changes: 5,
  every: 4,
  count: 4,
  turnDegrees: 180,
  groundMetres: 0,
})

export const isFigure = (entry: SetUpEntry): entry is SetUpEntryFigureEntry => entry.family === 'figure'

export const figureWords: Record<FigureKind, string> = {
  circle: 'Circle',
  spiral: 'Spiral in, yield out',
  serpentine: 'Serpentine',
  shallowLoop: 'Shallow loop',
  diagonal: 'Diagonal',
  shortDiagonal: 'Short diagonal',
  centreLine: 'Centre line',
  quarterLine: 'Quarter line',
  longSide: 'Long side',
  legYield: 'Leg-yield',
  halfPass: 'Half-pass',
  shoulderIn: 'Shoulder-in',
  changes: 'Changes in sequence',
  halt: 'Halt',
  pirouette: 'Pirouette',
  piaffe: 'Piaffe',
}

/** Not ridden along a way: it stands at a place. */
export const onTheSpot = (kind: FigureKind) => kind === 'halt' || kind === 'pirouette' || kind === 'piaffe'

/** Every variant of a gait but the canter of a course. */
export const variants: GaitVariant[] = [
  'walkCollected',
  'walkMedium',
  'walkExtended',
  'trotCollected',
  'trotWorking',
  'trotMedium',
  'trotExtended',
  'canterCollected',
  'canterWorking',
  'canterPoles',
  'canterMedium',
  'canterExtended',
]
export const comesIn = [
  { value: 'trot' as const, label: 'Trot' },
  { value: 'canter' as const, label: 'Canter' },
]
export const groundLines = [
  { value: 'none' as const, label: 'None' },
  { value: 'front' as const, label: 'In front' },
  { value: 'bothSides' as const, label: 'Both sides: either rein' },
]
export const reins = [
  { value: 'left' as const, label: 'left rein' },
  { value: 'right' as const, label: 'right rein' },
]
/** A curve that names no rein is ridden to the right towards C, and to the left towards A. */
export const reinOf = (entry: SetUpEntryCurvedPolesEntry) =>
  (entry.rein ?? (entry.heading === 'towardsA' ? 'left' : 'right')) as 'left' | 'right'

export const elementWords: Partial<Record<ElementKind, string>> = {
  pole: 'Pole',
  raisedPole: 'Cavaletti',
  crossPole: 'Cross-pole',
  upright: 'Upright',
  ascendingOxer: 'Ascending oxer',
  squareOxer: 'Square oxer',
  parallel: 'Parallel',
  wall: 'Wall with filler',
  waterTray: 'Over a water tray',
  emptyWings: 'Empty wings, pole between',
}

/** Height of the highest fence, in metres; nothing where there are only poles. */
export const highestFence = (measured: MeasuredSetUp) =>
  Math.max(0, ...measured.elements.filter((e) => !isPole(e.kind)).map((e) => e.height))

export const isLine = (entry: SetUpEntry): entry is SetUpEntryFenceLineEntry => entry.family === 'fenceLine'

export const isPoles = (entry: SetUpEntry): entry is SetUpEntryPoleLineEntry => entry.family === 'poleLine'

export const lineWords: Record<ArenaLine, string> = {
  leftInnerTrack: 'Inner track, K side',
  leftQuarterLine: 'Quarter line, K side',
  centreLine: 'Centre line',
  rightQuarterLine: 'Quarter line, F side',
  rightInnerTrack: 'Inner track, F side',
}

export const familyWords: Record<NonNullable<SetUpEntry['family']>, string> = {
  poleLine: 'Poles',
  curvedPoles: 'Poles on a curve',
  squareOfPoles: 'Square of poles',
  crossPole: 'Cross-pole from trot',
  fenceLine: 'Fences: grid or line',
  narrow: 'Narrow fence',
  corridor: 'Corridor of poles',
  figure: 'Figure of the school',
  course: 'Course',
}

/** What a new set-up of each family starts from. */
export const startOf: Record<NonNullable<SetUpEntry['family']>, () => SetUpEntry> = {
  poleLine: newPoleLine,
  curvedPoles: newCurve,
  squareOfPoles: newSquareOfPoles,
  crossPole: newCrossPole,
  fenceLine: newFenceLine,
  narrow: newNarrow,
  corridor: newCorridor,
  figure: newFigure,
  course: newCourse,
}

/** What can be built, as a trainer asks for it: each family, and the two first fences that are things of their own. */
export type Asked = NonNullable<SetUpEntry['family']> | 'crossPoleAlone' | 'emptyWings'
export const askedWords: Record<Asked, string> = {
  poleLine: familyWords.poleLine,
  curvedPoles: familyWords.curvedPoles,
  squareOfPoles: familyWords.squareOfPoles,
  emptyWings: 'Empty wings, pole between',
  crossPoleAlone: 'Cross-pole from trot',
  crossPole: 'Cross-pole, placing pole',
  fenceLine: familyWords.fenceLine,
  narrow: familyWords.narrow,
  course: familyWords.course,
  corridor: familyWords.corridor,
  figure: familyWords.figure,
}
export const asked = (entry: SetUpEntry): Asked =>
  entry.family === 'crossPole' && entry.placingPole === false
    ? 'crossPoleAlone'
    : isLine(entry) && entry.elements?.length === 1 && entry.elements[0]?.kind === 'emptyWings'
      ? 'emptyWings'
      : entry.family!
export const startOfAsked = (what: Asked): SetUpEntry =>
  what === 'crossPoleAlone'
    ? { ...newCrossPole(), placingPole: false }
    : what === 'emptyWings'
      ? {
          ...newFenceLine(),
          kind: 'relatedLine',
          groundLines: 'none',
          elements: [element('emptyWings', 0)],
        }
      : startOf[what]()
