<script setup lang="ts">
import { computed } from 'vue'
import type { MeasuredSetUp } from '../api/schema'

/** A line from the side, to scale: what stands, the way through the air, and where the feet fall. Lengths are centimetres. */
const props = defineProps<{ measured: MeasuredSetUp }>()
const poles = ['pole', 'raisedPole', 'placingPole']
const from = computed(() => Math.min(0, ...props.measured.jumps.map((j) => j.takeOffAt * 100)) - 260)
const to = computed(
  () => Math.max(props.measured.length, ...props.measured.jumps.map((j) => j.landingAt)) * 100 + 260,
)
const width = computed(() => to.value - from.value)
const k = computed(() => Math.max(1, width.value / 1500))
const high = computed(() => Math.max(150, ...props.measured.jumps.map((j) => j.peak * 100)) + 50 * k.value)
const arcs = computed(() =>
  props.measured.jumps.map((j) => {
    const [a, b] = [j.takeOffAt * 100, j.landingAt * 100]
    // The peak of the curve is half as high as the point that pulls it up.
    return {
      a,
      b,
      d: `M${a} 0Q${(a + b) / 2} ${-2 * j.peak * 100} ${b} 0`,
      away: props.measured.elements[j.element]!.at - j.takeOffAt,
    }
  }),
)
const feet = computed(() =>
  props.measured.hoofprints.filter((h) => h.at * 100 > from.value && h.at * 100 < to.value),
)
</script>

<template>
  <svg
    class="block w-full max-h-240px"
    :viewBox="`${from} ${-high} ${width} ${high + 62 * k}`"
    role="img"
    :aria-label="`From the side: ${measured.title}`"
  >
    <rect :x="from" :y="-high" :width="width" :height="high" fill="var(--card)" />
    <rect :x="from" y="0" :width="width" :height="62 * k" fill="var(--sand)" />
    <line :x1="from" :x2="to" y1="0" y2="0" stroke="var(--ink)" :stroke-width="3" />
    <path
      v-for="(arc, i) in arcs"
      :key="i"
      :d="arc.d"
      class="fill-none stroke-canter [stroke-dasharray:14_10]"
      :stroke-width="4 * Math.min(k, 2)"
    />
    <g v-for="(e, i) in measured.elements" :key="`e${i}`" :transform="`translate(${e.at * 100} 0)`">
      <circle
        v-if="poles.includes(e.kind)"
        :cy="-6 - e.height * 100"
        r="6"
        class="fill-pole stroke-ink stroke-2.5"
      />
      <template v-else>
        <rect x="-5" :y="-e.height * 100" width="10" :height="e.height * 100" class="fill-ink" />
        <rect
          v-if="e.spread > 0"
          :x="e.spread * 100 - 5"
          :y="-e.height * 100"
          width="10"
          :height="e.height * 100"
          class="fill-ink"
        />
        <text
          :x="-14 * k"
          :y="-e.height * 50"
          class="high font-house font-bold text-middle-at fill-ink"
          :style="{ fontSize: `${24 * k}px` }"
        >
          {{ Math.round(e.height * 100) }}
        </text>
      </template>
    </g>
    <path
      v-for="(h, i) in feet"
      :key="`f${i}`"
      :d="`M${h.at * 100 - 7} 4h14v9h-14z`"
      class="foot"
      :class="h.gait"
      stroke="none"
    />
    <g v-for="(arc, i) in arcs" :key="`t${i}`" :style="{ fontSize: `${21 * k}px` }">
      <path :d="`M${arc.a} 0v${20 * k}M${arc.b} 0v${20 * k}`" class="stroke-ink stroke-3" />
      <text :x="(arc.a + arc.b) / 2" :y="42 * k" class="room font-house font-bold text-middle-at fill-ink">
        {{
          arcs.length > 2
            ? `${((arc.b - arc.a) / 100).toFixed(2)} m`
            : `off ${arc.away.toFixed(2)} m before, ${((arc.b - arc.a) / 100).toFixed(2)} m in the air`
        }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.high {
  text-anchor: end;
}
.room {
  font-weight: 400;
  fill: var(--ink);
}
</style>
