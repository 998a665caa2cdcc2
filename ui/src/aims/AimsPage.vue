<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import DatePicker from 'ant-design-vue/es/date-picker'
import Input from 'ant-design-vue/es/input'
import { computed, watch } from 'vue'
import { ask, client } from '../api/client'
import type { AimEntry, AimView, Discipline, Importance } from '../api/schema'
import { bearsUpon } from '../house/keys'
import ConflictDialog from '../house/ConflictDialog.vue'
import FieldBox from '../house/FieldBox.vue'
import LinkButton from '../house/LinkButton.vue'
import ListedText from '../house/ListedText.vue'
import NumberBox from '../house/NumberBox.vue'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useDraft, useTakingOff } from '../house/drafts'
import { useAimLevels, useDressageTests, useGoalAndAims } from '../house/queries'
import { trains } from '../house/signIn'
import { disciplineWords, importanceWords } from '../house/words'
import AimCard from './AimCard.vue'
import GoalCard from './GoalCard.vue'

/** Competitions worked towards. */
const props = defineProps<{ horseId: string }>()
const { data: view } = useGoalAndAims(() => props.horseId)
/** What is to come first, the next of it on top; then what has been, the latest of it. */
const aims = computed(
  () =>
    view.value && [
      ...view.value.aims.filter((a) => a.daysLeft >= 0),
      ...view.value.aims.filter((a) => a.daysLeft < 0).toReversed(),
    ],
)
const { data: levels } = useAimLevels()
const aimsOfThisHorse = () => bearsUpon.horse(props.horseId)
const path = (aimId: string) => ({ horseId: props.horseId, aimId })
const { entry, changes, problem, busy, begin, leave, keep, takeTheirs } = useDraft<AimEntry, AimView>({
  blank: () => ({
    name: '',
    on: null,
    discipline: 'jumping',
    scheme: '',
    level: '',
    heightMetres: null,
    place: '',
    importance: 'main',
    testId: null,
  }),
  of: ({ name, on, discipline, scheme, level, heightMetres, place, importance, testId }) => ({
    name,
    on,
    discipline,
    scheme,
    level,
    heightMetres,
    place,
    importance,
    testId,
  }),
  versionOf: (aim) => aim.version,
  send(typed, on) {
    const body = {
      ...typed,
      heightMetres: typed.discipline === 'dressage' ? null : typed.heightMetres,
      testId: typed.discipline === 'jumping' ? null : typed.testId,
    }
    return ask(() =>
      on
        ? client.PUT('/api/horses/{horseId}/aims/{aimId}', {
            params: { path: path(on.view.id) },
            body: { version: on.version, entry: body },
          })
        : client.POST('/api/horses/{horseId}/aims', { params: { path: { horseId: props.horseId } }, body }),
    )
  },
  bearsUpon: aimsOfThisHorse,
})
const takeOff = useTakingOff(aimsOfThisHorse)
const words = {
  name: 'Competition',
  on: 'Day',
  discipline: 'Discipline',
  scheme: 'Scheme',
  level: 'Level',
  heightMetres: 'Height',
  place: 'Place',
  importance: 'How much it matters',
  testId: 'Dressage test',
}
const disciplines = (Object.keys(disciplineWords) as Discipline[]).map((value) => ({
  value,
  label: disciplineWords[value],
}))
const importances = (Object.keys(importanceWords) as Importance[]).map((value) => ({
  value,
  label: importanceWords[value],
}))
const { data: dressageTests } = useDressageTests()
const tests = computed(() => (dressageTests.value ?? []).map((t) => ({ value: t.id, label: t.name })))
const nameOfTest = (id: unknown) => tests.value.find((t) => t.value === id)?.label ?? ''
const ofDiscipline = computed(() =>
  (levels.value ?? []).filter((l) => l.discipline === entry.value.discipline),
)
const schemes = computed(() => [...new Set(ofDiscipline.value.map((l) => l.scheme))])
const level = computed(() =>
  ofDiscipline.value.find((l) => l.scheme === entry.value.scheme && l.name === entry.value.level),
)
const levelsOfScheme = computed(() =>
  ofDiscipline.value.filter((l) => l.scheme === entry.value.scheme).map((l) => l.name),
)
// The height comes with the level; whoever's own height differs types it after.
watch(level, (now) => now?.heightMetres && !changes.value && (entry.value.heightMetres = now.heightMetres))

const remove = (aim: AimView) =>
  takeOff(
    `${aim.name} taken off.`,
    () => ask(() => client.DELETE('/api/horses/{horseId}/aims/{aimId}', { params: { path: path(aim.id) } })),
    () =>
      ask(() =>
        client.POST('/api/horses/{horseId}/aims/{aimId}/restore', { params: { path: path(aim.id) } }),
      ),
  )
</script>

<template>
  <header class="page-head">
    <h1>Aims</h1>
    <div class="actions">
      <LinkButton :to="{ name: 'tests', params: { horseId } }">Dressage tests</LinkButton>
    </div>
  </header>
  <div class="columns">
    <div class="stack">
      <GoalCard v-if="view" :horse-id="horseId" :goal="view.goal" />
      <p v-if="aims?.length === 0" class="card">
        No competition yet. Enter one: the days that are left decide how fast the work can grow.
      </p>
      <AimCard
        v-for="aim in aims"
        :key="aim.id"
        :horse-id="horseId"
        :aim="aim"
        :test="nameOfTest(aim.testId)"
        @edit="begin(aim)"
        @remove="remove(aim)"
      />
    </div>

    <form v-if="trains()" class="card stack" @submit.prevent="keep()">
      <h2>{{ changes ? 'Edit the aim' : 'Add a competition' }}</h2>
      <ProblemNote
        v-if="problem && problem.faults.length === 0 && problem.status !== 409"
        :problem="problem"
      />
      <FieldBox v-slot="{ id }" label="Competition" name="name"
        ><Input :id="id" v-model:value="entry.name!"
      /></FieldBox>
      <div class="pair">
        <FieldBox v-slot="{ id }" label="Day" name="on"
          ><DatePicker :id="id" v-model:value="entry.on!" value-format="YYYY-MM-DD" format="D MMM YYYY"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Discipline" name="discipline"
          ><PickOne :id="id" v-model:value="entry.discipline!" :options="disciplines"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Scheme" name="scheme" hint="From the list, or your own"
          ><ListedText :id="id" v-model:value="entry.scheme!" :options="schemes"
        /></FieldBox>
        <FieldBox
          v-slot="{ id }"
          label="Level"
          name="level"
          :hint="level ? undefined : '“Novice” differs by scheme'"
          ><ListedText :id="id" v-model:value="entry.level!" :options="levelsOfScheme"
        /></FieldBox>
        <NumberBox
          v-if="entry.discipline !== 'dressage'"
          v-model:value="entry.heightMetres"
          label="Height, metres"
          name="heightMetres"
        />
        <FieldBox
          v-if="entry.discipline !== 'jumping'"
          v-slot="{ id }"
          label="Dressage test"
          name="testId"
          hint="What it asks beyond the level is asked here too"
          ><PickOne :id="id" v-model:value="entry.testId" :options="tests" allow-clear
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Place" name="place"
          ><Input :id="id" v-model:value="entry.place!"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="How much it matters" name="importance"
          ><PickOne :id="id" v-model:value="entry.importance!" :options="importances"
        /></FieldBox>
      </div>
      <p v-if="level" class="small quiet">
        It asks {{ level.demands.length }} things<template v-if="level.facts">: {{ level.facts }}</template>
        ({{ level.source.says }}).
      </p>
      <p v-else-if="entry.level && entry.discipline" class="small quiet">
        A level of your own: say on its readiness page what it asks.
      </p>
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">
          {{ changes ? 'Keep' : 'Add the aim' }}
        </Button>
        <Button v-if="changes" @click="leave">Leave it</Button>
      </div>
    </form>
  </div>
  <ConflictDialog
    :problem="problem"
    :mine="entry as Record<string, unknown>"
    :words="words"
    :says="{ testId: nameOfTest }"
    @keep-mine="keep"
    @take-theirs="takeTheirs"
  />
</template>

<style scoped>
.columns {
  --beside: 380px;
}
</style>
