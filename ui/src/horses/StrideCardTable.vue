<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
import { computed } from 'vue'
import type { GaitVariant, StrideEstimate } from '../api/schema'
import GaitChip from '../house/GaitChip.vue'
import WhyButton from '../house/WhyButton.vue'
import { shortDay } from '../house/format'
import { gaitTints, variantWords } from '../house/words'

/** The stride card: every variant's stride to one scale, with how sure it is. */
const props = defineProps<{ card: StrideEstimate[] }>()
const gaitOf = (variant: GaitVariant) =>
  variant.startsWith('walk') ? 'walk' : variant.startsWith('trot') ? 'trot' : 'canter'
const longest = computed(() => Math.max(...props.card.map((e) => e.stride + e.spread)))
const share = (metres: number) => `${(metres / longest.value) * 100}%`
</script>

<template>
  <RowsTable
    class="card-of-strides"
    :rows="card"
    :row-class="(e) => (e.measurements ? '' : 'guessed')"
    :columns="[
      { key: 'gait', title: 'Gait' },
      { key: 'stride', title: 'Stride', number: true },
      { key: 'wide', width: '26%' },
      { key: 'speed', title: 'Speed', number: true, says: (e) => `${Math.round(e.speed * 60)} m/min` },
      { key: 'tempo', title: 'Tempo', number: true, says: (e) => `${Math.round(e.tempo)}/min` },
      { key: 'restsOn', title: 'Rests on' },
      { key: 'why', number: true },
    ]"
  >
    <template #gait="{ row }">
      <span class="variant"
        ><GaitChip :gait="gaitOf(row.variant)" class="mr-6px" /> {{ variantWords[row.variant] }}</span
      >
    </template>
    <template #stride="{ row }"
      ><strong>{{ row.stride.toFixed(2) }} m</strong></template
    >
    <template #wide="{ row: e }">
      <div class="min-w-130px whitespace-nowrap" aria-hidden="true">
        <div class="inline-block relative w-[calc(100%-68px)] h-10px align-middle">
          <span
            class="stride absolute [inset:3px_auto_3px_0] rounded-3px"
            :class="gaitTints[gaitOf(e.variant)]"
            :style="{ width: share(e.stride) }"
          ></span>
          <span
            class="spread"
            :style="{ left: share(e.stride - e.spread), width: share(2 * e.spread) }"
          ></span>
        </div>
        <span class="small quiet ml-8px">± {{ Math.round(e.spread * 100) }} cm</span>
      </div>
    </template>
    <template #restsOn="{ row: e }">
      <div class="small leading-[1.2] whitespace-nowrap">
        <template v-if="e.measurements"
          >{{ e.measurements }} measured<br /><span class="quiet">{{
            shortDay(e.lastMeasured!)
          }}</span></template
        >
        <span v-else class="quiet">start value</span>
      </div>
    </template>
    <template #why="{ row }"
      ><WhyButton :why="row.why" :of="`${variantWords[row.variant]} stride`"
    /></template>
  </RowsTable>
</template>

<style scoped>
.variant {
  white-space: nowrap;
}
.card-of-strides :deep(.guessed) {
  color: var(--quiet);
}
.card-of-strides :deep(.guessed strong) {
  font-weight: 500;
}
.card-of-strides :deep(.guessed .stride) {
  opacity: 0.35;
}
.spread {
  position: absolute;
  inset: 0 auto 0 auto;
  border-left: 2px solid var(--ink);
  border-right: 2px solid var(--ink);
  background: linear-gradient(var(--ink), var(--ink)) center / 100% 1px no-repeat;
}
</style>
