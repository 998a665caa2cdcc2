import type { SpokenKind } from '../../api/schema'
import { callOut } from './attention'

/** What is read aloud to a rider alone: by the device's voice, and where it has none by so many tones. */

const tones: Record<SpokenKind, number> = { part: 2, rein: 1, bout: 2, walk: 3, end: 4 }

/** The device has a voice, and it works without a signal. */
export const hasVoice = () =>
  'speechSynthesis' in globalThis && speechSynthesis.getVoices().some((v) => v.localService)

export function speak(kind: SpokenKind, says: string) {
  if (!hasVoice()) {
    callOut(tones[kind])
    return
  }
  const voices = speechSynthesis.getVoices().filter((v) => v.localService)
  const words = new SpeechSynthesisUtterance(says)
  words.voice =
    voices.find((v) => v.lang === 'en-GB') ?? voices.find((v) => v.lang.startsWith('en')) ?? voices[0]!
  // A voice that fails is no reason to say nothing.
  words.onerror = () => callOut(tones[kind])
  speechSynthesis.cancel()
  speechSynthesis.speak(words)
}
