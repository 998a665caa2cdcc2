<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import RowsTable from '../house/RowsTable.vue'
import type { RowsColumn } from '../house/rowsTable'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { ask, client } from '../api/client'
import type { GaitTotal } from '../api/schema'
import { bearsUpon, keys, useChanged } from '../house/keys'
import GaitChip from '../house/GaitChip.vue'
import LinkButton from '../house/LinkButton.vue'
import MinutesBar from '../house/MinutesBar.vue'
import ProblemNote from '../house/ProblemNote.vue'
import ReinBalance from '../house/ReinBalance.vue'
import WhyButton from '../house/WhyButton.vue'
import { longDay, minutes, shortDay, way } from '../house/format'
import { useRides } from '../house/queries'
import { rides as mayMark } from '../house/signIn'
import { tensionWords, verdictWords } from '../house/words'
import AskedCard from './AskedCard.vue'
import PartsCard from './PartsCard.vue'
import RailCard from './RailCard.vue'
import RideLog from './RideLog.vue'
import VerdictCard from './VerdictCard.vue'

/** A ride looked back on: the verdict first, then planned beside done, left beside right. */
const props = defineProps<{ horseId: string; rideId?: string }>()
const router = useRouter()
const changed = useChanged()
const { data: rides } = useRides(() => props.horseId)
const shown = computed(() => props.rideId || rides.value?.[0]?.id)
const { data: review, error } = useQuery({
  queryKey: computed(() => keys.ofHorse(props.horseId).ride(shown.value)),
  queryFn: () =>
    ask(() =>
      client.GET('/api/horses/{horseId}/rides/{rideId}', {
        params: { path: { horseId: props.horseId, rideId: shown.value! } },
      }),
    ),
  enabled: () => Boolean(shown.value),
})

const planned = computed(() => review.value?.session?.check.totals.byGait ?? [])
const gaits = computed(() => {
  const done = review.value?.done ?? []
  const all = [...new Set([...planned.value, ...done].map((g) => g.gait))]
  const of = (list: GaitTotal[], gait: string) => list.find((g) => g.gait === gait)
  return all.map((gait) => ({ gait, planned: of(planned.value, gait), done: of(done, gait) }))
})
const longest = computed(() =>
  Math.max(
    review.value?.record.minutes ?? 0,
    planned.value.reduce((s, g) => s + g.minutes, 0),
  ),
)
const passes = computed(() => review.value?.record.passes)
const efforts = computed(() => review.value?.record.efforts)
const jumped = computed(() => (efforts.value?.left.all ?? 0) + (efforts.value?.right.all ?? 0) > 0)
const passed = computed(() => (passes.value?.left.all ?? 0) + (passes.value?.right.all ?? 0) > 0)
/** What was ridden over, by how it went and by rein. */
interface ByRein {
  how: string
  left: number
  right: number
}
const byRein = <T,>(how: string, counts: { left: T; right: T } | undefined, of: (side: T) => number) =>
  counts ? [{ how, left: of(counts.left), right: of(counts.right) }] : []
const sidesOf = (what: string): RowsColumn<ByRein>[] => [
  { key: 'how', title: what, says: (r) => r.how },
  { key: 'left', title: '◀ Left', number: true, says: (r) => r.left },
  { key: 'right', title: 'Right ▶', number: true, says: (r) => r.right },
]
const overPoles = computed(() => [
  ...byRein('Clean', passes.value, (p) => p.clean),
  ...byRein('Touched', passes.value, (p) => p.touched),
  ...byRein('Rushed', passes.value, (p) => p.rushed),
])
const overFences = computed(() => [
  ...byRein('Clear', efforts.value, (e) => e.clear),
  ...byRein('Rub or knock', efforts.value, (e) => e.rub + e.knock),
  ...byRein('Ran out, stopped', efforts.value, (e) => e.runOut + e.stop),
])
/** Parts in which a dressage test was ridden, or pieces of it. */
const tested = computed(() => (review.value?.session?.parts ?? []).filter((p) => p.testId))
const refresh = () => changed(bearsUpon.horse(props.horseId))
</script>

<template>
  <header class="page-head">
    <h1>Review</h1>
    <span v-if="review" class="quiet">{{ longDay(review.on) }}, ridden by {{ review.rider }}</span>
  </header>
  <ProblemNote v-if="error" :problem="error" />
  <p v-if="rides?.length === 0" class="card">
    No ride written down yet. After the first one the advice stands here.
  </p>

  <div v-if="rides?.length" class="columns">
    <div v-if="review" class="stack">
      <VerdictCard :horse-id="horseId" :review="review" @answered="refresh" />
      <p v-for="p in tested" :key="p.what" class="card row spread py-10px px-16px">
        <span>{{ p.what }}</span>
        <LinkButton
          v-if="mayMark()"
          :to="{
            name: 'test',
            params: { horseId, testId: p.testId! },
            query: { mark: '1', session: review.session!.id, pieces: p.testPieces?.join(',') || undefined },
          }"
          >Mark it, movement by movement</LinkButton
        >
      </p>

      <section v-if="review.habits.length" class="card habits">
        <h2>Lately, again and again</h2>
        <p v-for="h in review.habits" :key="h.rule">
          {{ h.says }} <span class="quiet">{{ h.mend }}</span> <WhyButton :why="h.why" of="this" />
        </p>
      </section>

      <div class="two">
        <section class="card">
          <h2>Planned and done</h2>
          <dl class="grid grid-cols-[66px_minmax(0,1fr)] gap-6px items-center my-10px mx-0">
            <template v-if="review.session">
              <dt class="text-0.87rem text-quiet">Planned</dt>
              <dd><MinutesBar :parts="planned" :scale="longest" /></dd>
            </template>
            <dt class="text-0.87rem text-quiet">Done</dt>
            <dd><MinutesBar :parts="review.done" :scale="longest" /></dd>
          </dl>
          <RowsTable
            :rows="gaits"
            :columns="[
              { key: 'gait' },
              {
                key: 'planned',
                title: 'Planned',
                number: true,
                says: (g) => (g.planned ? minutes(g.planned.minutes) : '–'),
              },
              {
                key: 'done',
                title: 'Done',
                number: true,
                says: (g) => (g.done ? minutes(g.done.minutes) : '–'),
              },
              {
                key: 'way',
                title: 'Metres done',
                number: true,
                says: (g) => (g.done?.way ? way(g.done.way) : '–'),
              },
            ]"
          >
            <template #gait="{ row }"><GaitChip :gait="row.gait" word /></template>
          </RowsTable>
          <p v-if="review.record.transitions.length" class="small quiet">
            Transitions:
            {{ review.record.transitions.map((t) => `${t.from} to ${t.to} ${t.count}`).join(', ') }}
          </p>
        </section>

        <section class="card stack gap-12px">
          <h2>Left and right</h2>
          <div>
            <h3>Minutes</h3>
            <ReinBalance :left="review.minutesByRein.left" :right="review.minutesByRein.right" unit="min" />
          </div>
          <div v-if="review.record.marks.left !== null && review.record.marks.right !== null">
            <h3>Mark</h3>
            <ReinBalance :left="review.record.marks.left" :right="review.record.marks.right" :most="10" />
            <p v-if="review.marksAsymmetry !== null" class="small quiet">
              {{ Math.abs(review.marksAsymmetry).toFixed(0) }} %
              {{
                review.marksAsymmetry === 0
                  ? 'apart: even'
                  : review.marksAsymmetry > 0
                    ? 'better to the right'
                    : 'better to the left'
              }}
            </p>
          </div>
          <RowsTable v-if="passed" class="small" :rows="overPoles" :columns="sidesOf('Passes over poles')" />
          <RowsTable v-if="jumped" class="small" :rows="overFences" :columns="sidesOf('Fences')" />
        </section>
      </div>

      <AskedCard :horse-id="horseId" :review="review" />
      <PartsCard v-if="review.parts.some((p) => p.done)" :review="review" />
      <RailCard v-if="review.record.rail.stretches.length || review.photos.length" :review="review">
        <img
          v-for="p in review.photos"
          :key="p"
          class="max-w-260px rounded-8px"
          :src="`/api/horses/${horseId}/rides/${review.id}/photos/${p}`"
          alt="Picture of the ride"
        />
      </RailCard>

      <section class="card flex flex-wrap gap-y-6px gap-x-26px">
        <p v-if="review.record.tensionPeak !== null">
          <span class="quiet">Tension</span> {{ tensionWords[review.record.tensionPeak] }}
        </p>
        <p v-if="review.record.closingTestPassed !== null">
          <span class="quiet">Closing test</span>
          {{ review.record.closingTestPassed ? 'passed' : 'not passed' }}
        </p>
        <p v-if="review.record.load !== null">
          <span class="quiet">Load</span> {{ Math.round(review.record.load) }} (exertion
          {{ review.record.exertion }} x {{ minutes(review.record.minutes) }})
        </p>
        <p v-if="review.heat">
          <span class="quiet">Weather</span> {{ review.record.weather!.temperatureC }} °C,
          {{ review.record.weather!.humidityPercent }} %: {{ review.heat.says }}
        </p>
        <p v-for="n in review.record.notes" :key="n" class="basis-full italic">“{{ n }}”</p>
      </section>
      <RideLog :horse-id="horseId" :review="review" @changed="refresh" />
    </div>

    <aside class="card rides">
      <h2>Rides</h2>
      <ol class="my-8px mx-0 max-h-560px overflow-y-auto">
        <li v-for="r in rides" :key="r.id" :class="{ here: r.id === shown }">
          <Button
            type="text"
            block
            @click="router.push({ name: 'review', params: { horseId, rideId: r.id } })"
          >
            <span>{{ shortDay(r.on) }}</span>
            <span class="small quiet">{{ verdictWords[r.word] }}</span>
            <span class="small [grid-column:2] [grid-row:1]"
              >{{ r.marks.left ?? '–' }} | {{ r.marks.right ?? '–' }}</span
            >
          </Button>
        </li>
      </ol>
      <p class="small quiet">marks: left | right</p>
    </aside>
  </div>
</template>

<style scoped>
.columns {
  --beside: 208px;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 14px;
}
.rides .ant-btn {
  display: grid;
  grid-template-columns: 1fr auto;
  height: auto;
  padding: 7px 8px;
  font-weight: inherit;
  text-align: left;
}
.rides .here .ant-btn {
  background: var(--straw-pale);
  font-weight: 600;
}
@media (max-width: 1080px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
