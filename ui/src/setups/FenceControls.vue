<script setup lang="ts">
import { computed } from 'vue'
import type { SetUpEntryFenceLineEntry } from '../api/schema'
import ChoiceField from '../house/ChoiceField.vue'
import NumberField from '../house/NumberField.vue'
import { comesIn, groundLines, reins } from './setUpEntries'

const entry = defineModel<SetUpEntryFenceLineEntry>({ required: true })
const set = (change: Partial<SetUpEntryFenceLineEntry>) => (entry.value = { ...entry.value, ...change })
/** Only a related line of two fences bends. */
const bends = computed(() => entry.value.kind === 'relatedLine' && entry.value.elements?.length === 2)
</script>

<template>
  <ChoiceField
    label="They are"
    name="kind"
    :value="entry.kind!"
    :options="[
      { value: 'grid', label: 'A grid' },
      { value: 'relatedLine', label: 'A related line' },
    ]"
    @change="(kind) => set({ kind, ...(kind === 'grid' ? { bendDegrees: null, bendTo: null } : {}) })"
  />
  <ChoiceField
    label="Come to in"
    name="comesIn"
    :value="entry.comesIn as 'trot'"
    :options="comesIn"
    @change="(gait) => set({ comesIn: gait })"
  />
  <ChoiceField
    label="Ground lines"
    name="groundLines"
    :value="entry.groundLines ?? 'front'"
    :options="groundLines"
    @change="(groundLines) => set({ groundLines })"
  />
  <template v-if="bends">
    <NumberField
      label="Bends by, degrees"
      name="bendDegrees"
      hint="Nothing is a straight line"
      :value="entry.bendDegrees ?? 0"
      :min="0"
      :max="120"
      :step="5"
      @change="(d) => set({ bendDegrees: d || null, bendTo: d ? (entry.bendTo ?? 'left') : null })"
    />
    <ChoiceField
      v-if="entry.bendDegrees"
      label="Bends to the"
      name="bendTo"
      :value="entry.bendTo as 'left'"
      :options="reins"
      @change="(bendTo) => set({ bendTo })"
    />
  </template>
</template>
