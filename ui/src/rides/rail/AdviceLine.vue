<script setup lang="ts">
import type { RailAdvice } from '../../api/schema'
import WhyButton from '../../house/WhyButton.vue'

/** One line, large, and an answer to it. */
defineProps<{ advice: RailAdvice }>()
const emit = defineEmits<{ answer: [accepted: boolean] }>()
</script>

<template>
  <section class="advice" :class="{ grave: !advice.canWait }" role="alert" aria-label="Advice now">
    <p class="says text-1.5rem leading-[1.15] font-bold">{{ advice.says }}</p>
    <p v-if="advice.seen" class="do">
      <strong>{{ advice.seen }}</strong>
    </p>
    <p class="do">{{ advice.do }} <WhyButton :why="advice.why" of="this advice" /></p>
    <div class="grid grid-cols-[repeat(2,minmax(0,1fr))] gap-8px">
      <button type="button" class="rail-key on" @click="emit('answer', true)">
        {{ advice.endsRide ? 'End the ride' : advice.canWait ? 'Do it' : 'Seen to' }}
      </button>
      <button v-if="advice.canWait" type="button" class="rail-key" @click="emit('answer', false)">
        Not now
      </button>
    </div>
  </section>
</template>

<style scoped>
.advice {
  display: grid;
  gap: 6px;
  padding: 12px 14px;
  border: 3px solid var(--straw);
  border-radius: 14px;
  background: var(--straw-pale);
}
@media (max-width: 699px) {
  .advice {
    gap: 4px;
    padding: 8px 12px;
  }
  .says {
    font-size: 1.22rem;
  }
  .do {
    font-size: 0.92rem;
    line-height: 1.2;
  }
  .advice .rail-key {
    min-height: 50px;
  }
}
.grave {
  border-color: var(--grave);
  background: var(--long);
}
.grave .says {
  color: var(--on-grave-pale);
}
</style>
