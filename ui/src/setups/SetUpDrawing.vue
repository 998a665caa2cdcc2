<script setup lang="ts">
import type { LengthUnit, MeasuredSetUp } from '../api/schema'
import CurveDrawing from './CurveDrawing.vue'
import LineDrawing from './LineDrawing.vue'

/** A set-up close up: on its line, or on its curve. */
defineProps<{ measured: MeasuredSetUp; unit: LengthUnit; movable?: boolean }>()
const emit = defineEmits<{
  drag: [element: number, metres: number]
  drop: []
  nudge: [element: number, steps: number]
}>()
</script>

<template>
  <CurveDrawing v-if="measured.curve" :measured="measured" :unit="unit" />
  <LineDrawing
    v-else
    :measured="measured"
    :unit="unit"
    :movable="movable"
    @drag="(element, metres) => emit('drag', element, metres)"
    @drop="emit('drop')"
    @nudge="(element, steps) => emit('nudge', element, steps)"
  />
</template>
