<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import Checkbox from 'ant-design-vue/es/checkbox'
import { computed, ref } from 'vue'
import { ask, client } from '../api/client'
import type { Demand, DemandEntry, DemandKind, Movement, QuestionKind, ReadinessView } from '../api/schema'
import ChoiceField from '../house/ChoiceField.vue'
import FieldBox from '../house/FieldBox.vue'
import NumberBox from '../house/NumberBox.vue'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { bearsUpon, useChanged } from '../house/keys'
import { useAimLevels, useLibrary } from '../house/queries'
import {
  demandKindWords,
  movementWords,
  options,
  questionWords,
  strandWords,
  thingWords,
} from '../house/words'
import { askedByTest } from './askedByTest'

/** What an aim asks, line by line, with what its level and its test ask beside it. */
const props = defineProps<{ horseId: string; page: ReadinessView }>()
const emit = defineEmits<{ done: [] }>()
const { problem, busy, attempt } = useProblem()
const changed = useChanged()
const { data: library } = useLibrary()
const { data: levels } = useAimLevels()

const asEntry = (d: Demand): DemandEntry => ({
  id: d.id,
  kind: d.kind,
  name: d.name,
  rungId: d.rungId,
  bothSides: d.bothSides,
  mark: d.mark,
  movement: d.movement,
  every: d.every,
  heightMetres: d.heightMetres,
  parts: d.parts,
  question: d.question,
  speed: d.speed,
  minutes: d.minutes,
  spreadMetres: d.spreadMetres,
  thing: d.thing,
})
// In the order the level and the test have them, what is of the aim's own after that.
const order = computed(() => props.page.standard.map((d) => d.id))
const place = (id: string) => (order.value.includes(id) ? order.value.indexOf(id) : order.value.length)
const lines = ref<DemandEntry[]>(
  props.page.demands.map((d) => asEntry(d.readiness.demand)).sort((a, b) => place(a.id!) - place(b.id!)),
)
const standard = (line: DemandEntry) => props.page.standard.find((d) => d.id === line.id)
const left = computed(() => props.page.standard.filter((d) => !lines.value.some((l) => l.id === d.id)))

const kinds = (Object.keys(demandKindWords) as DemandKind[]).map((value) => ({
  value,
  label: demandKindWords[value],
}))
const taps = (Object.keys(movementWords) as Movement[]).map((value) => ({
  value,
  label: movementWords[value],
}))
const questions = (Object.keys(questionWords) as QuestionKind[]).map((value) => ({
  value,
  label: questionWords[value],
}))
const rungs = computed(() =>
  (library.value?.ladders ?? []).flatMap((l) =>
    l.rungs.map((r) => ({ value: r.id, label: `${strandWords[l.strand]}: ${r.name}` })),
  ),
)

/** What its level asks of it, where that is a number. */
const says = (d: Demand) =>
  d.heightMetres
    ? `${d.heightMetres.toFixed(2)} m`
    : d.speed
      ? `${d.minutes} min at ${d.speed} m/min`
      : d.spreadMetres
        ? `${d.spreadMetres.toFixed(2)} m wide`
        : d.every
          ? `every ${d.every} strides`
          : d.parts
            ? `${d.parts} fences`
            : d.kind === 'movement'
              ? `mark ${d.mark}`
              : ''

/** What stands beside it: its level's number, or where its test asks it. */
const beside = (d: Demand) => askedByTest(props.page, d.id) || (says(d) && `level: ${says(d)}`)

const kind = ref<DemandKind>('movement')
function add() {
  const id = `own-${crypto.randomUUID().slice(0, 8)}`
  lines.value.push({
    ...blank,
    id,
    kind: kind.value,
    name: kind.value === 'movement' ? '' : demandKindWords[kind.value],
    bothSides: kind.value === 'movement',
  })
}
const blank: DemandEntry = {
  id: null,
  kind: null,
  name: null,
  rungId: null,
  bothSides: null,
  mark: null,
  movement: null,
  every: null,
  heightMetres: null,
  parts: null,
  question: null,
  speed: null,
  minutes: null,
  spreadMetres: null,
  thing: null,
}

async function keep(demands: DemandEntry[] | null) {
  const kept = await attempt(() =>
    ask(() =>
      client.PUT('/api/horses/{horseId}/aims/{aimId}/demands', {
        params: { path: { horseId: props.horseId, aimId: props.page.aim.id } },
        body: { version: props.page.aim.version, entry: { demands } },
      }),
    ),
  )
  if (!kept) return
  await changed(bearsUpon.horse(props.horseId))
  emit('done')
}
const like = ref('')
const others = computed(() =>
  (levels.value ?? [])
    .filter((l) => l.discipline === props.page.aim.discipline)
    .map((l) => ({ value: `${l.scheme}\n${l.name}`, label: `${l.name}, ${l.scheme}` })),
)
function takeFrom() {
  const level = levels.value?.find((l) => `${l.scheme}\n${l.name}` === like.value)
  const there = new Set(lines.value.map((l) => l.id))
  lines.value.push(...(level?.demands ?? []).filter((d) => !there.has(d.id)).map(asEntry))
}
</script>

<template>
  <form class="card stack no-print mb-16px" aria-label="What it asks" @submit.prevent="keep(lines)">
    <div class="row spread">
      <h2>What it asks</h2>
      <div class="row">
        <Button v-if="page.aim.ownDemands && page.standard.length" :disabled="busy" @click="keep(null)"
          >As its level has it</Button
        >
        <Button type="primary" html-type="submit" :disabled="busy">Keep what it asks</Button>
      </div>
    </div>
    <ProblemNote
      v-if="problem && (problem.faults.length === 0 || problem.faults.some((f) => f.field === 'demands'))"
      :problem="problem"
    />
    <ol class="lines">
      <li v-for="(line, i) in lines" :key="line.id!" class="line">
        <FieldBox v-slot="{ id }" :label="demandKindWords[line.kind!]" :name="`demands[${i}].name`">
          <Input :id="id" v-model:value="line.name!" />
        </FieldBox>
        <template v-if="line.kind === 'movement'">
          <NumberBox
            v-model:value="line.mark"
            class="narrow"
            label="Mark wanted"
            :name="`demands[${i}].mark`"
          />
          <FieldBox v-slot="{ id }" label="Rung" :name="`demands[${i}].rungId`"
            ><PickOne :id="id" v-model:value="line.rungId" :options="rungs" allow-clear
          /></FieldBox>
          <FieldBox v-slot="{ id }" label="Tap at the rail" :name="`demands[${i}].movement`"
            ><PickOne :id="id" v-model:value="line.movement" :options="taps" allow-clear
          /></FieldBox>
          <Checkbox v-model:checked="line.bothSides!" class="both">both sides</Checkbox>
        </template>
        <NumberBox
          v-else-if="line.kind === 'series'"
          v-model:value="line.every"
          label="Every so many strides"
          :name="`demands[${i}].every`"
        />
        <NumberBox
          v-else-if="line.kind === 'height'"
          v-model:value="line.heightMetres"
          label="Height, metres"
          :name="`demands[${i}].heightMetres`"
        />
        <NumberBox
          v-else-if="line.kind === 'combination'"
          v-model:value="line.parts"
          label="Fences"
          :name="`demands[${i}].parts`"
        />
        <NumberBox
          v-else-if="line.kind === 'spread'"
          v-model:value="line.spreadMetres"
          label="Spread, metres"
          :name="`demands[${i}].spreadMetres`"
        />
        <FieldBox v-else-if="line.kind === 'thing'" v-slot="{ id }" label="What" :name="`demands[${i}].thing`"
          ><PickOne :id="id" v-model:value="line.thing" :options="options(thingWords)"
        /></FieldBox>
        <FieldBox
          v-else-if="line.kind === 'question'"
          v-slot="{ id }"
          label="Question"
          :name="`demands[${i}].question`"
          ><PickOne :id="id" v-model:value="line.question" :options="questions"
        /></FieldBox>
        <template v-else-if="line.kind === 'speed'">
          <NumberBox v-model:value="line.speed" label="Metres a minute" :name="`demands[${i}].speed`" />
          <NumberBox v-model:value="line.minutes" label="Minutes" :name="`demands[${i}].minutes`" />
        </template>
        <span class="standard small quiet">{{
          standard(line) ? beside(standard(line)!) : page.standard.length ? 'your own' : ''
        }}</span>
        <Button
          size="small"
          :aria-label="`Take out ${line.name || demandKindWords[line.kind!]}`"
          @click="lines.splice(i, 1)"
          >Take out</Button
        >
      </li>
    </ol>
    <p v-if="lines.length === 0" class="quiet">It asks nothing yet.</p>
    <p v-if="left.length" class="small">
      {{ page.aim.testId ? 'Its level and its test also ask' : 'Its level also asks' }}:
      <Button v-for="d in left" :key="d.id" size="small" class="mr-6px" @click="lines.push(asEntry(d))">{{
        d.name
      }}</Button>
    </p>
    <div class="row">
      <ChoiceField
        :value="kind"
        label="Another demand"
        :options="kinds"
        class="min-w-220px"
        @change="(k) => (kind = k)"
      />
      <Button @click="add">Add it</Button>
      <template v-if="!page.level">
        <ChoiceField
          :value="like"
          label="As this level has it"
          :options="others"
          class="min-w-260px"
          @change="(l) => (like = l)"
        />
        <Button :disabled="!like" @click="takeFrom">Take its demands</Button>
      </template>
    </div>
  </form>
</template>

<style scoped>
.lines {
  display: grid;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: end;
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
.line > :deep(.ant-form-item) {
  flex: 1 1 150px;
  max-width: 300px;
  margin: 0;
}
.line > :deep(.ant-form-item:first-child) {
  flex: 2 1 220px;
}
.line > :deep(.ant-form-item.narrow) {
  flex: 0 1 100px;
}
/* On the line of what is typed, under the labels. */
.line > button {
  margin-bottom: 4px;
}
.both,
.standard {
  margin-bottom: 9px;
}
.standard {
  margin-left: auto;
}
</style>
