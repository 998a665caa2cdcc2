<script setup lang="ts">
import { computed } from 'vue'
import type { Review } from '../api/schema'
import RowsTable from '../house/RowsTable.vue'
import {
  answeredWords,
  arenaPlaceWords,
  frightenedWords,
  mannerWords,
  movementWords,
  narrowWords,
  openingWords,
  questionHowWords,
  questionWayWords,
  questionWords,
  signWords,
  travelWords,
} from '../house/words'

/** What was asked and how it was answered; each sign with its side and place; questions, tests, work from the ground. */
const props = defineProps<{ horseId: string; review: Review }>()
const rail = computed(() => props.review.record.rail)
interface Row {
  what: string
  answers: string
}
const asked = computed<Row[]>(() => {
  const by = new Map<string, string[]>()
  for (const a of rail.value.attempts) {
    const what = `${movementWords[a.movement]}${a.every ? `, every ${a.every}` : ''}${a.side && a.side !== 'both' ? `, ${a.side}` : ''}`
    const how = `${a.good ? 'alone' : a.movement === 'series' ? `${a.steps} came` : answeredWords[a.answered].toLowerCase()}${a.mine ? ' (mine)' : ''}`
    by.set(what, [...(by.get(what) ?? []), how])
  }
  return [...by].map(([what, how]) => ({ what, answers: how.join(', ') }))
})
const signs = computed(() =>
  rail.value.signs.map((s) =>
    [
      signWords[s.sign],
      s.side && s.side !== 'both' && `${s.side} side`,
      s.rein && s.rein !== 'both' && `${s.rein} rein`,
      s.where && arenaPlaceWords[s.where].toLowerCase(),
      s.of && `of the ${frightenedWords[s.of].toLowerCase()}`,
      s.minute !== null && `minute ${Math.round(s.minute)}`,
      s.mine && 'the rider’s own',
      s.later && (s.askedAgain === 'alone' ? 'let pass, and came' : 'let pass, still open'),
    ]
      .filter(Boolean)
      .join(', '),
  ),
)
const others = computed(() => [
  ...rail.value.questions.map(
    (q) =>
      `${questionWords[q.question]} ${questionWayWords[q.way].toLowerCase()}: ${q.goes.map((g) => questionHowWords[g].toLowerCase()).join(', ')}${q.isUnderstood ? ' – understood' : ''}`,
  ),
  ...(Object.keys(rail.value.travels).length
    ? [
        `Between fences: ${Object.entries(rail.value.travels)
          .map(([h, n]) => `${travelWords[h as keyof typeof travelWords].toLowerCase()} ${n}`)
          .join(', ')}`,
      ]
    : []),
  ...(Object.keys(rail.value.narrow).length
    ? [
        `Narrow: ${Object.entries(rail.value.narrow)
          .map(([w, n]) => `${narrowWords[w as keyof typeof narrowWords].toLowerCase()} ${n}`)
          .join(', ')}`,
      ]
    : []),
  ...rail.value.tests.map((t) => `${openingWords[t.test]} ${t.passed ? 'Yes' : 'Not yet'}`),
  ...rail.value.manners.map((m) => `${mannerWords[m.manner]}: ${Math.round(m.minutes)} min`),
  ...(rail.value.tack
    ? [
        rail.value.tack.asLastTime
          ? 'Tack as last time'
          : `Tack looked at${rail.value.tack.hole ? `, hole ${rail.value.tack.hole}` : ''}${rail.value.tack.even === false ? ', not even' : ''}`,
      ]
    : []),
])
const any = computed(() => asked.value.length + signs.value.length + others.value.length > 0)
</script>

<template>
  <section v-if="any" class="card stack">
    <h2>Asked and seen</h2>
    <RowsTable
      v-if="asked.length"
      :rows="asked"
      :columns="[
        { key: 'what', title: 'Asked', says: (r) => r.what },
        { key: 'answers', title: 'Answered', says: (r) => r.answers },
      ]"
    />
    <ul v-if="signs.length" class="grid gap-3px">
      <li v-for="(s, i) in signs" :key="i">{{ s }}</li>
    </ul>
    <ul v-if="others.length" class="grid gap-3px">
      <li v-for="o in others" :key="o">{{ o }}</li>
    </ul>
    <p class="small">
      <RouterLink class="underline" :to="{ name: 'repeats', params: { horseId } }"
        >What repeats with this horse</RouterLink
      >
    </p>
  </section>
</template>
