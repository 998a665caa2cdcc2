import type { ArenaLine, SetUpEntry, SetUpEntryCrossPoleEntry, SetUpEntryPoleLineEntry } from '../api/schema'

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

export const isPoles = (entry: SetUpEntry): entry is SetUpEntryPoleLineEntry => entry.family === 'poleLine'

export const lineWords: Record<ArenaLine, string> = {
  leftInnerTrack: 'Inner track, K side',
  leftQuarterLine: 'Quarter line, K side',
  centreLine: 'Centre line',
  rightQuarterLine: 'Quarter line, F side',
  rightInnerTrack: 'Inner track, F side',
}
