<script setup lang="ts">
import type { SessionCheck } from '../api/schema'
import WhyButton from '../house/WhyButton.vue'

/** What the hours it is ridden in, and a return to work, leave of it. */
const props = defineProps<{ check: SessionCheck; startsAt: string | null }>()
const clock = (hour: number) => `${String(hour).padStart(2, '0')}:00`
/** Worth saying only where another hour would be better. */
const better = () => props.check.bestHour !== null && props.check.heat!.care !== 'go'
</script>

<template>
  <section v-if="check.heat || check.ramp" class="card stack small gap-8px" aria-label="What the day leaves">
    <p v-if="check.heat" :class="check.heat.care">
      <strong>{{ startsAt ? `Air from ${startsAt.slice(0, 5)}` : 'Air, worst hour of the day' }}:</strong>
      {{ check.heat.says }} <WhyButton :why="check.heat.why" of="the heat of those hours" />
      <span v-if="better()"> The coolest hour begins at {{ clock(check.bestHour!) }}.</span>
    </p>
    <p v-if="check.ramp">
      <strong>Coming back:</strong> {{ check.ramp.total }} minutes in all, {{ check.ramp.trot }} of trot,
      {{ check.ramp.canter }} of canter, {{ check.ramp.mayJump ? 'fences may come' : 'no fences' }}
      <WhyButton :why="check.ramp.why" of="this week of its return" />
    </p>
  </section>
</template>

<style scoped>
.halve strong,
.walkOnly strong,
.none strong {
  color: var(--grave);
}
</style>
