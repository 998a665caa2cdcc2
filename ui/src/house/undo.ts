import { shallowRef } from 'vue'

interface Undoable {
  says: string
  undo?: () => Promise<unknown>
}

/** What was just done, shown for a while with a way back. */
export const lastDone = shallowRef<Undoable | null>(null)
let timer: ReturnType<typeof setTimeout> | undefined

export function done(says: string, undo?: () => Promise<unknown>) {
  lastDone.value = { says, undo }
  clearTimeout(timer)
  timer = setTimeout(() => (lastDone.value = null), 12_000)
}

export async function undoLast() {
  const last = lastDone.value
  lastDone.value = null
  await last?.undo?.()
}
