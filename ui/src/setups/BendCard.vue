<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
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
    <RowsTable
      class="small"
      :rows="bending.ways"
      :columns="[
        { key: 'ridden', title: 'Ridden', says: (w) => side(w.outsideBy) },
        { key: 'way', title: 'Way', number: true, says: (w) => `${w.length.toFixed(2)} m` },
        { key: 'each', title: 'Each stride', number: true, says: (w) => `${w.strideNeeded.toFixed(2)} m` },
        { key: 'fit', title: 'Fit' },
      ]"
    >
      <template #fit="{ row }"><FitChip :fit="row.fit" /></template>
    </RowsTable>
  </section>
</template>
