<script setup lang="ts">
import type { PiecesOfPart } from '../../api/schema'

/** Movements of a dressage test in the order they are ridden today. */
defineProps<{ pieces: PiecesOfPart }>()
</script>

<template>
  <section class="py-8px px-12px rounded-8px bg-straw-pale" aria-label="Pieces of the test">
    <p class="small quiet">{{ pieces.test }}, {{ pieces.whole ? 'the whole of it' : 'in this order' }}</p>
    <ol class="pieces">
      <li v-for="m in pieces.pieces" :key="m.number">
        <strong>{{ m.number }}</strong> {{ m.words }}
      </li>
    </ol>
  </section>
</template>

<style scoped>
.pieces {
  max-height: 30vh;
  overflow-y: auto;
  font-size: 1.08rem;
}
.pieces li {
  padding: 2px 0;
}
</style>
