<script setup lang="ts">
import InputNumber from 'ant-design-vue/es/input-number'
import FieldBox from './FieldBox.vue'

/** A labelled number. */
defineProps<{
  label: string
  name?: string
  hint?: string
  value: number
  min?: number
  max?: number
  step?: number
}>()
const emit = defineEmits<{ change: [value: number] }>()
</script>

<template>
  <FieldBox v-slot="{ id }" :label="label" :name="name" :hint="hint">
    <InputNumber
      :id="id"
      :value="value"
      :min="min"
      :max="max"
      :step="step"
      @change="(v) => emit('change', Number(v))"
    />
  </FieldBox>
</template>
