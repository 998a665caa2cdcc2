<script setup lang="ts">
import InputNumber from 'ant-design-vue/es/input-number'
import FieldBox from './FieldBox.vue'

/** A labelled number that may be left empty. */
defineProps<{ label: string; name?: string; hint?: string; before?: string; after?: string }>()
const value = defineModel<number | null>('value')
const set = (typed: string | number | null | undefined) =>
  (value.value = typed === null || typed === undefined || typed === '' ? null : Number(typed))
</script>

<template>
  <FieldBox v-slot="{ id }" :label="label" :name="name" :hint="hint">
    <InputNumber
      :id="id"
      :value="value!"
      :controls="false"
      :addon-before="before"
      :addon-after="after"
      @update:value="set"
    />
  </FieldBox>
</template>
