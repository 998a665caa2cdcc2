<script setup lang="ts">
import LinkButton from '../house/LinkButton.vue'
import Button from 'ant-design-vue/es/button'
import { useQuery } from '@tanstack/vue-query'
import Input from 'ant-design-vue/es/input'
import { computed, onBeforeUnmount, onMounted, provide, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { ask, client, Problem } from '../api/client'
import { newest } from '../api/newest'
import { beginCore, coreState, measureHere, mirrorHere } from '../device/core'
import type { CourseFenceEntry, LengthUnit, MeasuredSetUp, SetUpEntry, SetUpView } from '../api/schema'
import { bearsUpon, keys } from '../house/keys'
import ConflictDialog from '../house/ConflictDialog.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { usePageDraft } from '../house/drafts'
import { useCarried, usePassport, useSetUps } from '../house/queries'
import { isAway, signedIn, trains } from '../house/signIn'
import { useSettled } from '../house/settled'
import { done } from '../house/undo'
import ArenaDrawing from './ArenaDrawing.vue'
import BendCard from './BendCard.vue'
import BuildCard from './BuildCard.vue'
import CourseCard from './course/CourseCard.vue'
import CourseRows from './course/CourseRows.vue'
import { isCourse } from './course/course'
import CountsCard from './CountsCard.vue'
import ElementRows from './ElementRows.vue'
import FigureCard from './FigureCard.vue'
import NarrowCard from './NarrowCard.vue'
import SetUpControls from './SetUpControls.vue'
import SetUpDrawing from './SetUpDrawing.vue'
import SideView from './SideView.vue'
import StagesCard from './StagesCard.vue'
import TapeSheet from './TapeSheet.vue'
import VersionsCard from './VersionsCard.vue'
import WhyCard from './WhyCard.vue'
import WhoCanRideCard from './WhoCanRideCard.vue'
import { useHistory } from './history'
import { measuredNow } from './measuredNow'
import { moved, placed, reading, tapeStep } from './moving'
import { printSheet } from './printing'
import { isLine, newPoleLine } from './setUpEntries'

/** One set-up, measured for this horse: what to build, where it stands, how it suits. */
const props = defineProps<{ horseId: string; setUpId: string }>()
const router = useRouter()
const { data: passport } = usePassport(() => props.horseId)
const { data: setUps, error } = useSetUps(() => props.horseId)
const path = computed(() => ({ horseId: props.horseId, setUpId: props.setUpId }))

const kept = computed(() => setUps.value?.find((s) => s.id === props.setUpId))
const {
  now: entry,
  edited,
  change,
  begin,
  undo,
  redo,
  canUndo,
  canRedo,
} = useHistory<SetUpEntry>(newPoleLine())
const name = ref('')
const measured = shallowRef<MeasuredSetUp | null>(null)
provide(measuredNow, measured)
/** What is read beneath the drawing follows at rest: a step of a drag is drawn and its distances told, and no more. */
const settled = useSettled(() => measured.value, 120)
const shown = computed(() => settled.value ?? measured.value!)
const unit = ref<LengthUnit>(signedIn.value?.me?.unit ?? 'metres')
const isChanged = computed(
  () =>
    !kept.value ||
    JSON.stringify(entry.value) !== JSON.stringify(kept.value.entry) ||
    name.value !== kept.value.name,
)

function load(from: SetUpView) {
  begin({ ...from.entry })
  name.value = from.name
  measured.value = from.measured
}

const {
  problem,
  busy,
  attempt,
  keep: send,
  takeTheirs,
} = usePageDraft<SetUpView>({
  kept: () => kept.value,
  load,
  send: (version) => {
    const body = { name: name.value.trim() || measured.value?.title || '', entry: entry.value }
    return version === null
      ? ask(() =>
          client.POST('/api/horses/{horseId}/set-ups', {
            params: { path: { horseId: props.horseId } },
            body,
          }),
        )
      : ask(() =>
          client.PUT('/api/horses/{horseId}/set-ups/{setUpId}', {
            params: { path: path.value },
            body: { version, entry: body },
          }),
        )
  },
  bearsUpon: () => bearsUpon.setUps(props.horseId),
})

const { data: carried } = useCarried(() => props.horseId)
beginCore()
/** Measured on this device where Core stands, so that a drag keeps up with the hand; by the server until then. */
const measure = newest(
  async (body: SetUpEntry, signal) =>
    (carried.value && (await measureHere(carried.value, body))) ??
    (await ask(() =>
      client.POST('/api/horses/{horseId}/set-ups/measure', {
        params: { path: { horseId: props.horseId } },
        body,
        signal,
      }),
    )),
  (answer) => {
    measured.value = answer
    problem.value = null
  },
  (e) => {
    if (e instanceof Problem) problem.value = e
  },
)
watch(entry, (now) => measure(now), { immediate: true })
// Without a signal it is measured once Core stands.
watch([carried, coreState], () => {
  if (isAway(problem.value)) measure(entry.value)
})
/** Code that has not run yet is slow: what a drag will ask is asked before the hand is there, and each answer lets others in between. */
const runIn = 80
watch(
  [carried, coreState],
  async ([horse, state]) => {
    for (let i = 0; horse && state === 'stands' && i < runIn; i++)
      await measureHere(horse, entry.value).catch(() => null)
  },
  { immediate: true },
)

async function keep(asNew: boolean, version?: number) {
  const view = await (asNew ? send(null) : send(version))
  if (!view) return
  done(`${view.name} is kept.`)
  if (view.id !== props.setUpId)
    await router.replace({ name: 'set-up', params: { horseId: props.horseId, setUpId: view.id } })
}

/** While steps follow one another, fields and rows stay as they were: they follow the hand once it rests, or takes hold of them. */
const stepping = shallowRef<SetUpEntry | null>(null)
watch(
  useSettled(() => entry.value, 120),
  () => (stepping.value = null),
)
const typed = computed({
  get: () => stepping.value ?? edited.value,
  set(to: SetUpEntry) {
    edited.value = to
  },
})
/** What was taken hold of, as it stood then: a drag is one change, however long. */
let held: { entry: SetUpEntry; measured: MeasuredSetUp } | null = null
const step = computed(() => tapeStep(unit.value, signedIn.value?.me?.paceMetres))
function drag(element: number, metres: number) {
  if (!held && measured.value) {
    held = { entry: entry.value, measured: measured.value }
    change(entry.value)
  }
  if (!held) return
  stepping.value ??= entry.value
  entry.value = moved(held.entry, held.measured, element, metres, step.value)
}
function drop() {
  held = null
  heldFence = null
}
/** A fence of a course, dragged over the ground: it snaps to half metres. */
let heldFence: SetUpEntry | null = null
const half = (metres: number) => Math.round(metres * 2) / 2
function withFence(of: SetUpEntry, fence: number, change: (f: CourseFenceEntry) => CourseFenceEntry) {
  if (!isCourse(of)) return of
  return { ...of, fences: of.fences!.map((f, i) => (i === fence ? change(f!) : f)) }
}
const shifted = (along: number, across: number) => (f: CourseFenceEntry) => ({
  ...f,
  alongMetres: Math.max(0, Math.min(measured.value!.arena.length, half(f.alongMetres! + along))),
  acrossMetres: Math.max(0, Math.min(measured.value!.arena.width, half(f.acrossMetres! + across))),
})
function dragFence(fence: number, along: number, across: number) {
  if (!heldFence) {
    heldFence = entry.value
    change(entry.value)
  }
  stepping.value ??= entry.value
  entry.value = withFence(heldFence, fence, shifted(along, across))
}
function nudgeFence(fence: number, along: number, across: number) {
  stepping.value ??= entry.value
  change(withFence(entry.value, fence, shifted(along, across)))
}
const turnFence = (fence: number, degrees: number) =>
  change(
    withFence(entry.value, fence, (f) => ({ ...f, facesDegrees: (f.facesDegrees! + degrees + 360) % 360 })),
  )
function nudge(element: number, steps: number) {
  if (!measured.value) return
  stepping.value ??= entry.value
  change(moved(entry.value, measured.value, element, steps * step.value, step.value))
}
function undoByKeys(event: KeyboardEvent) {
  const typing = (event.target as HTMLElement).closest('input, textarea, select')
  if (typing || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return
  event.preventDefault()
  if (event.shiftKey) redo()
  else undo()
}
onMounted(() => addEventListener('keydown', undoByKeys))
onBeforeUnmount(() => removeEventListener('keydown', undoByKeys))

/** The set-up as a whole, dragged in the arena: it snaps to the lines, and to half metres along them. */
const from = shallowRef<SetUpEntry | null>(null)
function dragWhole(along: number, across: number) {
  if (!from.value) {
    from.value = entry.value
    change(entry.value)
  }
  entry.value = placed(from.value, along, across)
}
function dropWhole() {
  from.value = null
}
function nudgeWhole(along: number, across: number) {
  change(placed(entry.value, along * 0.5, across, true))
}
const turn = (degrees: number) =>
  change({
    ...entry.value,
    turnedDegrees: Math.min(90, Math.max(-90, (entry.value.turnedDegrees ?? 0) + degrees)) || null,
  } as SetUpEntry)
async function mirror() {
  const other = await attempt(
    async () =>
      (await mirrorHere(entry.value)) ??
      (await ask(() =>
        client.POST('/api/horses/{horseId}/set-ups/mirrored', {
          params: { path: { horseId: props.horseId } },
          body: entry.value,
        }),
      )),
  )
  if (other) change(other)
}
/** The set-up at rest: what stands beside it and who can ride it is not asked at every step of a drag. */
const atRest = useSettled(() => entry.value)
const { data: beside } = useQuery({
  queryKey: computed(() => keys.ofHorse(props.horseId).beside(atRest.value)),
  queryFn: () =>
    ask(() =>
      client.POST('/api/horses/{horseId}/set-ups/beside', {
        params: { path: { horseId: props.horseId } },
        body: { entry: atRest.value, setUpId: kept.value?.id ?? null },
      }),
    ),
  placeholderData: (before) => before,
  retry: false,
})
const counts = computed(() =>
  (shown.value?.gaps ?? [])
    .map((gap, i) => ({ counts: gap.between?.counts ?? [], gap: gap.built.text.metres, i }))
    .filter((c) => c.counts.length > 0),
)
const movesElements = computed(
  () =>
    trains() &&
    (measured.value?.elements.length ?? 0) > 1 &&
    !measured.value?.curve &&
    !measured.value?.square &&
    entry.value.family !== 'corridor' &&
    entry.value.family !== 'figure',
)
const say = (text: { metres: string; feet: string; paces: string }) => reading(text, unit.value)
</script>

<template>
  <header class="page-head">
    <h1>{{ measured?.title ?? 'Set-up' }}</h1>
    <span class="quiet">for {{ passport?.horse.name }}</span>
    <div class="actions no-print">
      <Button v-if="kept" :href="`/api/horses/${horseId}/set-ups/${setUpId}/file`" download>File</Button>
      <Button v-if="kept" :href="`/api/horses/${horseId}/set-ups/${setUpId}/drawing`" download
        >Drawing</Button
      >
      <Button @click="printSheet('card')">Print</Button>
      <Button @click="printSheet('tape')">Tape sheet</Button>
      <LinkButton
        v-if="kept && trains()"
        :to="{ name: 'session', params: { horseId, sessionId: 'new' }, query: { setUp: setUpId } }"
        >Plan a session with it</LinkButton
      >
      <template v-if="trains()">
        <Button v-if="kept" :disabled="busy || !isChanged" @click="keep(true)"> Keep as new </Button>
        <Button
          v-if="!kept || !kept.ridden"
          type="primary"
          :disabled="busy || !isChanged"
          @click="keep(false)"
        >
          Keep
        </Button>
      </template>
    </div>
  </header>
  <ProblemNote v-if="error" :problem="error" />
  <ProblemNote v-if="problem && problem.status !== 409" :problem="problem" class="above" />
  <p v-if="kept?.remarks.length && !isChanged" class="small above no-print" role="status">
    <strong>Kept under older rules.</strong> {{ kept.remarks.map((r) => `${r.says} ${r.mend}`).join(' ') }}
  </p>
  <p v-if="kept?.ridden" class="small quiet above no-print">
    This one has been ridden and stays as it was; keep a change as a new one.
  </p>

  <p
    v-if="beside?.mayNot"
    class="above py-8px px-12px edge-l-4px-grave bg-card text-grave font-semibold"
    role="status"
  >
    {{ passport?.horse.name }} does not come to this: {{ beside.mayNot }}.
  </p>

  <div v-if="measured" class="workshop grid grid-cols-[232px_minmax(0,1fr)] gap-14px items-start">
    <aside v-if="trains()" class="card no-print" @focusin="stepping = null">
      <SetUpControls v-model="typed" :measured="shown" />
    </aside>

    <div class="stack">
      <section class="card p-10px" data-on="card">
        <SetUpDrawing
          :measured="measured"
          :unit="unit"
          :movable="movesElements"
          zoomable
          @drag="drag"
          @drop="drop"
          @nudge="nudge"
          @drag-fence="dragFence"
          @nudge-fence="nudgeFence"
          @turn-fence="turnFence"
        />
        <SideView v-if="shown.jumps.length" :measured="shown" class="from-side" />
        <p v-if="trains()" class="row small no-print under gap-14px mt-6px">
          <Button type="link" :disabled="!canUndo" @click="undo">Undo</Button>
          <Button type="link" :disabled="!canRedo" @click="redo">Redo</Button>
          <Button type="link" @click="mirror">Other rein</Button>
          <template v-if="!measured.figure && !measured.course">
            <Button type="link" aria-label="Turn it to the left" @click="turn(-15)"> ↺ Turn </Button>
            <Button type="link" aria-label="Turn it to the right" @click="turn(15)"> Turn ↻ </Button>
          </template>
          <span v-if="movesElements" class="quiet">{{
            measured.course
              ? 'Drag a fence, or move it with the arrow keys and turn it with [ and ].'
              : 'Drag an element, or move it with the arrow keys; it snaps to what the tape can set.'
          }}</span>
        </p>
      </section>
      <TapeSheet :measured="shown" :horse="passport?.horse.name ?? ''" :say="say" />

      <CourseRows
        v-if="trains() && isCourse(typed)"
        v-model="typed"
        :measured="shown"
        class="no-print"
        @focusin="stepping = null"
      />
      <ElementRows
        v-if="trains() && isLine(typed)"
        v-model="typed"
        class="no-print"
        :say="say"
        @focusin="stepping = null"
      />

      <div class="lower grid grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] gap-14px items-start">
        <div class="stack">
          <CourseCard
            v-if="shown.course"
            :measured="shown"
            :unit="unit"
            :short="beside?.kitShort ?? []"
            data-on="card"
          />
          <FigureCard v-if="shown.figure" :measured="shown" />
          <BuildCard
            v-if="!shown.course"
            v-model:unit="unit"
            :measured="shown"
            :short="beside?.kitShort ?? []"
            data-on="card"
          />
          <StagesCard v-if="shown.stages.length" v-model="typed" :measured="shown" data-on="card" />
        </div>

        <div class="stack">
          <WhyCard
            v-if="shown.gaps.length && !shown.course"
            class="no-print"
            :measured="shown"
            :horse="passport?.horse.name ?? ''"
            :say="say"
          />
          <BendCard v-if="shown.bending" :bending="shown.bending" />
          <CountsCard v-for="c in counts" :key="c.i" :counts="c.counts" :gap="c.gap" class="no-print" />
          <NarrowCard v-if="shown.narrow" :narrow="shown.narrow" />
          <section class="card where grid gap-4px" data-on="card">
            <ArenaDrawing
              v-if="!shown.figure && !shown.course"
              :sets="[from ? measured : shown]"
              :movable="trains()"
              zoomable
              @drag="dragWhole"
              @drop="dropWhole"
              @nudge="nudgeWhole"
            />
            <p class="small" :class="{ short: !shown.approach.enough }">{{ shown.approach.says }}</p>
            <p
              v-if="shown.getaway.says !== shown.approach.says"
              class="small"
              :class="{ short: !shown.getaway.enough }"
            >
              {{ shown.getaway.says }}
            </p>
            <p v-if="shown.toTheBoards" class="small">
              {{ shown.toTheBoards.toFixed(1) }} m from its poles to the nearest boards.
            </p>
            <p v-for="n in shown.notices" :key="n" class="small notice">{{ n }}</p>
            <p v-for="n in beside?.says ?? []" :key="n" class="small notice no-print">Tonight: {{ n }}</p>
            <RouterLink class="small no-print" to="/arena">Tonight’s arena</RouterLink>
          </section>
          <VersionsCard
            v-if="kept"
            class="no-print"
            :horse-id="horseId"
            :set-up-id="setUpId"
            :version="kept.version"
            @bring-back="(v) => change({ ...v.entry })"
          />
        </div>
      </div>
      <WhoCanRideCard
        v-if="!measured.figure"
        :horse-id="horseId"
        :entry="atRest"
        :lines="shown.course?.legs.map((l) => `${l.from} to ${l.to}`)"
      />
      <label v-if="trains()" class="row no-print flex-nowrap">
        <span class="small quiet whitespace-nowrap">Kept under the name</span>
        <Input v-model:value="name" :placeholder="measured.title" aria-label="Name of the set-up" />
      </label>
    </div>
  </div>
  <ConflictDialog
    :problem="problem"
    :mine="{ name }"
    :words="{ name: 'Name' }"
    @keep-mine="(version) => keep(false, version)"
    @take-theirs="takeTheirs"
  />
</template>

<style scoped>
.above {
  margin-bottom: 12px;
}
.workshop > .stack:only-child {
  grid-column: 1 / -1;
}
.under .ant-btn:disabled {
  color: var(--quiet);
  text-decoration: none;
  cursor: default;
}
.from-side {
  margin-top: 8px;
}
.short,
.notice {
  padding-left: 10px;
  border-left: 3px solid var(--straw);
}
@media (max-width: 1080px) {
  .workshop,
  .lower {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .where :deep(.arena) {
    max-width: 78%;
    margin: 0 auto;
  }
  .workshop,
  .lower {
    grid-template-columns: minmax(0, 1fr);
    gap: 8px;
  }
}
</style>
