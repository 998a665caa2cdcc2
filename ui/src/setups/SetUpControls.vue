<script setup lang="ts">
import InputNumber from 'ant-design-vue/es/input-number'
import { computed } from 'vue'
import type { GaitVariant, SetUpEntry } from '../api/schema'
import FieldBox from '../house/FieldBox.vue'
import PickOne from '../house/PickOne.vue'
import { options, variantWords } from '../house/words'
import {
  isCurve,
  isLine,
  isNarrow,
  isPoles,
  lineWords,
  newCrossPole,
  newCurve,
  newFenceLine,
  newNarrow,
  newPoleLine,
} from './setUpEntries'

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
const family = computed({
  get: () => entry.value.family,
  set: (to) => {
    const make = {
      poleLine: newPoleLine,
      fenceLine: newFenceLine,
      curvedPoles: newCurve,
      crossPole: newCrossPole,
      narrow: newNarrow,
    }
    const fresh = make[to!]()
    const { arena, line, heading, middleMetres } = entry.value
    // A curve begins in the middle of the arena, where it has room.
    entry.value =
      to === 'curvedPoles' || to === 'narrow'
        ? { ...fresh, arena, heading, middleMetres }
        : { ...fresh, arena, line, heading, middleMetres }
  },
})
/** Centimetres are what a person nudges by. */
const cm = (key: 'adjustMetres' | 'heightMetres') =>
  computed({
    get: () => Math.round((((entry.value as Record<string, unknown>)[key] as number) ?? 0) * 100),
    set: (to: number | null) => (entry.value = { ...entry.value, [key]: (to ?? 0) / 100 } as SetUpEntry),
  })
const adjust = cm('adjustMetres')
const height = cm('heightMetres')

function set(change: Partial<SetUpEntry>) {
  entry.value = { ...entry.value, ...change } as SetUpEntry
}
</script>

<template>
  <div class="controls">
    <FieldBox v-slot="{ id }" label="What stands there">
      <PickOne
        :id="id"
        v-model:value="family"
        :options="[
          { value: 'poleLine', label: 'Poles' },
          { value: 'curvedPoles', label: 'Poles on a curve' },
          { value: 'crossPole', label: 'Cross-pole from trot' },
          { value: 'fenceLine', label: 'Fences: grid or line' },
          { value: 'narrow', label: 'Narrow fence' },
        ]"
      />
    </FieldBox>
    <template v-if="isPoles(entry)">
      <FieldBox v-slot="{ id }" label="Ridden in" name="variant"
        ><PickOne
          :id="id"
          :value="entry.variant!"
          :options="options(variantWords, poleVariants)"
          @change="(v) => set({ variant: v as GaitVariant })"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Poles" name="poles"
        ><InputNumber
          :id="id"
          :value="entry.poles!"
          :min="3"
          :max="6"
          @change="(v) => set({ poles: Number(v) })"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="They lie" name="raising"
        ><PickOne
          :id="id"
          :value="entry.raising!"
          :options="[
            { value: 'ground', label: 'On the ground' },
            { value: 'alternateEnds', label: 'Ends raised in turn' },
          ]"
          @change="(v) => set({ raising: v as 'ground' })"
      /></FieldBox>
      <FieldBox
        v-if="entry.raising === 'alternateEnds'"
        v-slot="{ id }"
        label="Raised by, cm"
        name="heightMetres"
        ><InputNumber :id="id" v-model:value="height" :min="5" :max="20" :step="5"
      /></FieldBox>
    </template>
    <template v-else-if="isCurve(entry)">
      <FieldBox v-slot="{ id }" label="They lie as" name="kind"
        ><PickOne
          :id="id"
          :value="entry.kind!"
          :options="[
            { value: 'fan', label: 'A fan' },
            { value: 'clock', label: 'A clock: four quarters' },
          ]"
          @change="(v) => set({ kind: v as 'fan' })"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Ridden in" name="variant"
        ><PickOne
          :id="id"
          :value="entry.variant!"
          :options="
            options(variantWords, [...poleVariants, 'canterCollected', 'canterWorking', 'canterMedium'])
          "
          @change="(v) => set({ variant: v as GaitVariant })"
      /></FieldBox>
      <FieldBox v-if="entry.kind === 'fan'" v-slot="{ id }" label="Poles" name="poles"
        ><InputNumber
          :id="id"
          :value="entry.poles!"
          :min="3"
          :max="6"
          @change="(v) => set({ poles: Number(v) })"
      /></FieldBox>
      <FieldBox
        v-slot="{ id }"
        label="Ridden from the centre, metres"
        name="radiusMetres"
        hint="Nearer is a shorter step"
        ><InputNumber
          :id="id"
          :value="entry.radiusMetres!"
          :min="4"
          :max="10"
          :step="0.25"
          @change="(v) => set({ radiusMetres: Number(v) })"
      /></FieldBox>
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
      <FieldBox v-slot="{ id }" label="Width" name="widthMetres"
        ><PickOne
          :id="id"
          :value="entry.widthMetres!"
          :options="[3.5, 2.5, 1.8, 1.2, 0.9].map((w) => ({ value: w, label: `${w.toFixed(1)} m` }))"
          @change="(v) => set({ widthMetres: v as number })"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Guide poles" name="guides"
        ><PickOne
          :id="id"
          :value="entry.guides!"
          :options="[
            { value: 'both', label: 'Both sides' },
            { value: 'left', label: 'Left only' },
            { value: 'right', label: 'Right only' },
            { value: 'none', label: 'None' },
          ]"
          @change="(v) => set({ guides: v as 'both' })"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Height, cm" name="heightMetres"
        ><InputNumber :id="id" v-model:value="height" :min="30" :max="160" :step="5"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Come to in" name="comesIn"
        ><PickOne
          :id="id"
          :value="entry.comesIn!"
          :options="[
            { value: 'trot', label: 'Trot' },
            { value: 'canter', label: 'Canter' },
          ]"
          @change="(v) => set({ comesIn: v as 'trot' })"
      /></FieldBox>
    </template>
    <template v-else-if="isLine(entry)">
      <FieldBox v-slot="{ id }" label="They are" name="kind"
        ><PickOne
          :id="id"
          :value="entry.kind!"
          :options="[
            { value: 'grid', label: 'A grid' },
            { value: 'relatedLine', label: 'A related line' },
          ]"
          @change="(v) => set({ kind: v as 'grid' })"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Come to in" name="comesIn"
        ><PickOne
          :id="id"
          :value="entry.comesIn!"
          :options="[
            { value: 'trot', label: 'Trot' },
            { value: 'canter', label: 'Canter' },
          ]"
          @change="(v) => set({ comesIn: v as 'trot' })"
      /></FieldBox>
    </template>
    <FieldBox v-else v-slot="{ id }" label="Height of the middle, cm" name="heightMetres"
      ><InputNumber :id="id" v-model:value="height" :min="20" :max="80" :step="5"
    /></FieldBox>
    <FieldBox
      v-if="!isNarrow(entry)"
      v-slot="{ id }"
      label="Longer than its own by, cm"
      name="adjustMetres"
      hint="Below zero is shorter"
      ><InputNumber :id="id" v-model:value="adjust" :min="-60" :max="60" :step="5"
    /></FieldBox>
    <hr />
    <FieldBox v-slot="{ id }" label="Arena" name="arena"
      ><PickOne
        :id="id"
        :value="entry.arena!"
        :options="[
          { value: 'sixtyByTwenty', label: '60 x 20' },
          { value: 'fortyByTwenty', label: '40 x 20' },
        ]"
        @change="(v) => set({ arena: v as 'sixtyByTwenty', middleMetres: v === 'fortyByTwenty' ? 20 : 30 })"
    /></FieldBox>
    <FieldBox v-slot="{ id }" label="Line" name="line"
      ><PickOne
        :id="id"
        :value="entry.line!"
        :options="options(lineWords)"
        @change="(v) => set({ line: v as 'centreLine' })"
    /></FieldBox>
    <FieldBox v-slot="{ id }" label="Ridden" name="heading"
      ><PickOne
        :id="id"
        :value="entry.heading!"
        :options="[
          { value: 'towardsC', label: 'towards C' },
          { value: 'towardsA', label: 'towards A' },
        ]"
        @change="(v) => set({ heading: v as 'towardsC' })"
    /></FieldBox>
    <FieldBox v-slot="{ id }" label="Middle, metres from A" name="middleMetres"
      ><InputNumber
        :id="id"
        :value="entry.middleMetres!"
        :min="0"
        :max="60"
        :step="0.5"
        @change="(v) => set({ middleMetres: Number(v) })"
    /></FieldBox>
  </div>
</template>

<style scoped>
.radius {
  width: 100%;
  accent-color: var(--ink);
}
.controls {
  display: grid;
  gap: 10px;
}
hr {
  width: 100%;
  border: 0;
  border-top: 1px solid var(--line);
}
@media (max-width: 1080px) {
  .radius {
    width: 100%;
    accent-color: var(--ink);
  }
  .controls {
    grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  }
  hr {
    display: none;
  }
}
</style>
