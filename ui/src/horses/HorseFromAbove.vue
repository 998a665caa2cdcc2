<script setup lang="ts">
import { computed } from 'vue'
import type { Side } from '../api/schema'

/**
 * A horse seen from above, head at the top, bent the way it bends easily: the stiff side is the outside of
 * the bend and drawn full, the hollow side the inside.
 */
const props = defineProps<{ stiff: Side | null; /** What else is drawn on it, in words. */ says?: string }>()

// Half widths from the tail to the muzzle, each with its place along the horse.
const shape: [along: number, half: number][] = [
  [0, 0.01],
  [0.05, 0.11],
  [0.13, 0.15],
  [0.24, 0.13],
  [0.38, 0.155],
  [0.5, 0.145],
  [0.6, 0.115],
  [0.67, 0.06],
  [0.76, 0.045],
  [0.81, 0.042],
  [0.86, 0.062],
  [0.93, 0.045],
  [0.98, 0.038],
  [1, 0.02],
]
const steps = 60

/** Smooth between the given widths. */
function half(t: number) {
  const i = Math.max(
    1,
    shape.findIndex(([along]) => along >= t),
  )
  const [[t0, a], [t1, b]] = [shape[i - 1]!, shape[i]!]
  const share = (1 - Math.cos((Math.PI * (t - t0)) / (t1 - t0))) / 2
  return a + (b - a) * share
}

const hollow = computed(() => (props.stiff === 'right' ? -1 : props.stiff === 'left' ? 1 : 0))
const outline = computed(() => {
  const n = steps
  const spine = Array.from({ length: n + 1 }, (_, i) => {
    const t = i / n
    // One even bend through the body, a little more in the neck, towards the hollow side.
    const turn = 0.2 * (t - 0.45) ** 2 + 0.28 * Math.max(0, t - 0.62) ** 1.6
    return { x: 60 + hollow.value * (200 * turn - 8), y: 216 - 200 * t }
  })
  const edge = (side: 1 | -1) =>
    spine.map((p, i) => {
      const [a, b] = [spine[Math.max(0, i - 1)]!, spine[Math.min(n, i + 1)]!]
      const length = Math.hypot(b.x - a.x, b.y - a.y)
      const w = half(i / n) * 200 * side
      return { x: p.x - ((b.y - a.y) / length) * w, y: p.y + ((b.x - a.x) / length) * w }
    })
  const line = (points: { x: number; y: number }[]) =>
    points.map((p) => `${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join('L')
  const body = (side: 1 | -1) => `M${line(spine)}L${line([...edge(side)].reverse())}Z`
  const poll = spine[Math.round(0.825 * n)]!
  const ears = ([-1, 1] as const).map(
    (side) => `M${poll.x + side * 3} ${poll.y}q${side * 9} -3 ${side * 7} -13q${-side * 6} 3 ${-side * 7} 13`,
  )
  return { left: body(-1), right: body(1), spine: `M${line(spine)}`, ears }
})
</script>

<template>
  <svg
    viewBox="0 0 120 228"
    role="img"
    :aria-label="
      says ??
      (stiff
        ? `Seen from above: stiff ${stiff}, bends easily the other way`
        : 'Seen from above: no stiff side named')
    "
    class="w-full max-w-120px block"
  >
    <path
      :d="outline.left"
      :class="{ stiff: stiff === 'left' }"
      class="fill-bank stroke-quiet stroke-1.5 stroke-join-round"
    />
    <path
      :d="outline.right"
      :class="{ stiff: stiff === 'right' }"
      class="fill-bank stroke-quiet stroke-1.5 stroke-join-round"
    />
    <path
      v-for="ear in outline.ears"
      :key="ear"
      :d="ear"
      class="ear fill-bank stroke-quiet stroke-1.5 stroke-join-round"
    />
    <path :d="outline.spine" class="spine fill-bank stroke-quiet stroke-1.5 stroke-join-round" />
    <slot />
  </svg>
</template>

<style scoped>
.stiff {
  fill: var(--straw);
  stroke: var(--ink);
}
.ear {
  fill: var(--quiet);
}
.spine {
  fill: none;
  stroke: var(--ink);
  stroke-dasharray: 4 4;
}
</style>
