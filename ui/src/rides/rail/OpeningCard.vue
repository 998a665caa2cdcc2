<script setup lang="ts">
import type { OpeningNow } from '../../api/schema'
import { openingWords } from '../../house/words'

/** A test that opens this part: one tap. Not passed, the part waits or falls away today. */
defineProps<{ opening: OpeningNow }>()
const emit = defineEmits<{ answer: [passed: boolean]; leave: [] }>()
</script>

<template>
  <section class="opening" aria-label="Test that opens this part">
    <p class="text-1.15rem font-bold">{{ openingWords[opening.test] }}</p>
    <p v-if="opening.waits">Not yet: this part waits. Repeat the test, or leave the part out today.</p>
    <div class="rail-keys two">
      <button type="button" class="rail-key on chip" @click="emit('answer', true)">Passed</button>
      <button v-if="!opening.waits" type="button" class="rail-key chip" @click="emit('answer', false)">
        Not yet
      </button>
      <button v-else type="button" class="rail-key chip" @click="emit('leave')">Leave it out today</button>
    </div>
  </section>
</template>

<style scoped>
.opening {
  display: grid;
  gap: 6px;
  padding: 8px 12px;
  border-left: 6px solid var(--straw);
  background: var(--straw-pale);
}
.chip {
  min-height: 52px;
}
</style>
