<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { ask, client } from '../api/client'
import type { GatesWaiting, ReturnGate } from '../api/schema'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { bearsUpon, useChanged } from '../house/keys'
import { gateWords } from '../house/words'

/** The gates of a return's week, answered where the morning begins. */
const props = defineProps<{ horseId: string; gates: GatesWaiting }>()
const changed = useChanged()
const { problem, busy, attempt } = useProblem()

async function answer(gate: ReturnGate, passed: boolean) {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/blocks/{blockId}/gates', {
        params: { path: { horseId: props.horseId, blockId: props.gates.blockId } },
        body: { monday: props.gates.monday, gate, passed, word: '', known: null },
      }),
    ),
  )
  if (kept) await changed(bearsUpon.horse(props.horseId))
}
</script>

<template>
  <div class="grid gap-8px">
    <p>
      <strong>Week {{ gates.week }} of its return: before the next goes up</strong>
    </p>
    <ProblemNote v-if="problem" :problem="problem" />
    <ul class="flex flex-wrap gap-y-8px gap-x-22px">
      <li v-for="gate in gates.gates" :key="gate" class="row">
        <span>{{ gateWords[gate] }}</span>
        <Button
          v-for="passed in [true, false]"
          :key="String(passed)"
          size="small"
          :disabled="busy"
          :aria-label="`${gateWords[gate]}, week ${gates.week}: ${passed ? 'yes' : 'no'}`"
          @click="answer(gate, passed)"
        >
          {{ passed ? 'Yes' : 'No' }}
        </Button>
      </li>
    </ul>
  </div>
</template>
