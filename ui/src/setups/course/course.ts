import { workshop } from '../../api/figures'
import type {
  CourseFenceEntry,
  ElementKind,
  Going,
  SetUpEntry,
  SetUpEntryCourseEntry,
  Slope,
} from '../../api/schema'

/** A fence of a course as it is put down: in the middle, jumped towards C. */
export const newFence = (kind: ElementKind, along: number, across: number, faces = 0): CourseFenceEntry => {
  const start = workshop.elements.find((e) => e.kind === kind)!
  return {
    kind,
    alongMetres: along,
    acrossMetres: across,
    facesDegrees: faces,
    heightMetres: isFlat(kind) ? null : start.heightMetres,
    spreadMetres: start.spreadMetres,
    depthMetres: null,
    together: null,
  }
}

/** Two fences on one long side, one on the diagonal back: the smallest course there is. */
export const newCourse = (): SetUpEntryCourseEntry => ({
  family: 'course',
  arena: 'sixtyByTwenty',
  line: null,
  heading: null,
  middleMetres: null,
  adjustMetres: null,
  turnedDegrees: null,
  field: null,
  metresPerMinute: null,
  turnMetres: null,
  groundLines: null,
  fences: [newFence('upright', 18, 5), newFence('upright', 36, 5), newFence('upright', 30, 15, 180)],
})

export const isCourse = (entry: SetUpEntry): entry is SetUpEntryCourseEntry => entry.family === 'course'
export const isFlat = (kind: ElementKind) => ['emptyWings', 'water', 'ditch'].includes(kind)
export const isDeep = (kind: ElementKind) => ['stepUp', 'stepDown', 'water'].includes(kind)
export const isWide = (kind: ElementKind) =>
  kind === 'ditch' || (workshop.elements.find((e) => e.kind === kind)?.isOxer ?? false)

export const courseWords: Partial<Record<ElementKind, string>> = {
  emptyWings: 'Empty wings, pole between',
  crossPole: 'Cross-pole',
  upright: 'Upright',
  ascendingOxer: 'Ascending oxer',
  squareOxer: 'Square oxer',
  parallel: 'Parallel',
  wall: 'Wall with filler',
  waterTray: 'Over a water tray',
  log: 'Log',
  stepUp: 'Step up',
  stepDown: 'Step down',
  ditch: 'Ditch',
  water: 'Water, through',
}
/** They lie in the country and do not stand in an arena. */
const country: ElementKind[] = ['log', 'stepUp', 'stepDown', 'ditch', 'water']
export const kindsFor = (field: boolean): ElementKind[] =>
  workshop.courseKinds.filter((k) => field || !country.includes(k))

export const goingWords: Record<Going, string> = {
  good: 'Good',
  soft: 'Soft',
  deep: 'Deep',
  hard: 'Hard',
  frozen: 'Frozen',
}
export const slopeWords: Record<Slope, string> = {
  level: 'Level',
  rises: 'Rises to the far end',
  falls: 'Falls to the far end',
  rolling: 'Up and down',
}
