import { ref, watch, type Ref } from 'vue'
import { ask, client, Problem } from '../api/client'
import { newest } from '../api/newest'
import type { SessionCheck, SessionEntry } from '../api/schema'

/** Totals and faults of a session as one types; a number that cannot be so shows its fault when the session is kept. */
export function useSessionCheck(horseId: () => string, entry: Ref<SessionEntry>, mayEdit: () => boolean) {
  const check = ref<SessionCheck | null>(null)
  let timer: ReturnType<typeof setTimeout> | undefined

  /** They do not wait for names: what is not named yet is checked under a dash. */
  const named = (): SessionEntry => ({
    ...entry.value,
    emphasis: entry.value.emphasis?.trim() || '–',
    parts: entry.value.parts?.map((p) => ({ ...p, what: p.what?.trim() || '–' })),
  })

  const checkIt = newest(
    (body: SessionEntry, signal) =>
      ask(() =>
        client.POST('/api/horses/{horseId}/sessions/check', {
          params: { path: { horseId: horseId() } },
          body,
          signal,
        }),
      ),
    (answer) => (check.value = answer),
    (e) => {
      if (!(e instanceof Problem)) throw e
    },
  )

  watch(
    entry,
    () => {
      clearTimeout(timer)
      timer = setTimeout(() => mayEdit() && checkIt(named()), 200)
    },
    { deep: true, immediate: true },
  )
  return check
}
