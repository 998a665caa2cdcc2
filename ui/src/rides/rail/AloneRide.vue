<script setup lang="ts">
import { computed, onMounted, onUnmounted, ref } from 'vue'
import type { SpokenCall, SpokenSheet } from '../../api/schema'
import { minutesAndSeconds } from './clock'
import { hasVoice, speak } from './speak'

/**
 * Riding alone: the telephone is in the pocket, reads the sheet aloud, stays awake and black. A touch lights it for a
 * moment; only then can anything be tapped, so that a pocket taps nothing.
 */
const props = defineProps<{ sheet: SpokenSheet; horse: string }>()
const emit = defineEmits<{ called: [SpokenCall]; over: [] }>()
const began = Date.now()
const since = ref(0)
const said = ref(0)
const lit = ref(false)
const last = computed(() => props.sheet.calls[said.value - 1])
const voice = ref(hasVoice())

/** What is due by now: a device that slept says only the latest of it, and writes all of it down. */
function tick() {
  since.value = Date.now() - began
  const due = props.sheet.calls.filter((c) => c.seconds * 1000 <= since.value)
  if (due.length === said.value) return
  for (const call of due.slice(said.value)) emit('called', call)
  said.value = due.length
  const now = due.at(-1)!
  voice.value = hasVoice()
  speak(now.kind, now.says)
  if (now.kind === 'end') emit('over')
}

let clock: ReturnType<typeof setInterval> | undefined
let dark: ReturnType<typeof setTimeout> | undefined
onMounted(() => {
  tick()
  clock = setInterval(tick, 250)
})
onUnmounted(() => {
  clearInterval(clock)
  clearTimeout(dark)
})

function light() {
  lit.value = true
  clearTimeout(dark)
  dark = setTimeout(() => (lit.value = false), 6000)
}
</script>

<template>
  <section
    class="alone"
    :class="{ lit }"
    role="region"
    aria-label="Riding alone"
    @pointerdown="light"
    @keydown="light"
  >
    <p class="text-1.2rem">{{ horse }}</p>
    <p class="time" role="timer" aria-label="Ridden alone">{{ minutesAndSeconds(since) }}</p>
    <p class="text-1.5rem max-w-26ch" aria-live="polite">{{ last?.says }}</p>
    <p v-if="!voice">This device has no voice: 2 tones a part, 1 the other rein, 3 walk now, 4 the end.</p>
    <div class="row" :class="{ hidden: !lit }">
      <button type="button" class="rail-key" @click="speak(last!.kind, last!.says)">Say it again</button>
      <button type="button" class="rail-key on" @click="emit('over')">Stop, and write it up</button>
    </div>
    <p v-if="!lit">
      <button type="button" class="wake" @click="light">Touch to light it</button>
    </p>
  </section>
</template>

<style scoped>
.alone {
  position: fixed;
  inset: 0;
  z-index: 20;
  display: grid;
  place-content: center;
  justify-items: center;
  gap: 22px;
  padding: 24px;
  background: #000;
  color: #868d89;
  text-align: center;
}
.alone.lit {
  color: var(--on-ink);
}
.alone .on {
  border-color: var(--straw);
  background: var(--straw);
  color: var(--ink);
}
.time {
  font-size: 4rem;
  line-height: 1;
  font-weight: 700;
}
.row {
  display: grid;
  gap: 12px;
  width: min(320px, 80vw);
}
.hidden {
  display: none;
}
.wake {
  padding: 12px 18px;
  border: 1px solid currentcolor;
  border-radius: 10px;
  background: none;
  color: inherit;
  font: inherit;
}
</style>
