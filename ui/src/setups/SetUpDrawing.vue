<script setup lang="ts">
import type { LengthUnit, MeasuredSetUp } from '../api/schema'
import ArenaDrawing from './ArenaDrawing.vue'
import CurveDrawing from './CurveDrawing.vue'
import LineDrawing from './LineDrawing.vue'
import CourseDrawing from './course/CourseDrawing.vue'
import SquareOfPolesDrawing from './squareOfPoles/SquareOfPolesDrawing.vue'

/** A set-up close up: on its line, or on its curve; a figure in the whole arena. */
defineProps<{ measured: MeasuredSetUp; unit: LengthUnit; movable?: boolean; zoomable?: boolean }>()
const emit = defineEmits<{
  drag: [element: number, metres: number]
  drop: []
  nudge: [element: number, steps: number]
  dragFence: [fence: number, along: number, across: number]
  nudgeFence: [fence: number, along: number, across: number]
  turnFence: [fence: number, degrees: number]
}>()
</script>

<template>
  <ArenaDrawing v-if="measured.figure" :sets="[measured]" feet :zoomable="zoomable" />
  <CourseDrawing
    v-else-if="measured.course"
    :measured="measured"
    :movable="movable"
    :zoomable="zoomable"
    @drag="(fence, along, across) => emit('dragFence', fence, along, across)"
    @drop="emit('drop')"
    @nudge="(fence, along, across) => emit('nudgeFence', fence, along, across)"
    @turn="(fence, degrees) => emit('turnFence', fence, degrees)"
  />
  <CurveDrawing v-else-if="measured.curve" :measured="measured" :unit="unit" :zoomable="zoomable" />
  <SquareOfPolesDrawing v-else-if="measured.square" :measured="measured" :unit="unit" :zoomable="zoomable" />
  <LineDrawing
    v-else
    :measured="measured"
    :unit="unit"
    :movable="movable"
    :zoomable="zoomable"
    @drag="(element, metres) => emit('drag', element, metres)"
    @drop="emit('drop')"
    @nudge="(element, steps) => emit('nudge', element, steps)"
  />
</template>
