<script setup lang="ts">
import type { SetUpEntryCorridorEntry } from '../api/schema'
import DistanceField from '../house/DistanceField.vue'
import NumberField from '../house/NumberField.vue'

const entry = defineModel<SetUpEntryCorridorEntry>({ required: true })
const set = (change: Partial<SetUpEntryCorridorEntry>) => (entry.value = { ...entry.value, ...change })
</script>

<template>
  <NumberField
    label="Poles on each side"
    name="sections"
    :value="entry.sections!"
    :min="1"
    :max="6"
    @change="(sections) => set({ sections })"
  />
  <DistanceField
    label="Between the sides"
    name="widthMetres"
    :value="entry.widthMetres"
    @change="(widthMetres) => set({ widthMetres })"
  />
  <NumberField
    label="Halts inside"
    name="halts"
    :value="entry.halts!"
    :min="0"
    :max="3"
    @change="(halts) => set({ halts, ...(halts === 0 ? { backSteps: 0 } : {}) })"
  />
  <NumberField
    v-if="entry.halts! > 0"
    label="Steps back at the last"
    name="backSteps"
    :value="entry.backSteps!"
    :min="0"
    :max="6"
    @change="(backSteps) => set({ backSteps })"
  />
</template>
