<script setup lang="ts">
import { computed } from 'vue'
import type { LineToCount, Rein, RideEvent } from '../../api/schema'
import type { NewTap } from './recorder'

/** Strides counted on a line of known length: one tap a go. */
const props = defineProps<{ tapped: RideEvent[]; rein: Rein; setUpId: string | null; line: LineToCount }>()
const emit = defineEmits<{ tap: [NewTap] }>()
const counts = computed(() =>
  Array.from({ length: 5 }, (_, i) => Math.max(0, props.line.planned - 2) + i).filter((n) => n >= 0),
)
const times = (n: number) => props.tapped.filter((e) => e.kind === 'stridesCounted' && e.strides === n).length
const count = (strides: number) =>
  emit('tap', {
    kind: 'stridesCounted',
    setUpId: props.setUpId,
    variant: props.line.variant,
    rein: props.rein,
    metres: props.line.metres,
    strides,
    overPoles: props.line.overPoles,
    planned: props.line.planned,
  })
</script>

<template>
  <div class="rail-pad">
    <p class="rail-word">Strides counted on {{ line.metres }} m, {{ line.planned }} planned</p>
    <div class="rail-keys five">
      <button
        v-for="n in counts"
        :key="n"
        type="button"
        class="rail-key"
        :class="{ planned: n === line.planned }"
        :aria-label="`${n} strides`"
        @click="count(n)"
      >
        {{ n }}<small v-if="times(n)">{{ times(n) }} times</small>
      </button>
    </div>
  </div>
</template>

<style scoped>
.planned {
  border-color: var(--ink);
}
</style>
