<script setup lang="ts">
import type { Gait } from '../api/schema'
import { gaitWords } from './words'

/** The gait code: colour and letter together, never colour alone. */
const props = defineProps<{ gait: Gait; word?: boolean }>()
const letter = () =>
  ({ halt: 'H', walk: 'W', trot: 'T', canter: 'C', gallop: 'G', reinBack: 'R' })[props.gait]
</script>

<template>
  <span class="gait">
    <span
      class="letter"
      :class="gait"
      :aria-label="word ? undefined : gaitWords[gait]"
      :aria-hidden="word"
      :role="word ? undefined : 'img'"
      >{{ letter() }}</span
    >
    <span v-if="word">{{ gaitWords[gait] }}</span>
  </span>
</template>

<style scoped>
.gait {
  display: inline-flex;
  align-items: center;
  vertical-align: middle;
  gap: 7px;
}
.letter {
  display: inline-grid;
  place-items: center;
  width: 21px;
  height: 21px;
  border-radius: 5px;
  font-size: 0.8rem;
  font-weight: 700;
  color: var(--on-gait);
  background: var(--halt);
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
