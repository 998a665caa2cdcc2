<script setup lang="ts">
import LinkButton from '../house/LinkButton.vue'
import Button from 'ant-design-vue/es/button'
import { useQuery } from '@tanstack/vue-query'
import Checkbox from 'ant-design-vue/es/checkbox'
import DatePicker from 'ant-design-vue/es/date-picker'
import Input from 'ant-design-vue/es/input'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ask, client } from '../api/client'
import type {
  Manner,
  PartEntry,
  SessionEntry,
  SessionProposal,
  SessionTemplate,
  SessionView,
  Why,
} from '../api/schema'
import { bearsUpon, keys, useChanged } from '../house/keys'
import ConflictDialog from '../house/ConflictDialog.vue'
import ChipRow from '../house/ChipRow.vue'
import FieldBox from '../house/FieldBox.vue'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { usePageDraft } from '../house/drafts'
import { longDay } from '../house/format'
import { useLadders, useLibrary, useNextTime, usePassport, useSetUps, useTack } from '../house/queries'
import { mannerWords, options, strandWords } from '../house/words'
import { rides, signedIn, trains } from '../house/signIn'
import { done } from '../house/undo'
import FaultList from './FaultList.vue'
import HeatOfIt from './HeatOfIt.vue'
import AddPieces from '../dressageTests/AddPieces.vue'
import KeepAsOurs from './KeepAsOurs.vue'
import PhaseBars from './PhaseBars.vue'
import SessionCard from './SessionCard.vue'
import StartFrom from './StartFrom.vue'
import { printSheet } from '../setups/printing'
import PartRows from './PartRows.vue'
import SessionSums from './SessionSums.vue'
import { emptySession } from './emptySession'
import { useSessionCheck } from './sessionCheck'

/** One session: its parts in order, what they add up to, and what is wrong with it. */
const props = defineProps<{ horseId: string; sessionId: string }>()
const route = useRoute()
const router = useRouter()
const changed = useChanged()
const isNew = computed(() => props.sessionId === 'new')
const path = computed(() => ({ horseId: props.horseId, sessionId: props.sessionId }))
const { data: setUps } = useSetUps(() => props.horseId)
const { data: library } = useLibrary()
const { data: tack } = useTack(() => props.horseId)
const { data: places } = useLadders(() => props.horseId)

const { data: passport } = usePassport(() => props.horseId)

/** Where the horse stands on each ladder, and the rung above. */
const rungs = computed(() =>
  (places.value ?? []).flatMap((p) =>
    [p.rungId, p.nextRungId]
      .map((id) => library.value?.ladders.find((l) => l.strand === p.strand)?.rungs.find((r) => r.id === id))
      .filter((r) => r !== undefined)
      .map((r) => ({ value: r.id, label: `${strandWords[r.strand]}: ${r.name}` })),
  ),
)
const { data: kept, error } = useQuery({
  queryKey: computed(() => keys.ofHorse(props.horseId).session(props.sessionId)),
  queryFn: () =>
    ask(() => client.GET('/api/horses/{horseId}/sessions/{sessionId}', { params: { path: path.value } })),
  enabled: () => !isNew.value,
})

const { data: word } = useNextTime(() => props.horseId)
/** Until it is ridden. */
const nextTime = computed(() => (kept.value?.rideId ? null : word.value?.nextTime))

const entry = ref<SessionEntry>(
  emptySession(String(route.query.on ?? signedIn.value?.today), route.query.setUp as string | undefined),
)
const mayEdit = computed(() => trains() && !kept.value?.rideId)
const { check, mended } = useSessionCheck(
  () => props.horseId,
  () => (isNew.value ? undefined : props.sessionId),
  entry,
  () => mayEdit.value,
)

/** A rung of the library that this session was asked for. */
const focus = computed(() =>
  library.value?.ladders.flatMap((l) => l.rungs).find((r) => r.id === route.query.rung),
)
/** Why each part of a proposed session is there, and what was left out of it. */
const because = ref<Record<string, Why>>({})
const notes = ref<string[]>([])
/** Sessions of the yard's own that would do as well. */
const own = ref<SessionTemplate[]>([])

function takeProposal({ session, because: reasons, notes: said, own: ours }: SessionProposal) {
  own.value = ours
  entry.value = session
  because.value = Object.fromEntries(
    (session.parts ?? []).map((p, i) => [`${p.what} ${p.rein}`, reasons[i]!]),
  )
  notes.value = said
  done('Proposed. Change what you see otherwise, then keep it.')
}

function takeOver(session: SessionEntry) {
  entry.value = session
  because.value = {}
  notes.value = []
  own.value = []
}

/** Before the way down, as work that is added. */
function addPieces(part: PartEntry) {
  const parts = entry.value.parts ?? []
  const at = parts.findIndex((p) => p.phase === 'coolDown')
  entry.value.parts = at < 0 ? [...parts, part] : parts.toSpliced(at, 0, part)
  entry.value.emphasis ||= 'Pieces of the test'
}

/** A mend at one stroke, with the way back. */
async function mend(rule: string, nth: number, says: string) {
  const now = await attempt(() => mended(rule, nth))
  if (!now) return
  const before = entry.value
  entry.value = now
  done(`${says}: done.`, async () => {
    entry.value = before
  })
}

function keepFault(rule: string, word: string) {
  const others = (entry.value.keptFaults ?? []).filter((k) => k.rule !== rule)
  entry.value.keptFaults = word ? [...others, { rule, word }] : others
}

/** How it is worked: parts that had what the session had follow, others keep their own. */
function work(manner: Manner) {
  const was = entry.value.manner
  entry.value.parts = entry.value.parts?.map((p) => (p.manner === was ? { ...p, manner } : p))
  entry.value.manner = manner
}

/** The horse stands where its trainer says, with the word why, and the plan is asked again. */
async function placeOn(rungId: string, word: string) {
  const rung = library.value?.ladders.flatMap((l) => l.rungs).find((r) => r.id === rungId)
  const moved = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/ladders/moves', {
        params: { path: { horseId: props.horseId } },
        body: { strand: rung!.strand, rungId, word },
      }),
    ),
  )
  if (!moved) return
  await changed(bearsUpon.ladders(props.horseId), [keys.ofHorse(props.horseId).anyPlanFacts])
  entry.value = { ...entry.value }
  done(`Placed on “${rung!.name}”, with your word.`)
}

function load(from: SessionView) {
  const { on, emphasis, manner, helper, parts, notes, place, tackIds, keptFaults, startsAt } = from
  entry.value = {
    on,
    emphasis,
    manner,
    helper,
    notes,
    place,
    startsAt,
    tackIds: [...tackIds],
    keptFaults: keptFaults.map(({ rule, word }) => ({ rule, word })),
    parts: parts.map((p) => ({ ...p })),
  }
  check.value = from.check
}

const {
  problem,
  busy,
  attempt,
  keep: send,
  takeTheirs,
} = usePageDraft<SessionView>({
  kept: () => kept.value,
  load,
  send: (version) =>
    version === null
      ? ask(() =>
          client.POST('/api/horses/{horseId}/sessions', {
            params: { path: { horseId: props.horseId } },
            body: entry.value,
          }),
        )
      : ask(() =>
          client.PUT('/api/horses/{horseId}/sessions/{sessionId}', {
            params: { path: path.value },
            body: { version, entry: entry.value },
          }),
        ),
  bearsUpon: () => bearsUpon.horse(props.horseId),
})
watch(
  setUps,
  (all) => {
    const asked = entry.value.parts?.find((p) => p.setUpId && p.what === '')
    const setUp = all?.find((s) => s.id === asked?.setUpId)
    if (asked && setUp) asked.what = setUp.entry.family === 'poleLine' ? 'Poles' : setUp.measured.title
  },
  { immediate: true },
)

async function keep(version?: number) {
  const view = await send(version)
  if (!view) return
  done(`Planned for ${longDay(view.on)}.`)
  await router.push({ name: 'season', params: { horseId: props.horseId } })
}

async function remove() {
  await attempt(() =>
    ask(() => client.DELETE('/api/horses/{horseId}/sessions/{sessionId}', { params: { path: path.value } })),
  )
  if (problem.value) return
  const taken = path.value
  await changed(bearsUpon.horse(props.horseId))
  await router.push({ name: 'season', params: { horseId: props.horseId } })
  done('Session taken off.', async () => {
    await ask(() =>
      client.POST('/api/horses/{horseId}/sessions/{sessionId}/restore', { params: { path: taken } }),
    )
    await changed(bearsUpon.horse(props.horseId))
  })
}
</script>

<template>
  <header class="page-head no-print">
    <h1>{{ isNew ? 'Plan a session' : entry.emphasis }}</h1>
    <span class="quiet">{{ entry.on ? longDay(entry.on) : '' }}</span>
    <div class="actions">
      <template v-if="mayEdit">
        <Button v-if="!isNew" @click="printSheet('card')">Card</Button>
        <Button v-if="!isNew" :disabled="busy" @click="remove">Take off</Button>
        <Button :type="isNew ? 'primary' : 'default'" :disabled="busy" @click="keep()">
          {{ isNew ? 'Keep the session' : 'Keep' }}
        </Button>
      </template>
      <LinkButton
        v-if="kept?.rideId"
        type="primary"
        :to="{ name: 'review', params: { horseId, rideId: kept.rideId } }"
        >Review</LinkButton
      >
      <template v-else-if="!isNew && rides()">
        <LinkButton :to="{ name: 'ride', params: { horseId }, query: { session: sessionId } }"
          >Write up the ride</LinkButton
        >
        <LinkButton type="primary" :to="{ name: 'rail', params: { horseId, sessionId } }"
          >To the rail</LinkButton
        >
      </template>
    </div>
  </header>
  <ProblemNote v-if="error" :problem="error" />
  <ProblemNote v-if="problem && problem.status !== 409" :problem="problem" class="above" />

  <div class="stack no-print">
    <StartFrom
      v-if="isNew && mayEdit"
      :horse-id="horseId"
      :on="entry.on ?? ''"
      :tack-ids="entry.tackIds ?? []"
      :focus="focus?.strand"
      @proposed="takeProposal"
      @take="takeOver"
    />
    <section v-if="notes.length" class="card py-10px px-16px bg-straw-pale" aria-label="What was left out">
      <ul>
        <li v-for="n in notes" :key="n">{{ n }}</li>
      </ul>
    </section>
    <section v-if="own.length" class="card row py-10px px-16px" aria-label="Of ours">
      <span>Of ours, would do as well today:</span>
      <Button
        v-for="t in own"
        :key="t.id"
        size="small"
        @click="takeOver({ ...t.session, on: entry.on, helper: entry.helper })"
        >{{ t.name }}</Button
      >
    </section>
    <section v-if="nextTime" class="card next-time" aria-labelledby="next-time-head">
      <h2 id="next-time-head" class="small quiet">
        Next time, said {{ nextTime.rider }} on {{ longDay(nextTime.on) }}
      </h2>
      <p v-for="w in nextTime.words" :key="w" class="text-1.15rem font-semibold">{{ w }}</p>
    </section>
    <section class="card p-12px">
      <PhaseBars :parts="entry.parts ?? []" />
    </section>
    <div class="columns">
      <section class="card stack">
        <fieldset
          :disabled="!mayEdit"
          class="head grid grid-cols-[minmax(0,1fr)_138px_126px_126px] gap-y-10px gap-x-12px"
        >
          <FieldBox v-slot="{ id }" label="The one thing of the day" name="emphasis">
            <Input
              :id="id"
              v-model:value="entry.emphasis!"
              :disabled="!mayEdit"
              placeholder="Straight over poles"
            />
          </FieldBox>
          <FieldBox v-slot="{ id }" label="Day" name="on">
            <DatePicker
              :id="id"
              v-model:value="entry.on!"
              :disabled="!mayEdit"
              value-format="YYYY-MM-DD"
              format="D MMM YYYY"
              :allow-clear="false"
            />
          </FieldBox>
          <FieldBox v-slot="{ id }" label="Work" name="manner">
            <PickOne
              :id="id"
              :value="entry.manner!"
              :disabled="!mayEdit"
              :options="options(mannerWords)"
              @change="(m) => work(m as Manner)"
            />
          </FieldBox>
          <FieldBox v-slot="{ id }" label="Begins" name="startsAt">
            <Input
              :id="id"
              type="time"
              :value="entry.startsAt?.slice(0, 5) ?? ''"
              :disabled="!mayEdit"
              @update:value="(t: string) => (entry.startsAt = t ? `${t}:00` : null)"
            />
          </FieldBox>
          <Checkbox v-model:checked="entry.helper!" :disabled="!mayEdit" class="helper"
            >A helper on the ground</Checkbox
          >
        </fieldset>
        <PartRows
          v-model="entry.parts!"
          :set-ups="setUps ?? []"
          :rungs="rungs"
          :may-edit="mayEdit"
          :because="because"
          :horse-id="horseId"
          :manner="entry.manner ?? 'ridden'"
        />
        <div v-if="mayEdit" class="row">
          <AddPieces
            :horse-id="horseId"
            :test="isNew ? (route.query.test as string | undefined) : undefined"
            :pieces="route.query.pieces ? String(route.query.pieces).split(',').map(Number) : []"
            @add="addPieces"
          />
          <KeepAsOurs :entry="entry" />
        </div>
        <fieldset :disabled="!mayEdit" class="grid grid-cols-[190px_minmax(0,1fr)] gap-y-10px gap-x-16px">
          <FieldBox v-slot="{ id }" label="Where" name="place" hint="Empty: at home">
            <Input :id="id" v-model:value="entry.place!" :disabled="!mayEdit" />
          </FieldBox>
          <FieldBox v-if="tack?.length" label="Ridden in" name="tackIds">
            <ChipRow
              :model-value="entry.tackIds ?? []"
              label="Ridden in"
              :choices="tack.map((t) => ({ value: t.tack.id, label: t.tack.name }))"
              many
              @update:model-value="(ids) => (entry.tackIds = ids as string[])"
            />
          </FieldBox>
        </fieldset>
        <FieldBox v-slot="{ id }" label="Notes" name="notes">
          <Input.TextArea :id="id" v-model:value="entry.notes!" :disabled="!mayEdit" :rows="2" />
        </FieldBox>
      </section>
      <aside v-if="check" class="stack">
        <SessionSums :totals="check.totals" />
        <FaultList
          :faults="check.faults"
          :may-edit="mayEdit"
          @mend="mend"
          @keep="keepFault"
          @place="placeOn"
        />
        <HeatOfIt :check="check" :starts-at="entry.startsAt ?? null" />
      </aside>
    </div>
  </div>
  <SessionCard
    v-if="kept && check"
    :entry="entry"
    :totals="check.totals"
    :horse="passport?.horse.name ?? ''"
    :set-ups="setUps ?? []"
    :next-time="nextTime?.words ?? []"
  />
  <ConflictDialog
    :problem="problem"
    :mine="entry as Record<string, unknown>"
    :words="{ emphasis: 'The one thing', on: 'Day', manner: 'Work', helper: 'Helper', notes: 'Notes' }"
    @keep-mine="keep"
    @take-theirs="takeTheirs"
  />
</template>

<style scoped>
.above {
  margin-bottom: 12px;
}
.next-time {
  padding: 10px 16px;
  border-left: 5px solid var(--straw);
}
.columns {
  --beside: 270px;
}
.helper {
  grid-column: 1 / -1;
}
@media (max-width: 620px) {
  .head {
    grid-template-columns: 1fr 1fr;
  }
  .head > :first-child {
    grid-column: 1 / -1;
  }
}
</style>
