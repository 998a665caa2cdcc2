<script setup lang="ts">
import LinkButton from '../house/LinkButton.vue'
import Button from 'ant-design-vue/es/button'
import { computed, ref } from 'vue'
import type { Replanned } from '../api/schema'
import { ask, client } from '../api/client'
import LoadCard from '../conditioning/LoadCard.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { inDays, longDay } from '../house/format'
import { useAims, useBlock, useBlocks } from '../house/queries'
import { signedIn, trains } from '../house/signIn'
import { purposeWords } from '../house/words'
import BlockWeeks from './BlockWeeks.vue'
import ChangesList from './ChangesList.vue'
import PhaseChart from './PhaseChart.vue'
import PlannedAndDone from './PlannedAndDone.vue'
import ReturnCard from './ReturnCard.vue'
import SessionWeeks from './SessionWeeks.vue'
import VersionsCard from './BlockVersions.vue'
import WorkingNote from './WorkingNote.vue'

/** The season of one horse: its block with phases, weekly minutes and weeks by days. */
const props = defineProps<{ horseId: string }>()
const { data: blocks, error: away } = useBlocks(() => props.horseId)
const underWay = computed(() => blocks.value?.find((b) => !b.endedOn))
const { data: block, error } = useBlock(
  () => props.horseId,
  () => underWay.value?.id,
)
const { data: aims } = useAims(() => props.horseId)
const today = computed(() => signedIn.value?.today)
const next = computed(() => aims.value?.find((a) => a.daysLeft >= 0))
const { problem, busy, attempt } = useProblem()
const again = ref<Replanned | null>(null)
let stop = new AbortController()

async function planAgain() {
  stop = new AbortController()
  again.value =
    (await attempt(() =>
      ask(() =>
        client.POST('/api/horses/{horseId}/blocks/{blockId}/again', {
          params: { path: { horseId: props.horseId, blockId: block.value!.id } },
          body: { entry: null },
          signal: stop.signal,
        }),
      ),
    )) ?? null
}
</script>

<template>
  <header class="page-head">
    <h1>{{ block ? block.name : 'Season' }}</h1>
    <span v-if="block" class="quiet">
      {{ purposeWords[block.purpose]
      }}<template v-if="block.aim"> to {{ block.aim.name }}, {{ inDays(block.aim.daysLeft) }}</template
      ><template v-else> until {{ longDay(block.end) }}</template>
    </span>
    <span v-else-if="next" class="quiet">towards {{ next.name }}, {{ inDays(next.daysLeft) }}</span>
    <div v-if="trains() && blocks" class="actions no-print">
      <LinkButton :to="{ name: 'session', params: { horseId, sessionId: 'new' }, query: { on: today } }"
        >Plan a session</LinkButton
      >
      <template v-if="block">
        <LinkButton :to="{ name: 'block', params: { horseId, blockId: block.id } }">Inputs</LinkButton>
        <Button type="primary" :disabled="busy" @click="planAgain"> Plan again from today </Button>
      </template>
      <LinkButton v-else-if="!underWay" type="primary" :to="{ name: 'block', params: { horseId } }"
        >Plan a block</LinkButton
      >
    </div>
  </header>
  <ProblemNote v-if="away || error || problem" :problem="away ?? error ?? problem" />
  <WorkingNote v-if="busy" says="Placing the days" @cancel="stop.abort()" />
  <div v-if="block" class="stack">
    <p v-if="block.planAgainBecause && !again" class="told" role="status">
      <strong>{{ block.planAgainBecause }}</strong> The plan does not know of it yet.
      <Button v-if="trains()" size="small" :disabled="busy" @click="planAgain"> See what changes </Button>
    </p>
    <ChangesList
      v-if="again"
      :horse-id="horseId"
      :block="block"
      :again="again"
      @close="again = null"
      @otherwise="again = $event"
      @kept="again = null"
    />
    <PhaseChart :block="block" :horse-id="horseId" />
    <ReturnCard v-if="block.purpose === 'return'" :horse-id="horseId" :block="block" />
    <BlockWeeks :horse-id="horseId" :block="block" />
    <p v-for="note in block.plan.notes" :key="note" class="small quiet">{{ note }}</p>
    <PlannedAndDone :block="block" />
    <LoadCard :horse-id="horseId" />
    <VersionsCard :horse-id="horseId" :block="block" />
  </div>
  <div v-else-if="blocks && !underWay" class="stack">
    <div v-if="trains()" class="card grid gap-8px max-w-640px">
      <h2>No block under way</h2>
      <p>
        A block leads to a competition, builds fitness, or brings a horse back: it shares the work out over
        the weeks and says why for every day. Give its days and its helper; the rest is proposed.
      </p>
    </div>
    <SessionWeeks :horse-id="horseId" />
    <LoadCard :horse-id="horseId" />
  </div>
</template>
