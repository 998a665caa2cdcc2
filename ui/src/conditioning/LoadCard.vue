<script setup lang="ts">
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
    <div class="scroll">
      <table>
        <thead>
          <tr>
            <th>Week of</th>
            <th class="bar">Minutes</th>
            <th class="number">Growth</th>
            <th class="number">Load</th>
            <th class="number">Monotony</th>
            <th class="number">Strain</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="w in weeks" :key="w.monday">
            <td>{{ shortDay(w.monday) }}</td>
            <td class="bar">
              <span class="minutes" :style="{ width: `${(w.minutes / longest) * 70}%` }" />
              {{ Math.round(w.minutes) }}
            </td>
            <td class="number">
              <strong v-if="w.tooFast" class="fast">{{ percent(w.growth!) }}, too fast</strong>
              <template v-else-if="w.growth !== null">{{ percent(w.growth) }}</template>
            </td>
            <td class="number">
              {{ Math.round(w.load) }}<span v-if="w.unsaid" class="quiet"> ({{ w.unsaid }} unsaid)</span>
            </td>
            <td class="number">{{ w.load && w.monotony !== null ? w.monotony.toFixed(1) : '–' }}</td>
            <td class="number">{{ w.load && w.strain !== null ? Math.round(w.strain) : '–' }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.bar {
  width: 32%;
  white-space: nowrap;
}
.minutes {
  display: inline-block;
  height: 12px;
  margin-right: 6px;
  border-radius: 3px;
  background: var(--quiet);
}
.fast {
  color: var(--on-long);
}
</style>
