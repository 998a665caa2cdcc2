<script setup lang="ts">
import { ref } from 'vue'
import type { RideEvent } from '../../api/schema'
import type { NewTap } from './recorder'

/** Steps sideways: how many were asked, how many came. */
const props = defineProps<{ tapped: RideEvent[] }>()
const emit = defineEmits<{ tap: [NewTap] }>()
const asked = ref(2)
const sums = (leg: string) => {
  const mine = props.tapped.flatMap((e) => (e.kind === 'yieldSteps' && e.awayFrom === leg ? [e] : []))
  return `${mine.reduce((n, e) => n + e.given, 0)} of ${mine.reduce((n, e) => n + e.asked, 0)}`
}
const answers = [
  { label: 'All', part: 1 },
  { label: 'Half', part: 0.5 },
  { label: 'None', part: 0 },
]
</script>

<template>
  <div class="rail-pad">
    <div class="rail-keys four" role="group" aria-label="Steps asked">
      <button
        v-for="n in [2, 4, 6, 8]"
        :key="n"
        type="button"
        class="rail-key"
        :class="{ on: asked === n }"
        :aria-pressed="asked === n"
        @click="asked = n"
      >
        {{ n }} <small>steps asked</small>
      </button>
    </div>
    <template v-for="leg in ['left', 'right'] as const" :key="leg">
      <p class="rail-word">Away from the {{ leg }} leg: {{ sums(leg) }}</p>
      <div class="rail-keys">
        <button
          v-for="a in answers"
          :key="a.label"
          type="button"
          class="rail-key soft"
          :aria-label="`From the ${leg} leg: ${a.label}`"
          @click="
            emit('tap', { kind: 'yieldSteps', awayFrom: leg, asked, given: Math.floor(asked * a.part) })
          "
        >
          {{ a.label }}
        </button>
      </div>
    </template>
  </div>
</template>
