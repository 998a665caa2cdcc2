<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
import type { SessionTotals } from '../api/schema'
import GaitChip from '../house/GaitChip.vue'
import ReinBalance from '../house/ReinBalance.vue'
import WhyButton from '../house/WhyButton.vue'
import { minutes, way } from '../house/format'
import { gaitWords } from '../house/words'

/** What a session adds up to. */
defineProps<{ totals: SessionTotals }>()
</script>

<template>
  <section class="card stack sums">
    <p class="total">
      <strong>{{ minutes(totals.minutes) }}</strong>
      <span class="quiet"> of which {{ minutes(totals.workMinutes) }} work</span>
    </p>
    <RowsTable
      bare
      :rows="totals.byGait"
      :columns="[
        { key: 'gait' },
        { key: 'minutes', number: true, says: (g) => minutes(g.minutes) },
        { key: 'way', number: true, says: (g) => (g.way > 0 ? way(g.way) : '') },
      ]"
    >
      <template #gait="{ row }"><GaitChip :gait="row.gait" word /></template>
    </RowsTable>
    <ReinBalance :left="totals.leftMinutes" :right="totals.rightMinutes" unit="min" />
    <dl>
      <template v-if="totals.transitions.length">
        <dt>Transitions</dt>
        <dd>
          <span v-for="t in totals.transitions" :key="t.from + t.to"
            >{{ gaitWords[t.from].toLowerCase() }}–{{ t.to }} {{ t.count }}</span
          >
        </dd>
      </template>
      <template v-if="totals.passes">
        <dt>Passes over poles</dt>
        <dd>{{ totals.passes }}</dd>
      </template>
      <template v-if="totals.efforts.length">
        <dt>Fences</dt>
        <dd>
          <span v-for="e in totals.efforts" :key="e.heightMetres ?? 0"
            >{{ e.count }}
            {{
              e.heightMetres === null ? 'of no height given' : `at ${Math.round(e.heightMetres * 100)} cm`
            }}</span
          >
          <span class="quiet">counted as {{ totals.effortsCounted }}</span>
        </dd>
      </template>
      <dt>Expected load</dt>
      <dd>{{ Math.round(totals.expectedLoad) }} <WhyButton :why="totals.loadWhy" of="this load" /></dd>
    </dl>
  </section>
</template>

<style scoped>
.total strong {
  font-size: 1.6rem;
}
.sums {
  gap: 10px;
}
dl {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 4px 12px;
  font-size: 0.93rem;
}
dt {
  color: var(--quiet);
}
dd {
  text-align: right;
}
dd span {
  display: block;
}
</style>
