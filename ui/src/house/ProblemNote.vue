<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { Problem } from '../api/client'

/** A refusal in words, above a form or in place of a page. */
const props = defineProps<{ problem: unknown; retry?: () => void }>()
const words = () =>
  props.problem instanceof Problem
    ? props.problem
    : new Problem(0, 'Something went wrong on this page.', 'Load it again; nothing was lost.')
</script>

<template>
  <div v-if="problem" class="problem" role="alert">
    <strong>{{ words().title }}</strong>
    <span v-if="words().faults.length === 0">{{ words().detail }}</span>
    <ul v-else>
      <li v-for="fault in words().faults" :key="fault.field + fault.says">
        {{ fault.says }} {{ fault.mend }}
      </li>
    </ul>
    <Button v-if="retry" size="small" @click="retry">Try again</Button>
  </div>
</template>

<style scoped>
.problem {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 12px;
  padding: 10px 14px;
  border: 1px solid var(--grave);
  border-left-width: 5px;
  border-radius: 8px;
  background: var(--long);
  color: var(--on-grave-pale);
}
ul {
  flex-basis: 100%;
}
</style>
