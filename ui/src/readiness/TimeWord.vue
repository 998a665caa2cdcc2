<script setup lang="ts">
import type { InTime } from '../api/schema'
import { inTimeWords } from '../house/words'

/** Whether there is time, as a word on its own ground. */
defineProps<{ time: InTime }>()
</script>

<template>
  <span class="time" :class="time">{{ inTimeWords[time] }}</span>
</template>

<style scoped>
.time {
  padding: 1px 8px;
  border-radius: 6px;
  font-weight: 700;
  white-space: nowrap;
  background: var(--bank);
}
.inTime {
  background: var(--true);
  color: var(--on-true);
}
.tight {
  background: var(--tight);
  color: var(--on-tight);
}
.notInTime {
  background: var(--long);
  color: var(--on-long);
}
</style>
