<script setup lang="ts">
import type { Fit } from '../api/schema'
import { fitWords } from '../house/words'

/** How a gap suits the horse: always the word, with its tint. */
defineProps<{ fit: Fit }>()
</script>

<template>
  <span class="fit" :class="fit">{{ fitWords[fit] }}</span>
</template>

<style scoped>
.fit {
  display: inline-block;
  padding: 2px 9px;
  border-radius: 6px;
  font-weight: 600;
  font-size: 0.87rem;
  background: var(--true);
  color: var(--on-true);
}
.tight,
.forward {
  background: var(--tight);
  color: var(--on-tight);
}
.tooShort,
.long {
  background: var(--long);
  color: var(--on-long);
}
</style>
