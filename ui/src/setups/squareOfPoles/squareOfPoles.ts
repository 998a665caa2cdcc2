import type { SetUpEntry, SetUpEntrySquareOfPolesEntry, SquareWay } from '../../api/schema'

/** Three trot steps a side in the middle of the arena, ridden straight through first. */
export const newSquareOfPoles = (): SetUpEntrySquareOfPolesEntry => ({
  family: 'squareOfPoles',
  arena: 'sixtyByTwenty',
  line: 'centreLine',
  heading: 'towardsC',
  middleMetres: 30,
  adjustMetres: 0,
  variant: 'trotWorking',
  steps: 3,
  way: 'straight',
  rein: 'right',
})

export const isSquareOfPoles = (entry: SetUpEntry): entry is SetUpEntrySquareOfPolesEntry =>
  entry.family === 'squareOfPoles'

export const squareWayWords: Record<SquareWay, string> = {
  straight: 'Straight through',
  diagonal: 'On the diagonal',
  roundTheCorner: 'Round a corner',
}
