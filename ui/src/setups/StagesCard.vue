<script setup lang="ts">
import { computed } from 'vue'
import type { MeasuredSetUp } from '../api/schema'

/** How a grid is built up: one thing changed at a time. */
const props = defineProps<{ measured: MeasuredSetUp }>()
const efforts = computed(() => props.measured.stages.reduce((sum, s) => sum + s.efforts, 0))
const passes = computed(() => props.measured.stages.reduce((sum, s) => sum + s.passes, 0))
</script>

<template>
  <section class="card">
    <h2>Build it up</h2>
    <p class="small quiet">
      {{ measured.stages.length }} stages, {{ passes }} times through, {{ efforts }} efforts; half for a
      bounce or a fence under 50 cm. Go on only after a calm, straight one.
    </p>
    <ol class="grid gap-7px mt-8px">
      <li
        v-for="(s, i) in measured.stages"
        :key="i"
        class="grid grid-cols-[26px_minmax(0,1fr)_auto] gap-8px leading-[1.25]"
      >
        <span class="number">{{ i + 1 }}</span>
        <span>
          <strong>{{ s.changed }}</strong>
          <span class="small quiet block">{{
            s.stands
              .map((e) => (e.isPole ? 'pole' : `${Math.round(e.height * 100)}${e.isOxer ? ' oxer' : ''}`))
              .join(' · ')
          }}</span>
        </span>
        <span class="small quiet">{{ s.efforts }}</span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.number {
  color: var(--quiet);
  text-align: right;
}
@media print {
  ol {
    display: block;
    columns: 2;
    font-size: 0.87rem;
  }
  li {
    break-inside: avoid;
  }
}
</style>
