import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch, type Ref } from 'vue'
import { ask, client, Problem } from '../api/client'
import { newest } from '../api/newest'
import type { SessionCheck, SessionEntry } from '../api/schema'
import { beginCore, checkHere, coreState } from '../device/core'
import { keys } from '../house/keys'
import { named, unnamed } from './named'

/** So long the server is not asked while somebody types. */
const typing = 200

/**
 * Totals and faults of a session as one types; a number that cannot be so shows its fault when the session is kept.
 * Checked on this device where Core stands, by the server until then.
 */
export function useSessionCheck(
  horseId: () => string,
  sessionId: () => string | undefined,
  entry: Ref<SessionEntry>,
  mayEdit: () => boolean,
) {
  beginCore()
  const check = ref<SessionCheck | null>(null)
  /** What the check on the screen is of. */
  let of = ''
  let timer: ReturnType<typeof setTimeout> | undefined

  const { data: facts } = useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).planFacts(entry.value.on ?? '')),
    queryFn: () =>
      ask(() =>
        client.GET('/api/horses/{horseId}/sessions/facts', {
          params: { path: { horseId: horseId() }, query: { on: entry.value.on! } },
        }),
      ),
    enabled: () => mayEdit() && Boolean(entry.value.on),
    retry: false,
  })
  /** A set-up that was kept since the facts were fetched is not in them. */
  const knows = (body: SessionEntry) =>
    facts.value?.on === body.on &&
    (body.parts ?? []).every((p) => !p.setUpId || facts.value!.setUps.some((s) => s.id === p.setUpId))

  const askFor = async (body: SessionEntry, signal?: AbortSignal) => ({
    of: JSON.stringify(body),
    answer:
      (knows(body) ? await checkHere(facts.value!, sessionId() ?? '', body) : null) ??
      (await ask(() =>
        client.POST('/api/horses/{horseId}/sessions/check', {
          params: { path: { horseId: horseId() }, query: { sessionId: sessionId() } },
          body,
          signal,
        }),
      )),
  })
  function show(checked: Awaited<ReturnType<typeof askFor>>) {
    of = checked.of
    check.value = checked.answer
  }
  const asTyped = newest(askFor, show, (e) => {
    if (!(e instanceof Problem)) throw e
  })

  watch(
    [entry, facts],
    () => {
      clearTimeout(timer)
      const here = coreState.value === 'stands' && knows(entry.value)
      timer = setTimeout(() => mayEdit() && asTyped(named(entry.value)), here ? 0 : typing)
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
