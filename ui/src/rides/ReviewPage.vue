<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { ask, client } from '../api/client'
import type { GaitTotal } from '../api/schema'
import { bearsUpon, keys, useChanged } from '../house/keys'
import GaitChip from '../house/GaitChip.vue'
import MinutesBar from '../house/MinutesBar.vue'
import ProblemNote from '../house/ProblemNote.vue'
import ReinBalance from '../house/ReinBalance.vue'
import WhyButton from '../house/WhyButton.vue'
import { longDay, minutes, shortDay, way } from '../house/format'
import { useRides } from '../house/queries'
import { tensionWords, verdictWords } from '../house/words'
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

      <section v-if="review.habits.length" class="card habits">
        <h2>Lately, again and again</h2>
        <p v-for="h in review.habits" :key="h.rule">
          {{ h.says }} <span class="quiet">{{ h.mend }}</span> <WhyButton :why="h.why" of="this" />
        </p>
      </section>

      <div class="two">
        <section class="card">
          <h2>Planned and done</h2>
          <dl class="bars">
            <template v-if="review.session">
              <dt>Planned</dt>
              <dd><MinutesBar :parts="planned" :scale="longest" /></dd>
            </template>
            <dt>Done</dt>
            <dd><MinutesBar :parts="review.done" :scale="longest" /></dd>
          </dl>
          <table>
            <thead>
              <tr>
                <th></th>
                <th class="number">Planned</th>
                <th class="number">Done</th>
                <th class="number">Metres done</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="g in gaits" :key="g.gait">
                <td><GaitChip :gait="g.gait" word /></td>
                <td class="number">{{ g.planned ? minutes(g.planned.minutes) : '–' }}</td>
                <td class="number">{{ g.done ? minutes(g.done.minutes) : '–' }}</td>
                <td class="number">{{ g.done && g.done.way > 0 ? way(g.done.way) : '–' }}</td>
              </tr>
            </tbody>
          </table>
          <p v-if="review.record.transitions.length" class="small quiet">
            Transitions:
            {{ review.record.transitions.map((t) => `${t.from} to ${t.to} ${t.count}`).join(', ') }}
          </p>
        </section>

        <section class="card stack sides">
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
          <table v-if="passed" class="small">
            <thead>
              <tr>
                <th>Passes over poles</th>
                <th class="number">◀ Left</th>
                <th class="number">Right ▶</th>
              </tr>
            </thead>
            <tbody>
              <tr>
                <td>Clean</td>
                <td class="number">{{ passes!.left.clean }}</td>
                <td class="number">{{ passes!.right.clean }}</td>
              </tr>
              <tr>
                <td>Touched</td>
                <td class="number">{{ passes!.left.touched }}</td>
                <td class="number">{{ passes!.right.touched }}</td>
              </tr>
              <tr>
                <td>Rushed</td>
                <td class="number">{{ passes!.left.rushed }}</td>
                <td class="number">{{ passes!.right.rushed }}</td>
              </tr>
            </tbody>
          </table>
          <table v-if="jumped" class="small">
            <thead>
              <tr>
                <th>Fences</th>
                <th class="number">◀ Left</th>
                <th class="number">Right ▶</th>
              </tr>
            </thead>
            <tbody>
              <tr>
                <td>Clear</td>
                <td class="number">{{ efforts!.left.clear }}</td>
                <td class="number">{{ efforts!.right.clear }}</td>
              </tr>
              <tr>
                <td>Rub or knock</td>
                <td class="number">{{ efforts!.left.rub + efforts!.left.knock }}</td>
                <td class="number">{{ efforts!.right.rub + efforts!.right.knock }}</td>
              </tr>
              <tr>
                <td>Ran out, stopped</td>
                <td class="number">{{ efforts!.left.runOut + efforts!.left.stop }}</td>
                <td class="number">{{ efforts!.right.runOut + efforts!.right.stop }}</td>
              </tr>
            </tbody>
          </table>
        </section>
      </div>

      <PartsCard v-if="review.parts.some((p) => p.done)" :review="review" />
      <RailCard v-if="review.record.rail.stretches.length || review.photos.length" :review="review">
        <img
          v-for="p in review.photos"
          :key="p"
          class="photo"
          :src="`/api/horses/${horseId}/rides/${review.id}/photos/${p}`"
          alt="Picture of the ride"
        />
      </RailCard>

      <section class="card facts">
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
        <p v-for="n in review.record.notes" :key="n" class="note">“{{ n }}”</p>
      </section>
      <RideLog :horse-id="horseId" :review="review" @changed="refresh" />
    </div>

    <aside class="card rides">
      <h2>Rides</h2>
      <ol>
        <li v-for="r in rides" :key="r.id" :class="{ here: r.id === shown }">
          <button type="button" @click="router.push({ name: 'review', params: { horseId, rideId: r.id } })">
            <span>{{ shortDay(r.on) }}</span>
            <span class="small quiet">{{ verdictWords[r.word] }}</span>
            <span class="small marks">{{ r.marks.left ?? '–' }} | {{ r.marks.right ?? '–' }}</span>
          </button>
        </li>
      </ol>
      <p class="small quiet">marks: left | right</p>
    </aside>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 208px;
  gap: 14px;
  align-items: start;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 14px;
}
.bars {
  display: grid;
  grid-template-columns: 66px minmax(0, 1fr);
  gap: 6px;
  align-items: center;
  margin: 10px 0;
}
.bars dt {
  font-size: 0.87rem;
  color: var(--quiet);
}
.sides {
  gap: 12px;
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 26px;
}
.photo {
  max-width: 260px;
  border-radius: 8px;
}
.note {
  flex-basis: 100%;
  font-style: italic;
}
.rides ol {
  margin: 8px 0;
  max-height: 560px;
  overflow-y: auto;
}
.rides button {
  display: grid;
  grid-template-columns: 1fr auto;
  width: 100%;
  padding: 7px 8px;
  border: 0;
  border-radius: 7px;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.rides button:hover {
  background: var(--bank);
}
.rides .here button {
  background: var(--straw-pale);
  font-weight: 600;
}
.rides .marks {
  grid-column: 2;
  grid-row: 1;
}
@media (max-width: 1080px) {
  .columns,
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
