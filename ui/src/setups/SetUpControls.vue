<script setup lang="ts">
import { computed } from 'vue'
import type { GaitVariant, SetUpEntry } from '../api/schema'
import ChoiceField from '../house/ChoiceField.vue'
import NumberField from '../house/NumberField.vue'
import { options, variantWords } from '../house/words'
import { familyWords, isCurve, isLine, isNarrow, isPoles, lineWords, startOf } from './setUpEntries'

/** The measures of a set-up; every change is measured anew by the server. */
const entry = defineModel<SetUpEntry>({ required: true })
const poleVariants: GaitVariant[] = [
  'walkCollected',
  'walkMedium',
  'walkExtended',
  'trotCollected',
  'trotWorking',
  'trotMedium',
  'trotExtended',
]
const curveVariants: GaitVariant[] = [...poleVariants, 'canterCollected', 'canterWorking', 'canterMedium']
const comesIn = [
  { value: 'trot' as const, label: 'Trot' },
  { value: 'canter' as const, label: 'Canter' },
]
const height = computed(() =>
  Math.round(('heightMetres' in entry.value ? (entry.value.heightMetres ?? 0) : 0) * 100),
)

function set(change: Partial<SetUpEntry>) {
  entry.value = { ...entry.value, ...change } as SetUpEntry
}
/** Centimetres are what a person nudges by. */
const raise = (cm: number) => set({ heightMetres: cm / 100 } as Partial<SetUpEntry>)

function become(family: NonNullable<SetUpEntry['family']>) {
  const fresh = startOf[family]()
  const { arena, line, heading, middleMetres } = entry.value
  // A curve and a narrow fence begin on the centre line, where they have room.
  const roomy = family === 'curvedPoles' || family === 'narrow'
  entry.value = { ...fresh, arena, heading, middleMetres, line: roomy ? fresh.line : line } as SetUpEntry
}
</script>

<template>
  <div class="controls">
    <ChoiceField
      label="What stands there"
      :value="entry.family!"
      :options="options(familyWords)"
      @change="become"
    />

    <template v-if="isPoles(entry)">
      <ChoiceField
        label="Ridden in"
        name="variant"
        :value="entry.variant!"
        :options="options(variantWords, poleVariants)"
        @change="(variant) => set({ variant })"
      />
      <NumberField
        label="Poles"
        name="poles"
        :value="entry.poles!"
        :min="3"
        :max="6"
        @change="(poles) => set({ poles })"
      />
      <ChoiceField
        label="They lie"
        name="raising"
        :value="entry.raising!"
        :options="[
          { value: 'ground', label: 'On the ground' },
          { value: 'alternateEnds', label: 'Ends raised in turn' },
        ]"
        @change="(raising) => set({ raising })"
      />
      <NumberField
        v-if="entry.raising === 'alternateEnds'"
        label="Raised by, cm"
        name="heightMetres"
        :value="height"
        :min="5"
        :max="20"
        :step="5"
        @change="raise"
      />
    </template>

    <template v-else-if="isCurve(entry)">
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
        :options="options(variantWords, curveVariants)"
        @change="(variant) => set({ variant })"
      />
      <NumberField
        v-if="entry.kind === 'fan'"
        label="Poles"
        name="poles"
        :value="entry.poles!"
        :min="3"
        :max="6"
        @change="(poles) => set({ poles })"
      />
      <NumberField
        label="Ridden from the centre, metres"
        name="radiusMetres"
        hint="Nearer is a shorter step"
        :value="entry.radiusMetres!"
        :min="4"
        :max="10"
        :step="0.25"
        @change="(radiusMetres) => set({ radiusMetres })"
      />
      <input
        class="radius"
        type="range"
        aria-label="Ridden from the centre"
        min="4"
        max="10"
        step="0.25"
        :value="entry.radiusMetres!"
        @input="(e) => set({ radiusMetres: Number((e.target as HTMLInputElement).value) })"
      />
    </template>

    <template v-else-if="isNarrow(entry)">
      <ChoiceField
        label="Width"
        name="widthMetres"
        :value="entry.widthMetres!"
        :options="[3.5, 2.5, 1.8, 1.2, 0.9].map((w) => ({ value: w, label: `${w.toFixed(1)} m` }))"
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
      <NumberField
        label="Height, cm"
        name="heightMetres"
        :value="height"
        :min="30"
        :max="160"
        :step="5"
        @change="raise"
      />
      <ChoiceField
        label="Come to in"
        name="comesIn"
        :value="entry.comesIn as 'trot'"
        :options="comesIn"
        @change="(gait) => set({ comesIn: gait })"
      />
    </template>

    <template v-else-if="isLine(entry)">
      <ChoiceField
        label="They are"
        name="kind"
        :value="entry.kind!"
        :options="[
          { value: 'grid', label: 'A grid' },
          { value: 'relatedLine', label: 'A related line' },
        ]"
        @change="(kind) => set({ kind })"
      />
      <ChoiceField
        label="Come to in"
        name="comesIn"
        :value="entry.comesIn as 'trot'"
        :options="comesIn"
        @change="(gait) => set({ comesIn: gait })"
      />
    </template>

    <NumberField
      v-else
      label="Height of the middle, cm"
      name="heightMetres"
      :value="height"
      :min="20"
      :max="80"
      :step="5"
      @change="raise"
    />

    <NumberField
      v-if="!isNarrow(entry)"
      label="Longer than its own by, cm"
      name="adjustMetres"
      hint="Below zero is shorter"
      :value="Math.round((entry.adjustMetres ?? 0) * 100)"
      :min="-60"
      :max="60"
      :step="5"
      @change="(cm) => set({ adjustMetres: cm / 100 })"
    />
    <hr />
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
        { value: 'towardsC', label: 'towards C' },
        { value: 'towardsA', label: 'towards A' },
      ]"
      @change="(heading) => set({ heading })"
    />
    <NumberField
      label="Middle, metres from A"
      name="middleMetres"
      :value="entry.middleMetres!"
      :min="0"
      :max="60"
      :step="0.5"
      @change="(middleMetres) => set({ middleMetres })"
    />
  </div>
</template>

<style scoped>
.controls {
  display: grid;
  gap: 10px;
}
.radius {
  width: 100%;
  accent-color: var(--ink);
}
hr {
  width: 100%;
  border: 0;
  border-top: 1px solid var(--line);
}
@media (max-width: 1080px) {
  .controls {
    grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  }
  hr {
    display: none;
  }
}
</style>
