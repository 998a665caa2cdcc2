import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { Problem } from '../api/client'
import type { AssessmentView, Rein, SheetItem } from '../api/schema'
import { found, sendAnswers, sheetKey, without, type OnDevice, type Tapped } from './waiting'

/** Taps on a sheet: kept on the device at once, sent when there is a signal, dropped once the server has them. */

const retryMs = 5000
const of = (item: SheetItem['item'], rein: Rein) => `${item} ${rein}`

export function useTaps(
  personId: string,
  horseId: string,
  first: AssessmentView,
  kept: (view: AssessmentView) => void,
) {
  const key = sheetKey(personId, first.id)
  const load = (): OnDevice => {
    const kept = found(key)
    // Taken up again on another day, the minutes begin anew; what waits still waits.
    const sameDay = kept && new Date(kept.began).toDateString() === new Date().toDateString()
    return {
      horseId,
      began: sameDay ? kept.began : new Date().toISOString(),
      waiting: kept?.waiting ?? {},
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
      const view = await sendAnswers(horseId, first.id, Object.values(sent))
      problem.value = null
      device.value.waiting = without(device.value.waiting, sent)
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
