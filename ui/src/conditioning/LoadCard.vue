<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
import { computed } from 'vue'
import WhyButton from '../house/WhyButton.vue'
import { shortDay } from '../house/format'
import { useLoad } from '../house/queries'

/** Minutes and load week by week, as quiet information; the growth of a week is what decides. */
const props = defineProps<{ horseId: string }>()
const { data: load } = useLoad(() => props.horseId)
/** From the first week of work that is known. */
const weeks = computed(() => {
  const all = load.value?.weeks ?? []
  return all.slice(all.findIndex((w) => w.minutes > 0))
})
const longest = computed(() => Math.max(1, ...(load.value?.weeks ?? []).map((w) => w.minutes)))
const known = (week: { load: number }, figure: string | undefined) => (week.load && figure) || '–'
const percent = (growth: number) => `${growth > 0 ? '+' : ''}${Math.round(growth * 100)} %`
</script>

<template>
  <section v-if="load?.weeks.some((w) => w.minutes > 0)" class="card stack">
    <div class="row spread">
      <h2>What it has worked <WhyButton :why="load.why" of="these weeks" /></h2>
      <p v-if="load.shortAverage !== null && load.longAverage !== null" class="small quiet">
        load a day, short average {{ Math.round(load.shortAverage) }}, long {{ Math.round(load.longAverage) }}
      </p>
    </div>
    <RowsTable
      :rows="weeks"
      :columns="[
        { key: 'week', title: 'Week of', says: (w) => shortDay(w.monday) },
        { key: 'minutes', title: 'Minutes', width: '32%' },
        { key: 'growth', title: 'Growth', number: true },
        { key: 'load', title: 'Load', number: true },
        { key: 'monotony', title: 'Monotony', number: true, says: (w) => known(w, w.monotony?.toFixed(1)) },
        { key: 'strain', title: 'Strain', number: true, says: (w) => known(w, w.strain?.toFixed(0)) },
      ]"
    >
      <template #minutes="{ row }">
        <span
          class="minutes inline-block h-12px mr-6px rounded-3px bg-quiet"
          :style="{ width: `${(row.minutes / longest) * 70}%` }"
        />
        {{ Math.round(row.minutes) }}
      </template>
      <template #growth="{ row }">
        <strong v-if="row.tooFast" class="text-on-long">{{ percent(row.growth!) }}, too fast</strong>
        <template v-else-if="row.growth !== null">{{ percent(row.growth) }}</template>
      </template>
      <template #load="{ row }">
        {{ Math.round(row.load) }}<span v-if="row.unsaid" class="quiet"> ({{ row.unsaid }} unsaid)</span>
      </template>
    </RowsTable>
  </section>
</template>
