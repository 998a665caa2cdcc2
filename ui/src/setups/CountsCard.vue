<script setup lang="ts">
import type { CountedWay } from '../api/schema'
import { variantWords } from '../house/words'
import FitChip from './FitChip.vue'

/** A counted line: the stride for each count, and which of this horse's canters rides it. */
defineProps<{ counts: CountedWay[]; gap: string }>()
</script>

<template>
  <section class="card">
    <h2>{{ gap }} in other counts</h2>
    <table class="small">
      <thead>
        <tr>
          <th class="number">Strides</th>
          <th class="number">Each</th>
          <th>Its canter</th>
          <th>Fit</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="c in counts" :key="c.strides">
          <td class="number">
            <strong>{{ c.strides }}</strong>
          </td>
          <td class="number">{{ c.strideNeeded.toFixed(2) }} m</td>
          <td>{{ variantWords[c.canter] }}</td>
          <td><FitChip :fit="c.fit" /></td>
        </tr>
      </tbody>
    </table>
    <p class="small quiet">What it really showed is kept in the passport, under adjustability.</p>
  </section>
</template>
