<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
import Button from 'ant-design-vue/es/button'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { ask, client } from '../api/client'
import type { BlockEntry, BlockPlan, Replanned, Why } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import ProblemNote from '../house/ProblemNote.vue'
import WhyButton from '../house/WhyButton.vue'
import { useProblem } from '../house/faults'
import { useBlock } from '../house/queries'
import { phaseTints } from '../house/words'
import BlockForm from './BlockForm.vue'
import ChangesList from './ChangesList.vue'
import WorkingNote from './WorkingNote.vue'
import { seenOf } from './seen'
import { done } from '../house/undo'

/** What goes into a block; the plan it gives is shown before it is kept. */
const props = defineProps<{ horseId: string; blockId?: string }>()
const router = useRouter()
const changed = useChanged()
const { data: block } = useBlock(
  () => props.horseId,
  () => props.blockId || undefined,
)
const entry = ref<BlockEntry | null>(null)
const because = ref<Why[]>([])
const plan = ref<BlockPlan | null>(null)
const again = ref<Replanned | null>(null)
const { problem, busy, attempt } = useProblem()
let stop = new AbortController()
const editing = computed(() => Boolean(props.blockId))

if (!props.blockId)
  void ask(() =>
    client.GET('/api/horses/{horseId}/blocks/suggestion', { params: { path: { horseId: props.horseId } } }),
  ).then((s) => {
    entry.value = s.entry
    because.value = s.because
  })
watch(
  block,
  (b) => {
    if (b && !entry.value) entry.value = JSON.parse(JSON.stringify(b.entry)) as BlockEntry
  },
  { immediate: true },
)

async function look() {
  stop = new AbortController()
  plan.value = again.value = null
  if (editing.value)
    again.value =
      (await attempt(() =>
        ask(() =>
          client.POST('/api/horses/{horseId}/blocks/{blockId}/again', {
            params: { path: { horseId: props.horseId, blockId: props.blockId! } },
            body: { entry: entry.value },
            signal: stop.signal,
          }),
        ),
      )) ?? null
  else
    plan.value =
      (await attempt(() =>
        ask(() =>
          client.POST('/api/horses/{horseId}/blocks/plan', {
            params: { path: { horseId: props.horseId } },
            body: entry.value!,
            signal: stop.signal,
          }),
        ),
      )) ?? null
}

async function keep() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/blocks', {
        params: { path: { horseId: props.horseId } },
        body: { entry: entry.value!, seen: plan.value && seenOf(plan.value) },
      }),
    ),
  )
  if (!kept) {
    // It comes out otherwise by now: shown as it would be, to be kept at a second look.
    if (problem.value?.status === 409) plan.value = problem.value.current as BlockPlan
    return
  }
  await changed(bearsUpon.horse(props.horseId))
  done(`${kept.name} is planned.`)
  await router.push({ name: 'season', params: { horseId: props.horseId } })
}
</script>

<template>
  <header class="page-head">
    <h1>{{ editing ? 'Inputs of the block' : 'A new block' }}</h1>
    <span class="quiet">{{
      editing
        ? 'What is past stays; the rest is planned again.'
        : 'What cannot be known is asked; the rest is proposed.'
    }}</span>
  </header>
  <form v-if="entry" class="stack" @submit.prevent="look">
    <ProblemNote v-if="problem" :problem="problem" />
    <BlockForm v-model="entry" :horse-id="horseId" :because="because" :editing="editing" />
    <WorkingNote v-if="busy" says="Placing the days" @cancel="stop.abort()" />
    <div class="row">
      <Button :type="plan || again ? 'default' : 'primary'" html-type="submit" :disabled="busy">
        {{ editing ? 'See what changes' : 'See the plan' }}
      </Button>
      <Button v-if="!editing" :type="plan ? 'primary' : 'default'" :disabled="busy" @click="keep">
        Keep this block
      </Button>
      <RouterLink :to="{ name: 'season', params: { horseId } }">Leave it</RouterLink>
    </div>
  </form>
  <ChangesList
    v-if="again && block"
    class="below"
    :horse-id="horseId"
    :block="block"
    :again="again"
    :entry="entry ?? undefined"
    @close="again = null"
    @otherwise="again = $event"
    @kept="router.push({ name: 'season', params: { horseId } })"
  />
  <section v-if="plan" class="card stack below" aria-label="The plan">
    <h2>
      {{ plan.weeks.length }} weeks, {{ plan.weeks.reduce((n, w) => n + w.sessions.length, 0) }} sessions
    </h2>
    <RowsTable
      :rows="plan.phases"
      :columns="[
        { key: 'phase', title: 'Phase' },
        {
          key: 'weeks',
          title: 'Weeks',
          says: (p) => `${p.firstWeek}${p.lastWeek > p.firstWeek ? ` to ${p.lastWeek}` : ''}`,
        },
        {
          key: 'minutes',
          title: 'Minutes a week',
          says: (p) =>
            plan!.weeks
              .slice(p.firstWeek - 1, p.lastWeek)
              .map((w) => w.minutes.total)
              .join(', '),
        },
      ]"
    >
      <template #phase="{ row }">
        <span class="phase" :class="phaseTints[row.phase]">{{ row.says }}</span>
        <WhyButton :why="row.why" :of="row.says" />
      </template>
    </RowsTable>
    <p v-for="note in plan.notes" :key="note" class="small quiet">{{ note }}</p>
  </section>
</template>

<style scoped>
.below {
  margin-top: 16px;
}
.phase {
  padding: 2px 8px;
  border-radius: 5px;
  font-weight: 600;
}
</style>
