<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { ask, client } from '../api/client'
import { figures } from '../api/figures'
import type { AttemptDot, AttemptsOver, Repeat, RepeatKind } from '../api/schema'
import LinkButton from '../house/LinkButton.vue'
import ProblemNote from '../house/ProblemNote.vue'
import RowsTable from '../house/RowsTable.vue'
import { shortDay } from '../house/format'
import { keys } from '../house/keys'
import {
  answeredWords,
  arenaPlaceWords,
  causeWords,
  movementWords,
  questionWayWords,
  questionWords,
  takeOffWords,
  travelWords,
} from '../house/words'
import HorseOnPaper from './HorseOnPaper.vue'

/** What repeats with a horse, and what it does every time: for the trainer, and printed for whoever looks at it. */
const props = defineProps<{ horseId: string }>()
const { data: page, error } = useQuery({
  queryKey: computed(() => keys.ofHorse(props.horseId).repeats),
  queryFn: () =>
    ask(() => client.GET('/api/horses/{horseId}/repeats', { params: { path: { horseId: props.horseId } } })),
})
const groups: { title: string; kinds: RepeatKind[] }[] = [
  { title: 'Legs and elements', kinds: ['leg', 'element'] },
  { title: 'Side of the horse', kinds: ['side'] },
  { title: 'Rein ridden', kinds: ['rein'] },
  { title: 'Place and minute', kinds: ['place', 'minute'] },
  { title: 'Signs and askings', kinds: ['sign'] },
  { title: 'Fences, questions, distances', kinds: ['fence', 'question', 'cause'] },
]
const shown = computed(() =>
  groups
    .map((g) => ({ ...g, rows: (page.value?.repeats ?? []).filter((r) => g.kinds.includes(r.kind)) }))
    .filter((g) => g.rows.length > 0),
)
const trendWords = { tooFewDays: '', steady: 'steady', less: 'less and less', more: 'more and more' }
const about = (r: Repeat) =>
  [
    r.onFirstRein !== null && `${r.onFirstRein} of them as the first rein`,
    r.onlyWith.length > 0 && `only with ${r.onlyWith.join(', ')}`,
    r.in.length > 0 && `in ${r.in.slice(0, 3).join('; ')}`,
  ]
    .filter(Boolean)
    .join(' · ')
/** Lead, leg or rein, as Core has it of each movement. */
const sideOf = (m: AttemptsOver) =>
  m.side && m.side !== 'both'
    ? `, ${m.side} ${figures.movements.find((told) => told.movement === m.movement)!.on}`
    : ''
const called = (m: AttemptsOver) =>
  `${movementWords[m.movement]}${m.every ? `, every ${m.every}` : ''}${sideOf(m)}`
/** What else is known of it. */
const besides = (m: AttemptsOver) =>
  [
    m.inTest && `as in the test ${m.inTest.good} of ${m.inTest.attempts}`,
    m.places > 0 && `good at ${m.places} ${m.places === 1 ? 'place' : 'places'}`,
    m.anticipated.length > 0 &&
      `anticipated ${m.anticipated.map((p) => arenaPlaceWords[p].toLowerCase()).join(', ')}: ask it elsewhere`,
  ]
    .filter(Boolean)
    .join('; ')
const dotSays = (d: AttemptDot) =>
  [
    `${shortDay(d.on)}: ${answeredWords[d.answered].toLowerCase()}`,
    d.where && arenaPlaceWords[d.where].toLowerCase(),
    d.inTest && 'as in the test',
  ]
    .filter(Boolean)
    .join(', ')
const per = (rate: number) => `${Math.round(rate * 100)}`
const print = () => window.print()
</script>

<template>
  <ProblemNote v-if="error" :problem="error" />
  <template v-if="page">
    <HorseOnPaper :horse-id="horseId" />
    <header class="page-head">
      <h1>What repeats</h1>
      <span class="quiet"
        >{{ page.rides }} rides, {{ shortDay(page.from) }} to {{ shortDay(page.until) }}; twice on different
        days, or more</span
      >
      <div class="actions no-print">
        <LinkButton :to="{ name: 'passport', params: { horseId } }">Passport</LinkButton>
        <Button type="primary" @click="print">Print</Button>
      </div>
    </header>
    <div class="stack">
      <section v-if="page.hind" class="card stack hind">
        <p class="text-1.4rem font-bold">
          The {{ page.hind.hind }} hind shows in {{ page.hind.in.length }} exercises
        </p>
        <p>{{ page.hind.in.map((i) => i.says).join('; ') }}.</p>
        <p class="quiet">
          Three or more are one finding: a vet or a physiotherapist looks at it, and collected work and fences
          are easy till then.
        </p>
      </section>
      <section v-if="page.movements.length" class="card stack" aria-label="Every time">
        <div class="row spread">
          <h2>What it does every time</h2>
          <span class="small quiet">the last ten askings; confirmed is nine of ten alone</span>
        </div>
        <ul class="grid gap-8px">
          <li v-for="m in page.movements" :key="called(m)" class="asked">
            <span class="font-semibold">{{ called(m) }}</span>
            <span class="dots">
              <RouterLink
                v-for="(d, i) in m.last"
                :key="i"
                class="dot"
                :class="[d.good ? 'good' : d.answered, { test: d.inTest }]"
                :to="{ name: 'review', params: { horseId, rideId: d.rideId } }"
                :title="dotSays(d)"
                :aria-label="dotSays(d)"
              />
            </span>
            <span v-if="m.training" class="small">
              <strong v-if="m.confirmed">confirmed</strong>
              {{ m.training.good }} of {{ m.training.attempts }}
              <span class="quiet">({{ per(m.training.lowest) }}–{{ per(m.training.highest) }} %)</span>
            </span>
            <span v-else class="small quiet">in the test only</span>
            <span class="small quiet">{{ besides(m) }}</span>
          </li>
        </ul>
      </section>
      <section v-for="g in shown" :key="g.title" class="card stack">
        <h2>{{ g.title }}</h2>
        <RowsTable
          :rows="g.rows"
          :columns="[
            { key: 'what', title: 'What' },
            { key: 'times', title: 'Times', number: true, says: (r) => r.times },
            { key: 'days', title: 'Days' },
            { key: 'trend', title: 'Trend', says: (r) => trendWords[r.trend] },
          ]"
        >
          <template #what="{ row }">
            <strong class="first-up">{{ row.what }}</strong>
            <span v-if="about(row)" class="small quiet block">{{ about(row) }}</span>
          </template>
          <template #days="{ row }">
            <RouterLink
              v-for="(ride, i) in row.rides.slice(-6)"
              :key="ride"
              class="underline whitespace-nowrap mr-6px"
              :to="{ name: 'review', params: { horseId, rideId: ride } }"
              >{{ shortDay(row.days[Math.max(0, row.days.length - 6) + i] ?? row.days.at(-1)!) }}</RouterLink
            >
          </template>
        </RowsTable>
      </section>
      <section v-if="page.riders.length" class="card stack">
        <h2>What made the distances, by rider</h2>
        <ul class="grid gap-4px">
          <li v-for="d in page.riders" :key="`${d.rider} ${d.takeOff} ${d.cause}`">
            <strong>{{ d.rider }}</strong>: {{ causeWords[d.cause].toLowerCase() }}, {{ d.times }} of
            {{ d.of }} {{ takeOffWords[d.takeOff].toLowerCase() }} ones
          </li>
        </ul>
        <p class="small quiet">
          Seen by that rider and the trainer only; the horse is not marked down for it.
        </p>
      </section>
      <section v-if="page.questions.length" class="card stack">
        <h2>Questions across country</h2>
        <RowsTable
          :rows="page.questions"
          :columns="[
            {
              key: 'question',
              title: 'Question',
              says: (q) => `${questionWords[q.question]}, ${questionWayWords[q.way].toLowerCase()}`,
            },
            { key: 'easy', title: 'Easy', number: true, says: (q) => `${q.easy} of ${q.goes}` },
            {
              key: 'understood',
              title: 'Understood',
              says: (q) => q.understoodOn.map(shortDay).join(', ') || 'not yet',
            },
          ]"
        />
      </section>
      <section v-if="Object.keys(page.travels).length" class="card">
        <h2>Between fences across country</h2>
        <p>
          {{
            Object.entries(page.travels)
              .map(([how, n]) => `${travelWords[how as keyof typeof travelWords].toLowerCase()} ${n}`)
              .join(', ')
          }}
        </p>
      </section>
      <p v-if="!shown.length && !page.movements.length" class="card quiet">
        Nothing yet is the same on two days. What is tapped at the rail is looked through here.
      </p>
      <p class="small quiet">
        Counted from what was tapped; it diagnoses nothing. A horse that is off stops work and goes to a vet.
      </p>
    </div>
  </template>
</template>

<style scoped>
.hind {
  border-left: 6px solid var(--grave);
}
.asked {
  display: grid;
  grid-template-columns: minmax(150px, 0.9fr) 190px 150px minmax(0, 1.4fr);
  gap: 4px 14px;
  align-items: center;
}
.dots {
  display: flex;
  gap: 4px;
}
.dot {
  width: 15px;
  height: 15px;
  border: 2px solid var(--ink);
  border-radius: 50%;
}
.dot.good {
  background: var(--ink);
}
.dot.reminded,
.dot.alone {
  background: linear-gradient(90deg, var(--ink) 50%, transparent 50%);
}
.dot.not {
  border-color: var(--grave);
}
.dot.test {
  border-radius: 3px;
}
.first-up::first-letter {
  text-transform: uppercase;
}
.first-up {
  display: inline-block;
}
@media (max-width: 800px) {
  .asked {
    grid-template-columns: 1fr;
  }
}
</style>
