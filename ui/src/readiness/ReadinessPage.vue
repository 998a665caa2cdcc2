<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { computed, ref } from 'vue'
import type { DemandInTime } from '../api/schema'
import LinkButton from '../house/LinkButton.vue'
import ProblemNote from '../house/ProblemNote.vue'
import WhyButton from '../house/WhyButton.vue'
import { inDays, longDay, shortDay } from '../house/format'
import { useDressageTests, useReadiness } from '../house/queries'
import { trains } from '../house/signIn'
import { eventPhaseWords, howFarWords, inTimeWords, reinWords } from '../house/words'
import HorseOnPaper from '../horses/HorseOnPaper.vue'
import DemandsEditor from './DemandsEditor.vue'
import EvidenceDrawing from './EvidenceDrawing.vue'
import MovesCard from './MovesCard.vue'
import TimeWord from './TimeWord.vue'
import { askedByTest } from './askedByTest'

/** What an aim asks, what was shown of it, and whether there is time: demands down, weeks along. */
const props = defineProps<{ horseId: string; aimId: string }>()
const { data: page, error } = useReadiness(
  () => props.horseId,
  () => props.aimId,
)
const { data: tests } = useDressageTests()
const test = computed(() => tests.value?.find((t) => t.id === page.value?.aim.testId))
const last = computed(() => page.value?.demands.find((d) => d.readiness.howFar !== 'met'))
const counts = computed(() =>
  (['met', 'nearly', 'notBegun'] as const)
    .map((word) => ({ word, n: page.value?.demands.filter((d) => d.readiness.howFar === word).length ?? 0 }))
    .filter((c) => c.n > 0)
    .map((c) => `${c.n} ${howFarWords[c.word].toLowerCase()}`)
    .join(' · '),
)
const along = computed(() => ({
  from: page.value!.from,
  lately: page.value!.latelyFrom,
  today: page.value!.today,
  runIn: page.value!.runInFrom,
  on: page.value!.aim.on,
}))
const opened = ref<string | null>(null)
const editing = ref(false)
const print = () => window.print()

const sessions = (d: DemandInTime) =>
  d.readiness.howFar === 'met' ? '' : d.needs === null ? `? of ${d.left}` : `${d.needs} of ${d.left}`

/** Rides behind a demand, the latest first, each once. */
const ridesOf = (d: DemandInTime) => {
  const days = new Map<string, { rideId: string | null; on: string; says: string[] }>()
  for (const dot of d.readiness.dots.toReversed()) {
    const key = dot.rideId ?? dot.on
    const side = dot.side ? `${reinWords[dot.side].toLowerCase()} ` : ''
    const ride = days.get(key) ?? { rideId: dot.rideId, on: dot.on, says: [] }
    ride.says.push(`${side}${dot.says}`)
    days.set(key, ride)
  }
  return [...days.values()]
}
const told = (says: string[]) =>
  [...new Set(says)]
    .map((s) => [s, says.filter((x) => x === s).length] as const)
    .map(([s, n]) => (n > 1 ? `${s} ${n} times` : s))
    .join(', ')
</script>

<template>
  <ProblemNote v-if="error" :problem="error" />
  <template v-if="page">
    <HorseOnPaper :horse-id="horseId" />
    <header class="page-head">
      <h1>{{ page.aim.name }}</h1>
      <span class="quiet"
        >{{ longDay(page.aim.on) }}, {{ inDays(page.aim.daysLeft) }} · {{ page.aim.level }},
        {{ page.aim.scheme
        }}<template v-if="page.level?.phases.length">
          · {{ page.level.phases.map((p) => eventPhaseWords[p]).join(', then ') }}</template
        ><template v-if="test">
          · test:
          <RouterLink :to="{ name: 'test', params: { horseId, testId: test.id } }">{{
            test.name
          }}</RouterLink></template
        ></span
      >
      <div class="actions no-print">
        <LinkButton :to="{ name: 'aims', params: { horseId } }">All aims</LinkButton>
        <Button @click="print">Print</Button>
        <Button v-if="trains()" @click="editing = !editing">{{
          editing ? 'Leave it' : 'Change what it asks'
        }}</Button>
      </div>
    </header>
    <DemandsEditor v-if="editing" :horse-id="horseId" :page="page" @done="editing = false" />
    <div class="top">
      <section class="card verdict" aria-labelledby="in-time">
        <h2 id="in-time" class="word" :class="page.time">
          {{ page.demands.length ? inTimeWords[page.time] : 'Nothing is asked yet' }}
        </h2>
        <p v-if="last">
          Last is <strong>{{ last.readiness.demand.name }}</strong>:
          <template v-if="last.needs === null">how long it takes cannot be told.</template>
          <template v-else
            >it needs {{ last.needs }} {{ last.needs === 1 ? 'session' : 'sessions' }}, and
            {{ last.left === 0 ? 'there are none' : `there are ${last.left}` }} before the run-in.</template
          >
          <WhyButton :why="last.why" of="so many sessions" />
        </p>
        <p v-else-if="page.demands.length">All it asks was shown in the last four weeks. Keep it so.</p>
        <p v-else>
          Its level is of your own making: say what it asks, and every ride from then on is read for it.
        </p>
        <p v-if="page.demands.length" class="small quiet">
          {{ counts }} · {{ page.weeksLeft }} {{ page.weeksLeft === 1 ? 'week' : 'weeks' }} before the run-in
        </p>
      </section>
      <MovesCard
        v-if="trains() && (page.moves.length || page.mayPlan)"
        class="no-print"
        :horse-id="horseId"
        :page="page"
      />
    </div>
    <section v-if="page.demands.length" class="card mt-16px" aria-labelledby="demands">
      <div class="row spread">
        <h2 id="demands">What it asks, and what was shown of it</h2>
        <p class="small quiet key">
          <svg width="12" height="12" aria-hidden="true"><circle cx="6" cy="6" r="3.4" class="good" /></svg>
          as asked
          <svg width="12" height="12" aria-hidden="true"><circle cx="6" cy="6" r="3.2" class="not" /></svg>
          not yet
          <svg width="12" height="12" aria-hidden="true">
            <rect x="3" y="3" width="6" height="6" class="good" />
          </svg>
          away
        </p>
      </div>
      <table>
        <thead>
          <tr>
            <th scope="col" class="name">Demand</th>
            <th scope="col" class="drawn"><EvidenceDrawing v-bind="along" head /></th>
            <th scope="col" class="far">Shown</th>
            <th scope="col" class="needs number" title="needed, of those there are before the run-in">
              Sessions
            </th>
            <th scope="col" class="when">Time</th>
          </tr>
        </thead>
        <tbody>
          <template v-for="d in page.demands" :key="d.readiness.demand.id">
            <tr :class="{ last: d === last }">
              <th scope="row" class="name">
                <button
                  type="button"
                  class="opens"
                  :aria-expanded="opened === d.readiness.demand.id"
                  @click="opened = opened === d.readiness.demand.id ? null : d.readiness.demand.id"
                >
                  {{ d.readiness.demand.name }}
                </button>
                <span class="small quiet missing">{{
                  [askedByTest(page, d.readiness.demand.id), d.readiness.missing].filter(Boolean).join('; ')
                }}</span>
              </th>
              <td class="drawn"><EvidenceDrawing v-bind="along" :dots="d.readiness.dots" /></td>
              <td class="far">
                <span class="shown" :class="d.readiness.howFar">{{ howFarWords[d.readiness.howFar] }}</span>
              </td>
              <td class="needs number">{{ sessions(d) }}</td>
              <td class="when">
                <TimeWord v-if="d.readiness.howFar !== 'met'" class="small" :time="d.time" />
              </td>
            </tr>
            <tr v-if="opened === d.readiness.demand.id" class="behind">
              <td colspan="5">
                <p>
                  {{ howFarWords[d.readiness.howFar] }}<WhyButton :why="d.readiness.why" of="that far" />
                  <template v-if="d.readiness.howFar !== 'met'"
                    >· {{ sessions(d) }} sessions <WhyButton :why="d.why" of="so many sessions"
                  /></template>
                </p>
                <ul v-if="d.readiness.dots.length" class="rides">
                  <li v-for="ride in ridesOf(d)" :key="ride.rideId ?? ride.on">
                    <RouterLink
                      v-if="ride.rideId"
                      :to="{ name: 'review', params: { horseId, rideId: ride.rideId } }"
                      >{{ shortDay(ride.on) }}</RouterLink><template v-else>{{ shortDay(ride.on) }}</template
                    ><span class="quiet">, {{ told(ride.says) }}</span>
                  </li>
                </ul>
                <p v-else class="quiet">No ride of the last twelve weeks tells of it.</p>
              </td>
            </tr>
          </template>
        </tbody>
      </table>
      <p class="small quiet mt-10px">
        Straw: the last four weeks, in which evidence counts in full. Lilac: the run-in, in which nothing new
        is built.
        <template v-if="page.level">What the level asks: {{ page.level.source.says }}.</template>
        Read the rules of the competition.
      </p>
    </section>
  </template>
</template>

<style scoped>
.top {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 16px;
}
.top > :only-child {
  grid-column: 1 / -1;
}
.word {
  font-size: 2.2rem;
  line-height: 1.15;
}
.word.notInTime {
  color: var(--grave);
}
.word.inTime {
  color: var(--on-true);
}
.word.tight {
  color: var(--on-tight);
}
.key {
  display: flex;
  align-items: center;
  gap: 4px;
}
.key svg {
  margin-left: 8px;
}
.good {
  fill: var(--walk);
}
.not {
  fill: var(--card);
  stroke: var(--ink);
}
table {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
}
th,
td {
  padding: 0;
  border: 0;
  text-align: left;
}
th {
  color: var(--ink);
  font-size: 1rem;
  font-weight: 600;
}
thead th {
  color: var(--quiet);
  font-size: 0.87rem;
  vertical-align: bottom;
  padding-bottom: 4px;
}
thead th.drawn {
  padding: 0;
}
tbody tr {
  border-top: 1px solid var(--line);
}
tbody tr.last {
  background: var(--straw-pale);
}
td.drawn {
  position: relative;
  height: 48px;
}
th.name {
  width: 290px;
  padding: 5px 14px 5px 8px;
  line-height: 1.3;
}
.far {
  width: 92px;
  padding-left: 14px;
}
.needs {
  width: 90px;
  text-align: right;
}
.when {
  width: 126px;
  padding-left: 14px;
}
.missing {
  display: block;
  font-weight: 400;
}
.opens {
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.opens:hover {
  text-decoration: underline;
}
.shown.met {
  color: var(--on-true);
  font-weight: 700;
}
.shown.notBegun {
  color: var(--quiet);
}
.behind td {
  padding: 8px 0 12px 12px;
  border-left: 3px solid var(--straw);
}
.rides {
  columns: 2;
}
@media screen and (max-width: 900px) {
  .top {
    grid-template-columns: minmax(0, 1fr);
  }
  th.name {
    width: 42%;
  }
  .needs,
  .when {
    display: none;
  }
}
/* The owner reads the sessions too: a sheet of paper has room for them beside shorter weeks. */
@media print {
  .top {
    display: block;
  }
  th.name {
    width: 205px;
  }
  .far {
    width: 78px;
  }
  .needs {
    width: 64px;
  }
  .when {
    width: 108px;
  }
}
</style>
