<script setup lang="ts">
import { computed } from 'vue'
import type { Side } from '../api/schema'

/**
 * A horse seen from above, head at the top, bent the way it bends easily: the stiff side is the outside of
 * the bend and drawn full, the hollow side the inside.
 */
const props = defineProps<{ stiff: Side | null }>()

// Half widths of a horse from the tail to the muzzle, in parts of its length.
const widths = [0.03, 0.09, 0.115, 0.105, 0.1, 0.115, 0.125, 0.115, 0.085, 0.055, 0.045, 0.05, 0.045, 0.03]

const hollow = computed(() => (props.stiff === 'right' ? -1 : props.stiff === 'left' ? 1 : 0))
const outline = computed(() => {
  const n = widths.length - 1
  const spine = widths.map((_, i) => {
    const t = i / n
    // A gentle bend of the body, more of it in the neck, towards the hollow side.
    const turn = hollow.value * (0.09 * t * t + 0.16 * Math.max(0, t - 0.62) ** 1.3 * 4)
    return { x: 60 + 200 * turn - hollow.value * 9 * Math.sin(Math.PI * t), y: 214 - 200 * t }
  })
  const edge = (side: 1 | -1) =>
    spine.map((p, i) => {
      const [a, b] = [spine[Math.max(0, i - 1)]!, spine[Math.min(n, i + 1)]!]
      const length = Math.hypot(b.x - a.x, b.y - a.y)
      const w = widths[i]! * 200 * side
      return { x: p.x - ((b.y - a.y) / length) * w, y: p.y + ((b.x - a.x) / length) * w }
    })
  const line = (points: { x: number; y: number }[]) =>
    points.map((p) => `${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join('L')
  const half = (side: 1 | -1) => `M${line(spine)}L${line([...edge(side)].reverse())}Z`
  return { left: half(-1), right: half(1), spine: `M${line(spine)}` }
})
</script>

<template>
  <svg
    viewBox="0 0 120 228"
    role="img"
    :aria-label="
      stiff
        ? `Seen from above: stiff ${stiff}, bends easily the other way`
        : 'Seen from above: no stiff side named'
    "
  >
    <path :d="outline.left" :class="{ stiff: stiff === 'left' }" />
    <path :d="outline.right" :class="{ stiff: stiff === 'right' }" />
    <path :d="outline.spine" class="spine" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 120px;
  display: block;
}
path {
  fill: var(--bank);
  stroke: var(--quiet);
  stroke-width: 1.5;
  stroke-linejoin: round;
}
.stiff {
  fill: var(--straw);
  stroke: var(--ink);
}
.spine {
  fill: none;
  stroke: var(--ink);
  stroke-dasharray: 4 4;
}
</style>
