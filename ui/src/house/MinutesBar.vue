<script setup lang="ts">
import { computed } from 'vue'
import type { Gait } from '../api/schema'
import { gaitWords } from './words'

/** Minutes by gait in the order given, to one scale, each with its letter. */
const props = defineProps<{
  parts: { gait: Gait; minutes: number; light?: boolean }[]
  scale?: number
  tall?: boolean
}>()
const total = computed(() => props.parts.reduce((sum, p) => sum + p.minutes, 0))
const says = computed(() => props.parts.map((p) => `${gaitWords[p.gait]} ${p.minutes} minutes`).join(', '))
const width = (minutes: number) => `${(minutes / Math.max(props.scale ?? 0, total.value, 1)) * 100}%`
</script>

<template>
  <div class="bar" :class="{ tall }" role="img" :aria-label="says">
    <span
      v-for="(part, i) in parts"
      :key="i"
      class="part"
      :class="[part.gait, { light: part.light }]"
      :style="{ width: width(part.minutes) }"
    >
      <template v-if="part.minutes / Math.max(scale ?? 0, total, 1) > 0.07"
        >{{ gaitWords[part.gait][0] }} {{ Math.round(part.minutes * 10) / 10 }}</template
      >
    </span>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  gap: 2px;
  height: 22px;
  min-width: 0;
}
.tall {
  height: 34px;
}
.part {
  display: flex;
  align-items: center;
  padding-left: 7px;
  overflow: hidden;
  white-space: nowrap;
  font-size: 0.8rem;
  font-weight: 700;
  color: var(--on-gait);
  background: var(--halt);
}
.part:first-child {
  border-radius: 5px 0 0 5px;
}
.part:last-child {
  border-radius: 0 5px 5px 0;
}
.walk {
  background: var(--walk);
}
.trot {
  background: var(--trot);
  color: var(--on-trot);
}
.canter {
  background: var(--canter);
}
.gallop {
  background: var(--gallop);
}
</style>
