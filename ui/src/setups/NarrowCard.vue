<script setup lang="ts">
import type { NarrowMeasure } from '../api/schema'

/** The way to a narrow fence step by step, where this one is on it, and the way back. */
defineProps<{ narrow: NarrowMeasure }>()
</script>

<template>
  <section class="card">
    <h2>The way there</h2>
    <ol>
      <li
        v-for="(step, i) in narrow.way"
        :key="step"
        :class="{ here: i === narrow.step, done: i < narrow.step }"
        class="relative pl-16px text-quiet"
      >
        <span
          class="bead absolute -left-7px top-5px w-12px h-12px edge-2px rounded-50% bg-card"
          aria-hidden="true"
        ></span
        >{{ step }}<span v-if="i === narrow.step" class="visually-hidden">, here</span>
      </li>
    </ol>
    <p v-if="narrow.next"><strong>Clean and one repeat:</strong> {{ narrow.next }}.</p>
    <p><strong>Any sideways jump:</strong> back to {{ narrow.back }}.</p>
    <p class="small quiet">
      The ground pole stays {{ Math.round(narrow.groundPoleOut * 100) }} cm out in front, all along.
    </p>
  </section>
</template>

<style scoped>
ol {
  display: grid;
  gap: 4px;
  margin: 8px 0 10px 5px;
  border-left: 2px solid var(--line);
}
.done .bead {
  background: var(--quiet);
  border-color: var(--quiet);
}
.here {
  color: var(--ink);
  font-weight: 700;
}
.here .bead {
  border-color: var(--ink);
  background: var(--straw);
}
</style>
