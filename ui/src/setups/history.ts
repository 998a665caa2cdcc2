import { computed, ref, shallowRef, type Ref } from 'vue'

/** Undo and redo without limit for one thing that is edited as a whole. */
export function useHistory<T>(start: T) {
  const now = ref(start) as Ref<T>
  const past = shallowRef<T[]>([])
  const future = shallowRef<T[]>([])

  /** A change that can be undone. */
  function change(to: T) {
    past.value = [...past.value, now.value]
    future.value = []
    now.value = to
  }
  /** Begins anew: nothing before this can be undone. */
  function begin(with_: T) {
    past.value = []
    future.value = []
    now.value = with_
  }
  function undo() {
    if (past.value.length === 0) return
    future.value = [now.value, ...future.value]
    now.value = past.value.at(-1)!
    past.value = past.value.slice(0, -1)
  }
  function redo() {
    const [next, ...rest] = future.value
    if (next === undefined) return
    past.value = [...past.value, now.value]
    now.value = next
    future.value = rest
  }
  const edited = computed({ get: () => now.value, set: change })
  return {
    now,
    edited,
    change,
    begin,
    undo,
    redo,
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
  }
}
