import type {
  ArenaLine,
  ElementKind,
  LineElementEntry,
  MeasuredSetUp,
  SetUpEntry,
  SetUpEntryCrossPoleEntry,
  SetUpEntryCurvedPolesEntry,
  SetUpEntryFenceLineEntry,
  SetUpEntryNarrowEntry,
  SetUpEntryPoleLineEntry,
} from '../api/schema'

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
  heightMetres: 0.1,
})

export const newCrossPole = (): SetUpEntryCrossPoleEntry => ({
  family: 'crossPole',
  arena: 'sixtyByTwenty',
  line: 'leftQuarterLine',
  heading: 'towardsC',
  middleMetres: 30,
  adjustMetres: 0,
  heightMetres: 0.5,
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

export const element = (kind: ElementKind, strides: number): LineElementEntry => ({
  kind,
  heightMetres: kind === 'pole' ? null : kind === 'crossPole' ? 0.5 : 0.6,
  spreadMetres: kind === 'ascendingOxer' || kind === 'squareOxer' ? 0.8 : null,
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
  widthMetres: 3.5,
  guides: 'both',
  heightMetres: 0.6,
  comesIn: 'canter',
})

export const isNarrow = (entry: SetUpEntry): entry is SetUpEntryNarrowEntry => entry.family === 'narrow'

export const elementWords: Partial<Record<ElementKind, string>> = {
  pole: 'Pole',
  crossPole: 'Cross-pole',
  upright: 'Upright',
  ascendingOxer: 'Ascending oxer',
  squareOxer: 'Square oxer',
  wall: 'Wall with filler',
}

const polesOnly: ElementKind[] = ['pole', 'raisedPole', 'placingPole']
/** Height of the highest fence, in metres; nothing where there are only poles. */
export const highestFence = (measured: MeasuredSetUp) =>
  Math.max(0, ...measured.elements.filter((e) => !polesOnly.includes(e.kind)).map((e) => e.height))

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
  crossPole: 'Cross-pole from trot',
  fenceLine: 'Fences: grid or line',
  narrow: 'Narrow fence',
}

/** What a new set-up of each family starts from. */
export const startOf: Record<NonNullable<SetUpEntry['family']>, () => SetUpEntry> = {
  poleLine: newPoleLine,
  curvedPoles: newCurve,
  crossPole: newCrossPole,
  fenceLine: newFenceLine,
  narrow: newNarrow,
}
