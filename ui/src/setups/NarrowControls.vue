<script setup lang="ts">
import { workshop } from '../api/figures'
import type { SetUpEntryNarrowEntry } from '../api/schema'
import ChoiceField from '../house/ChoiceField.vue'
import DistanceField from '../house/DistanceField.vue'
import { comesIn } from './setUpEntries'

const entry = defineModel<SetUpEntryNarrowEntry>({ required: true })
const set = (change: Partial<SetUpEntryNarrowEntry>) => (entry.value = { ...entry.value, ...change })
const widths = workshop.narrowWidths.map((w) => w.toFixed(1)).join(', ')
</script>

<template>
  <DistanceField
    label="Width"
    name="widthMetres"
    :hint="`Comes down by ${widths} m`"
    :value="entry.widthMetres"
    @change="(widthMetres) => set({ widthMetres })"
  />
  <ChoiceField
    label="Guide poles"
    name="guides"
    :value="entry.guides!"
    :options="[
      { value: 'both', label: 'Both sides' },
      { value: 'left', label: 'Left only' },
      { value: 'right', label: 'Right only' },
      { value: 'none', label: 'None' },
    ]"
    @change="(guides) => set({ guides })"
  />
  <DistanceField
    label="Height"
    name="heightMetres"
    plain="cm"
    :value="entry.heightMetres"
    @change="(heightMetres) => set({ heightMetres })"
  />
  <ChoiceField
    label="Come to in"
    name="comesIn"
    :value="entry.comesIn as 'trot'"
    :options="comesIn"
    @change="(gait) => set({ comesIn: gait })"
  />
</template>
