<script setup lang="ts">
import type { Gait } from '../api/schema'
import { gaitTints, gaitWords } from './words'

/** The gait code: colour and letter together, never colour alone. */
const props = defineProps<{ gait: Gait; word?: boolean }>()
const letter = () =>
  ({ halt: 'H', walk: 'W', trot: 'T', canter: 'C', gallop: 'G', reinBack: 'R' })[props.gait]
</script>

<template>
  <span class="inline-flex items-center align-middle gap-7px">
    <span
      class="inline-grid place-items-center w-21px h-21px rounded-5px text-0.8rem font-bold"
      :class="gaitTints[gait]"
      :aria-label="word ? undefined : gaitWords[gait]"
      :aria-hidden="word"
      :role="word ? undefined : 'img'"
      >{{ letter() }}</span
    >
    <span v-if="word">{{ gaitWords[gait] }}</span>
  </span>
</template>
