<script setup lang="ts">
import Skeleton from 'ant-design-vue/es/skeleton'
import { useWaiting } from './waiting'

/** The shape of what is coming, where a page has nothing to show yet; unseen for the first 150 ms, so that nothing flickers. */
const waiting = useWaiting()
</script>

<template>
  <div v-if="waiting" class="loading" aria-hidden="true">
    <Skeleton :paragraph="{ rows: 6 }" />
  </div>
</template>

<style scoped>
.loading {
  display: none;
  padding-top: 4px;
  animation: come 0.2s 0.15s both;
}
/* Only where nothing of the page stands yet, or its heading alone. */
main:not(:has(.card, table, ul, form)) > .loading {
  display: block;
}
@keyframes come {
  from {
    opacity: 0;
  }
}
@media (prefers-reduced-motion: reduce) {
  .loading {
    animation-duration: 0.01s;
  }
}
</style>
