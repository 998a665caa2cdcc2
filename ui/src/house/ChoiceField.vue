<script setup lang="ts" generic="T extends string | number">
import FieldBox from './FieldBox.vue'
import PickOne from './PickOne.vue'

/** A labelled choice of several. */
defineProps<{ label: string; name?: string; value: T; options: { value: T; label: string }[] }>()
const emit = defineEmits<{ change: [value: T] }>()
</script>

<template>
  <FieldBox v-slot="{ id }" :label="label" :name="name">
    <PickOne :id="id" :value="value" :options="options" @change="(v) => emit('change', v as T)" />
  </FieldBox>
</template>
