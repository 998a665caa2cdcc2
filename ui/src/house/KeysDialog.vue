<script setup lang="ts">
import Modal from 'ant-design-vue/es/modal'
import { steps } from './router'

/** What the keys do. */
const open = defineModel<boolean>('open', { required: true })
</script>

<template>
  <Modal v-model:open="open" title="Keys" :footer="null" :width="420">
    <dl class="grid grid-cols-[120px_1fr] gap-8px">
      <dt><kbd>?</kbd></dt>
      <dd>these keys</dd>
      <dt><kbd>g</kbd> <kbd>t</kbd></dt>
      <dd>Today</dd>
      <dt><kbd>g</kbd> <kbd>w</kbd></dt>
      <dd>Week of the yard</dd>
      <dt><kbd>g</kbd> <kbd>y</kbd></dt>
      <dd>Yard book</dd>
      <template v-for="s in steps" :key="s.name">
        <dt>
          <kbd>g</kbd> <kbd>{{ s.key }}</kbd>
        </dt>
        <dd>{{ s.word }} of this horse</dd>
      </template>
      <dt><kbd>h</kbd> <kbd>w</kbd> <kbd>t</kbd> <kbd>c</kbd></dt>
      <dd>
        at the rail: halt, walk, trot, canter; space the other rein, <kbd>n</kbd> next, <kbd>u</kbd> undo
      </dd>
      <dt><kbd>j</kbd> <kbd>k</kbd></dt>
      <dd>next horse, horse before</dd>
    </dl>
  </Modal>
</template>

<style scoped>
kbd {
  padding: 1px 7px;
  border: 1px solid var(--line);
  border-radius: 5px;
  background: var(--bank);
  font: inherit;
  font-size: 0.87rem;
}
</style>
