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
const isWalk = computed(() => entry.value.variant?.startsWith('walk'))
const sideways = computed(() => (is('shallowLoop') ? 'Depth of the loop' : 'Sideways'))
const allowed = computed(() =>
  variants.filter((v) => v !== 'canterPoles' && (!is('changes') || v.startsWith('canter'))),
)
function become(kind: FigureKind) {
  const canter = entry.value.variant?.startsWith('canter')
  set({
    kind,
    ...(kind === 'changes' && !canter ? { variant: 'canterCollected' } : {}),
    ...(kind === 'pirouette'
      ? { variant: 'canterCollected', count: 4, turnDegrees: 180, groundMetres: 0 }
      : {}),
    ...(kind === 'piaffe' ? { variant: 'trotCollected', count: 8, groundMetres: 0 } : {}),
    ...(kind === 'halt' ? { variant: 'walkMedium', count: 4 } : {}),
  })
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
    v-if="is('spiral')"
    label="Made smaller in so many goes"
    name="stages"
    hint="With a circle to rest on each size; nothing is all at once"
    :value="entry.stages ?? 0"
    :min="0"
    :max="6"
    @change="
      (stages) => set({ stages: stages || null, restCircles: stages ? (entry.restCircles ?? 1) : null })
    "
  />
  <NumberField
    v-if="is('spiral') && entry.stages"
    label="Circles on each size"
    name="restCircles"
    :value="entry.restCircles ?? 1"
    :min="1"
    :max="3"
    @change="(restCircles) => set({ restCircles })"
  />
  <NumberField
    v-if="is('halt', 'piaffe', 'pirouette')"
    :label="is('halt') ? 'Seconds' : is('piaffe') || isWalk ? 'Steps' : 'Strides'"
    name="count"
    :value="entry.count ?? 4"
    :min="1"
    :max="60"
    @change="(count) => set({ count })"
  />
  <ChoiceField
    v-if="is('pirouette')"
    label="Turn"
    name="turnDegrees"
    :value="entry.turnDegrees ?? 180"
    :options="[
      { value: 90, label: 'A quarter' },
      { value: 180, label: 'Half' },
      { value: 360, label: 'Whole' },
    ]"
    @change="(turnDegrees) => set({ turnDegrees })"
  />
  <DistanceField
    v-if="is('pirouette', 'piaffe')"
    :label="is('piaffe') ? 'Forward, over' : 'Hind feet on a circle of'"
    name="groundMetres"
    :step="0.5"
    :value="entry.groundMetres ?? 0"
    @change="(groundMetres) => set({ groundMetres })"
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
