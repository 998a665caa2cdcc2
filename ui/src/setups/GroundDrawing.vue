<script setup lang="ts">
import { computed } from 'vue'
import type { MeasuredSetUp } from '../api/schema'

/** The ground a set-up stands on, from above with A on the left: an arena with its letters, or a field. */
const props = defineProps<{ arena: MeasuredSetUp['arena'] }>()
const field = computed(() => props.arena.size === 'field')
const place = (along: number, across: number) => {
  const { length, width } = props.arena
  if (across <= 0) return { x: along, y: -1.2 }
  if (across >= width) return { x: along, y: width + 2.4 }
  if (along <= 0) return { x: -1.9, y: across + 0.7 }
  if (along >= length) return { x: length + 1.9, y: across + 0.7 }
  return null
}
const letters = computed(() =>
  (props.arena.letters ?? [])
    .map((l) => ({ letter: l.letter, at: place(l.along, l.across) }))
    .filter((l) => l.at !== null),
)
</script>

<template>
  <g>
    <rect
      :width="arena.length"
      :height="arena.width"
      :class="{ field }"
      fill="var(--sand)"
      stroke="var(--ink)"
      stroke-width="0.35"
    />
    <template v-if="!field">
      <rect
        x="1"
        y="1"
        :width="arena.length - 2"
        :height="arena.width - 2"
        rx="4"
        fill="none"
        stroke="var(--sand-line)"
        stroke-width="0.4"
      />
      <line
        :x2="arena.length"
        y1="10"
        y2="10"
        stroke="var(--sand-line)"
        stroke-width="0.2"
        stroke-dasharray="0.8 0.8"
      />
      <text v-for="l in letters" :key="l.letter" :x="l.at!.x" :y="l.at!.y">{{ l.letter }}</text>
    </template>
  </g>
</template>

<style scoped>
text {
  font: 700 2px var(--font);
  text-anchor: middle;
  fill: var(--ink);
}
.field {
  fill: var(--true);
  stroke-dasharray: 1.6 0.9;
}
</style>
