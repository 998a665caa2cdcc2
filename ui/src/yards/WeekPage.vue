<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import dayjs from 'dayjs'
import { computed, ref } from 'vue'
import { ask, client } from '../api/client'
import type { SharedSession, WeekShared } from '../api/schema'
import WorkingNote from '../blocks/WorkingNote.vue'
import { bearsUpon, useChanged } from '../house/keys'
import LoadingLines from '../house/LoadingLines.vue'
import GaitChip from '../house/GaitChip.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { initials, longDay, shortDay } from '../house/format'
import { useWeek } from '../house/queries'
import { signedIn, trains } from '../house/signIn'
import { done } from '../house/undo'
import { kindGaits, kindWords } from '../house/words'
import DayOrder from './DayOrder.vue'
import RosterForm from './RosterForm.vue'

/** The yard's week: horses by days, who rides what, and what does not fit. */
const props = defineProps<{ monday?: string }>()
const today = computed(() => signedIn.value?.today ?? dayjs().format('YYYY-MM-DD'))
const monday = computed(
  () =>
    props.monday ||
    dayjs(today.value)
      .subtract((dayjs(today.value).day() + 6) % 7, 'day')
      .format('YYYY-MM-DD'),
)
const { data: week, error } = useWeek(() => monday.value)
const changed = useChanged()
const { problem, busy, attempt } = useProblem()
const shared = ref<WeekShared | null>(null)
const roster = ref(false)
let stop = new AbortController()

const days = computed(() =>
  Array.from({ length: 7 }, (_, i) => dayjs(monday.value).add(i, 'day').format('YYYY-MM-DD')),
)
const sessions = computed(() => shared.value?.week.sessions ?? week.value?.sessions ?? [])
const shortages = computed(() => shared.value?.week.shortages ?? week.value?.shortages ?? [])
const at = (horseId: string, day: string) =>
  sessions.value.filter((s) => s.horseId === horseId && s.session.on === day)
const fixed = (horseId: string, day: string) =>
  (week.value?.horses.find((h) => h.id === horseId)?.competitions ?? []).filter((c) => c.on === day)
const rider = (id: string | null | undefined) => week.value?.riders.find((r) => r.id === id)?.name
const name = (horseId: string) => week.value?.horses.find((h) => h.id === horseId)?.name ?? ''
const ridden = (id: string) => week.value?.states.find((s) => s.id === id)?.rideId
const missed = (s: SharedSession) => s.session.on < today.value && !ridden(s.session.id)
const inWork = computed(() =>
  (week.value?.horses ?? []).filter(
    (h) => h.blockId || sessions.value.some((s) => s.horseId === h.id) || h.competitions.length,
  ),
)
const minutesOf = (riderId: string, day: string) =>
  sessions.value
    .filter((s) => s.session.riderId === riderId && s.session.on === day)
    .reduce((sum, s) => sum + s.session.minutes.total, 0)
const weekday = (day: string) => dayjs(day).format('dddd').toLowerCase()
const there = (riderId: string, day: string) =>
  week.value?.roster.riders.find((r) => r.personId === riderId)?.days.some((d) => d === weekday(day))
const shown = ref<string>('')
const day = computed(() =>
  days.value.includes(shown.value)
    ? shown.value
    : days.value.includes(today.value)
      ? today.value
      : days.value[0]!,
)

async function share() {
  stop = new AbortController()
  shared.value =
    (await attempt(() =>
      ask(() => client.POST('/api/week/share', { body: { monday: monday.value }, signal: stop.signal })),
    )) ?? null
}

async function keep() {
  // What is kept is what was seen: where it would come out otherwise by now, it is shown anew.
  const seen = shared.value!.week.sessions.map(({ horseId, session }) => ({
    horseId,
    sessionId: session.id,
    on: session.on,
    riderId: session.riderId,
  }))
  const kept = await attempt(() =>
    ask(() => client.POST('/api/week/keep', { body: { monday: monday.value, seen } })),
  )
  if (!kept) {
    if (problem.value?.status === 409) shared.value = problem.value.current as WeekShared
    return
  }
  shared.value = null
  await changed(bearsUpon.week)
  done('The week is shared out. Each horse keeps the version before it.')
}
const print = () => window.print()
</script>

<template>
  <main id="main" class="week-page max-w-1320px mx-auto pt-22px px-20px pb-70px">
    <header class="page-head">
      <h1>Week of {{ dayjs(monday).format('D MMMM') }}</h1>
      <nav class="row small no-print" aria-label="Weeks">
        <RouterLink
          :to="{ name: 'week', params: { monday: dayjs(monday).subtract(7, 'day').format('YYYY-MM-DD') } }"
          >Week before</RouterLink
        >
        <RouterLink :to="{ name: 'week' }">This week</RouterLink>
        <RouterLink
          :to="{ name: 'week', params: { monday: dayjs(monday).add(7, 'day').format('YYYY-MM-DD') } }"
          >Week after</RouterLink
        >
      </nav>
      <div class="actions no-print">
        <Button @click="print">Print</Button>
        <template v-if="trains()">
          <Button :aria-expanded="roster" @click="roster = !roster"> Who is there </Button>
          <Button type="primary" :disabled="busy" @click="share"> Share the week out </Button>
        </template>
      </div>
    </header>
    <ProblemNote v-if="error || problem" :problem="error ?? problem" />
    <WorkingNote v-if="busy" says="Sharing the week out" @cancel="stop.abort()" />
    <RosterForm v-if="roster" class="apart no-print" @close="roster = false" />
    <section
      v-if="shared"
      class="card no-print mt-12px grid gap-8px mb-12px b-ink"
      aria-label="The week shared out"
    >
      <div class="row spread">
        <h2>
          {{
            shared.moves.length === 0
              ? 'Every session keeps its day'
              : `${shared.moves.length} ${shared.moves.length === 1 ? 'session moves' : 'sessions move'}`
          }}
        </h2>
        <span class="small quiet">{{
          shared.week.solved.optimal
            ? 'nothing shares out better'
            : shared.week.solved.cancelled
              ? 'ended early: not the best there is'
              : 'the best found in its time'
        }}</span>
      </div>
      <ul v-if="shared.moves.length">
        <li v-for="m in shared.moves" :key="m.sessionId">
          {{ name(m.horseId) }}: {{ m.what }} from {{ shortDay(m.from) }} to {{ shortDay(m.to) }}
        </li>
      </ul>
      <div class="row">
        <Button type="primary" :disabled="busy" @click="keep">Keep it</Button>
        <Button type="link" @click="shared = null">Leave it as it was</Button>
      </div>
    </section>
    <ul v-if="shortages.length" class="shortages grid gap-4px mb-12px" role="status">
      <li
        v-for="c in shortages"
        :key="c.says"
        class="py-6px px-12px edge-l-5px-grave rounded-6px bg-long text-on-grave-pale"
      >
        <strong v-if="c.on">{{ shortDay(c.on) }}</strong> {{ c.says }}
      </li>
    </ul>
    <p v-if="week && inWork.length === 0" class="card">
      No horse has a block yet. Plan one on the Season page of a horse, and its week stands here.
    </p>
    <div v-if="week && inWork.length" class="scroll">
      <table class="wall">
        <thead>
          <tr>
            <th scope="col">Horse</th>
            <th v-for="d in days" :key="d" scope="col" :class="{ today: d === today }">{{ shortDay(d) }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="h in inWork" :key="h.id">
            <th scope="row">
              <RouterLink :to="{ name: 'season', params: { horseId: h.id } }">{{ h.name }}</RouterLink>
              <span v-if="h.heldBecause" class="small ml-6px text-grave">held</span>
            </th>
            <td
              v-for="d in days"
              :key="d"
              :class="{ today: d === today, empty: !at(h.id, d).length && !fixed(h.id, d).length }"
            >
              <strong v-for="c in fixed(h.id, d)" :key="c.what" class="fixture small">★ {{ c.what }}</strong>
              <div
                v-for="s in at(h.id, d)"
                :key="s.session.id"
                class="cell flex gap-7px"
                :class="{
                  past: ridden(s.session.id) || missed(s),
                  moved: s.wasOn !== s.session.on,
                }"
              >
                <GaitChip :gait="kindGaits[s.session.kind]" />
                <span class="grid leading-[1.25] min-w-0">
                  <strong>{{ kindWords[s.session.kind] }}</strong>
                  <span class="small quiet">
                    {{ ridden(s.session.id) ? '✓' : missed(s) ? 'not ridden,' : '' }}
                    {{ s.session.minutes.total }} min<template v-if="rider(s.session.riderId)">
                      ·
                      <abbr :title="rider(s.session.riderId)" class="no-underline">{{
                        initials(rider(s.session.riderId)!)
                      }}</abbr></template
                    ><template v-if="s.wasOn !== s.session.on">
                      · was {{ dayjs(s.wasOn).format('ddd') }}</template
                    >
                  </span>
                </span>
              </div>
            </td>
          </tr>
        </tbody>
        <tfoot>
          <tr v-for="r in week.riders" :key="r.id">
            <th scope="row" class="small">
              {{ r.name }} <span class="quiet">({{ initials(r.name) }})</span>
            </th>
            <td v-for="d in days" :key="d" class="small" :class="{ today: d === today }">
              <template v-if="!there(r.id, d)"><span class="quiet">not there</span></template>
              <template v-else-if="minutesOf(r.id, d)">{{ minutesOf(r.id, d) }} min</template>
              <span v-else class="quiet">–</span>
            </td>
          </tr>
          <tr>
            <th scope="row" class="small">Helper, arena</th>
            <td v-for="d in days" :key="d" class="small" :class="{ today: d === today }">
              {{ week.roster.helperDays.some((x) => x === weekday(d)) ? 'helper' : '' }}
              {{ week.roster.arenaDays.some((x) => x === weekday(d)) ? 'arena' : 'no arena' }}
            </td>
          </tr>
        </tfoot>
      </table>
    </div>
    <DayOrder
      v-if="week && inWork.length"
      class="apart"
      :day="day"
      :days="days"
      :sessions="sessions.filter((s) => s.session.on === day)"
      :name="name"
      :rider="rider"
      @pick="(d) => (shown = d)"
    />
    <p class="small quiet no-print">
      {{ longDay(today) }} is today. A horse keeps the hard rules of its block whatever the week asks.
    </p>
    <LoadingLines />
  </main>
</template>

<style scoped>
.apart {
  margin: 14px 0;
}
.wall {
  min-width: 900px;
  table-layout: fixed;
}
.wall th:first-child {
  width: 118px;
}
tbody th a {
  font-size: 1rem;
  font-weight: 700;
  color: var(--ink);
  text-decoration: none;
}
.wall td,
.wall thead th {
  padding: 7px 8px;
  border-left: 1px solid var(--bank);
  vertical-align: top;
}
.wall tbody td {
  background: var(--card);
}
.wall tbody td.empty {
  background: repeating-linear-gradient(-45deg, var(--bank) 0 7px, var(--page) 7px 14px);
}
.wall .today {
  box-shadow: inset 3px 0 0 var(--straw);
}
.past strong {
  font-weight: 400;
  color: var(--quiet);
}
.moved {
  background: var(--straw-pale);
}
.fixture {
  display: block;
}
/* Seven days and no sideways scrolling on a tablet held upright. */
@media screen and (max-width: 900px) {
  .wall {
    min-width: 740px;
  }
  .wall th:first-child {
    width: 92px;
  }
  .cell {
    flex-direction: column;
    gap: 2px;
  }
}
@media print {
  .week-page {
    page: wall;
    padding: 0;
  }
  .wall {
    min-width: 0;
    font-size: 10px;
  }
}
</style>
