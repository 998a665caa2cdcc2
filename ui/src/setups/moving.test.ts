import { describe, expect, it } from 'vitest'
import type { LineElementEntry, MeasuredSetUp, SetUpEntryFenceLineEntry } from '../api/schema'
import { moved } from './moving'
import { element } from './setUpEntries'

const entry = {
  family: 'fenceLine',
  elements: [element('upright', 0), element('upright', 4), element('upright', 1)] as LineElementEntry[],
} as SetUpEntryFenceLineEntry
const measured = {
  gaps: [{ built: { built: 18 } }, { built: { built: 6.4 } }],
} as unknown as MeasuredSetUp
const distances = (e: unknown) => (e as SetUpEntryFenceLineEntry).elements!.map((x) => x!.distanceMetres)

describe('an element moved along the tape', () => {
  it('takes from the gap behind it what it gives to the one before', () => {
    expect(distances(moved(entry, measured, 1, 0.1, 0.05))).toEqual([null, 18.1, 6.3])
  })

  it('goes in steps that can be set', () => {
    expect(distances(moved(entry, measured, 2, 0.12, 0.05))).toEqual([null, null, 6.5])
  })

  it('goes on from where it was moved to, though that is not measured yet', () => {
    const once = moved(entry, measured, 2, 0.05, 0.05)
    expect(distances(moved(once, measured, 2, 0.05, 0.05))).toEqual([null, null, 6.5])
  })
})
