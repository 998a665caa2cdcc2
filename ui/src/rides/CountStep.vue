<script setup lang="ts">
/** A count with a large plus and a minus: nothing to type. */
const count = defineModel<number>({ required: true })
defineProps<{ label: string }>()
</script>

<template>
  <div class="step" role="group" :aria-label="label">
    <button type="button" :disabled="count === 0" :aria-label="`${label}, one less`" @click="count--">
      −
    </button>
    <output>{{ count }}</output>
    <button type="button" :aria-label="`${label}, one more`" @click="count++">+</button>
  </div>
</template>

<style scoped>
.step {
  display: inline-grid;
  grid-template-columns: 38px 34px 38px;
  align-items: center;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--card);
}
button {
  height: 38px;
  border: 0;
  background: none;
  color: var(--ink);
  font: 600 1.15rem var(--font);
  cursor: pointer;
}
button:hover:not(:disabled) {
  background: var(--bank);
}
button:disabled {
  color: var(--line);
}
output {
  text-align: center;
  font-weight: 700;
}
</style>
