<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import { nextTick, ref } from 'vue'
import type { Gait, Manner, PartEntry, Phase, SetUpView, Why } from '../api/schema'
import { useDragging } from '../house/dragging'
import { useLibrary } from '../house/queries'
import PickOne from '../house/PickOne.vue'
import WhyButton from '../house/WhyButton.vue'
import GaitChip from '../house/GaitChip.vue'
import { minutes } from '../house/format'
import { gaitWords, options, phaseWords, reinWords } from '../house/words'
import PartDose from './PartDose.vue'
import { reads } from './reading'

/** The parts of a session, a line each as it is read aloud; a line opens to be edited, and is dragged or moved by keys. */
const parts = defineModel<PartEntry[]>({ required: true })
const props = defineProps<{
  setUps: SetUpView[]
  rungs: { value: string; label: string }[]
  mayEdit: boolean
  /** Why a proposed part is there, by what is done in it and on which rein. */
  because: Record<string, Why>
  horseId: string
  /** How the horse is worked in each part that says nothing else. */
  manner: Manner
}>()
const marks = Array.from({ length: 7 }, (_, i) => 5 + i / 2).map((m) => ({ value: m, label: String(m) }))
const order: Phase[] = ['warmUp', 'work', 'newWork', 'coolDown']
const { data: library } = useLibrary()
/** Parts that are open to be edited. */
const opened = ref<number[]>([])
const isOpen = (i: number) => props.mayEdit && opened.value.includes(i)
function toggle(i: number) {
  opened.value = isOpen(i) ? opened.value.filter((at) => at !== i) : [...opened.value, i]
}
/** Those that were open stay so, wherever they come to stand. */
function follow(to: (from: number) => number | null) {
  opened.value = opened.value.map(to).filter((at) => at !== null)
}
const held = ref<number | null>(null)
const over = ref<number | null>(null)
const root = ref<HTMLElement>()

/** A rung chosen earlier stays to be seen, although the horse has moved on since. */
const rungsFor = (id?: string | null) =>
  id && !props.rungs.some((r) => r.value === id)
    ? [
        ...props.rungs,
        {
          value: id,
          label: library.value?.ladders.flatMap((l) => l.rungs).find((r) => r.id === id)?.name ?? id,
        },
      ]
    : props.rungs
function add() {
  const last = parts.value.findIndex((p) => p.phase === 'coolDown')
  const part: PartEntry = {
    phase: 'work',
    what: '',
    gait: 'trot',
    rein: 'both',
    minutes: 5,
    setUpId: null,
    markHopedFor: null,
    rungId: null,
  }
  const at = last < 0 ? parts.value.length : last
  parts.value = [...parts.value.slice(0, at), part, ...parts.value.slice(at)]
  follow((from) => (from < at ? from : from + 1))
  toggle(at)
}

function place(from: number, to: number) {
  if (to < 0 || to >= parts.value.length || from === to) return
  const now = [...parts.value]
  const [part] = now.splice(from, 1)
  now.splice(to, 0, part!)
  parts.value = now
  const order = parts.value.map((_, i) => i)
  order.splice(to, 0, order.splice(from, 1)[0]!)
  follow((was) => order.indexOf(was))
}

/** The handle keeps the focus, so that a part can be moved on and on. */
async function step(i: number, by: number) {
  place(i, i + by)
  await nextTick()
  root.value?.querySelectorAll<HTMLElement>('.handle')[i + by]?.focus()
}

const { vHeld, vPlace } = useDragging({
  taken: (i) => (held.value = Number(i)),
  over: (i) => (over.value = i === null ? null : Number(i)),
  dropped(from, to) {
    held.value = over.value = null
    if (to !== null) place(Number(from), Number(to))
  },
  leavesGap: true,
})

function remove(i: number) {
  parts.value = parts.value.filter((_, at) => at !== i)
  follow((from) => (from === i ? null : from > i ? from - 1 : from))
}
const why = (p: PartEntry) => props.because[`${p.what} ${p.rein}`]
const setUpOf = (p: PartEntry) => props.setUps.find((s) => s.id === p.setUpId)
const aloud = (p: PartEntry) => [p.what, ...reads(p, props.manner, setUpOf(p))].join(', ')
const rungOf = (p: PartEntry) => p.rungId && rungsFor(p.rungId).find((r) => r.value === p.rungId)?.label
/** The phase is named where it begins. */
const begins = (i: number) => parts.value[i]?.phase !== parts.value[i - 1]?.phase
/** Minutes of the phase that begins with this part. */
function runOf(i: number) {
  let sum = 0
  for (let at = i; parts.value[at]?.phase === parts.value[i]?.phase && at < parts.value.length; at++)
    sum += parts.value[at]!.minutes ?? 0
  return minutes(sum)
}
/** Another gait has other strides. */
function gait(i: number, to: Gait) {
  parts.value = parts.value.map((p, at) => (at === i ? { ...p, gait: to, strideAim: null } : p))
}
</script>

<template>
  <div ref="root" class="parts grid gap-10px">
    <ol class="grid gap-6px">
      <li
        v-for="(part, i) in parts"
        :key="i"
        v-held="{ id: String(i), fixed: !mayEdit, handle: '.handle' }"
        v-place="String(i)"
        :class="[
          part.phase,
          {
            held: held === i,
            before: held !== null && over === i && i < held,
            after: held !== null && over === i && i > held,
          },
        ]"
      >
        <p v-if="begins(i)" class="phase-name small">
          <strong>{{ phaseWords[part.phase ?? 'work'] }}</strong> <span class="quiet">{{ runOf(i) }}</span>
        </p>
        <button
          v-if="mayEdit"
          type="button"
          class="handle"
          :aria-label="`Move part ${i + 1}: drag, or arrow up and down`"
          @keydown.up.prevent="step(i, -1)"
          @keydown.down.prevent="step(i, 1)"
        >
          ⠿
        </button>
        <GaitChip :gait="part.gait ?? 'walk'" class="chip" />
        <div class="line">
          <component
            :is="mayEdit ? 'button' : 'span'"
            class="said"
            v-bind="
              mayEdit
                ? {
                    type: 'button',
                    'aria-expanded': isOpen(i),
                    'aria-label': `Part ${i + 1}: ${aloud(part)}`,
                  }
                : {}
            "
            @click="mayEdit && toggle(i)"
          >
            <strong>{{ part.what || 'What is done?' }}</strong><span
              v-for="bit in reads(part, manner, setUpOf(part))"
              :key="bit"
              >, {{ bit }}</span
            >
          </component>
          <WhyButton v-if="why(part)" :why="why(part)!" of="this part" />
          <span v-if="rungOf(part) || setUpOf(part)" class="small quiet">{{
            [rungOf(part), setUpOf(part)?.name].filter(Boolean).join(' · ')
          }}</span>
        </div>
        <span class="length">{{ minutes(part.minutes ?? 0) }}</span>
        <div v-if="isOpen(i)" class="editor">
          <div class="fields">
            <PickOne
              v-model:value="part.phase!"
              :options="options(phaseWords, order)"
              :aria-label="`Phase of part ${i + 1}`"
            />
            <Input
              v-model:value="part.what!"
              class="what"
              placeholder="What is done"
              :aria-label="`What is done in part ${i + 1}`"
            />
            <PickOne
              :value="part.gait!"
              :options="options(gaitWords, ['halt', 'walk', 'trot', 'canter', 'gallop'])"
              :aria-label="`Gait of part ${i + 1}`"
              @change="(to) => gait(i, to as Gait)"
            />
            <PickOne
              v-model:value="part.rein!"
              :options="options(reinWords)"
              :aria-label="`Rein of part ${i + 1}`"
            />
            <InputNumber
              v-model:value="part.minutes!"
              class="minutes"
              :min="0.5"
              :max="180"
              :step="1"
              addon-after="min"
              :aria-label="`Minutes of part ${i + 1}`"
            />
            <PickOne
              v-model:value="part.rungId!"
              class="rung"
              allow-clear
              placeholder="no rung"
              :options="rungsFor(part.rungId)"
              :aria-label="`Rung of part ${i + 1}`"
            />
            <PickOne
              v-model:value="part.setUpId!"
              class="set-up"
              allow-clear
              :placeholder="part.exerciseId ? 'set out when kept' : 'no set-up'"
              :options="setUps.map((s) => ({ value: s.id, label: s.name }))"
              :aria-label="`Set-up of part ${i + 1}`"
            />
            <PickOne
              v-model:value="part.markHopedFor!"
              allow-clear
              placeholder="mark"
              :options="marks"
              :aria-label="`Mark hoped for in part ${i + 1}`"
            />
          </div>
          <PartDose
            :model-value="part"
            :number="i + 1"
            :horse-id="horseId"
            :manner="manner"
            @update:model-value="(p) => (parts = parts.map((was, at) => (at === i ? p : was)))"
          />
          <Button type="link" size="small" :aria-label="`Take part ${i + 1} out`" @click="remove(i)"
            >Take it out</Button
          >
        </div>
      </li>
    </ol>
    <Button v-if="mayEdit" size="small" @click="add">Add a part</Button>
  </div>
</template>

<style scoped>
.parts > .ant-btn {
  justify-self: start;
}
li {
  display: grid;
  grid-template-columns: 22px 26px minmax(0, 1fr) auto;
  gap: 2px 8px;
  padding: 5px 0 5px 6px;
  border-left: 4px solid var(--line);
}
li.newWork {
  border-color: var(--straw);
}
li.work {
  border-color: var(--ink);
}
li.held {
  background: var(--straw-pale);
}
/* Where it will stand when it is let go. */
li.before {
  box-shadow: 0 -3px 0 -1px var(--ink);
}
li.after {
  box-shadow: 0 3px 0 -1px var(--ink);
}
.phase-name {
  grid-column: 1 / -1;
}
.handle {
  grid-column: 1;
  align-self: start;
  height: 30px;
  padding: 0;
  border: 0;
  border-radius: 6px;
  background: none;
  color: var(--quiet);
  font: inherit;
  cursor: grab;
  touch-action: none;
}
.handle:hover {
  background: var(--bank);
}
.chip {
  grid-column: 2;
  align-self: start;
  margin-top: 4px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 10px;
}
.line :deep(.ant-btn-link) {
  height: auto;
  padding: 0;
}
.said {
  padding: 2px 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  font-size: 1.05rem;
  text-align: left;
}
button.said {
  cursor: pointer;
}
button.said:hover strong {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.length {
  padding-top: 2px;
  font-size: 1.05rem;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
.editor {
  grid-column: 2 / -1;
  display: grid;
  gap: 8px;
  padding: 8px 10px;
  border-radius: 8px;
  background: var(--bank);
}
.editor > .ant-btn {
  justify-self: start;
}
.fields {
  display: grid;
  grid-template-columns: 112px minmax(0, 1fr) 96px 86px 104px;
  gap: 6px;
}
.rung {
  grid-column: 1 / 3;
}
.set-up {
  grid-column: 3 / 5;
}
@media (max-width: 760px) {
  .fields {
    grid-template-columns: 1fr 1fr;
  }
  .what,
  .rung,
  .set-up {
    grid-column: 1 / -1;
  }
}
</style>
