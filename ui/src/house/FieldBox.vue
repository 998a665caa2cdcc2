<script setup lang="ts">
import { FormItem } from 'ant-design-vue/es/form'
import { useId } from 'vue'
import { useFault } from './faults'

/** A label, a control, and the fault of that field when the server found one. */
const props = defineProps<{ label: string; name?: string; hint?: string }>()
const id = useId()
const fault = useFault(() => props.name)
const whole = { span: 24 }
</script>

<template>
  <FormItem
    :label="label"
    :html-for="id"
    :colon="false"
    :label-col="whole"
    :wrapper-col="whole"
    :validate-status="fault ? 'error' : ''"
    :help="fault ? `${fault.says} ${fault.mend}` : undefined"
    :extra="fault ? undefined : hint"
    :class="{ wrong: fault }"
  >
    <slot :id="id" />
  </FormItem>
</template>

<style scoped>
.wrong :deep(.pick) {
  border-color: var(--grave);
}
</style>
