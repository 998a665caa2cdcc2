<script setup lang="ts">
import type { DayOfWeek } from '../api/schema'
import ChipRow from './ChipRow.vue'
import FieldBox from './FieldBox.vue'
import { weekdays } from './words'

/** Days of the week, any number of them. */
defineProps<{ label: string; name: string }>()
const days = defineModel<DayOfWeek[] | null>({ required: true })
</script>

<template>
  <FieldBox :label="label" :name="name">
    <ChipRow
      :label="label"
      many
      :choices="weekdays"
      :model-value="days ?? []"
      @update:model-value="(v) => (days = v as DayOfWeek[])"
    />
  </FieldBox>
</template>
