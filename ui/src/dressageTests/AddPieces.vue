<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { ref } from 'vue'
import { ask, client } from '../api/client'
import type { PartEntry } from '../api/schema'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import ChoosePieces from './ChoosePieces.vue'

/** A dressage test as a part of a session: some of its movements in another order, or all of it. */
const props = defineProps<{ horseId: string; test?: string; pieces?: number[] }>()
const emit = defineEmits<{ add: [part: PartEntry] }>()
const { problem, busy, attempt } = useProblem()
const open = ref(false)

async function add(testId: string, pieces: number[]) {
  const part = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/dressage-tests/{testId}/part', {
        params: { path: { horseId: props.horseId, testId } },
        body: { pieces },
      }),
    ),
  )
  if (!part) return
  emit('add', part)
  open.value = false
}
// Whoever comes from the page of a test has chosen already.
if (props.test) void add(props.test, props.pieces ?? [])
</script>

<template>
  <ProblemNote v-if="problem" :problem="problem" />
  <Button v-if="!open" size="small" @click="open = true">Pieces of a test</Button>
  <div v-else class="grid gap-8px py-8px px-10px rounded-8px bg-bank">
    <ChoosePieces :horse-id="horseId" :busy="busy" @chosen="add" @not-now="open = false" />
  </div>
</template>
