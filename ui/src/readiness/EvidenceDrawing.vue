<script setup lang="ts">
import { computed } from 'vue'
import dayjs from 'dayjs'
import type { EvidenceDot } from '../api/schema'
import { shortDay } from '../house/format'

/** One demand along the weeks: what was ridden of it as dots, the day it is, the days of the run-in, the day itself. */
const props = defineProps<{
  from: string
  lately: string
  today: string
  runIn: string
  on: string
  dots?: readonly EvidenceDot[]
  /** The weeks are named instead of anything shown. */
  head?: boolean
}>()
const days = (to: string) => dayjs(to).diff(dayjs(props.from), 'day')
const whole = computed(() => days(props.on) + 3)
const at = (day: string) => (100 * (days(day) + 0.5)) / whole.value
const mondays = computed(() => {
  const first = dayjs(props.from).add((8 - dayjs(props.from).day()) % 7, 'day')
  const every = Math.ceil(whole.value / 7 / 9)
  return Array.from(
    { length: Math.ceil((whole.value - first.diff(dayjs(props.from), 'day')) / 7) },
    (_, i) => ({
      day: first.add(i * 7, 'day').format('YYYY-MM-DD'),
      named: i % every === 0 && i * 7 < whole.value - 21,
    }),
  )
})

/** Several askings of a day stand over one another, at most four: what is more says no more. */
const most = 4
/** About the middle of the row. */
const up = (p: { nth: number; of: number }) => `translate(0 ${(p.nth - (p.of - 1) / 2) * 7})`
const placed = computed(() => {
  const dots = props.dots ?? []
  const counts = new Map<string, number>()
  for (const dot of dots) counts.set(dot.on, (counts.get(dot.on) ?? 0) + 1)
  const above = new Map<string, number>()
  return dots.flatMap((dot) => {
    const key = dot.on
    const nth = above.get(key) ?? 0
    above.set(key, nth + 1)
    return nth < most ? [{ dot, nth, of: Math.min(most, counts.get(key)!) }] : []
  })
})
const says = computed(() => {
  const dots = props.dots ?? []
  return dots.length === 0
    ? 'nothing shown in twelve weeks'
    : `${dots.filter((d) => d.good).length} good of ${dots.length} in twelve weeks, the latest ${shortDay(dots[dots.length - 1]!.on)}`
})
</script>

<template>
  <svg
    class="evidence"
    :class="{ head }"
    :role="head ? 'presentation' : 'img'"
    :aria-label="head ? undefined : says"
  >
    <rect class="lately" :x="`${at(lately)}%`" y="0" :width="`${at(today) - at(lately)}%`" height="100%" />
    <rect
      v-if="runIn > today"
      class="run-in"
      :x="`${at(runIn)}%`"
      y="0"
      :width="`${at(on) - at(runIn)}%`"
      height="100%"
    />
    <template v-for="m in mondays" :key="m.day">
      <line class="week" :x1="`${at(m.day)}%`" :x2="`${at(m.day)}%`" y1="0" y2="100%" />
      <text v-if="head && m.named" class="named" :x="`${at(m.day)}%`" y="12">
        {{ dayjs(m.day).format('D MMM') }}
      </text>
    </template>
    <line class="today" :x1="`${at(today)}%`" :x2="`${at(today)}%`" y1="0" y2="100%" />
    <line class="on" :x1="`${at(on)}%`" :x2="`${at(on)}%`" y1="0" y2="100%" />
    <template v-if="head">
      <text class="marked" :x="`${at(today)}%`" y="26">today</text>
      <text class="marked end" :x="`${at(on)}%`" y="26">the day</text>
    </template>
    <template v-for="(p, i) in placed" :key="i">
      <rect
        v-if="p.dot.away"
        class="dot"
        :class="{ good: p.dot.good }"
        :x="`${at(p.dot.on)}%`"
        y="50%"
        width="6"
        height="6"
        :transform="`translate(-3 -3) ${up(p)}`"
      />
      <circle
        v-else
        class="dot"
        :class="{ good: p.dot.good }"
        :cx="`${at(p.dot.on)}%`"
        cy="50%"
        :transform="up(p)"
        r="2.9"
      />
    </template>
  </svg>
</template>

<style scoped>
/* As tall as its row, however many lines the demand's name takes: the lines of the days run through. */
.evidence {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
.head {
  position: static;
  display: block;
  height: 30px;
  overflow: visible;
}
.lately {
  fill: var(--straw-pale);
}
.run-in {
  fill: var(--phase-run-in);
}
.week {
  stroke: var(--line);
  stroke-width: 0.5;
}
.today {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.on {
  stroke: var(--grave);
  stroke-width: 2.5;
}
.dot {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 1.2;
}
.dot.good {
  fill: var(--walk);
  stroke: var(--walk);
}
text {
  font-size: 11px;
  fill: var(--quiet);
}
.named {
  transform: translateX(3px);
}
.marked {
  text-anchor: middle;
  font-weight: 700;
  fill: var(--ink);
}
.end {
  text-anchor: end;
  transform: translateX(8px);
}
@media print {
  .named {
    font-size: 9px;
  }
}
@media screen and (max-width: 700px) {
  .named {
    display: none;
  }
  /* Where the weeks are narrow the two words would stand on one another. */
  .end {
    transform: translate(8px, -13px);
  }
}
</style>
