<script setup lang="ts">
import type { ChangedSetUp, StageNow } from '../../api/schema'

/** The stage that stands, and the steps from it: one tap each, and everything counts it from then on. */
defineProps<{ stage: StageNow }>()
const emit = defineEmits<{ stands: [ChangedSetUp] }>()
</script>

<template>
  <section class="grid gap-6px" aria-label="What stands">
    <p v-if="stage.says" class="says text-1.05rem font-semibold">{{ stage.says }}</p>
    <div class="rail-keys">
      <button
        type="button"
        class="rail-key chip"
        :disabled="!stage.easier"
        @click="emit('stands', stage.easier!)"
      >
        Easier
      </button>
      <button
        type="button"
        class="rail-key chip"
        :disabled="!stage.back"
        @click="emit('stands', stage.back!)"
      >
        Back
      </button>
      <button
        type="button"
        class="rail-key chip"
        :disabled="!stage.next"
        @click="emit('stands', stage.next!)"
      >
        Next stage<small v-if="stage.next" class="what">{{ stage.next.says }}</small>
      </button>
    </div>
  </section>
</template>

<style scoped>
.chip {
  min-height: 52px;
  font-size: 1rem;
}
.says::first-letter {
  text-transform: uppercase;
}
.what {
  max-width: min(26vw, 220px);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
