<script setup lang="ts">
import { workshop } from '../api/figures'
import { computed } from 'vue'
import type { GaitVariant, SetUpEntryPoleLineEntry } from '../api/schema'
import ChoiceField from '../house/ChoiceField.vue'
import NumberField from '../house/NumberField.vue'
import { options, variantWords } from '../house/words'
import RaisingFields from './RaisingFields.vue'
import { variants } from './setUpEntries'

const entry = defineModel<SetUpEntryPoleLineEntry>({ required: true })
const set = (change: Partial<SetUpEntryPoleLineEntry>) => (entry.value = { ...entry.value, ...change })
const canter = computed(() => entry.value.variant?.startsWith('canter'))
const zigzag = computed(() => entry.value.laying === 'zigzag')
const gait = (variant: GaitVariant) =>
  set({ variant, ...(variant.startsWith('canter') ? { laying: 'square' } : {}) })
const gaps = workshop.unevenSteps.map((value) => ({
  value,
  label: value
    ? `${Math.round(Math.abs(value) * 100)} cm ${value < 0 ? 'shorter' : 'longer'} than the last`
    : 'the same',
}))
</script>

<template>
  <ChoiceField
    label="Ridden in"
    name="variant"
    :value="entry.variant!"
    :options="options(variantWords, variants)"
    @change="gait"
  />
  <NumberField
    label="Poles"
    name="poles"
    :value="entry.poles!"
    :min="1"
    :max="8"
    @change="(poles) => set({ poles })"
  />
  <ChoiceField
    v-if="!canter"
    label="Laid"
    name="laying"
    :value="entry.laying ?? 'square'"
    :options="[
      { value: 'square', label: 'Square to the way' },
      { value: 'zigzag', label: 'In a zigzag' },
    ]"
    @change="(laying) => set({ laying, ...(laying === 'zigzag' ? { stepMetres: 0 } : {}) })"
  />
  <RaisingFields :raising="entry.raising!" :height-metres="entry.heightMetres" @change="set" />
  <ChoiceField
    v-if="!zigzag && entry.poles! > 2"
    label="Each gap"
    name="stepMetres"
    :value="entry.stepMetres ?? 0"
    :options="gaps"
    @change="(stepMetres) => set({ stepMetres })"
  />
</template>
