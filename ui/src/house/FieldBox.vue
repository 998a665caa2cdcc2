<script setup lang="ts">
import { useId } from 'vue'
import { useFault } from './faults'

/** A label, a control, and the fault of that field when the server found one. */
const props = defineProps<{ label: string; name?: string; hint?: string }>()
const id = useId()
const fault = useFault(() => props.name)
</script>

<template>
  <div class="field" :class="{ wrong: fault }">
    <label :for="id">{{ label }}</label>
    <slot :id="id" />
    <p v-if="fault" class="fault" role="alert">{{ fault.says }} {{ fault.mend }}</p>
    <p v-else-if="hint" class="hint">{{ hint }}</p>
  </div>
</template>

<style scoped>
.field {
  display: grid;
  gap: 4px;
  align-content: start;
  min-width: 0;
}
label {
  font-size: 0.87rem;
  font-weight: 600;
}
.hint {
  font-size: 0.83rem;
  color: var(--quiet);
}
.fault {
  font-size: 0.87rem;
  color: var(--grave);
}
.field :deep(.ant-input-number),
.field :deep(.ant-picker) {
  width: 100%;
}
.wrong :deep(.ant-input),
.wrong :deep(.ant-input-number),
.wrong :deep(.pick),
.wrong :deep(.ant-picker) {
  border-color: var(--grave) !important;
}
</style>
