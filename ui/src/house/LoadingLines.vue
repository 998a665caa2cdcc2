<script setup lang="ts">
import { useWaiting } from './waiting'

/** The shape of what is coming, where a page has nothing to show yet; unseen for the first 150 ms, so that nothing flickers. */
const waiting = useWaiting()
</script>

<template>
  <div v-if="waiting" class="loading" aria-hidden="true">
    <div class="head"></div>
    <div class="wide"></div>
    <div class="row">
      <div></div>
      <div></div>
    </div>
  </div>
</template>

<style scoped>
.loading {
  display: none;
  gap: var(--gap);
  padding-top: 4px;
  animation: come 0.2s 0.15s both;
}
/* Only where nothing of the page stands yet, or its heading alone. */
main:not(:has(.card, table, ul, form)) > .loading {
  display: grid;
}
.page-head ~ .loading .head {
  display: none;
}
.loading div div,
.head,
.wide {
  border-radius: var(--round);
  background: var(--bank);
}
.head {
  width: min(340px, 60%);
  height: 34px;
}
.wide {
  height: 150px;
}
.loading .row {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: var(--gap);
  background: none;
}
.row div {
  height: 260px;
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
