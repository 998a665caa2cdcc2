<script setup lang="ts" generic="T extends string | number | null | undefined">
import { computed } from 'vue'

/**
 * One choice of several, by the browser's own list: it opens as each device's people know it, under a
 * finger as well as under a keyboard, and every reader can read it. Attributes go to the list itself.
 */
const props = defineProps<{
  options: { value: T; label: string }[]
  placeholder?: string
  /** May be left open again. */
  allowClear?: boolean
}>()
const value = defineModel<T | null>('value')
const emit = defineEmits<{ change: [value: T] }>()
const at = computed(() => props.options.findIndex((o) => o.value === value.value))

function pick(e: Event) {
  const chosen = props.options[Number((e.target as HTMLSelectElement).value)]
  value.value = chosen ? chosen.value : null
  emit('change', (chosen?.value ?? null) as T)
}
</script>

<template>
  <select class="pick" :class="{ open: at < 0 }" :value="at" @change="pick">
    <option
      v-if="at < 0 || allowClear"
      :value="-1"
      :disabled="!allowClear"
      :hidden="!allowClear"
      class="text-ink"
    >
      {{ placeholder ?? '' }}
    </option>
    <option v-for="(option, i) in options" :key="i" :value="i" class="text-ink">{{ option.label }}</option>
  </select>
</template>

<style scoped>
.pick {
  width: 100%;
  min-width: 0;
  height: 40px;
  padding: 0 30px 0 11px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--card) var(--chevron) right 11px center / 12px no-repeat;
  color: var(--ink);
  font: inherit;
  text-overflow: ellipsis;
  appearance: none;
  cursor: pointer;
}
.pick:hover:not(:disabled) {
  border-color: var(--ink);
}
.pick.open {
  color: var(--placeholder);
}
.pick:disabled {
  background-color: var(--bank);
  color: var(--ink);
  opacity: 1;
  cursor: default;
}
</style>
