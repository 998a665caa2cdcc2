<script setup lang="ts">
import Checkbox from 'ant-design-vue/es/checkbox'
import { computed } from 'vue'
import type { MeasuredSetUp, SetUpEntry } from '../api/schema'
import ChoiceField from '../house/ChoiceField.vue'
import DistanceField from '../house/DistanceField.vue'
import NumberField from '../house/NumberField.vue'
import { materialWords, options } from '../house/words'
import CourseControls from './course/CourseControls.vue'
import { isCourse } from './course/course'
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
  asked,
  askedWords,
  isCorridor,
  isCurve,
  isFigure,
  isLine,
  isNarrow,
  isPoles,
  startOfAsked,
  type Asked,
} from './setUpEntries'

/** The measures of a set-up; every change is measured anew by the server. */
const props = defineProps<{ measured: MeasuredSetUp | null }>()
const entry = defineModel<SetUpEntry>({ required: true })
const set = (change: object) => (entry.value = { ...entry.value, ...change } as SetUpEntry)

/** A single distance that is this horse's own, and can be typed instead: poles, a fan, a placing pole. */
const gap = computed(() => {
  const e = entry.value
  const one =
    e.family === 'crossPole' ||
    (isPoles(e) && !e.stepMetres && !e.gapsMetres) ||
    (isCurve(e) && e.kind === 'fan')
  return one ? props.measured?.gaps[0] : undefined
})
const isByItself = computed(() => entry.value.family === 'crossPole' && entry.value.placingPole === false)
const hasRails = computed(() => ['crossPole', 'fenceLine', 'narrow', 'course'].includes(entry.value.family!))
const moves = computed(
  () =>
    !isNarrow(entry.value) &&
    !isCorridor(entry.value) &&
    !isFigure(entry.value) &&
    !isCourse(entry.value) &&
    !isByItself.value,
)

function become(what: Asked) {
  const fresh = startOfAsked(what)
  const family = fresh.family
  const { arena, line, heading, middleMetres } = entry.value
  // A course has its places in its fences, and may stand in a field.
  if (isCourse(fresh) || isCourse(entry.value)) {
    entry.value = { ...fresh, arena: arena === 'field' ? fresh.arena : arena } as SetUpEntry
    return
  }
  // Poles and fences stay on their line; the rest begins on the centre line, where it has room.
  const stays = family === 'poleLine' || family === 'crossPole' || family === 'fenceLine'
  entry.value = { ...fresh, arena, heading, middleMetres, line: stays ? line : fresh.line } as SetUpEntry
}
</script>

<template>
  <div class="controls grid gap-10px">
    <ChoiceField
      label="What stands there"
      :value="asked(entry)"
      :options="options(askedWords)"
      @change="become"
    />
    <PoleControls v-if="isPoles(entry)" v-model="entry" :measured="measured" />
    <CurveControls v-else-if="isCurve(entry)" v-model="entry" />
    <NarrowControls v-else-if="isNarrow(entry)" v-model="entry" />
    <FenceControls v-else-if="isLine(entry)" v-model="entry" />
    <CorridorControls v-else-if="isCorridor(entry)" v-model="entry" />
    <SquareOfPolesControls v-else-if="isSquareOfPoles(entry)" v-model="entry" />
    <CourseControls v-else-if="isCourse(entry)" v-model="entry" />
    <FigureControls v-else-if="isFigure(entry)" v-model="entry" />
    <DistanceField
      v-else
      label="Height of the middle"
      name="heightMetres"
      plain="cm"
      :value="entry.heightMetres"
      @change="(heightMetres) => set({ heightMetres })"
    />
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
    <PlaceControls v-if="!isCourse(entry)" v-model="entry" />
    <template v-if="!isFigure(entry)">
      <ChoiceField
        label="Poles of"
        name="material"
        :value="entry.material ?? 'wood'"
        :options="options(materialWords)"
        @change="(material) => set({ material: material === 'wood' ? null : material })"
      />
      <ChoiceField
        v-if="hasRails"
        label="Cups"
        name="cups"
        :value="entry.cups ?? 'deep'"
        :options="[
          { value: 'deep', label: 'Deep' },
          { value: 'flat', label: 'Flat: a rail rolls at a touch' },
        ]"
        @change="(cups) => set({ cups: cups === 'deep' ? null : cups })"
      />
    </template>
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
