<script setup lang="ts">
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import type { PartEntry, Phase, SetUpView } from '../api/schema'
import PickOne from '../house/PickOne.vue'
import { gaitWords, options, phaseWords, reinWords } from '../house/words'

/** The parts of a session as rows: what, gait, rein, minutes, set-up, mark. */
const parts = defineModel<PartEntry[]>({ required: true })
const props = defineProps<{
  setUps: SetUpView[]
  rungs: { value: string; label: string }[]
  mayEdit: boolean
}>()
const marks = [5, 5.5, 6, 6.5, 7, 7.5, 8].map((m) => ({ value: m, label: String(m) }))

/** A rung chosen earlier stays to be seen, although the horse has moved on since. */
const rungsFor = (id?: string | null) =>
  id && !props.rungs.some((r) => r.value === id) ? [...props.rungs, { value: id, label: id }] : props.rungs

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

function move(i: number, by: number) {
  const now = [...parts.value]
  const [part] = now.splice(i, 1)
  now.splice(i + by, 0, part!)
  parts.value = now
}

const remove = (i: number) => (parts.value = parts.value.filter((_, at) => at !== i))
const order: Phase[] = ['warmUp', 'work', 'newWork', 'coolDown']
</script>

<template>
  <div class="parts">
    <ol>
      <li v-for="(part, i) in parts" :key="i" :class="part.phase">
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
          v-model:value="part.rungId!"
          class="rung"
          :disabled="!mayEdit"
          allow-clear
          placeholder="no rung"
          :options="rungsFor(part.rungId)"
          :aria-label="`Rung of part ${i + 1}`"
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
          v-model:value="part.setUpId!"
          class="set-up"
          :disabled="!mayEdit"
          allow-clear
          placeholder="no set-up"
          :options="setUps.map((s) => ({ value: s.id, label: s.name }))"
          :aria-label="`Set-up of part ${i + 1}`"
        />
        <PickOne
          v-model:value="part.markHopedFor!"
          class="mark"
          :disabled="!mayEdit"
          allow-clear
          placeholder="mark"
          :options="marks"
          :aria-label="`Mark hoped for in part ${i + 1}`"
        />
        <span v-if="mayEdit" class="moves">
          <button
            type="button"
            :disabled="i === 0"
            :aria-label="`Part ${i + 1} earlier`"
            @click="move(i, -1)"
          >
            ↑
          </button>
          <button
            type="button"
            :disabled="i === parts.length - 1"
            :aria-label="`Part ${i + 1} later`"
            @click="move(i, 1)"
          >
            ↓
          </button>
          <button type="button" :aria-label="`Take part ${i + 1} out`" @click="remove(i)">✕</button>
        </span>
      </li>
    </ol>
    <button v-if="mayEdit" class="button small" type="button" @click="add">Add a part</button>
  </div>
</template>

<style scoped>
.parts {
  display: grid;
  gap: 10px;
}
.parts > .button {
  justify-self: start;
}
ol {
  display: grid;
  gap: 8px;
}
li {
  display: grid;
  grid-template-columns: 124px 96px 118px minmax(0, 1fr) minmax(0, 1fr) 88px 84px;
  gap: 6px;
  padding: 8px 0 8px 12px;
  border-left: 4px solid var(--line);
}
li.newWork {
  border-color: var(--straw);
}
li.work {
  border-color: var(--ink);
}
.what {
  grid-column: 2 / 5;
}
.rung {
  grid-column: 5 / 7;
}
.set-up {
  grid-column: 4 / 6;
}
.moves {
  display: flex;
  grid-column: 7;
  grid-row: 1 / 3;
  align-items: center;
  justify-content: flex-end;
  gap: 2px;
}
.moves button {
  min-width: 26px;
  min-height: 32px;
  border: 0;
  border-radius: 6px;
  background: none;
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
.moves button:hover {
  background: var(--bank);
}
.moves button:disabled {
  color: var(--line);
}
@media (max-width: 760px) {
  li {
    grid-template-columns: 1fr 1fr 1fr;
  }
  .what,
  .rung,
  .set-up {
    grid-column: 1 / -1;
  }
  .moves {
    grid-column: auto;
    grid-row: auto;
  }
}
</style>
