<script setup lang="ts">
import DistanceInput from './DistanceInput.vue'
import FieldBox from './FieldBox.vue'

/** A labelled distance in any notation. */
defineProps<{
  label: string
  name?: string
  hint?: string
  value: number | null | undefined
  plain?: 'cm'
  step?: number
}>()
const emit = defineEmits<{ change: [metres: number] }>()
</script>

<template>
  <FieldBox v-slot="{ id }" :label="label" :name="name" :hint="hint">
    <DistanceInput :id="id" :value="value" :plain="plain" :step="step" @change="(m) => emit('change', m)" />
  </FieldBox>
</template>
