import { ref, watch, type Ref } from 'vue'
import { ask, client, Problem } from '../api/client'
import type { SessionCheck, SessionEntry } from '../api/schema'

/** Totals and faults of a session as one types; a number that cannot be so shows its fault when the session is kept. */
export function useSessionCheck(horseId: () => string, entry: Ref<SessionEntry>, mayEdit: () => boolean) {
  const check = ref<SessionCheck | null>(null)
  let latest = 0
  let timer: ReturnType<typeof setTimeout> | undefined

  /** They do not wait for names: what is not named yet is checked under a dash. */
  const named = (): SessionEntry => ({
    ...entry.value,
    emphasis: entry.value.emphasis?.trim() || '–',
    parts: entry.value.parts?.map((p) => ({ ...p, what: p.what?.trim() || '–' })),
  })

  async function checkNow() {
    if (!mayEdit()) return
    const mine = ++latest
    try {
      const answer = await ask(() =>
        client.POST('/api/horses/{horseId}/sessions/check', {
          params: { path: { horseId: horseId() } },
          body: named(),
        }),
      )
      if (mine === latest) check.value = answer
    } catch (e) {
      if (!(e instanceof Problem)) throw e
    }
  }

  watch(
    entry,
    () => {
      clearTimeout(timer)
      timer = setTimeout(checkNow, 200)
    },
    { deep: true, immediate: true },
  )
  return check
}
