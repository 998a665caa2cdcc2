<script setup lang="ts">
import { computed } from 'vue'
import type { FigureKind, SetUpEntryFigureEntry } from '../api/schema'
import ChoiceField from '../house/ChoiceField.vue'
import DistanceField from '../house/DistanceField.vue'
import NumberField from '../house/NumberField.vue'
import { options, variantWords } from '../house/words'
import { figureWords, reins, variants } from './setUpEntries'

const entry = defineModel<SetUpEntryFigureEntry>({ required: true })
const set = (change: Partial<SetUpEntryFigureEntry>) => (entry.value = { ...entry.value, ...change })
const is = (...kinds: FigureKind[]) => kinds.includes(entry.value.kind!)
const sideways = computed(() => (is('shallowLoop') ? 'Depth of the loop' : 'Sideways'))
const allowed = computed(() =>
  variants.filter((v) => v !== 'canterPoles' && (!is('changes') || v.startsWith('canter'))),
)
function become(kind: FigureKind) {
  const canter = entry.value.variant?.startsWith('canter')
  set({ kind, ...(kind === 'changes' && !canter ? { variant: 'canterCollected' } : {}) })
}
</script>

<template>
  <ChoiceField
    label="Figure"
    name="kind"
    :value="entry.kind!"
    :options="options(figureWords)"
    @change="become"
  />
  <ChoiceField
    label="Ridden in"
    name="variant"
    :value="entry.variant!"
    :options="options(variantWords, allowed)"
    @change="(variant) => set({ variant })"
  />
  <ChoiceField
    label="Begins on the"
    name="rein"
    :value="entry.rein as 'left'"
    :options="reins"
    @change="(rein) => set({ rein })"
  />
  <DistanceField
    v-if="is('circle', 'spiral')"
    label="Diameter"
    name="diameterMetres"
    :step="0.5"
    :value="entry.diameterMetres"
    @change="(diameterMetres) => set({ diameterMetres })"
  />
  <DistanceField
    v-if="is('spiral')"
    label="In to a circle of"
    name="innerMetres"
    :step="0.5"
    :value="entry.innerMetres"
    @change="(innerMetres) => set({ innerMetres })"
  />
  <NumberField
    v-if="is('serpentine')"
    label="Loops"
    name="loops"
    :value="entry.loops!"
    :min="2"
    :max="6"
    @change="(loops) => set({ loops })"
  />
  <DistanceField
    v-if="is('shallowLoop', 'legYield', 'halfPass')"
    :label="sideways"
    name="sidewaysMetres"
    :step="0.5"
    :value="entry.sidewaysMetres"
    @change="(sidewaysMetres) => set({ sidewaysMetres })"
  />
  <DistanceField
    v-if="is('legYield', 'halfPass')"
    label="Over, forwards"
    name="forwardMetres"
    :step="1"
    :value="entry.forwardMetres"
    @change="(forwardMetres) => set({ forwardMetres })"
  />
  <template v-if="is('changes')">
    <NumberField
      label="Changes"
      name="changes"
      :value="entry.changes!"
      :min="1"
      :max="15"
      @change="(changes) => set({ changes })"
    />
    <NumberField
      label="Every so many strides"
      name="every"
      :value="entry.every!"
      :min="1"
      :max="6"
      @change="(every) => set({ every })"
    />
  </template>
</template>
