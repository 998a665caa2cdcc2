<script setup lang="ts">
import type { BendMeasure } from '../api/schema'
import FitChip from './FitChip.vue'

/** A bending line: what is ridden, what the straight tape reads, and a metre to either side. */
defineProps<{ bending: BendMeasure }>()
const side = (m: number) => (m < 0 ? 'a metre inside' : m > 0 ? 'a metre outside' : 'as measured')
</script>

<template>
  <section class="card">
    <h2>Along the curve</h2>
    <p>
      Ridden <strong>{{ bending.ridden.toFixed(2) }} m</strong>; the straight tape reads
      <strong>{{ bending.straight.toFixed(2) }} m</strong>. The curve has a radius of
      {{ bending.radius.toFixed(1) }} m.
    </p>
    <table class="small">
      <thead>
        <tr>
          <th>Ridden</th>
          <th class="number">Way</th>
          <th class="number">Each stride</th>
          <th>Fit</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="w in bending.ways" :key="w.outsideBy">
          <td>{{ side(w.outsideBy) }}</td>
          <td class="number">{{ w.length.toFixed(2) }} m</td>
          <td class="number">{{ w.strideNeeded.toFixed(2) }} m</td>
          <td><FitChip :fit="w.fit" /></td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
