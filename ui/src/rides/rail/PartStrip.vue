<script setup lang="ts">
import { computed } from 'vue'
import type { Part } from '../../api/schema'
import { gaitWords } from '../../house/words'
import { minutesAndSeconds } from './clock'

/** The plan as a strip, the part that is ridden, and what comes next. */
const props = defineProps<{ parts: Part[]; part: number; spent: Record<number, number>; running: boolean }>()
const emit = defineEmits<{ go: [number] }>()
const now = computed(() => props.parts[props.part])
const next = computed(() => props.parts[props.part + 1])
const left = computed(() => (now.value?.minutes ?? 0) * 60_000 - (props.spent[props.part] ?? 0))
const filled = (i: number) =>
  `${Math.min(100, ((props.spent[i] ?? 0) / 60_000 / (props.parts[i]?.minutes || 1)) * 100)}%`
const dose = (p: Part) =>
  [
    p.times && !p.boutSeconds && (p.times === 1 ? 'once' : `${p.times} times`),
    p.efforts && `${p.efforts} fences`,
    p.rein !== 'both' && `${p.rein} rein`,
    p.markHopedFor && `${p.markHopedFor} hoped for`,
  ]
    .filter(Boolean)
    .join(', ')
</script>

<template>
  <section v-if="now" class="plan" aria-label="The plan">
    <div class="strip">
      <button
        v-for="(p, i) in parts"
        :key="i"
        type="button"
        class="cell"
        :class="[p.gait, { now: i === part, past: i < part }]"
        :style="{ flexGrow: p.minutes }"
        :aria-label="`Part ${i + 1}: ${p.what}`"
        :aria-current="i === part ? 'step' : undefined"
        @click="emit('go', i)"
      >
        <span class="done" :style="{ width: filled(i) }" />
        <span class="letter">{{ gaitWords[p.gait][0] }} {{ p.minutes }}</span>
      </button>
    </div>
    <div class="lines">
      <p class="what">
        <strong>{{ now.what }}</strong> <span class="quiet">{{ dose(now) }}</span>
      </p>
      <p class="left" :class="{ over: left < 0 }">
        <strong>{{ left < 0 ? `+${minutesAndSeconds(-left)}` : minutesAndSeconds(left) }}</strong>
        <span class="quiet">{{ left < 0 ? ' over' : ' left' }}</span>
      </p>
    </div>
    <button
      v-if="next"
      type="button"
      class="rail-key next"
      :class="{ due: left <= 0 && running }"
      @click="emit('go', part + 1)"
    >
      <span>Next: {{ next.what }}</span>
    </button>
  </section>
</template>

<style scoped>
.plan {
  display: grid;
  gap: 7px;
}
.strip {
  display: flex;
  gap: 3px;
}
.cell {
  position: relative;
  flex: 1 1 0;
  min-width: 12px;
  height: 34px;
  padding: 0;
  border: 0;
  border-radius: 5px;
  overflow: hidden;
  background: var(--bank);
  cursor: pointer;
}
.done {
  position: absolute;
  inset: 0 auto 0 0;
  background: var(--halt);
}
.walk .done {
  background: var(--walk);
}
.trot .done {
  background: var(--trot);
}
.canter .done {
  background: var(--canter);
}
.gallop .done {
  background: var(--gallop);
}
.letter {
  position: relative;
  display: inline-block;
  padding: 0 5px;
  border-radius: 4px;
  background: var(--card);
  color: var(--ink);
  font: 700 0.83rem var(--font);
}
.now {
  outline: 3px solid var(--ink);
  outline-offset: -1px;
}
.lines {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: 12px;
}
.what {
  font-size: 1.08rem;
  line-height: 1.2;
  min-width: 0;
}
.left {
  white-space: nowrap;
  font-size: 1.15rem;
}
.left.over strong {
  color: var(--on-long);
}
.next {
  min-height: 48px;
  grid-auto-flow: column;
  font-size: 0.98rem;
  font-weight: 600;
}
.next.due {
  min-height: 64px;
  background: var(--straw);
  border-color: var(--straw);
}
.next span {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  max-width: 86vw;
}
</style>
