<script setup lang="ts">
import type { Countdown } from '../../api/schema'
import { mannerWords } from '../../house/words'
import { minutesAndSeconds } from './clock'

/** The clocks of a short first day: all, loose, on the long lines, in the saddle. */
const props = defineProps<{ countdowns: Countdown[]; since: number }>()
const left = (c: Countdown) => c.secondsLeft * 1000 - (c.runs ? props.since : 0)
</script>

<template>
  <ul class="flex gap-8px" aria-label="Left of the first day">
    <li
      v-for="c in countdowns"
      :key="c.manner ?? 'all'"
      class="clock"
      :class="{ over: left(c) < 0, runs: c.runs }"
    >
      <strong>{{ left(c) < 0 ? `+${minutesAndSeconds(-left(c))}` : minutesAndSeconds(left(c)) }}</strong>
      <span>{{ c.manner ? mannerWords[c.manner].toLowerCase() : 'in all' }}</span>
    </li>
  </ul>
</template>

<style scoped>
.clock {
  flex: 1;
  display: grid;
  justify-items: center;
  padding: 6px;
  border-radius: 10px;
  background: var(--bank);
}
.clock strong {
  font-size: 1.4rem;
}
.runs {
  background: var(--straw);
}
.over {
  background: var(--long);
  color: var(--on-long);
}
</style>
