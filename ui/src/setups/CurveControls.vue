<script setup lang="ts">
import type { SetUpEntryCurvedPolesEntry } from '../api/schema'
import ChoiceField from '../house/ChoiceField.vue'
import DistanceField from '../house/DistanceField.vue'
import NumberField from '../house/NumberField.vue'
import { options, variantWords } from '../house/words'
import RaisingFields from './RaisingFields.vue'
import { reinOf, reins, variants } from './setUpEntries'

const entry = defineModel<SetUpEntryCurvedPolesEntry>({ required: true })
const set = (change: Partial<SetUpEntryCurvedPolesEntry>) => (entry.value = { ...entry.value, ...change })
</script>

<template>
  <ChoiceField
    label="They lie as"
    name="kind"
    :value="entry.kind!"
    :options="[
      { value: 'fan', label: 'A fan' },
      { value: 'clock', label: 'A clock: four quarters' },
    ]"
    @change="(kind) => set({ kind })"
  />
  <ChoiceField
    label="Ridden in"
    name="variant"
    :value="entry.variant!"
    :options="options(variantWords, variants)"
    @change="(variant) => set({ variant })"
  />
  <ChoiceField
    label="On the"
    name="rein"
    :value="reinOf(entry)"
    :options="reins"
    @change="(rein) => set({ rein })"
  />
  <NumberField
    v-if="entry.kind === 'fan'"
    label="Poles"
    name="poles"
    :value="entry.poles!"
    :min="3"
    :max="8"
    @change="(poles) => set({ poles })"
  />
  <RaisingFields
    :raising="entry.raising ?? 'ground'"
    :height-metres="entry.heightMetres"
    curved
    @change="set"
  />
  <DistanceField
    :label="entry.kind === 'fan' ? 'Ridden from the centre' : 'Diameter of the circle'"
    name="radiusMetres"
    :hint="entry.kind === 'fan' ? 'Nearer is a shorter step' : undefined"
    :step="entry.kind === 'fan' ? 1 / 4 : 1 / 2"
    :value="entry.kind === 'fan' ? entry.radiusMetres : entry.radiusMetres! * 2"
    @change="(m) => set({ radiusMetres: entry.kind === 'fan' ? m : m / 2 })"
  />
  <input
    class="w-full [accent-color:var(--ink)]"
    type="range"
    :aria-label="entry.kind === 'fan' ? 'Ridden from the centre, slider' : 'Radius of the circle, slider'"
    min="4"
    max="10"
    step="0.25"
    :value="entry.radiusMetres!"
    @input="(e) => set({ radiusMetres: Number((e.target as HTMLInputElement).value) })"
  />
</template>
