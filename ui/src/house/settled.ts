import { onScopeDispose, shallowRef, watch, type ShallowRef } from 'vue'

/** Follows what changes under a drag once it has come to rest: for questions that need not keep up with the hand. */
export function useSettled<T>(source: () => T, restMilliseconds = 250): ShallowRef<T> {
  const settled = shallowRef(source()) as ShallowRef<T>
  let timer: ReturnType<typeof setTimeout> | undefined
  watch(source, (now) => {
    clearTimeout(timer)
    timer = setTimeout(() => (settled.value = now), restMilliseconds)
  })
  onScopeDispose(() => clearTimeout(timer))
  return settled
}
