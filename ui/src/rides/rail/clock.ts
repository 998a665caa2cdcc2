import { onUnmounted, ref } from 'vue'

/** The time, once a second, put right by how far this device is off. */
export function useNow(skew: () => number) {
  const now = ref(Date.now() + skew())
  const timer = setInterval(() => (now.value = Date.now() + skew()), 1000)
  onUnmounted(() => clearInterval(timer))
  return now
}

export const minutesAndSeconds = (ms: number) => {
  const seconds = Math.max(0, Math.floor(ms / 1000))
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}
