<script setup lang="ts">
import { computed } from 'vue'
import type { Gait } from '../api/schema'
import { gaitTints, gaitWords } from './words'

/** Minutes by gait in the order given, to one scale, each with its letter. */
const props = defineProps<{
  parts: { gait: Gait; minutes: number }[]
  scale?: number
  tall?: boolean
  /** Too small for letters. */
  thin?: boolean
}>()
const total = computed(() => props.parts.reduce((sum, p) => sum + p.minutes, 0))
const says = computed(() => props.parts.map((p) => `${gaitWords[p.gait]} ${p.minutes} minutes`).join(', '))
const width = (minutes: number) => `${(minutes / Math.max(props.scale ?? 0, total.value, 1)) * 100}%`
</script>

<template>
  <div
    class="flex gap-2px min-w-0"
    :class="tall ? 'h-34px' : thin ? 'h-12px' : 'h-22px'"
    role="img"
    :aria-label="says"
  >
    <span
      v-for="(part, i) in parts"
      :key="i"
      class="flex items-center pl-7px overflow-hidden whitespace-nowrap text-0.8rem font-bold first:rounded-l-5px last:rounded-r-5px"
      :class="gaitTints[part.gait]"
      :style="{ width: width(part.minutes) }"
    >
      <template v-if="!thin && part.minutes / Math.max(scale ?? 0, total, 1) > 0.07"
        >{{ gaitWords[part.gait][0] }} {{ Math.round(part.minutes * 10) / 10 }}</template
      >
    </span>
  </div>
</template>
