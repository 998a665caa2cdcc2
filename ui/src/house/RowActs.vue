<script setup lang="ts">
import Button from 'ant-design-vue/es/button'

/** A row goes up, down or out; what else can be done with it stands between. One row stays. */
defineProps<{ at: number; of: number; up: string; down: string; out: string }>()
const emit = defineEmits<{ move: [by: 1 | -1]; out: [] }>()
</script>

<template>
  <div class="whitespace-nowrap">
    <Button type="text" size="small" :disabled="at === 0" :aria-label="up" @click="emit('move', -1)"
      >↑</Button
    >
    <Button type="text" size="small" :disabled="at === of - 1" :aria-label="down" @click="emit('move', 1)"
      >↓</Button
    >
    <slot />
    <Button type="text" size="small" :disabled="of === 1" :aria-label="out" @click="emit('out')">×</Button>
  </div>
</template>
