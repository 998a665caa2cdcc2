<script setup lang="ts">
import { computed } from 'vue'
import type { PartEntry, Phase } from '../api/schema'
import { minutes } from '../house/format'
import MinutesBar from '../house/MinutesBar.vue'
import { phaseWords } from '../house/words'

/** Minutes by phase above minutes by gait, to one scale. */
const props = defineProps<{ parts: PartEntry[] }>()
const total = computed(() => Math.max(1, ...[props.parts.reduce((sum, p) => sum + (p.minutes ?? 0), 0)]))
const phases = computed(() => {
  const runs: { phase: Phase; minutes: number }[] = []
  for (const p of props.parts) {
    const phase = p.phase ?? 'work'
    const last = runs.at(-1)
    if (last?.phase === phase) last.minutes += p.minutes ?? 0
    else runs.push({ phase, minutes: p.minutes ?? 0 })
  }
  return runs
})
</script>

<template>
  <div class="grid gap-3px">
    <div
      class="phases flex gap-2px"
      role="img"
      :aria-label="phases.map((p) => `${phaseWords[p.phase]} ${minutes(p.minutes)}`).join(', ')"
    >
      <span
        v-for="(p, i) in phases"
        :key="i"
        :class="p.phase"
        :style="{ width: `${(p.minutes / total) * 100}%` }"
        class="overflow-hidden py-2px px-7px edge-t-4px whitespace-nowrap text-ellipsis text-0.83rem"
      >
        {{ phaseWords[p.phase] }} <b>{{ Math.round(p.minutes * 10) / 10 }}</b>
      </span>
    </div>
    <MinutesBar :parts="parts.map((p) => ({ gait: p.gait ?? 'walk', minutes: p.minutes ?? 0 }))" tall />
  </div>
</template>

<style scoped>
.phases .work {
  border-color: var(--ink);
}
.phases .newWork {
  border-color: var(--straw);
}
</style>
