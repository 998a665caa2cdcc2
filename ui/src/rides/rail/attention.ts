import { onMounted, onUnmounted, ref } from 'vue'

/** A soft sound and a buzz, and a screen that stays awake. Each is left out where the device has none. */

const quiet = ref(localStorage.getItem('rail quiet') === 'yes')
export const soundOff = quiet
export function toggleSound() {
  quiet.value = !quiet.value
  localStorage.setItem('rail quiet', quiet.value ? 'yes' : 'no')
}

let audio: AudioContext | undefined

export function callOut(times = 1) {
  if (quiet.value) return
  // A page that was not touched yet may not buzz.
  if (navigator.userActivation?.hasBeenActive)
    navigator.vibrate?.(Array.from({ length: times * 2 - 1 }, (_, i) => (i % 2 ? 120 : 220)))
  try {
    audio ??= new AudioContext()
    for (let i = 0; i < times; i++) {
      const [tone, loudness] = [audio.createOscillator(), audio.createGain()]
      const at = audio.currentTime + i * 0.35
      tone.frequency.value = 523
      loudness.gain.setValueAtTime(0, at)
      loudness.gain.linearRampToValueAtTime(0.25, at + 0.04)
      loudness.gain.exponentialRampToValueAtTime(0.001, at + 0.3)
      tone.connect(loudness).connect(audio.destination)
      tone.start(at)
      tone.stop(at + 0.32)
    }
  } catch {
    // No sound here; the screen says it too.
  }
}

export function useAwakeScreen() {
  let lock: WakeLockSentinel | undefined
  const ask = async () => {
    if (document.visibilityState !== 'visible') return
    try {
      lock = await navigator.wakeLock?.request('screen')
    } catch {
      // Low battery, or not allowed: the device sleeps as it pleases.
    }
  }
  onMounted(() => {
    void ask()
    document.addEventListener('visibilitychange', ask)
  })
  onUnmounted(() => {
    document.removeEventListener('visibilitychange', ask)
    void lock?.release()
  })
}
