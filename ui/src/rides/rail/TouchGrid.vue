<script setup lang="ts">
import type { Leg } from '../../api/schema'
import { legWords } from '../../house/words'

/** Which leg touched which element, in one tap: rows as they are ridden, legs across. */
defineProps<{ elements: number; of: string; leg: Leg | null; element: number | null }>()
const emit = defineEmits<{ tell: [leg: Leg, element: number] }>()
const legs: Leg[] = ['leftFore', 'rightFore', 'leftHind', 'rightHind']
</script>

<template>
  <div class="grid gap-4px" role="group" :aria-label="`Which leg, which ${of}`">
    <div v-for="n in elements" :key="n" class="row">
      <span class="font-bold text-center">{{ n }}</span>
      <button
        v-for="l in legs"
        :key="l"
        type="button"
        class="rail-key chip"
        :class="{ on: leg === l && element === n }"
        :aria-pressed="leg === l && element === n"
        :aria-label="`${legWords[l]}, ${of} ${n}`"
        @click="emit('tell', l, n)"
      >
        {{ legWords[l] }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 22px repeat(4, minmax(0, 1fr));
  gap: 4px;
  align-items: center;
}
.chip {
  min-height: 46px;
  font-size: 0.86rem;
}
</style>
