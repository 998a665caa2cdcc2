<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
import type { CountedWay } from '../api/schema'
import { variantWords } from '../house/words'
import FitChip from './FitChip.vue'

/** A counted line: the stride for each count, and which of this horse's canters rides it. */
defineProps<{ counts: CountedWay[]; gap: string }>()
</script>

<template>
  <section class="card">
    <h2>{{ gap }} in other counts</h2>
    <RowsTable
      class="small"
      :rows="counts"
      :columns="[
        { key: 'strides', title: 'Strides', number: true },
        { key: 'each', title: 'Each', number: true, says: (c) => `${c.strideNeeded.toFixed(2)} m` },
        { key: 'canter', title: 'Its canter', says: (c) => variantWords[c.canter] },
        { key: 'fit', title: 'Fit' },
      ]"
    >
      <template #strides="{ row }"
        ><strong>{{ row.strides }}</strong></template
      >
      <template #fit="{ row }"><FitChip :fit="row.fit" /></template>
    </RowsTable>
    <p class="small quiet">What it really showed is kept in the passport, under adjustability.</p>
  </section>
</template>
