<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Checkbox from 'ant-design-vue/es/checkbox'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { ask, client } from '../api/client'
import type { LaidMovement, TestRiddenView } from '../api/schema'
import LinkButton from '../house/LinkButton.vue'
import ProblemNote from '../house/ProblemNote.vue'
import WhyButton from '../house/WhyButton.vue'
import { useTakingOff } from '../house/drafts'
import { longDay, way } from '../house/format'
import { bearsUpon } from '../house/keys'
import { useTestOfHorse } from '../house/queries'
import { rides, trains } from '../house/signIn'
import HorseOnPaper from '../horses/HorseOnPaper.vue'
import MarksChart from './MarksChart.vue'
import MarksForm from './MarksForm.vue'
import TestDrawing from './TestDrawing.vue'

/** A test as this horse rides it: its way, what follows on what too quickly, how its marks go, and pieces for a session. */
const props = defineProps<{ horseId: string; testId: string }>()
const route = useRoute()
const { data: page, error } = useTestOfHorse(
  () => props.horseId,
  () => props.testId,
)
const takeOff = useTakingOff(() => bearsUpon.horse(props.horseId))
const picked = ref<number[]>([])
const looked = ref<number | null>(null)
const marking = ref<TestRiddenView | 'new' | null>(route.query.mark || route.query.on ? 'new' : null)
const print = () => window.print()

const movements = computed(() => page.value?.laid.movements ?? [])
const chosen = computed(() =>
  movements.value
    .filter((m) => m.movement.number === looked.value || picked.value.includes(m.movement.number))
    .flatMap((m) => m.movement.lines),
)
const remarksOf = (movement: number) => page.value?.laid.remarks.filter((r) => r.movement === movement) ?? []
const tooQuick = computed(() => page.value?.laid.remarks.filter((r) => !r.rungId) ?? [])
const wordsOf = (movement: number) =>
  movements.value.find((m) => m.movement.number === movement)?.movement.words
const marksOf = (movement: number) => page.value?.marks.find((m) => m.movement === movement)
const clock = (seconds: number) =>
  `${Math.floor(Math.round(seconds) / 60)}:${String(Math.round(seconds) % 60).padStart(2, '0')}`
/** Way, strides and time where there is no room for a column of each. */
const inWords = (m: LaidMovement) =>
  [
    m.way ? `${Math.round(m.way)} m` : '',
    m.strides >= 0.5 ? `${Math.round(m.strides)} strides` : '',
    `${Math.round(m.seconds)} s`,
  ]
    .filter(Boolean)
    .join(', ')
const pick = (movement: number, on: boolean) =>
  (picked.value = on ? [...picked.value, movement] : picked.value.filter((n) => n !== movement))
const last = computed(() => (page.value?.ridden ?? []).filter((r) => r.whole)[0])

const remove = (r: TestRiddenView) => {
  const path = { horseId: props.horseId, testId: props.testId, riddenId: r.id }
  void takeOff(
    `Marks of ${longDay(r.ridden.on)} taken off.`,
    () =>
      ask(() =>
        client.DELETE('/api/horses/{horseId}/dressage-tests/{testId}/ridden/{riddenId}', {
          params: { path },
        }),
      ),
    () =>
      ask(() =>
        client.POST('/api/horses/{horseId}/dressage-tests/{testId}/ridden/{riddenId}/restore', {
          params: { path },
        }),
      ),
  )
}
</script>

<template>
  <ProblemNote v-if="error" :problem="error" />
  <template v-if="page">
    <HorseOnPaper :horse-id="horseId" />
    <header class="page-head">
      <h1>{{ page.test.entry.name }}</h1>
      <span class="quiet"
        >{{ page.test.entry.level }} · {{ page.test.drawn.arena.length }} x
        {{ page.test.drawn.arena.width }}</span
      >
      <div class="actions no-print">
        <LinkButton :to="{ name: 'tests', params: { horseId } }">All tests</LinkButton>
        <Button @click="print">Print</Button>
        <template v-if="trains()">
          <LinkButton v-if="!page.test.ships" :to="{ name: 'test-edit', params: { horseId, testId } }"
            >Edit</LinkButton
          >
          <LinkButton
            v-else
            :to="{ name: 'test-edit', params: { horseId, testId: 'new' }, query: { copy: testId } }"
            >Make a copy</LinkButton
          >
        </template>
        <Button v-if="rides()" @click="marking = marking ? null : 'new'">Enter marks</Button>
      </div>
    </header>
    <MarksForm
      v-if="marking"
      :key="marking === 'new' ? 'new' : marking.id"
      class="mb-16px no-print"
      :horse-id="horseId"
      :page="page"
      :ridden="marking === 'new' ? null : marking"
      :session-id="(route.query.session as string) ?? null"
      :only="route.query.pieces ? String(route.query.pieces).split(',').map(Number) : []"
      :away-on="(route.query.on as string) ?? null"
      @done="marking = null"
    />
    <div class="columns">
      <section class="card" aria-labelledby="movements">
        <h2 id="movements">Movement by movement</h2>
        <table @mouseleave="looked = null">
          <thead>
            <tr>
              <th scope="col" class="no number">No.</th>
              <th scope="col">What is asked</th>
              <th scope="col" class="number small-col">Way</th>
              <th scope="col" class="number small-col">Strides</th>
              <th scope="col" class="number small-col">Time</th>
              <th scope="col" class="marks">Marks: home, away</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="m in movements"
              :key="m.movement.number"
              :class="{ picked: picked.includes(m.movement.number) }"
              @mouseenter="looked = m.movement.number"
            >
              <td class="number no">
                <Checkbox
                  v-if="trains()"
                  :checked="picked.includes(m.movement.number)"
                  :aria-label="`Piece ${m.movement.number}: ${m.movement.words}`"
                  @change="(e) => pick(m.movement.number, e.target.checked)"
                  @focus="looked = m.movement.number"
                  ><strong>{{ m.movement.number }}</strong></Checkbox
                >
                <strong v-else>{{ m.movement.number }}</strong>
              </td>
              <td>
                {{ m.movement.words }}
                <strong v-if="m.movement.coefficient > 1" class="whitespace-nowrap"
                  >x {{ m.movement.coefficient }}</strong
                >
                <span class="narrow small quiet">{{ inWords(m) }}</span>
                <span
                  v-for="r in remarksOf(m.movement.number).filter((x) => x.rungId)"
                  :key="r.rule"
                  class="small lacks"
                  >not there yet:
                  <RouterLink
                    :to="{
                      name: 'rung',
                      params: { horseId, strand: r.rungId!.split('/')[0], rung: r.rungId!.split('/')[1] },
                    }"
                    >its rung</RouterLink
                  ><WhyButton :why="r.why" of="it is not there yet"
                /></span>
              </td>
              <td class="number small-col">{{ m.way ? `${Math.round(m.way)} m` : '–' }}</td>
              <td class="number small-col">{{ m.strides >= 0.5 ? Math.round(m.strides) : '–' }}</td>
              <td class="number small-col">{{ Math.round(m.seconds) }} s</td>
              <td class="marks">
                <MarksChart v-if="marksOf(m.movement.number)" :marks="marksOf(m.movement.number)!" />
              </td>
            </tr>
          </tbody>
        </table>
      </section>
      <aside class="beside stack">
        <section class="card stack gap-10px" aria-label="The way">
          <p class="row figures">
            <span
              ><strong class="big">{{ clock(page.laid.seconds) }}</strong> min
              <WhyButton :why="page.laid.why" of="this time"
            /></span>
            <span
              ><strong class="big">{{ way(page.laid.way) }}</strong></span
            >
            <span v-if="last?.percent"
              ><strong class="big">{{ last.percent.toFixed(1) }} %</strong> last, on
              {{ longDay(last.ridden.on) }}{{ last.ridden.away ? ', away' : '' }}</span
            >
          </p>
          <TestDrawing
            :arena="page.test.drawn.arena"
            :ways="page.laid.lines.map((l) => l.path)"
            :gaits="page.laid.lines.map((l) => l.line.gait)"
            :chosen="chosen"
            :title="`The way of ${page.test.entry.name}`"
          />
          <p class="small quiet key">
            <span class="walk">walk</span> <span class="trot">trot</span> <span class="canter">canter</span>
            <span v-if="chosen.length" class="no-print">from dot to arrow</span>
            <span v-else class="no-print">point at a movement to see where it lies</span>
          </p>
        </section>
        <section class="card stack gap-8px" aria-labelledby="quick">
          <h2 id="quick">Too quick for it</h2>
          <p v-if="tooQuick.length === 0" class="quiet">
            Nothing follows on anything too quickly for this horse.
          </p>
          <div v-for="r in tooQuick" :key="`${r.rule}${r.movement}`">
            <p>
              <strong>{{ r.movement }}</strong> {{ r.says }} <WhyButton :why="r.why" of="this remark" />
            </p>
            <p class="small quiet">{{ r.mend }}</p>
          </div>
        </section>
        <section v-if="trains()" class="card stack gap-8px no-print" aria-labelledby="pieces">
          <h2 id="pieces">In pieces</h2>
          <template v-if="page.toSchool.length">
            <p>Worth schooling now:</p>
            <ul class="grid gap-4px">
              <li v-for="p in page.toSchool" :key="p.movement">
                <strong>{{ p.movement }}</strong> {{ wordsOf(p.movement) }}
                <span class="small quiet">{{
                  p.tooQuick ? 'too quick for it' : 'under its usual mark'
                }}</span>
                <WhyButton :why="p.why" :of="`movement ${p.movement}`" />
              </li>
            </ul>
            <Button size="small" @click="picked = page.toSchool.map((p) => p.movement)">Tick these</Button>
          </template>
          <p v-if="picked.length === 0" class="quiet">
            Tick the movements you want to school. They come in another order than the test's.
          </p>
          <template v-else>
            <p>
              {{ picked.length === 1 ? 'Movement' : 'Movements' }}
              <strong>{{ picked.toSorted((a, b) => a - b).join(', ') }}</strong>
            </p>
            <LinkButton
              type="primary"
              :to="{
                name: 'session',
                params: { horseId, sessionId: 'new' },
                query: { test: testId, pieces: picked.join(',') },
              }"
              >Plan a session with them</LinkButton
            >
          </template>
          <LinkButton
            size="small"
            :to="{ name: 'session', params: { horseId, sessionId: 'new' }, query: { test: testId } }"
            >Or the whole of it</LinkButton
          >
          <p class="small quiet">The whole at most once a week, and not the last thing before the day.</p>
        </section>
      </aside>
    </div>
    <section v-if="page.ridden.length" class="card mt-16px" aria-labelledby="ridden">
      <h2 id="ridden">As it was ridden</h2>
      <ul class="ridden">
        <li v-for="r in page.ridden" :key="r.id" class="row">
          <strong>{{ longDay(r.ridden.on) }}</strong>
          <span>{{ r.ridden.away ? 'away' : 'at home' }}</span>
          <span>{{ r.percent?.toFixed(3) }} %</span>
          <span class="quiet">{{
            [r.whole ? 'all of it' : `${r.ridden.marks.length} movements`, r.ridden.by]
              .filter(Boolean)
              .join(', ')
          }}</span>
          <template v-if="rides()">
            <Button
              type="link"
              size="small"
              :aria-label="`Edit the marks of ${longDay(r.ridden.on)}`"
              @click="marking = r"
              >Edit</Button
            >
            <Button
              type="link"
              size="small"
              :aria-label="`Take the marks of ${longDay(r.ridden.on)} off`"
              @click="remove(r)"
              >Take off</Button
            >
          </template>
        </li>
      </ul>
    </section>
  </template>
</template>

<style scoped>
.columns {
  --beside: 384px;
}
.big {
  font-size: 1.7rem;
  line-height: 1.1;
}
.figures {
  gap: 6px 26px;
}
.key span {
  margin-right: 12px;
}
.key .walk,
.key .trot,
.key .canter {
  padding-left: 20px;
  background: linear-gradient(var(--line-of), var(--line-of)) 0 55% / 14px 3px no-repeat;
}
.key .walk {
  --line-of: var(--walk);
}
.key .trot {
  --line-of: var(--trot);
}
.key .canter {
  --line-of: var(--canter);
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  padding: 4px 5px;
  color: var(--quiet);
  font-size: 0.87rem;
  text-align: left;
}
td {
  padding: 5px;
  border-top: 1px solid var(--line);
}
tr:hover td,
tr.picked td {
  background: var(--straw-pale);
}
.number {
  text-align: right;
  white-space: nowrap;
}
.no {
  width: 56px;
  text-align: left;
}
.small-col {
  width: 48px;
}
.marks {
  width: 152px;
}
.narrow {
  display: none;
}
.beside {
  position: sticky;
  top: 12px;
}
.lacks {
  display: block;
  color: var(--on-tight);
}
.ridden li {
  padding: 3px 0;
}
@media print {
  td :deep(.ant-checkbox),
  .ant-btn-link {
    display: none;
  }
  .key .walk {
    background-image: repeating-linear-gradient(90deg, var(--ink) 0 4px, transparent 4px 7px);
  }
  .key .trot {
    --line-of: var(--ink);
    background-size: 14px 1px;
  }
}
@media (max-width: 1000px) {
  .beside {
    position: static;
    order: -1;
  }
}
@media (max-width: 620px) {
  .small-col {
    display: none;
  }
  .narrow {
    display: block;
  }
  .marks {
    width: 92px;
  }
}
</style>
