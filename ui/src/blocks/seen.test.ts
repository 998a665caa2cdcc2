import { expect, test } from 'vitest'
import type { BlockPlan } from '../api/schema'
import { seenOf } from './seen'

test('what was seen of a plan is its sessions, over all weeks', () => {
  const session = (on: string, kind: string, total: number) => ({ on, kind, minutes: { total } })
  const plan = {
    weeks: [
      { sessions: [session('2026-04-20', 'poles', 40)] },
      { sessions: [] },
      { sessions: [session('2026-05-04', 'hack', 55)] },
    ],
  } as unknown as BlockPlan
  expect(seenOf(plan)).toEqual([
    { on: '2026-04-20', kind: 'poles', minutes: 40 },
    { on: '2026-05-04', kind: 'hack', minutes: 55 },
  ])
})
