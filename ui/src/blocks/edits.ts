import { ask, client } from '../api/client'
import type { BlockView, HandEditEntry } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import { useProblem } from '../house/faults'
import { done } from '../house/undo'

/** Changes of a block by hand, each with a way back to the version before it. */
export function useEdits(horseId: () => string, block: () => BlockView) {
  const changed = useChanged()
  const { problem, busy, attempt } = useProblem()
  const path = () => ({ horseId: horseId(), blockId: block().id })

  async function backTo(number: number) {
    const kept = await attempt(() =>
      ask(() =>
        client.POST('/api/horses/{horseId}/blocks/{blockId}/versions/{number}/restore', {
          params: { path: { ...path(), number } },
        }),
      ),
    )
    await changed(bearsUpon.horse(horseId()))
    return kept
  }

  async function edit(entry: HandEditEntry, says: string) {
    const before = block().number
    const kept = await attempt(() =>
      ask(() =>
        client.POST('/api/horses/{horseId}/blocks/{blockId}/edits', {
          params: { path: path() },
          body: { number: before, edit: entry },
        }),
      ),
    )
    await changed(bearsUpon.horse(horseId()))
    if (kept) done(says, () => backTo(before))
    return kept
  }

  return { edit, backTo, problem, busy }
}
