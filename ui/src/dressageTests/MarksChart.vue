<script setup lang="ts">
import { computed } from 'vue'
import type { DatedMark, MovementMarks, Trend } from '../api/schema'
import { shortDay } from '../house/format'

/** The marks of a movement as they came, at home and away, and where each goes. */
const props = defineProps<{ marks: MovementMarks }>()
const [width, height] = [72, 26]
const all = computed(() => [...props.marks.home, ...props.marks.away])
const day = (on: string) => Date.parse(on) / 86_400_000
const from = computed(() => Math.min(...all.value.map((m) => day(m.on))))
const span = computed(() => Math.max(1, Math.max(...all.value.map((m) => day(m.on))) - from.value))
/** Half a mark is half the way up between two lines; under 4 is the floor. */
const y = (mark: number) => height - 3 - ((Math.max(4, mark) - 4) / 6) * (height - 6)
const x = (on: string) => 4 + ((day(on) - from.value) / span.value) * (width - 8)
const line = (marks: DatedMark[]) => marks.map((m) => `${x(m.on)},${y(m.mark)}`).join(' ')
const goes = (trend: Trend | null) =>
  trend?.isClear && trend.slope !== 0 ? (trend.slope > 0 ? ' ▲' : ' ▼') : ''
const lastOf = (marks: DatedMark[]) => marks.at(-1)?.mark
const told = computed(() =>
  [
    props.marks.home.length ? `at home ${props.marks.home.map((m) => m.mark).join(', ')}` : '',
    props.marks.away.length ? `away ${props.marks.away.map((m) => m.mark).join(', ')}` : '',
  ]
    .filter(Boolean)
    .join('; '),
)
</script>

<template>
  <span v-if="all.length" class="marks">
    <svg :width="width" :height="height" role="img" :aria-label="told">
      <title>{{ told }}</title>
      <line x1="0" :x2="width" :y1="y(6)" :y2="y(6)" class="six" />
      <polyline :points="line(marks.home)" class="home" />
      <circle v-for="m in marks.home" :key="`h${m.on}`" :cx="x(m.on)" :cy="y(m.mark)" r="2.4" class="at-home">
        <title>{{ shortDay(m.on) }}: {{ m.mark }}</title>
      </circle>
      <rect
        v-for="m in marks.away"
        :key="`a${m.on}`"
        :x="x(m.on) - 2.4"
        :y="y(m.mark) - 2.4"
        width="4.8"
        height="4.8"
        class="away"
      />
    </svg>
    <span v-if="marks.home.length" class="last">{{ lastOf(marks.home) }}{{ goes(marks.homeTrend) }}</span>
    <span v-if="marks.away.length" class="last quiet"
      >▪ {{ lastOf(marks.away) }}{{ goes(marks.awayTrend) }}</span
    >
  </span>
</template>

<style scoped>
.marks {
  display: flex;
  align-items: center;
  gap: 6px;
}
@media (max-width: 620px) {
  .marks {
    flex-wrap: wrap;
    gap: 0 6px;
  }
}
.six {
  stroke: var(--line);
}
.home {
  fill: none;
  stroke: var(--walk);
  stroke-width: 1.4;
}
.at-home {
  fill: var(--walk);
}
.away {
  fill: var(--ink);
}
.last {
  min-width: 32px;
  white-space: nowrap;
}
</style>
