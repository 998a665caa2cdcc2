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
  <section class="card stack gap-10px">
    <p class="total">
      <strong class="text-1.6rem">{{ minutes(totals.minutes) }}</strong>
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
    <dl class="grid grid-cols-[auto_minmax(0,1fr)] gap-y-4px gap-x-12px text-0.93rem">
      <template v-if="totals.transitions.length">
        <dt class="text-quiet">Transitions</dt>
        <dd class="text-right">
          <span v-for="t in totals.transitions" :key="t.from + t.to" class="block"
            >{{ gaitWords[t.from].toLowerCase() }}–{{ t.to }} {{ t.count }}</span
          >
        </dd>
      </template>
      <template v-if="totals.passes">
        <dt class="text-quiet">Passes over poles</dt>
        <dd class="text-right">{{ totals.passes }}</dd>
      </template>
      <template v-if="totals.efforts.length">
        <dt class="text-quiet">Fences</dt>
        <dd class="text-right">
          <span v-for="e in totals.efforts" :key="e.heightMetres ?? 0" class="block"
            >{{ e.count }}
            {{
              e.heightMetres === null ? 'of no height given' : `at ${Math.round(e.heightMetres * 100)} cm`
            }}</span
          >
          <span class="quiet block">counted as {{ totals.effortsCounted }}</span>
        </dd>
      </template>
      <dt class="text-quiet">Expected load</dt>
      <dd class="text-right">
        {{ Math.round(totals.expectedLoad) }} <WhyButton :why="totals.loadWhy" of="this load" />
      </dd>
    </dl>
  </section>
</template>
