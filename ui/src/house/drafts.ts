import type { QueryKey } from '@tanstack/vue-query'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { useProblem } from './faults'
import { useChanged } from './keys'
import { done } from './undo'

/** How a draft is begun and kept. */
interface Drafted<Entry, View> {
  /** What is typed into for a new one. */
  blank: () => Entry
  /** What is typed into for one that is kept. */
  of: (view: View) => Entry
  versionOf: (view: View) => number
  /** Asks the server to make a new one, or to change this one on this version. */
  send: (entry: Entry, changes: { view: View; version: number } | null) => Promise<unknown>
  bearsUpon: () => QueryKey[]
}

/**
 * A draft of something that is kept. It is sent with the version it was made from, so that someone who was quicker is told
 * and never overwritten; what was typed stays through every refusal.
 */
export function useDraft<Entry extends object, View>(drafted: Drafted<Entry, View>) {
  const { problem, busy, attempt } = useProblem()
  const changed = useChanged()
  const entry = ref(drafted.blank()) as Ref<Entry>
  const open = ref(false)
  const changes = shallowRef<View | null>(null)

  function begin(view: View | null = null) {
    problem.value = null
    changes.value = view
    entry.value = view ? drafted.of(view) : drafted.blank()
    open.value = true
  }

  function leave() {
    problem.value = null
    changes.value = null
    entry.value = drafted.blank()
    open.value = false
  }

  /** Whether it was kept. On the version of someone who was quicker, where the person has looked at both. */
  async function keep(version?: number): Promise<boolean> {
    const view = changes.value
    const on = view && { view, version: version ?? drafted.versionOf(view) }
    await attempt(() => drafted.send(entry.value, on))
    if (problem.value) return false
    leave()
    await changed(drafted.bearsUpon())
    return true
  }

  async function takeTheirs() {
    leave()
    await changed(drafted.bearsUpon())
  }

  return {
    entry,
    open,
    changes: computed(() => changes.value),
    problem,
    busy,
    begin,
    leave,
    keep,
    takeTheirs,
  }
}

/** How a page that is one draft is begun and kept. */
interface PageDrafted<View> {
  /** What is kept, once it is known; nothing for a new one. */
  kept: () => View | undefined
  /** Types what is kept into the page. */
  load: (view: View) => void
  /** Asks the server to change it on this version, or to make a new one. */
  send: (version: number | null) => Promise<View>
  bearsUpon: () => QueryKey[]
}

/** A page that is the draft of one thing: begun with what is kept, and again when what is kept has changed. */
export function usePageDraft<View extends { version: number }>(page: PageDrafted<View>) {
  const { problem, busy, attempt } = useProblem()
  const changed = useChanged()
  watch(page.kept, (now, before) => now && now.version !== before?.version && page.load(now), {
    immediate: true,
  })

  /** What is kept now, or nothing where it was refused. */
  async function keep(version = page.kept()?.version ?? null): Promise<View | undefined> {
    const view = await attempt(() => page.send(version))
    if (view) await changed(page.bearsUpon())
    return view
  }

  async function takeTheirs() {
    problem.value = null
    await changed(page.bearsUpon())
  }

  return { problem, busy, attempt, keep, takeTheirs }
}

/** Takes something off the list, and says so for a while with a way back. */
export function useTakingOff(bearsUpon: () => QueryKey[]) {
  const changed = useChanged()
  return async (says: string, off: () => Promise<unknown>, back: () => Promise<unknown>) => {
    await off()
    await changed(bearsUpon())
    done(says, async () => {
      await back()
      await changed(bearsUpon())
    })
  }
}
