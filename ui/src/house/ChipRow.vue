<script setup lang="ts" generic="T extends string | number | boolean">
/** Chips to tap: one choice, or several. */
const props = defineProps<{
  label: string
  choices: { value: T; label: string; grave?: boolean }[]
  many?: boolean
}>()
const chosen = defineModel<T | null | T[]>({ required: true })
const is = (value: T) => (Array.isArray(chosen.value) ? chosen.value.includes(value) : chosen.value === value)

function tap(value: T) {
  if (Array.isArray(chosen.value)) {
    chosen.value = is(value) ? chosen.value.filter((v) => v !== value) : [...chosen.value, value]
  } else chosen.value = is(value) && !props.many ? null : value
}
</script>

<template>
  <div class="flex flex-wrap gap-7px" role="group" :aria-label="label">
    <button
      v-for="c in choices"
      :key="String(c.value)"
      type="button"
      :class="{ on: is(c.value), grave: c.grave }"
      :aria-pressed="is(c.value)"
      @click="tap(c.value)"
    >
      {{ c.label }}
    </button>
  </div>
</template>

<style scoped>
button {
  min-height: 38px;
  min-width: 38px;
  padding: 0 13px;
  border: 1px solid var(--line);
  border-radius: 19px;
  background: var(--card);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
button:hover {
  border-color: var(--ink);
}
.grave {
  border-color: var(--grave);
  color: var(--grave);
}
.on {
  background: var(--ink);
  border-color: var(--ink);
  color: var(--on-ink);
  font-weight: 600;
}
.on.grave {
  background: var(--grave);
  border-color: var(--grave);
}
</style>
