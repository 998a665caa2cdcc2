<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { computed } from 'vue'
import { Problem } from '../api/client'

/** Someone was quicker: both versions side by side, and the person chooses. */
const props = defineProps<{
  problem: unknown
  mine: Record<string, unknown>
  words: Record<string, string>
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
</script>

<template>
  <Modal
    :open="theirs !== null"
    title="Someone else has changed this meanwhile"
    :closable="false"
    :footer="null"
  >
    <p class="quiet">Nothing was overwritten. Look at both and choose.</p>
    <table>
      <thead>
        <tr>
          <th></th>
          <th>As it is kept now</th>
          <th>As you typed it</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="k in differing" :key="k">
          <td>{{ words[k] }}</td>
          <td>{{ theirs?.[k] }}</td>
          <td>{{ mine[k] }}</td>
        </tr>
      </tbody>
    </table>
    <div class="row choose">
      <button class="button" type="button" @click="emit('takeTheirs')">Take what is kept</button>
      <button class="button main" type="button" @click="emit('keepMine', Number(theirs?.version))">
        Keep mine
      </button>
    </div>
  </Modal>
</template>

<style scoped>
.choose {
  margin-top: 16px;
  justify-content: flex-end;
}
</style>
