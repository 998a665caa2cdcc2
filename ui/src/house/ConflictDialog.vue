<script setup lang="ts">
import RowsTable from './RowsTable.vue'
import Button from 'ant-design-vue/es/button'
import { Modal } from 'ant-design-vue'
import { computed } from 'vue'
import { Problem } from '../api/client'

/** Someone was quicker: both versions side by side, and the person chooses. */
const props = defineProps<{
  problem: unknown
  mine: Record<string, unknown>
  words: Record<string, string>
  /** How a value is said, where it does not say itself. */
  says?: Record<string, (value: unknown) => string>
}>()
const emit = defineEmits<{ keepMine: [version: number]; takeTheirs: [] }>()

const theirs = computed(() =>
  props.problem instanceof Problem && props.problem.status === 409
    ? (props.problem.current as Record<string, unknown>)
    : null,
)
const differing = computed(() =>
  theirs.value
    ? Object.keys(props.words).filter((k) => String(theirs.value![k] ?? '') !== String(props.mine[k] ?? ''))
    : [],
)
const said = (key: string, of: Record<string, unknown> | null) =>
  props.says?.[key]?.(of?.[key]) ?? String(of?.[key] ?? '')
</script>

<template>
  <Modal
    :open="theirs !== null"
    title="Someone else has changed this meanwhile"
    :closable="false"
    :footer="null"
  >
    <p class="quiet">Nothing was overwritten. Look at both and choose.</p>
    <RowsTable
      :rows="differing"
      :columns="[
        { key: 'what', says: (k) => words[k] },
        { key: 'theirs', title: 'As it is kept now', says: (k) => said(k, theirs) },
        { key: 'mine', title: 'As you typed it', says: (k) => said(k, mine) },
      ]"
    />
    <div class="row mt-16px justify-end">
      <Button @click="emit('takeTheirs')">Take what is kept</Button>
      <Button type="primary" @click="emit('keepMine', Number(theirs?.version))"> Keep mine </Button>
    </div>
  </Modal>
</template>
