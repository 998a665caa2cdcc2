<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
/** A count with a large plus and a minus: nothing to type. */
const count = defineModel<number>({ required: true })
defineProps<{ label: string }>()
</script>

<template>
  <div class="step" role="group" :aria-label="label">
    <Button type="text" :disabled="count === 0" :aria-label="`${label}, one less`" @click="count--">
      −
    </Button>
    <output>{{ count }}</output>
    <Button type="text" :aria-label="`${label}, one more`" @click="count++">+</Button>
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
output {
  text-align: center;
  font-weight: 700;
}
</style>
