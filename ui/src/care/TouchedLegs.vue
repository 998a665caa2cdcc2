<script setup lang="ts">
import { computed } from 'vue'
import type { Leg } from '../api/schema'
import HorseFromAbove from '../horses/HorseFromAbove.vue'
import { legWords } from '../house/words'

/** Touches by leg on the horse seen from above: the more, the larger, and always with the number. */
const props = defineProps<{ legs: Partial<Record<Leg, number>> }>()
const places: Record<Leg, [x: number, y: number]> = {
  leftFore: [26, 112],
  rightFore: [94, 112],
  leftHind: [26, 186],
  rightHind: [94, 186],
}
const most = computed(() => Math.max(1, ...Object.values(props.legs)))
const shown = computed(() =>
  (Object.keys(places) as Leg[]).map((leg) => {
    const n = props.legs[leg] ?? 0
    return { leg, n, x: places[leg][0], y: places[leg][1], r: 9 + (9 * n) / most.value }
  }),
)
const says = computed(
  () => `Touches by leg: ${shown.value.map((l) => `${legWords[l.leg].toLowerCase()} ${l.n}`).join(', ')}`,
)
</script>

<template>
  <HorseFromAbove :stiff="null" :says="says">
    <g v-for="l in shown" :key="l.leg">
      <circle :cx="l.x" :cy="l.y" :r="l.r" class="leg" :class="{ most: l.n > 0 && l.n === most }" />
      <text :x="l.x" :y="l.y" text-anchor="middle" dominant-baseline="central" class="n">{{ l.n }}</text>
    </g>
  </HorseFromAbove>
</template>

<style scoped>
.leg {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.leg.most {
  fill: var(--straw-pale);
  stroke-width: 3;
}
.n {
  fill: var(--ink);
  font-size: 13px;
  font-weight: 700;
}
</style>
