import { useIsFetching } from '@tanstack/vue-query'
import { computed, ref, watchEffect } from 'vue'
import { router } from './router'

/** A page is on its way: its files, or something it shows for the first time. What is only looked up anew does not count. */
const turning = ref(0)
router.beforeEach(() => void turning.value++)
router.afterEach(() => void (turning.value = 0))
router.onError(() => void (turning.value = 0))

export function useWaiting() {
  const firsts = useIsFetching({ predicate: (q) => q.state.data === undefined })
  return computed(() => turning.value > 0 || firsts.value > 0)
}

/** Says so to whoever reads the page aloud. */
export function tellWaiting() {
  const waiting = useWaiting()
  watchEffect(() => document.body.setAttribute('aria-busy', String(waiting.value)))
}
