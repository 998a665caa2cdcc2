<script setup lang="ts">
import { computed } from 'vue'
import type { MeasuredSetUp } from '../api/schema'

/** One element as it looks from above, ridden from left to right. Lengths are centimetres. */
const props = defineProps<{
  element: MeasuredSetUp['elements'][number]
  narrow: MeasuredSetUp['narrow']
  /** Of a zigzag each pole is slanted against the next, in degrees. */
  slant: number
}>()
/** Half the width of what stands. */
const poleHalf = computed(() => props.element.width * 50 || 150)
const guides = computed(() => {
  const n = props.narrow
  return n
    ? ([-1, 1] as const).filter((side) => n.guides === 'both' || n.guides === (side < 0 ? 'left' : 'right'))
    : []
})
/** Ground lines lie a quarter of a metre before a fence, and behind it where it is jumped from both sides. */
const groundLines = computed(() => {
  const e = props.element
  if (props.narrow || e.groundLines === 'none') return []
  return e.groundLines === 'front' ? [-25] : [-25, e.spread * 100 + 25]
})
</script>

<template>
  <g>
    <line
      v-for="x in groundLines"
      :key="`g${x}`"
      :x1="x"
      :x2="x"
      :y1="-poleHalf"
      :y2="poleHalf"
      class="stroke-quiet stroke-7 stroke-cap-round"
    />
    <template v-if="element.kind === 'corridor'">
      <line
        v-for="side in [-1, 1]"
        :key="side"
        :x2="element.spread * 100"
        :y1="side * element.width * 50"
        :y2="side * element.width * 50"
        class="stroke-ink stroke-12 stroke-cap-round"
      />
    </template>
    <path
      v-else-if="element.kind === 'mark'"
      d="M0 -75V75"
      class="stroke-ink stroke-4 [stroke-dasharray:12_9]"
    />
    <template v-if="element.kind === 'crossPole'">
      <rect x="-26" :y="-poleHalf" width="7" :height="2 * poleHalf" rx="3" fill="var(--sand-line)" />
      <rect x="19" :y="-poleHalf" width="7" :height="2 * poleHalf" rx="3" fill="var(--sand-line)" />
      <path
        :d="`M-9 ${-poleHalf}L9 ${poleHalf}M9 ${-poleHalf}L-9 ${poleHalf}`"
        class="stroke-ink stroke-11 stroke-cap-round"
      />
      <path
        :d="`M-9 ${-poleHalf}L9 ${poleHalf}M9 ${-poleHalf}L-9 ${poleHalf}`"
        class="rail stroke-pole stroke-6 stroke-cap-round"
      />
      <rect x="-17" :y="-poleHalf - 13" width="34" height="22" rx="4" fill="var(--ink)" />
      <rect x="-17" :y="poleHalf - 9" width="34" height="22" rx="4" fill="var(--ink)" />
    </template>
    <g v-if="narrow">
      <rect
        :x="-narrow.groundPoleOut * 100 - 6"
        :y="-poleHalf"
        width="12"
        :height="2 * poleHalf"
        rx="6"
        fill="var(--pole)"
        stroke="var(--ink)"
        stroke-width="2.5"
      />
      <line
        v-for="side in guides"
        :key="side"
        x1="-10"
        x2="-300"
        :y1="side * (poleHalf + 12)"
        :y2="side * (poleHalf + 60)"
        class="stroke-ink stroke-11 stroke-cap-round"
      />
    </g>
    <template
      v-if="!['crossPole', 'pole', 'raisedPole', 'placingPole', 'corridor', 'mark'].includes(element.kind)"
    >
      <rect
        v-for="rail in element.spread > 0 ? [0, element.spread * 100] : [0]"
        :key="rail"
        :x="rail - 7"
        :y="-poleHalf"
        width="14"
        :height="2 * poleHalf"
        rx="6"
        :fill="
          element.kind === 'wall'
            ? 'var(--quiet)'
            : rail > 0 && element.kind === 'ascendingOxer'
              ? 'var(--straw)'
              : 'var(--pole)'
        "
        stroke="var(--ink)"
        stroke-width="3"
      />
      <rect
        v-for="side in [-poleHalf - 13, poleHalf - 9]"
        :key="`w${side}`"
        x="-17"
        :y="side"
        :width="34 + element.spread * 100"
        height="22"
        rx="4"
        fill="var(--ink)"
      />
    </template>
    <g
      v-else-if="['pole', 'raisedPole', 'placingPole'].includes(element.kind)"
      :transform="`rotate(${slant})`"
    >
      <rect
        x="-6"
        :y="-poleHalf"
        width="12"
        :height="2 * poleHalf"
        rx="6"
        fill="var(--pole)"
        stroke="var(--ink)"
        stroke-width="2.5"
      />
      <rect x="-6" y="-72" width="12" height="40" fill="var(--ink)" />
      <rect x="-6" y="32" width="12" height="40" fill="var(--ink)" />
      <rect
        v-if="element.raised === 'left' || element.raised === 'both'"
        x="-14"
        :y="-poleHalf - 6"
        width="28"
        height="22"
        rx="4"
        fill="var(--straw)"
        stroke="var(--ink)"
        stroke-width="2.5"
      />
      <rect
        v-if="element.raised === 'right' || element.raised === 'both'"
        x="-14"
        :y="poleHalf - 16"
        width="28"
        height="22"
        rx="4"
        fill="var(--straw)"
        stroke="var(--ink)"
        stroke-width="2.5"
      />
    </g>
  </g>
</template>
