import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { ask, client, Problem } from '../api/client'
import type { AssessmentView, Rein, SheetAnswerEntry, SheetItem } from '../api/schema'

/** Taps on a sheet: kept on the device at once, sent when there is a signal, dropped once the server has them. */

export type Tapped = Required<Omit<SheetAnswerEntry, 'felt'>> & {
  felt: NonNullable<SheetAnswerEntry['felt']>
}

interface OnDevice {
  /** When the ride began today, for the minute of each tap. */
  began: string
  waiting: Record<string, Tapped>
}

const retryMs = 5000
const of = (item: SheetItem['item'], rein: Rein) => `${item} ${rein}`

export function useTaps(
  personId: string,
  horseId: string,
  first: AssessmentView,
  kept: (view: AssessmentView) => void,
) {
  const key = `sheet ${personId} ${first.id}`
  const load = (): OnDevice => {
    try {
      const found = JSON.parse(localStorage.getItem(key) ?? 'null') as OnDevice | null
      // Taken up again on another day, the minutes begin anew; what waits still waits.
      if (found && new Date(found.began).toDateString() === new Date().toDateString()) return found
      return { began: new Date().toISOString(), waiting: found?.waiting ?? {} }
    } catch {
      return { began: new Date().toISOString(), waiting: {} }
    }
  }
  const device = ref(load())
  const answers = ref<Record<string, Tapped>>({})
  for (const line of first.lines)
    for (const side of line.sides)
      answers.value[of(line.item.item, side.rein)] = {
        item: line.item.item,
        rein: side.rein,
        mark: side.answer?.mark ?? null,
        felt: side.answer?.felt ?? [],
        tension: side.answer?.tension ?? null,
        minute: side.answer?.minute ?? null,
        passed: side.answer?.passed ?? null,
      }
  Object.assign(answers.value, device.value.waiting)

  const now = ref(Date.now())
  const minute = computed(() =>
    Math.max(0, Math.floor((now.value - Date.parse(device.value.began)) / 60_000)),
  )
  const waiting = computed(() => Object.keys(device.value.waiting).length)
  const noRoom = ref(false)
  const problem = shallowRef<Problem | null>(null)

  function store() {
    try {
      localStorage.setItem(key, JSON.stringify(device.value))
      noRoom.value = false
    } catch {
      noRoom.value = true
    }
  }

  function tap(item: SheetItem['item'], rein: Rein, change: Partial<Tapped>) {
    const before = answers.value[of(item, rein)]!
    const after = { ...before, ...change, minute: change.minute ?? before.minute ?? minute.value }
    answers.value[of(item, rein)] = after
    device.value.waiting[of(item, rein)] = after
    store()
    void send()
  }

  let sending = false
  async function send() {
    if (sending || waiting.value === 0) return
    sending = true
    const sent = { ...device.value.waiting }
    try {
      const view = await ask(() =>
        client.PUT('/api/horses/{horseId}/assessments/{assessmentId}/answers', {
          params: { path: { horseId, assessmentId: first.id } },
          body: { answers: Object.values(sent) },
        }),
      )
      problem.value = null
      // What was tapped again meanwhile waits on.
      for (const [k, tapped] of Object.entries(sent))
        if (
          device.value.waiting[k] === tapped ||
          JSON.stringify(device.value.waiting[k]) === JSON.stringify(tapped)
        )
          delete device.value.waiting[k]
      store()
      kept(view)
    } catch (e) {
      if (!(e instanceof Problem)) throw e
      // Without a signal it waits quietly; a refusal is shown, and what was tapped stays.
      problem.value = e.status === 0 || e.status === 503 ? null : e
    } finally {
      sending = false
    }
    if (waiting.value > 0 && !problem.value && navigator.onLine) setTimeout(() => void send(), 300)
  }

  const tick = setInterval(() => (now.value = Date.now()), 1000)
  const retry = setInterval(() => void send(), retryMs)
  const online = () => void send()
  onMounted(() => {
    store()
    addEventListener('online', online)
    void send()
  })
  onBeforeUnmount(() => {
    clearInterval(tick)
    clearInterval(retry)
    removeEventListener('online', online)
  })

  /** Nothing of this sheet waits any longer. */
  const drop = () => localStorage.removeItem(key)
  const at = (item: SheetItem['item'], rein: Rein) => answers.value[of(item, rein)]!

  return { at, tap, minute, waiting, noRoom, problem, send, drop }
}
