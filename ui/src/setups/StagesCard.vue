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
    <ol>
      <li v-for="(s, i) in measured.stages" :key="i">
        <span class="number">{{ i + 1 }}</span>
        <span>
          <strong>{{ s.changed }}</strong>
          <span class="small quiet stands">{{
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
ol {
  display: grid;
  gap: 7px;
  margin-top: 8px;
}
li {
  display: grid;
  grid-template-columns: 26px minmax(0, 1fr) auto;
  gap: 8px;
  line-height: 1.25;
}
.number {
  color: var(--quiet);
  text-align: right;
}
.stands {
  display: block;
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
