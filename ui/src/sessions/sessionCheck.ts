import { ref, watch, type Ref } from 'vue'
import { ask, client, Problem } from '../api/client'
import { newest } from '../api/newest'
import type { SessionCheck, SessionEntry } from '../api/schema'
import { named, unnamed } from './named'

/** Totals and faults of a session as one types; a number that cannot be so shows its fault when the session is kept. */
export function useSessionCheck(horseId: () => string, entry: Ref<SessionEntry>, mayEdit: () => boolean) {
  const check = ref<SessionCheck | null>(null)
  /** What the check on the screen is of. */
  let of = ''
  let timer: ReturnType<typeof setTimeout> | undefined

  const askFor = async (body: SessionEntry, signal?: AbortSignal) => ({
    of: JSON.stringify(body),
    answer: await ask(() =>
      client.POST('/api/horses/{horseId}/sessions/check', {
        params: { path: { horseId: horseId() } },
        body,
        signal,
      }),
    ),
  })
  function show(checked: Awaited<ReturnType<typeof askFor>>) {
    of = checked.of
    check.value = checked.answer
  }
  const asTyped = newest(askFor, show, (e) => {
    if (!(e instanceof Problem)) throw e
  })

  watch(
    entry,
    () => {
      clearTimeout(timer)
      timer = setTimeout(() => mayEdit() && asTyped(named(entry.value)), 200)
    },
    { deep: true, immediate: true },
  )

  /**
   * The session as a mend of a fault leaves it. What was typed since the check is checked first: the mend is then of what
   * stands there. Null where the fault is gone by now.
   */
  async function mended(rule: string, nth: number): Promise<SessionEntry | null> {
    const now = named(entry.value)
    if (of !== JSON.stringify(now)) show(await askFor(now))
    const mend = check.value!.faults.find((f) => f.rule === rule)?.mends[nth]
    return mend ? unnamed(mend.entry, entry.value) : null
  }

  return { check, mended }
}
