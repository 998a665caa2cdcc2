<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { lastDone, undoLast } from './undo'
</script>

<template>
  <div class="undo no-print" role="status">
    <p v-if="lastDone">
      {{ lastDone.says }}
      <Button v-if="lastDone.undo" size="small" @click="undoLast">Undo</Button>
    </p>
  </div>
</template>

<style scoped>
.undo {
  position: fixed;
  left: 50%;
  bottom: 20px;
  transform: translateX(-50%);
  z-index: 30;
}
p {
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 10px 12px 10px 18px;
  border-radius: 10px;
  background: var(--ink);
  color: var(--on-ink);
}
</style>
