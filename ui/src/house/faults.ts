import { computed, inject, provide, shallowRef, type InjectionKey, type Ref } from 'vue'
import { Problem } from '../api/client'

const key: InjectionKey<Ref<Problem | null>> = Symbol('problem')

/** The refusal of a form: fields inside it find their own fault by name. */
export function useProblem() {
  const problem = shallowRef<Problem | null>(null)
  provide(key, problem)
  const busy = shallowRef(false)

  /** Runs a request; a refusal lands beside its fields and what was typed stays. */
  async function attempt<T>(request: () => Promise<T>): Promise<T | undefined> {
    busy.value = true
    problem.value = null
    try {
      return await request()
    } catch (e) {
      if (!(e instanceof Problem)) throw e
      problem.value = e
      return undefined
    } finally {
      busy.value = false
    }
  }

  return { problem, busy, attempt }
}

export function useFault(field: () => string | undefined) {
  const problem = inject(key, shallowRef(null))
  return computed(() => problem.value?.faults.find((f) => f.field === field()))
}
