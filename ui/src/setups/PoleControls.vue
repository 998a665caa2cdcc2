<script setup lang="ts">
import { workshop } from '../api/figures'
import { computed } from 'vue'
import type { GaitVariant, MeasuredSetUp, SetUpEntryPoleLineEntry } from '../api/schema'
import ChoiceField from '../house/ChoiceField.vue'
import Checkbox from 'ant-design-vue/es/checkbox'
import DistanceField from '../house/DistanceField.vue'
import NumberField from '../house/NumberField.vue'
import { options, variantWords } from '../house/words'
import RaisingFields from './RaisingFields.vue'
import { variants } from './setUpEntries'

const props = defineProps<{ measured: MeasuredSetUp | null }>()
const entry = defineModel<SetUpEntryPoleLineEntry>({ required: true })
const set = (change: Partial<SetUpEntryPoleLineEntry>) => (entry.value = { ...entry.value, ...change })
const canter = computed(() => entry.value.variant?.startsWith('canter'))
const zigzag = computed(() => entry.value.laying === 'zigzag')
const gait = (variant: GaitVariant) =>
  set({ variant, ...(variant.startsWith('canter') ? { laying: 'square' } : {}) })
/** With as many as there are poles, each keeps what it had. */
function count(poles: number) {
  const { heightsMetres, gapsMetres, heightMetres } = entry.value
  set({
    poles,
    ...(heightsMetres
      ? {
          heightsMetres: Array.from(
            { length: poles },
            (_, i) => heightsMetres[i] ?? heightMetres ?? workshop.raisedPole,
          ),
        }
      : {}),
    ...(gapsMetres ? { gapsMetres: Array.from({ length: poles - 1 }, (_, i) => gapsMetres[i] ?? null) } : {}),
  })
}
const ownHeights = (on: boolean) =>
  set({
    heightsMetres: on
      ? Array.from({ length: entry.value.poles! }, () => entry.value.heightMetres ?? workshop.raisedPole)
      : null,
  })
const ownGaps = (on: boolean) =>
  set({
    gapsMetres: on ? (props.measured?.gaps ?? []).map((g) => g.built.built) : null,
    ...(on ? { stepMetres: 0 } : {}),
  })
const put = (list: (number | null)[], i: number, value: number | null) =>
  list.map((v, at) => (at === i ? value : v))
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
  <NumberField label="Poles" name="poles" :value="entry.poles!" :min="1" :max="8" @change="count" />
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
  <RaisingFields
    :raising="entry.raising!"
    :height-metres="entry.heightsMetres ? undefined : entry.heightMetres"
    :each="!!entry.heightsMetres"
    @change="(to) => set({ ...to, ...(to.raising === 'ground' ? { heightsMetres: null } : {}) })"
  />
  <template v-if="entry.raising !== 'ground' && entry.poles! > 1">
    <Checkbox :checked="!!entry.heightsMetres" @change="ownHeights(!entry.heightsMetres)"
      >Each at its own height</Checkbox
    >
    <DistanceField
      v-for="(h, i) in entry.heightsMetres ?? []"
      :key="`h${i}`"
      :label="`Pole ${i + 1}`"
      :name="`heightsMetres[${i}]`"
      plain="cm"
      :value="h"
      @change="(metres) => set({ heightsMetres: put(entry.heightsMetres!, i, metres) })"
    />
  </template>
  <ChoiceField
    v-if="!zigzag && entry.poles! > 2 && !entry.gapsMetres"
    label="Each gap"
    name="stepMetres"
    :value="entry.stepMetres ?? 0"
    :options="gaps"
    @change="(stepMetres) => set({ stepMetres })"
  />
  <template v-if="!zigzag && entry.poles! > 1">
    <Checkbox :checked="!!entry.gapsMetres" @change="ownGaps(!entry.gapsMetres)">Type each distance</Checkbox>
    <DistanceField
      v-for="(g, i) in entry.gapsMetres ?? []"
      :key="`g${i}`"
      :label="`From pole ${i + 1} to ${i + 2}`"
      :name="`gapsMetres[${i}]`"
      :value="g ?? measured?.gaps[i]?.built.built"
      @change="(metres) => set({ gapsMetres: put(entry.gapsMetres!, i, metres) })"
    />
  </template>
</template>
