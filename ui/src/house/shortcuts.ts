import { onMounted, onUnmounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useHorses } from './queries'
import { steps } from './router'
import { signedIn } from './signIn'

/** `?` shows the keys; `g` and a letter goes to a place; `j` and `k` go from horse to horse. Answers whether they are shown. */
export function useShortcuts() {
  const open = ref(false)
  const route = useRoute()
  const router = useRouter()
  const { data: horses, refetch } = useHorses()
  let going = 0

  async function step(by: number) {
    const all = horses.value ?? (await refetch()).data ?? []
    if (all.length === 0) return
    const at = all.findIndex((h) => h.id === route.params.horseId)
    const next = all[(at + by + all.length) % all.length] ?? all[0]!
    const name =
      (route.meta.step as string | undefined) ?? (route.params.horseId ? String(route.name) : 'passport')
    await router.push({ name, params: { horseId: next.id } })
  }

  function press(e: KeyboardEvent) {
    // Also before the dialog has taken the focus.
    if (e.key === 'Escape') open.value = false
    const target = e.target as HTMLElement
    if (
      e.ctrlKey ||
      e.metaKey ||
      e.altKey ||
      route.meta.bare ||
      /INPUT|TEXTAREA|SELECT/.test(target.tagName) ||
      !signedIn.value?.me
    )
      return
    const now = Date.now()
    if (now - going < 1200) {
      going = 0
      const to = steps.find((s) => s.key === e.key)
      if (e.key === 't') void router.push('/')
      else if (e.key === 'w') void router.push({ name: 'week' })
      else if (e.key === 'l') void router.push({ name: 'library', params: { horseId: route.params.horseId } })
      else if (e.key === 'y') void router.push('/yard-book')
      else if (to && route.params.horseId)
        void router.push({ name: to.name, params: { horseId: route.params.horseId } })
      return
    }
    if (e.key === 'g') going = now
    else if (e.key === '?') open.value = true
    else if (e.key === 'j') void step(1)
    else if (e.key === 'k') void step(-1)
  }

  onMounted(() => document.addEventListener('keydown', press))
  onUnmounted(() => document.removeEventListener('keydown', press))
  return open
}
