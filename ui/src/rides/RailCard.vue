<script setup lang="ts">
import dayjs from 'dayjs'
import { computed } from 'vue'
import type { Review } from '../api/schema'
import { minutes } from '../house/format'
import { causeWords, fallerWords, gaitTints, gaitWords, legWords } from '../house/words'

/** The ride as it went by, and what only the rail could tell. */
const props = defineProps<{ review: Review }>()
const rail = computed(() => props.review.record.rail)
const time = (at: string) => dayjs(at).format('H:mm')
const began = computed(() => (rail.value.began ? Date.parse(rail.value.began) : 0))
const ended = computed(() => Math.max(...rail.value.stretches.map((s) => Date.parse(s.to)), began.value + 1))
const share = (from: string, to: string) =>
  `${((Date.parse(to) - Date.parse(from)) / (ended.value - began.value)) * 100}%`
const at = (from: string) => `${((Date.parse(from) - began.value) / (ended.value - began.value)) * 100}%`
const changes = computed(() => rail.value.changes)
const told = computed(() => rail.value.jumps)
/** Each line of what was seen, left out where nothing was. */
const lines = computed(() => {
  const r = rail.value
  const legs = Object.entries(r.touchedLegs)
  const causes = Object.entries(told.value.causes)
  return [
    ...r.riders
      .filter((x) => r.riders.length > 1 || x.rider)
      .map((x) => `${x.rider ?? props.review.rider} rode ${minutes(x.minutes)}`),
    ...r.interruptions.map(
      (i) =>
        `Stopped at ${time(i.from)}${i.to ? ` for ${minutes((Date.parse(i.to) - Date.parse(i.from)) / 60_000)}` : ''}${i.because ? `: ${i.because.toLowerCase()}` : ''}`,
    ),
    ...r.leftOpen.map(
      (l) =>
        `Left open from ${time(l.lastTap)}: nothing after it counts. If it was ridden, write the minutes up.`,
    ),
    ...r.clockNotes.map((n) => `${time(n.at)}: ${n.says}`),
    changes.value.left.all + changes.value.right.all &&
      `Changes: to the left ${changes.value.left.clean} of ${changes.value.left.all} clean, to the right ${changes.value.right.clean} of ${changes.value.right.all}`,
    ...r.lines.map(
      (l) =>
        `${l.metres} m ridden in ${l.times.map((t) => `${t.strides} (${t.times} ×)`).join(', ')}${l.planned === null ? '' : `; ${l.planned} planned, met ${l.met} times${l.mostFrequentMiss === null ? '' : `, most often missed with ${l.mostFrequentMiss}`}`}`,
    ),
    r.yields.left.asked + r.yields.right.asked &&
      `Steps sideways: from the left leg ${r.yields.left.given} of ${r.yields.left.asked}, from the right ${r.yields.right.given} of ${r.yields.right.asked}`,
    told.value.close + told.value.good + told.value.long &&
      `Took off close ${told.value.close}, good ${told.value.good}, long ${told.value.long}`,
    told.value.landedLeft + told.value.landedRight &&
      `Landed left ${told.value.landedLeft}, right ${told.value.landedRight}${told.value.changedBeforeTurn ? `, changed before the turn ${told.value.changedBeforeTurn}` : ''}`,
    causes.length &&
      `Causes: ${causes.map(([c, n]) => `${causeWords[c as keyof typeof causeWords].toLowerCase()} ${n}`).join(', ')}`,
    ...r.falls.map(
      (f) => `A fall: ${fallerWords[f.who].toLowerCase()}${f.head ? ', with a knock to the head' : ''}`,
    ),
    legs.length &&
      `Touches by leg: ${legs.map(([l, n]) => `${legWords[l as keyof typeof legWords].toLowerCase()} ${n}`).join(', ')}`,
    r.adviceTaken.length + r.adviceLeft.length &&
      `Advice at the rail: taken ${r.adviceTaken.length}, left ${r.adviceLeft.length}`,
    ...r.next.map((n) => `Next time: “${n}”`),
  ].filter((line): line is string => Boolean(line))
})
</script>

<template>
  <section class="card stack">
    <h2>
      At the rail
      <span v-if="rail.began" class="quiet"
        >{{ time(rail.began) }}{{ rail.ended ? ` to ${time(rail.ended)}` : ', not finished' }}</span
      >
    </h2>
    <div
      class="relative h-34px rounded-6px bg-bank overflow-hidden"
      role="img"
      :aria-label="
        rail.stretches.map((s) => `${gaitWords[s.gait]} ${Math.round(s.minutes)} minutes`).join(', ')
      "
    >
      <span
        v-for="(s, i) in rail.stretches"
        :key="i"
        class="absolute inset-y-0 left-0 pt-7px pl-4px overflow-hidden whitespace-nowrap text-0.8rem font-bold edge-r-card"
        :class="gaitTints[s.gait]"
        :style="{ left: at(s.from), width: share(s.from, s.to) }"
        :title="`${time(s.from)} ${gaitWords[s.gait]}`"
        >{{ s.minutes > 2 ? gaitWords[s.gait][0] : ''
        }}{{ s.rein === 'left' ? ' ◀' : s.rein === 'right' ? ' ▶' : '' }}</span
      >
    </div>
    <ul class="grid gap-3px">
      <li v-for="l in lines" :key="l">{{ l }}</li>
    </ul>
    <div v-if="review.photos.length" class="row">
      <slot />
    </div>
  </section>
</template>
