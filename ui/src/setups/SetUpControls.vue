<script setup lang="ts">
import Checkbox from 'ant-design-vue/es/checkbox'
import { computed } from 'vue'
import type { MeasuredSetUp, SetUpEntry } from '../api/schema'
import ChoiceField from '../house/ChoiceField.vue'
import DistanceField from '../house/DistanceField.vue'
import NumberField from '../house/NumberField.vue'
import { options } from '../house/words'
import CorridorControls from './CorridorControls.vue'
import CurveControls from './CurveControls.vue'
import FenceControls from './FenceControls.vue'
import FigureControls from './FigureControls.vue'
import NarrowControls from './NarrowControls.vue'
import PlaceControls from './PlaceControls.vue'
import PoleControls from './PoleControls.vue'
import SquareOfPolesControls from './squareOfPoles/SquareOfPolesControls.vue'
import { isSquareOfPoles } from './squareOfPoles/squareOfPoles'
import {
  familyWords,
  isCorridor,
  isCurve,
  isFigure,
  isLine,
  isNarrow,
  isPoles,
  startOf,
} from './setUpEntries'

/** The measures of a set-up; every change is measured anew by the server. */
const props = defineProps<{ measured: MeasuredSetUp | null }>()
const entry = defineModel<SetUpEntry>({ required: true })
const set = (change: object) => (entry.value = { ...entry.value, ...change } as SetUpEntry)

/** A single distance that is this horse's own, and can be typed instead: poles, a fan, a placing pole. */
const gap = computed(() => {
  const e = entry.value
  const one = e.family === 'crossPole' || (isPoles(e) && !e.stepMetres) || (isCurve(e) && e.kind === 'fan')
  return one ? props.measured?.gaps[0] : undefined
})
const isByItself = computed(() => entry.value.family === 'crossPole' && entry.value.placingPole === false)
const moves = computed(
  () => !isNarrow(entry.value) && !isCorridor(entry.value) && !isFigure(entry.value) && !isByItself.value,
)

function become(family: NonNullable<SetUpEntry['family']>) {
  const fresh = startOf[family]()
  const { arena, line, heading, middleMetres } = entry.value
  // Poles and fences stay on their line; the rest begins on the centre line, where it has room.
  const stays = family === 'poleLine' || family === 'crossPole' || family === 'fenceLine'
  entry.value = { ...fresh, arena, heading, middleMetres, line: stays ? line : fresh.line } as SetUpEntry
}
</script>

<template>
  <div class="controls grid gap-10px">
    <ChoiceField
      label="What stands there"
      :value="entry.family!"
      :options="options(familyWords)"
      @change="become"
    />
    <PoleControls v-if="isPoles(entry)" v-model="entry" />
    <CurveControls v-else-if="isCurve(entry)" v-model="entry" />
    <NarrowControls v-else-if="isNarrow(entry)" v-model="entry" />
    <FenceControls v-else-if="isLine(entry)" v-model="entry" />
    <CorridorControls v-else-if="isCorridor(entry)" v-model="entry" />
    <SquareOfPolesControls v-else-if="isSquareOfPoles(entry)" v-model="entry" />
    <FigureControls v-else-if="isFigure(entry)" v-model="entry" />
    <DistanceField
      v-else
      label="Height of the middle"
      name="heightMetres"
      plain="cm"
      :value="entry.heightMetres"
      @change="(heightMetres) => set({ heightMetres })"
    />
    <Checkbox
      v-if="entry.family === 'crossPole'"
      :checked="entry.placingPole !== false"
      @change="set({ placingPole: isByItself ? null : false, adjustMetres: 0 })"
      >A placing pole before it</Checkbox
    >
    <DistanceField
      v-if="gap"
      label="Distance"
      hint="5.94, 19'6&quot; or 6.5 paces"
      :value="gap.built.built"
      @change="(m) => set({ adjustMetres: Math.round((m - gap!.own) * 1000) / 1000 })"
    />
    <NumberField
      v-if="moves"
      label="Longer than its own by, cm"
      name="adjustMetres"
      hint="Below zero is shorter"
      :value="Math.round((entry.adjustMetres ?? 0) * 100)"
      :min="-60"
      :max="60"
      :step="5"
      @change="(cm) => set({ adjustMetres: cm / 100 })"
    />
    <Checkbox
      v-if="moves && (entry.adjustMetres || entry.onPurpose)"
      :checked="entry.onPurpose === true"
      @change="set({ onPurpose: entry.onPurpose ? null : true })"
      >{{ (entry.adjustMetres ?? 0) < 0 ? 'Shorter' : 'Longer' }} on purpose, out of the trade’s range
      too</Checkbox
    >
    <hr class="w-full border-0 edge-t" />
    <PlaceControls v-model="entry" />
  </div>
</template>

<style scoped>
@media (max-width: 1080px) {
  .controls {
    grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  }
  hr {
    display: none;
  }
}
</style>
