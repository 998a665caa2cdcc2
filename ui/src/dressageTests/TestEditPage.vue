<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ask, client, Problem } from '../api/client'
import { newest } from '../api/newest'
import type { ArenaSize, DressageTestEntry, DressageTestView, TestDrawn, TestLineEntry } from '../api/schema'
import ConflictDialog from '../house/ConflictDialog.vue'
import FieldBox from '../house/FieldBox.vue'
import LinkButton from '../house/LinkButton.vue'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { usePageDraft } from '../house/drafts'
import { way } from '../house/format'
import { bearsUpon, keys, useChanged } from '../house/keys'
import { done } from '../house/undo'
import LineFields from './LineFields.vue'
import TestDrawing from './TestDrawing.vue'

/** A test is entered letter to letter; beside it lies its way, as far as it can be ridden. */
const props = defineProps<{ horseId: string; testId: string }>()
const route = useRoute()
const router = useRouter()
const changed = useChanged()
const isNew = computed(() => props.testId === 'new')
/** What it is begun from: itself, or one that is copied. */
const from = computed(() => (isNew.value ? (route.query.copy as string | undefined) : props.testId))
const { data: kept, error } = useQuery({
  queryKey: computed(() => keys.dressageTest(from.value ?? 'new')),
  queryFn: () =>
    ask(() => client.GET('/api/dressage-tests/{testId}', { params: { path: { testId: from.value! } } })),
  enabled: () => from.value !== undefined,
})

const blank: TestLineEntry = {
  figure: 'straight',
  from: null,
  to: null,
  gait: 'trotWorking',
  turning: null,
  metres: null,
  count: null,
  every: null,
  degrees: null,
  asked: null,
  words: '',
  coefficient: 1,
}
const entry = ref<DressageTestEntry>({
  name: '',
  level: '',
  arena: 'sixtyByTwenty',
  lines: [{ ...blank, to: 'X', words: 'Come in on the centre line' }],
})
/** Lines keep their place on the page by a key of their own. */
const ids = ref<number[]>([0])
let next = 1
const lines = computed(() => entry.value.lines ?? [])
const arenas: { value: ArenaSize; label: string }[] = [
  { value: 'sixtyByTwenty', label: '60 x 20 m' },
  { value: 'fortyByTwenty', label: '40 x 20 m' },
]

const {
  problem,
  busy,
  attempt,
  keep: send,
  takeTheirs,
} = usePageDraft<DressageTestView>({
  kept: () => kept.value,
  load({ entry: typed }) {
    entry.value = {
      ...typed,
      name: isNew.value ? `${typed.name}, ours` : typed.name,
      lines: (typed.lines ?? []).map((l) => ({
        ...blank,
        ...l,
        coefficient: l.coefficient ?? null,
        from: null,
      })),
    }
    ids.value = entry.value.lines!.map(() => next++)
  },
  send: (version) =>
    isNew.value || version === null
      ? ask(() => client.POST('/api/dressage-tests', { body: entry.value }))
      : ask(() =>
          client.PUT('/api/dressage-tests/{testId}', {
            params: { path: { testId: props.testId } },
            body: { version, entry: entry.value },
          }),
        ),
  bearsUpon: () => bearsUpon.dressageTests,
})

const drawn = shallowRef<TestDrawn | null>(null)
/** After a first try to keep it, faults stand beside their fields as they come and go. */
const tried = ref(false)
const draw = newest(
  (typed: DressageTestEntry, signal) =>
    ask(() => client.POST('/api/dressage-tests/check', { body: typed, signal })),
  (answer) => {
    drawn.value = answer
    if (tried.value && problem.value?.status !== 409)
      problem.value = answer.faults.length ? new Problem(400, '', '', answer.faults) : null
  },
  () => undefined,
)
watch(entry, (now) => draw(now), { deep: true, immediate: true })

/** The first line that cannot be ridden, and why; a line that is not filled in yet is no fault. */
const stops = computed(() => {
  const fault = drawn.value?.faults.find((f) => f.field.startsWith('lines['))
  return fault && { at: Number(/\d+/.exec(fault.field)![0]), ...fault }
})
const looked = ref<number | null>(null)
/** The number of the movement of each line. */
const numbers = computed(() => {
  let n = 0
  return lines.value.map((l, i) => (i === 0 || l.coefficient ? ++n : n))
})

function insert(at: number) {
  const before = lines.value[at - 1]
  entry.value.lines!.splice(at, 0, { ...blank, gait: before?.gait ?? 'trotWorking', figure: 'track' })
  ids.value.splice(at, 0, next++)
  looked.value = at
}
function remove(at: number) {
  const [line] = entry.value.lines!.splice(at, 1)
  const [id] = ids.value.splice(at, 1)
  done('Line taken out.', async () => {
    entry.value.lines!.splice(at, 0, line!)
    ids.value.splice(at, 0, id!)
  })
}
async function mirror() {
  const other = await attempt(() =>
    ask(() => client.POST('/api/dressage-tests/mirror', { body: entry.value })),
  )
  if (other) entry.value = other
}

async function keep(version?: number) {
  tried.value = true
  const view = await send(version ?? (isNew.value ? undefined : kept.value?.version))
  if (!view) return
  done(`${view.entry.name} kept.`)
  await router.push({ name: 'test', params: { horseId: props.horseId, testId: view.id } })
}
async function takeOff() {
  const gone = { testId: props.testId }
  const off = await attempt(() =>
    ask(() => client.DELETE('/api/dressage-tests/{testId}', { params: { path: gone } })),
  )
  if (problem.value) return void off
  await router.push({ name: 'tests', params: { horseId: props.horseId } })
  await changed(bearsUpon.dressageTests)
  done(`${entry.value.name} taken off.`, async () => {
    await ask(() => client.POST('/api/dressage-tests/{testId}/restore', { params: { path: gone } }))
    await changed(bearsUpon.dressageTests)
  })
}
const general = computed(() => {
  const p = problem.value
  return p &&
    p.status !== 409 &&
    (p.faults.length === 0 || p.faults.some((f) => ['lines', ''].includes(f.field)))
    ? p
    : null
})
</script>

<template>
  <ProblemNote v-if="error" :problem="error" />
  <form class="stack" @submit.prevent="keep()">
    <header class="page-head">
      <h1>{{ isNew ? 'Enter a test' : entry.name }}</h1>
      <span class="quiet">letter to letter, in your own words</span>
      <div class="actions">
        <LinkButton v-if="isNew" :to="{ name: 'tests', params: { horseId } }">All tests</LinkButton>
        <LinkButton v-else :to="{ name: 'test', params: { horseId, testId } }">Back to it</LinkButton>
        <template v-if="!isNew">
          <Button :href="`/api/dressage-tests/${testId}/file`" download>As a file</Button>
          <Button :href="`/api/dressage-tests/${testId}/table`" download>As a table</Button>
          <Button :disabled="busy" @click="takeOff">Take off</Button>
        </template>
        <Button type="primary" html-type="submit" :disabled="busy">Keep the test</Button>
      </div>
    </header>
    <ProblemNote v-if="general" :problem="general" />
    <div class="columns">
      <section class="card stack gap-10px" aria-label="Its lines">
        <div class="head">
          <FieldBox v-slot="{ id }" label="What it is called" name="name"
            ><Input :id="id" v-model:value="entry.name!"
          /></FieldBox>
          <FieldBox v-slot="{ id }" label="Level" name="level"
            ><Input :id="id" v-model:value="entry.level!"
          /></FieldBox>
          <FieldBox v-slot="{ id }" label="Arena" name="arena"
            ><PickOne :id="id" v-model:value="entry.arena" :options="arenas"
          /></FieldBox>
        </div>
        <p class="small quiet">It comes in at A. Each line begins where the one above it ended.</p>
        <ol>
          <LineFields
            v-for="(line, i) in lines"
            :key="ids[i]"
            :model-value="line"
            :at="i"
            :number="numbers[i]!"
            :with-above="i > 0 && !line.coefficient"
            @update:model-value="(l) => entry.lines!.splice(i, 1, l)"
            @remove="remove(i)"
            @insert="insert(i + 1)"
            @look="looked = i"
          />
        </ol>
        <div class="row">
          <Button @click="insert(lines.length)">Another line</Button>
          <Button @click="mirror">The same on the other rein</Button>
        </div>
      </section>
      <aside class="beside stack">
        <section class="card stack gap-8px" aria-label="Its way" aria-live="polite">
          <p>
            <strong class="big">{{ drawn?.way ? way(drawn.way) : '0 m' }}</strong>
            <span class="quiet"> · {{ drawn?.movements.length ?? 0 }} movements</span>
          </p>
          <TestDrawing
            v-if="drawn"
            :arena="drawn.arena"
            :ways="drawn.ways"
            :gaits="lines.map((l) => l.gait)"
            :chosen="looked !== null && looked < drawn.ways.length ? [looked] : []"
            title="The way, as far as it can be ridden"
          />
          <p v-if="stops" class="stops">
            <strong>Line {{ stops.at + 1 }}:</strong> {{ stops.says }} {{ stops.mend }}
          </p>
          <p v-else-if="lines.length" class="fine">It can be ridden from beginning to end.</p>
        </section>
      </aside>
    </div>
  </form>
  <ConflictDialog
    :problem="problem"
    :mine="entry as Record<string, unknown>"
    :words="{ name: 'Name', level: 'Level', arena: 'Arena' }"
    @keep-mine="keep"
    @take-theirs="takeTheirs"
  />
</template>

<style scoped>
.columns {
  --beside: 380px;
}
.head {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) 130px;
  gap: 6px 12px;
}
.beside {
  position: sticky;
  top: 12px;
}
.big {
  font-size: 1.9rem;
}
.stops {
  padding-left: 10px;
  border-left: 4px solid var(--straw);
}
.fine {
  color: var(--on-true);
}
@media (max-width: 1000px) {
  .beside {
    position: static;
  }
}
@media (max-width: 620px) {
  .head {
    grid-template-columns: 1fr;
  }
}
</style>
