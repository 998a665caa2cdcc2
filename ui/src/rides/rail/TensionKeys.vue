<script setup lang="ts">
import { tensionWords } from '../../house/words'

/** Tension in five words. */
defineProps<{ tension: number | null }>()
const emit = defineEmits<{ tap: [number] }>()
</script>

<template>
  <div class="rail-keys five" role="group" aria-label="Tension">
    <button
      v-for="(word, n) in tensionWords"
      :key="n"
      type="button"
      class="rail-key"
      :class="{ on: tension === n }"
      :aria-pressed="tension === n"
      @click="emit('tap', n)"
    >
      {{ word }}
    </button>
  </div>
</template>

<style scoped>
.rail-key {
  font-size: 0.85rem;
}
@media (min-width: 700px) {
  .rail-key {
    font-size: 1rem;
  }
}
</style>
