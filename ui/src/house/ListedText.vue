<script setup lang="ts">
import Input from 'ant-design-vue/es/input'
import { useId } from 'vue'

/** Words of one's own, or of a list that the browser offers. */
defineProps<{ options: readonly string[] }>()
const value = defineModel<string>('value')
const list = useId()
defineOptions({ inheritAttrs: false })
</script>

<template>
  <Input v-bind="$attrs" v-model:value="value" :list="list" autocomplete="off" />
  <datalist :id="list">
    <option v-for="option in options" :key="option" :value="option" />
  </datalist>
</template>
