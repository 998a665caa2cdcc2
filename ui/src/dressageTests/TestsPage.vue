<script setup lang="ts">
import Upload from 'ant-design-vue/es/upload'
import { useRoute, useRouter } from 'vue-router'
import { ask, client, Problem } from '../api/client'
import type { DressageTestView, TestInList } from '../api/schema'
import LinkButton from '../house/LinkButton.vue'
import ProblemNote from '../house/ProblemNote.vue'
import RowsTable from '../house/RowsTable.vue'
import { useProblem } from '../house/faults'
import { way } from '../house/format'
import { bearsUpon, useChanged } from '../house/keys'
import { useDressageTests } from '../house/queries'
import { trains } from '../house/signIn'
import { done } from '../house/undo'

/** Dressage tests: the yard's own, and two that ship. */
const props = defineProps<{ horseId: string }>()
const router = useRouter()
const changed = useChanged()
const { data: tests, error } = useDressageTests()
const { problem, attempt } = useProblem()
const arenaWords: Record<string, string> = { sixtyByTwenty: '60 x 20', fortyByTwenty: '40 x 20' }
const route = useRoute()
/** Whoever comes from a competition marks its test: the day goes along. */
const goesTo = (t: TestInList) => ({
  name: 'test',
  params: { horseId: props.horseId, testId: t.id },
  query: route.query,
})

/** A test from a JSON file, or from a table whose name is the file's. */
async function take(file: File) {
  const text = await file.text()
  const made = await attempt<DressageTestView>(async () => {
    if (!file.name.toLowerCase().endsWith('.csv')) {
      const body = parsed(text)
      return ask(() => client.POST('/api/dressage-tests/file', { body }))
    }
    const body = {
      name: file.name.replace(/\.csv$/i, ''),
      level: '',
      arena: null,
      table: text,
    }
    return ask(() => client.POST('/api/dressage-tests/table', { body }))
  })
  if (!made) return
  await changed(bearsUpon.dressageTests)
  done(`${made.entry.name} taken in.`)
  await router.push({ name: 'test', params: { horseId: props.horseId, testId: made.id } })
}
function parsed(text: string) {
  try {
    return JSON.parse(text)
  } catch {
    throw new Problem(
      400,
      'This file cannot be read.',
      'It is no JSON. Give a file that was written here, or a table as CSV.',
    )
  }
}
</script>

<template>
  <header class="page-head">
    <h1>Dressage tests</h1>
    <div class="actions">
      <LinkButton :to="{ name: 'aims', params: { horseId } }">Aims</LinkButton>
      <Upload
        v-if="trains()"
        accept=".json,.csv,application/json,text/csv"
        :show-upload-list="false"
        :before-upload="(file) => (void take(file), false)"
        ><span class="block py-8px px-16px edge rounded-8px bg-card font-semibold cursor-pointer"
          >Take a file in</span
        ></Upload
      >
      <LinkButton
        v-if="trains()"
        type="primary"
        :to="{ name: 'test-edit', params: { horseId, testId: 'new' } }"
        >Enter a test</LinkButton
      >
    </div>
  </header>
  <ProblemNote v-if="error" :problem="error" />
  <ProblemNote v-if="problem" :problem="problem" class="mb-16px" />
  <section v-if="tests" class="card">
    <RowsTable
      :rows="tests"
      :columns="[
        { key: 'name', title: 'Test' },
        { key: 'level', title: 'Level', says: (t) => t.level },
        { key: 'arena', title: 'Arena', says: (t) => arenaWords[t.arena] ?? '' },
        { key: 'movements', title: 'Movements', number: true, says: (t) => t.movements.length },
        { key: 'way', title: 'Way', number: true, says: (t) => way(t.way) },
        { key: 'from', title: '', says: (t) => (t.ships ? 'comes with the program' : 'ours') },
      ]"
    >
      <template #name="{ row }"
        ><RouterLink :to="goesTo(row)" class="font-semibold">{{ row.name }}</RouterLink></template
      >
    </RowsTable>
    <p v-if="route.query.on" class="mt-10px">Which test was ridden there? Its marks come next.</p>
    <p class="small quiet mt-10px">
      Enter the tests you ride in your own words, letter to letter. Each is laid through the arena at this
      horse's own strides, so that you see what follows on what too quickly for it.
    </p>
  </section>
</template>
