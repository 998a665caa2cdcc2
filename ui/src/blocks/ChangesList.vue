<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
import Button from 'ant-design-vue/es/button'
import Checkbox from 'ant-design-vue/es/checkbox'
import { computed, ref } from 'vue'
import { ask, client } from '../api/client'
import type { BlockEntry, BlockView, PlacedSession, Replanned } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { shortDay } from '../house/format'
import { done } from '../house/undo'
import { planChangeWords, kindWords } from '../house/words'
import { useEdits } from './edits'
import { seenOf } from './seen'

/** Before and after, session by session, each with its reason; all of it is taken over, or some. */
const props = defineProps<{ horseId: string; block: BlockView; again: Replanned; entry?: BlockEntry }>()
const emit = defineEmits<{ close: []; kept: []; otherwise: [again: Replanned] }>()
const changed = useChanged()
const { problem, busy, attempt } = useProblem()
const { backTo } = useEdits(
  () => props.horseId,
  () => props.block,
)
const left = ref(new Set<string>())
const taken = computed(() => props.again.changes.filter((c) => !left.value.has(c.id)))
const many = ref(false)
const shown = computed(() => (many.value ? props.again.changes : props.again.changes.slice(0, 14)))
const says = (s: PlacedSession | null | undefined) =>
  s ? `${shortDay(s.on)}, ${kindWords[s.kind].toLowerCase()}, ${s.minutes.total} min` : 'nothing'

function tick(id: string) {
  const now = new Set(left.value)
  if (!now.delete(id)) now.add(id)
  left.value = now
}

async function accept() {
  const before = props.block.number
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/blocks/{blockId}/accept', {
        params: { path: { horseId: props.horseId, blockId: props.block.id } },
        body: {
          number: before,
          entry: props.entry ?? null,
          accepted: left.value.size ? taken.value.map((c) => c.id) : null,
          because: null,
          seen: seenOf(props.again.plan),
        },
      }),
    ),
  )
  if (!kept) {
    const current = problem.value?.status === 409 ? problem.value.current : null
    if (current && typeof current === 'object' && 'changes' in current)
      emit('otherwise', current as Replanned)
    return
  }
  await changed(bearsUpon.horse(props.horseId))
  emit('kept')
  done('The plan was changed.', () => backTo(before))
}
</script>

<template>
  <section class="card changes grid gap-10px b-ink" aria-labelledby="changes-head">
    <div class="row spread">
      <h2 id="changes-head">
        {{
          again.changes.length === 0
            ? 'Nothing changes'
            : `${again.changes.length} ${again.changes.length === 1 ? 'change' : 'changes'}, before and after`
        }}
      </h2>
      <Button type="link" @click="emit('close')">Leave the plan as it is</Button>
    </div>
    <p v-if="again.says">{{ again.says }}</p>
    <ProblemNote v-if="problem" :problem="problem" />
    <RowsTable
      v-if="again.changes.length"
      :rows="shown"
      :row-class="(c) => (left.has(c.id) ? 'left' : '')"
      :columns="[
        { key: 'take' },
        { key: 'what', title: 'What' },
        { key: 'before', title: 'Before' },
        { key: 'after', title: 'After', says: (c) => says(c.after) },
        { key: 'because', title: 'Because', says: (c) => c.because },
      ]"
    >
      <template #take="{ row: c }">
        <Checkbox
          :checked="!left.has(c.id)"
          :aria-label="`Take over: ${says(c.before)} becomes ${says(c.after)}`"
          @change="tick(c.id)"
        />
      </template>
      <template #what="{ row }"
        ><strong>{{ planChangeWords[row.kind] }}</strong></template
      >
      <template #before="{ row }"
        ><span :class="{ gone: row.before }">{{ says(row.before) }}</span></template
      >
    </RowsTable>
    <Button
      v-if="again.changes.length > shown.length"
      type="link"
      size="small"
      class="more"
      @click="many = true"
    >
      Show all {{ again.changes.length }}
    </Button>
    <div class="row">
      <Button
        v-if="again.changes.length"
        type="primary"
        :disabled="busy || taken.length === 0"
        @click="accept"
      >
        {{
          left.size
            ? `Take over ${taken.length} of ${again.changes.length}`
            : again.changes.length === 1
              ? 'Take it over'
              : `Take over all ${again.changes.length}`
        }}
      </Button>
      <Button v-if="entry && again.changes.length === 0" type="primary" :disabled="busy" @click="accept">
        Keep the inputs
      </Button>
    </div>
  </section>
</template>

<style scoped>
.more {
  justify-self: start;
}
.gone {
  color: var(--quiet);
}
.changes :deep(.left td:not(:first-child)) {
  color: var(--quiet);
  text-decoration: line-through;
}
</style>
