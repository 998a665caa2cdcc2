<script setup lang="ts">
import dayjs from 'dayjs'
import { computed } from 'vue'
import type { SideTrend } from '../api/schema'

/** Left against right, ride by ride: above the line the right rein was better, below it the left. */
const props = defineProps<{ trend: SideTrend }>()
const [width, height, pad] = [440, 150, 14]
const days = computed(() => props.trend.points.map((p) => dayjs(p.on).diff(props.trend.points[0]!.on, 'day')))
const span = computed(() => Math.max(7, days.value.at(-1) ?? 0))
const most = computed(() => Math.max(9, ...props.trend.points.map((p) => p.index)) * 1.25 + 4)
const least = computed(() => Math.min(-9, ...props.trend.points.map((p) => p.index)) - 4)
/** Room at the left for the word on the level line. */
const left = 52
const x = (day: number) => left + ((width - left - pad) * day) / span.value
const y = (index: number) => ((most.value - index) / (most.value - least.value)) * height
const line = computed(() => {
  const t = props.trend.trend
  return t && { y1: y(t.intercept), y2: y(t.intercept + (t.slope * (days.value.at(-1) ?? 0)) / 7) }
})
</script>

<template>
  <svg
    :viewBox="`0 0 ${width} ${height}`"
    role="img"
    :aria-label="trend.says"
    class="w-full max-w-440px block"
  >
    <rect :x="pad - 8" :y="y(3)" :width="width - 2 * pad + 16" :height="y(-3) - y(3)" class="fill-true" />
    <text :x="pad - 8" y="12">right rein better ▶</text>
    <text :x="pad - 8" :y="height - 3">◀ left rein better</text>
    <text :x="pad - 4" :y="y(0) + 4" class="mid">level</text>
    <line
      v-if="line"
      :x1="x(0)"
      :x2="x(days.at(-1) ?? 0)"
      :y1="line.y1"
      :y2="line.y2"
      class="slope stroke-ink stroke-2"
      :class="{ faint: trend.narrowing === null }"
    />
    <circle
      v-for="(p, i) in trend.points"
      :key="p.on"
      :cx="x(days[i]!)"
      :cy="y(p.index)"
      r="4.5"
      class="fill-straw stroke-ink stroke-1.2"
    />
  </svg>
</template>

<style scoped>
text {
  font: 12px var(--font);
  fill: var(--quiet);
}
.mid {
  fill: var(--on-true);
}
.faint {
  stroke-dasharray: 4 5;
  stroke: var(--quiet);
}
</style>
