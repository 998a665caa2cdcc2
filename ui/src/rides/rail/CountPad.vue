<script setup lang="ts">
import { computed, ref } from 'vue'
import type { LineToCount, Rein, RideEvent } from '../../api/schema'
import type { NewTap } from './recorder'

/** Strides counted on gaps of known length: one tap a go, also where a line has several gaps. */
const props = defineProps<{ tapped: RideEvent[]; rein: Rein; setUpId: string | null; lines: LineToCount[] }>()
const emit = defineEmits<{ tap: [NewTap] }>()
/** Ridden as it goes tells the horse's own stride; for a count it does not. */
const asItGoes = ref(false)
/** The planned counts, and one more or less in a gap. */
const counts = computed<number[][]>(() => {
  const planned = props.lines.map((l) => l.planned)
  if (planned.length === 1)
    return Array.from({ length: 5 }, (_, i) => [Math.max(0, planned[0]! - 2) + i]).filter(([n]) => n! >= 0)
  const near = planned.flatMap((_, i) =>
    [1, -1].map((by) => planned.map((n, k) => (k === i ? Math.max(0, n + by) : n))),
  )
  return [planned, ...near]
})
const goes = computed(() => {
  const told: string[] = []
  for (const e of props.tapped)
    if (e.kind === 'stridesCounted') {
      if ((e.gap ?? 1) === 1) told.push(`${e.strides}`)
      else told[told.length - 1] += `, ${e.strides}`
    }
  return told
})
const times = (go: number[]) => goes.value.filter((g) => g === go.join(', ')).length
const isPlanned = (go: number[]) => go.every((n, i) => n === props.lines[i]!.planned)
function count(go: number[]) {
  go.forEach((strides, i) => {
    const line = props.lines[i]!
    emit('tap', {
      kind: 'stridesCounted',
      setUpId: props.setUpId,
      variant: line.variant,
      rein: props.rein,
      metres: line.metres,
      strides,
      overPoles: line.overPoles,
      planned: line.planned,
      ...(go.length > 1 ? { gap: i + 1 } : {}),
      ...(asItGoes.value ? { asItGoes: true } : {}),
    } as NewTap)
  })
}
</script>

<template>
  <div class="rail-pad">
    <p class="rail-word">
      Strides counted on {{ lines.map((l) => `${Number(l.metres.toFixed(2))} m`).join(' and ') }},
      {{ lines.map((l) => l.planned).join(' and ') }} planned
    </p>
    <div class="rail-keys five">
      <button
        v-for="go in counts"
        :key="go.join()"
        type="button"
        class="rail-key"
        :class="{ planned: isPlanned(go) }"
        :aria-label="`${go.join(' and ')} strides`"
        @click="count(go)"
      >
        {{ go.join(', ') }}<small v-if="times(go)">{{ times(go) }} times</small>
      </button>
    </div>
    <button
      type="button"
      class="rail-key chip"
      :class="{ on: asItGoes }"
      :aria-pressed="asItGoes"
      @click="asItGoes = !asItGoes"
    >
      As it goes, not for a count
    </button>
  </div>
</template>

<style scoped>
.planned {
  border-color: var(--ink);
}
.chip {
  min-height: 44px;
  font-size: 0.9rem;
}
</style>
