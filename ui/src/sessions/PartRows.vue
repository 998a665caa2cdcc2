<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import { nextTick, ref } from 'vue'
import type { Manner, PartEntry, Phase, SetUpView, Why } from '../api/schema'
import { useDragging } from '../house/dragging'
import { useLibrary } from '../house/queries'
import PickOne from '../house/PickOne.vue'
import WhyButton from '../house/WhyButton.vue'
import { gaitWords, mannerWords, options, phaseWords, reinWords } from '../house/words'
import PartDose from './PartDose.vue'

/** The parts of a session as rows: what, gait, rein, minutes, rung and exercise, set-up, mark; dragged or moved by keys. */
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
const opened = ref<number | null>(null)
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
/** Warm-up and cool-down need no second line, unless something is in it. */
const isLong = (p: PartEntry, i: number) =>
  p.phase === 'work' || p.phase === 'newWork' || p.rungId || p.setUpId || p.markHopedFor || opened.value === i

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
}

function place(from: number, to: number) {
  if (to < 0 || to >= parts.value.length || from === to) return
  const now = [...parts.value]
  const [part] = now.splice(from, 1)
  now.splice(to, 0, part!)
  parts.value = now
  opened.value = null
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

const remove = (i: number) => (parts.value = parts.value.filter((_, at) => at !== i))
const why = (p: PartEntry) => props.because[`${p.what} ${p.rein}`]
const dose = (p: PartEntry) =>
  [
    p.manner && p.manner !== props.manner && mannerWords[p.manner].toLowerCase(),
    p.times && (p.times === 1 ? 'once' : `${p.times} times`),
    p.efforts &&
      `${p.efforts} ${p.efforts === 1 ? 'fence' : 'fences'}${p.heightMetres ? ` at ${Math.round(p.heightMetres * 100)} cm` : ''}`,
    p.transitions && `${p.transitions} transitions`,
    p.boutSeconds && `in ${p.boutSeconds} s bouts`,
  ]
    .filter(Boolean)
    .join(', ')
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
        <PickOne
          v-model:value="part.phase!"
          class="phase"
          :disabled="!mayEdit"
          :options="options(phaseWords, order)"
          :aria-label="`Phase of part ${i + 1}`"
        />
        <Input
          v-model:value="part.what!"
          class="what"
          :disabled="!mayEdit"
          placeholder="What is done"
          :aria-label="`What is done in part ${i + 1}`"
        />
        <PickOne
          v-model:value="part.gait!"
          class="gait"
          :disabled="!mayEdit"
          :options="options(gaitWords, ['halt', 'walk', 'trot', 'canter', 'gallop'])"
          :aria-label="`Gait of part ${i + 1}`"
        />
        <PickOne
          v-model:value="part.rein!"
          class="rein"
          :disabled="!mayEdit"
          :options="options(reinWords)"
          :aria-label="`Rein of part ${i + 1}`"
        />
        <InputNumber
          v-model:value="part.minutes!"
          class="minutes"
          :disabled="!mayEdit"
          :min="0.5"
          :max="180"
          :step="1"
          addon-after="min"
          :aria-label="`Minutes of part ${i + 1}`"
        />
        <PickOne
          v-if="isLong(part, i)"
          v-model:value="part.rungId!"
          class="rung"
          :disabled="!mayEdit"
          allow-clear
          placeholder="no rung"
          :options="rungsFor(part.rungId)"
          :aria-label="`Rung of part ${i + 1}`"
        />
        <PickOne
          v-if="isLong(part, i)"
          v-model:value="part.setUpId!"
          class="set-up"
          :disabled="!mayEdit"
          allow-clear
          :placeholder="part.exerciseId ? 'set out when kept' : 'no set-up'"
          :options="setUps.map((s) => ({ value: s.id, label: s.name }))"
          :aria-label="`Set-up of part ${i + 1}`"
        />
        <PickOne
          v-if="isLong(part, i)"
          v-model:value="part.markHopedFor!"
          class="mark"
          :disabled="!mayEdit"
          allow-clear
          placeholder="mark"
          :options="marks"
          :aria-label="`Mark hoped for in part ${i + 1}`"
        />
        <span class="foot small">
          <WhyButton v-if="why(part)" :why="why(part)!" of="this part" />
          <span class="quiet">{{ dose(part) }}</span>
        </span>
        <span v-if="mayEdit" class="moves flex [grid-column:7] [grid-row:1]">
          <Button
            type="text"
            size="small"
            :aria-expanded="opened === i"
            :aria-label="`How much in part ${i + 1}`"
            @click="opened = opened === i ? null : i"
          >
            ⋯
          </Button>
          <Button type="text" size="small" :aria-label="`Take part ${i + 1} out`" @click="remove(i)"
            >✕</Button
          >
        </span>
        <PartDose
          v-if="opened === i"
          class="dose"
          :model-value="part"
          :number="i + 1"
          :horse-id="horseId"
          :manner="manner"
          @update:model-value="(p) => (parts = parts.map((was, at) => (at === i ? p : was)))"
        />
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
  grid-template-columns: 24px 112px minmax(0, 1fr) 92px 82px 100px 58px;
  gap: 5px 6px;
  padding: 7px 0 7px 6px;
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
.handle {
  grid-row: 1 / 3;
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
.rung {
  grid-column: 2 / 4;
  grid-row: 2;
}
.set-up {
  grid-column: 4 / 6;
  grid-row: 2;
}
.mark {
  grid-column: 6;
  grid-row: 2;
}
.foot {
  grid-column: 2 / 7;
  grid-row: 3;
  display: flex;
  gap: 8px;
}
.foot:empty,
.foot:not(:has(*:not(:empty))) {
  display: none;
}
.dose {
  grid-column: 2 / 7;
}
@media (max-width: 760px) {
  li {
    grid-template-columns: 24px 1fr 1fr 1fr 58px;
  }
  .phase {
    grid-column: 2 / 5;
  }
  .what,
  .rung,
  .set-up,
  .mark,
  .foot,
  .dose {
    grid-column: 2 / 5;
    grid-row: auto;
  }
  .moves {
    grid-column: 5;
  }
}
</style>
