<script setup lang="ts">
import { computed } from 'vue'
import type { GaitVariant, SetUpEntrySquareOfPolesEntry } from '../../api/schema'
import ChoiceField from '../../house/ChoiceField.vue'
import NumberField from '../../house/NumberField.vue'
import { options, variantWords } from '../../house/words'
import { reins, variants } from '../setUpEntries'
import { squareWayWords } from './squareOfPoles'

const entry = defineModel<SetUpEntrySquareOfPolesEntry>({ required: true })
const set = (change: Partial<SetUpEntrySquareOfPolesEntry>) => (entry.value = { ...entry.value, ...change })
const canter = computed(() => entry.value.variant?.startsWith('canter'))

/** A side that most horses step in so many: four in walk, three in trot, two strides in canter. */
const stepsIn = (variant: GaitVariant) =>
  variant.startsWith('walk') ? 4 : variant.startsWith('trot') ? 3 : 2
</script>

<template>
  <ChoiceField
    label="The way"
    name="way"
    :value="entry.way!"
    :options="options(squareWayWords)"
    @change="(way) => set({ way })"
  />
  <ChoiceField
    label="Ridden in"
    name="variant"
    :value="entry.variant!"
    :options="options(variantWords, variants)"
    @change="(variant) => set({ variant, steps: stepsIn(variant) })"
  />
  <NumberField
    :label="canter ? 'Strides a side' : 'Steps a side'"
    name="steps"
    :value="entry.steps!"
    :min="1"
    :max="8"
    @change="(steps) => set({ steps })"
  />
  <ChoiceField
    v-if="entry.way !== 'straight'"
    label="On the"
    name="rein"
    :value="entry.rein === 'left' ? 'left' : 'right'"
    :options="reins"
    @change="(rein) => set({ rein })"
  />
</template>
