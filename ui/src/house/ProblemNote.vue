<script setup lang="ts">
import Alert from 'ant-design-vue/es/alert'
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
  <Alert v-if="problem" type="error" :message="words().title">
    <template #description>
      <template v-if="words().faults.length === 0">{{ words().detail }}</template>
      <ul v-else>
        <li v-for="fault in words().faults" :key="fault.field + fault.says">
          {{ fault.says }} {{ fault.mend }}
        </li>
      </ul>
    </template>
    <template v-if="retry" #action><Button size="small" @click="retry">Try again</Button></template>
  </Alert>
</template>
