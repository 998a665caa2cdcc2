<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { computed, ref } from 'vue'
import { ask, client } from '../api/client'
import type { PartEntry } from '../api/schema'
import ChipRow from '../house/ChipRow.vue'
import ChoiceField from '../house/ChoiceField.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { useDressageTests } from '../house/queries'

/** A dressage test as a part of a session: some of its movements in another order, or all of it. */
const props = defineProps<{ horseId: string; test?: string; pieces?: number[] }>()
const emit = defineEmits<{ add: [part: PartEntry] }>()
const { data: tests } = useDressageTests()
const { problem, busy, attempt } = useProblem()
const open = ref(false)
const testId = ref(props.test ?? null)
const pieces = ref<number[]>(props.pieces ?? [])
const chosen = computed(() => tests.value?.find((t) => t.id === testId.value))
function choose(id: string) {
  testId.value = id
  pieces.value = []
}

async function add() {
  const part = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/dressage-tests/{testId}/part', {
        params: { path: { horseId: props.horseId, testId: testId.value! } },
        body: { pieces: pieces.value },
      }),
    ),
  )
  if (!part) return
  emit('add', part)
  open.value = false
}
// Whoever comes from the page of a test has chosen already.
if (props.test) void add()
</script>

<template>
  <Button v-if="!open" size="small" @click="open = true">Pieces of a test</Button>
  <div v-else class="grid gap-8px py-8px px-10px rounded-8px bg-bank">
    <ProblemNote v-if="problem" :problem="problem" />
    <div class="row items-end">
      <ChoiceField
        :value="testId ?? ''"
        label="Dressage test"
        :options="(tests ?? []).map((t) => ({ value: t.id, label: t.name }))"
        class="min-w-240px"
        @change="choose"
      />
      <Button type="primary" :disabled="!chosen || busy" @click="add">{{
        pieces.length ? 'Add these pieces' : 'Add the whole of it'
      }}</Button>
      <Button @click="open = false">Not now</Button>
    </div>
    <ChipRow
      v-if="chosen"
      :model-value="pieces"
      label="Movements"
      :choices="chosen.movements.map((m) => ({ value: m.number, label: `${m.number} ${m.words}` }))"
      many
      @update:model-value="(n) => (pieces = n as number[])"
    />
    <p class="small quiet">
      Pieces come in another order than the test's, so that the horse waits to be told.
    </p>
  </div>
</template>
