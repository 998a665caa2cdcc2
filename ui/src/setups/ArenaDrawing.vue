<script setup lang="ts">
import { computed } from 'vue'
import type { MeasuredSetUp } from '../api/schema'

/** The whole arena from above with A on the left, and the set-up where it stands. Lengths are metres. */
const props = defineProps<{ measured: MeasuredSetUp }>()
const arena = computed(() => props.measured.arena)
const ends = computed(() => {
  const [first, last] = [props.measured.elements[0]!, props.measured.elements.at(-1)!]
  const way = props.measured.heading === 'towardsC' ? 1 : -1
  return {
    y: first.across,
    from: first.along - way * props.measured.approach.there,
    to: last.along + way * props.measured.getaway.there,
    way,
  }
})
const place = (along: number, across: number) => {
  const { length, width } = arena.value
  if (across <= 0) return { x: along, y: -1.2 }
  if (across >= width) return { x: along, y: width + 2.4 }
  if (along <= 0) return { x: -1.9, y: across + 0.7 }
  if (along >= length) return { x: length + 1.9, y: across + 0.7 }
  return null
}
const letters = computed(() =>
  (arena.value.letters ?? [])
    .map((l) => ({ ...l, at: place(l.along, l.across) }))
    .filter((l) => l.at !== null)
    .map((l) => ({ letter: l.letter, x: l.at!.x, y: l.at!.y })),
)
</script>

<template>
  <svg
    class="arena"
    :viewBox="`-3.4 -3.4 ${arena.length + 6.8} ${arena.width + 6.8}`"
    role="img"
    :aria-label="`Arena ${arena.length} by ${arena.width} metres with the set-up`"
  >
    <rect
      :width="arena.length"
      :height="arena.width"
      fill="var(--sand)"
      stroke="var(--ink)"
      stroke-width="0.35"
    />
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
      :x1="0"
      :x2="arena.length"
      :y1="10"
      :y2="10"
      stroke="var(--sand-line)"
      stroke-width="0.2"
      stroke-dasharray="0.8 0.8"
    />
    <text v-for="l in letters" :key="l.letter" :x="l.x" :y="l.y">{{ l.letter }}</text>
    <circle
      v-if="measured.curve"
      :cx="measured.curve.centreAlong"
      :cy="measured.curve.centreAcross"
      :r="measured.curve.radius"
      fill="none"
      stroke="var(--canter)"
      stroke-width="0.3"
      stroke-dasharray="0.9 0.6"
    />
    <line
      v-if="!measured.curve"
      :x1="ends.from"
      :x2="ends.to"
      :y1="ends.y"
      :y2="ends.y"
      stroke="var(--canter)"
      stroke-width="0.3"
      stroke-dasharray="0.9 0.6"
    />
    <path
      v-if="!measured.curve"
      :d="`M${ends.to} ${ends.y}l${-1.3 * ends.way} -0.8v1.6z`"
      fill="var(--canter)"
    />
    <rect
      v-for="(e, i) in measured.elements"
      :key="i"
      :x="Math.min(e.along, e.along + ends.way * e.spread) - 0.16"
      :y="e.across - 1.5"
      :width="0.32 + e.spread"
      :transform="
        measured.curve ? `rotate(${measured.curve.degrees[i]! + 90} ${e.along} ${e.across})` : undefined
      "
      height="3"
      :fill="['pole', 'raisedPole', 'placingPole'].includes(e.kind) ? 'var(--pole)' : 'var(--ink)'"
      stroke="var(--ink)"
      stroke-width="0.12"
    />
  </svg>
</template>

<style scoped>
.arena {
  display: block;
  width: 100%;
}
text {
  font: 700 2px var(--font);
  text-anchor: middle;
  fill: var(--ink);
}
</style>
