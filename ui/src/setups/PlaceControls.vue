<script setup lang="ts">
import { computed } from 'vue'
import type { SetUpEntry } from '../api/schema'
import ChoiceField from '../house/ChoiceField.vue'
import DistanceField from '../house/DistanceField.vue'
import NumberField from '../house/NumberField.vue'
import { options } from '../house/words'
import { isFigure, lineWords, onTheSpot } from './setUpEntries'

/** Where it stands in the arena, and which way it is ridden. */
const entry = defineModel<SetUpEntry>({ required: true })
const set = (change: Partial<SetUpEntry>) => (entry.value = { ...entry.value, ...change } as SetUpEntry)
/** Its way is the school's; what is ridden on the spot stands where it is put. */
const figure = computed(() => isFigure(entry.value) && !onTheSpot(entry.value.kind!))
const hasMiddle = computed(
  () =>
    !figure.value ||
    (isFigure(entry.value) && (entry.value.kind === 'circle' || entry.value.kind === 'spiral')),
)
</script>

<template>
  <ChoiceField
    label="Arena"
    name="arena"
    :value="entry.arena!"
    :options="[
      { value: 'sixtyByTwenty', label: '60 x 20' },
      { value: 'fortyByTwenty', label: '40 x 20' },
    ]"
    @change="(arena) => set({ arena, middleMetres: arena === 'fortyByTwenty' ? 20 : 30 })"
  />
  <ChoiceField
    v-if="!figure"
    label="Line"
    name="line"
    :value="entry.line!"
    :options="options(lineWords)"
    @change="(line) => set({ line })"
  />
  <ChoiceField
    label="Ridden"
    name="heading"
    :value="entry.heading!"
    :options="[
      { value: 'towardsC', label: figure ? 'from A' : 'towards C' },
      { value: 'towardsA', label: figure ? 'from C' : 'towards A' },
    ]"
    @change="(heading) => set({ heading })"
  />
  <DistanceField
    v-if="hasMiddle"
    label="Middle, from A"
    name="middleMetres"
    :step="0.5"
    :value="entry.middleMetres"
    @change="(middleMetres) => set({ middleMetres })"
  />
  <NumberField
    v-if="!figure"
    label="Turned, degrees"
    name="turnedDegrees"
    hint="To the right, as it is ridden"
    :value="entry.turnedDegrees ?? 0"
    :min="-90"
    :max="90"
    :step="5"
    @change="(d) => set({ turnedDegrees: d || null })"
  />
</template>
