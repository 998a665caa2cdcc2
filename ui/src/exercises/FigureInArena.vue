<script setup lang="ts">
import { computed } from 'vue'
import type { FigureDrawing } from '../api/schema'

/** A school figure in the 60 x 20 arena, A on the left, with a print where each of this horse's strides begins. */
const props = defineProps<{ drawing: FigureDrawing; title: string }>()
const letters = [
  ...['K', 'V', 'E', 'S', 'H'].map((l, i) => ({ l, x: 6 + 12 * i, y: -1.1 })),
  ...['F', 'P', 'B', 'R', 'M'].map((l, i) => ({ l, x: 6 + 12 * i, y: 22.7 })),
  { l: 'A', x: -1.6, y: 10.8 },
  { l: 'C', x: 61.6, y: 10.8 },
]
const path = computed(
  () =>
    `M${props.drawing.path.map((p) => `${p.along.toFixed(2)} ${p.across.toFixed(2)}`).join('L')}${props.drawing.closed ? 'Z' : ''}`,
)
</script>

<template>
  <svg viewBox="-4 -4 68 28.5" role="img" :aria-label="title" class="block w-full rounded-8px bg-bank">
    <rect x="0" y="0" width="60" height="20" fill="var(--sand)" stroke="var(--ink)" stroke-width="0.25" />
    <line x1="0" x2="60" y1="10" y2="10" class="stroke-sand-line stroke-0.15" />
    <text v-for="p in letters" :key="p.l" :x="p.x" :y="p.y">{{ p.l }}</text>
    <path :d="path" class="fill-none stroke-ink stroke-0.3" />
    <circle
      v-for="(p, i) in drawing.prints"
      :key="i"
      :cx="p.along"
      :cy="p.across"
      :r="i === 0 ? 0.85 : 0.5"
      class="foot"
      :class="drawing.gait"
    />
  </svg>
</template>

<style scoped>
text {
  font: 700 2px var(--font);
  text-anchor: middle;
  fill: var(--quiet);
}
</style>
