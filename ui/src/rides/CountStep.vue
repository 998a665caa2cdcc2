<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
/** A count with a large plus and a minus: nothing to type. */
const count = defineModel<number>({ required: true })
defineProps<{ label: string }>()
</script>

<template>
  <div
    class="inline-grid grid-cols-[38px_34px_38px] items-center edge rounded-8px bg-card"
    role="group"
    :aria-label="label"
  >
    <Button type="text" :disabled="count === 0" :aria-label="`${label}, one less`" @click="count--">
      −
    </Button>
    <output class="text-center font-bold">{{ count }}</output>
    <Button type="text" :aria-label="`${label}, one more`" @click="count++">+</Button>
  </div>
</template>
