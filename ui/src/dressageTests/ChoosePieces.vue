<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { computed, ref } from 'vue'
import ChipRow from '../house/ChipRow.vue'
import ChoiceField from '../house/ChoiceField.vue'
import { useAims, useDressageTests, useTestOfHorse } from '../house/queries'

/** Which test, and which of it: the test of the next competition, with the pieces ticked that are worth schooling now. */
const props = defineProps<{ horseId: string; busy: boolean }>()
const emit = defineEmits<{ chosen: [testId: string, pieces: number[]]; notNow: [] }>()
const { data: tests } = useDressageTests()
const { data: aims } = useAims(() => props.horseId)
const picked = ref<string | null>(null)
const testId = computed(
  () => picked.value ?? aims.value?.find((a) => a.daysLeft >= 0 && a.testId)?.testId ?? '',
)
const { data: page } = useTestOfHorse(
  () => props.horseId,
  () => testId.value,
)
const chosen = computed(() => tests.value?.find((t) => t.id === testId.value))
const ticked = ref<number[] | null>(null)
const worthIt = computed(() => page.value?.toSchool.map((p) => p.movement) ?? [])
const pieces = computed(() => ticked.value ?? worthIt.value)
function choose(id: string) {
  picked.value = id
  ticked.value = null
}
</script>

<template>
  <div class="row items-end">
    <ChoiceField
      :value="testId"
      label="Dressage test"
      :options="(tests ?? []).map((t) => ({ value: t.id, label: t.name }))"
      class="min-w-240px"
      @change="choose"
    />
    <Button
      :type="pieces.length ? 'primary' : 'default'"
      :disabled="!chosen || busy"
      @click="emit('chosen', testId, pieces)"
      >{{ pieces.length ? 'Add these pieces' : 'Add the whole of it' }}</Button
    >
    <Button @click="emit('notNow')">Not now</Button>
  </div>
  <ChipRow
    v-if="chosen"
    :model-value="pieces"
    label="Movements"
    :choices="chosen.movements.map((m) => ({ value: m.number, label: `${m.number} ${m.words}` }))"
    many
    @update:model-value="(n) => (ticked = n as number[])"
  />
  <p class="small quiet">
    <template v-if="worthIt.length && !ticked"
      >Ticked is what is worth schooling now: what comes too quickly, and what is marked under its usual.
    </template>
    Pieces come in another order than the test's, so that the horse waits to be told.
  </p>
</template>
