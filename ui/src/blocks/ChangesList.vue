<script setup lang="ts">
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
  <section class="card changes" aria-labelledby="changes-head">
    <div class="row spread">
      <h2 id="changes-head">
        {{
          again.changes.length === 0
            ? 'Nothing changes'
            : `${again.changes.length} ${again.changes.length === 1 ? 'change' : 'changes'}, before and after`
        }}
      </h2>
      <button class="link" type="button" @click="emit('close')">Leave the plan as it is</button>
    </div>
    <p v-if="again.says">{{ again.says }}</p>
    <ProblemNote v-if="problem" :problem="problem" />
    <div v-if="again.changes.length" class="scroll">
      <table>
        <thead>
          <tr>
            <th><span class="visually-hidden">Take over</span></th>
            <th>What</th>
            <th>Before</th>
            <th>After</th>
            <th>Because</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="c in shown" :key="c.id" :class="{ left: left.has(c.id) }">
            <td>
              <input
                type="checkbox"
                :checked="!left.has(c.id)"
                :aria-label="`Take over: ${says(c.before)} becomes ${says(c.after)}`"
                @change="tick(c.id)"
              />
            </td>
            <td>
              <strong>{{ planChangeWords[c.kind] }}</strong>
            </td>
            <td :class="{ gone: c.before }">{{ says(c.before) }}</td>
            <td>{{ says(c.after) }}</td>
            <td class="small">{{ c.because }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <button
      v-if="again.changes.length > shown.length"
      class="link small more"
      type="button"
      @click="many = true"
    >
      Show all {{ again.changes.length }}
    </button>
    <div class="row">
      <button
        v-if="again.changes.length"
        class="button main"
        type="button"
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
      </button>
      <button
        v-if="entry && again.changes.length === 0"
        class="button main"
        type="button"
        :disabled="busy"
        @click="accept"
      >
        Keep the inputs
      </button>
    </div>
  </section>
</template>

<style scoped>
.more {
  justify-self: start;
}
.changes {
  display: grid;
  gap: 10px;
  border-color: var(--ink);
}
td {
  vertical-align: top;
}
.gone {
  color: var(--quiet);
}
.left td:not(:first-child) {
  color: var(--quiet);
  text-decoration: line-through;
}
input {
  width: 20px;
  height: 20px;
  accent-color: var(--ink);
}
</style>
