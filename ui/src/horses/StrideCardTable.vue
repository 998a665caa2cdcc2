<script setup lang="ts">
import { computed } from 'vue'
import type { GaitVariant, StrideEstimate } from '../api/schema'
import GaitChip from '../house/GaitChip.vue'
import WhyButton from '../house/WhyButton.vue'
import { shortDay } from '../house/format'
import { variantWords } from '../house/words'

/** The stride card: every variant's stride to one scale, with how sure it is. */
const props = defineProps<{ card: StrideEstimate[] }>()
const gaitOf = (variant: GaitVariant) =>
  variant.startsWith('walk') ? 'walk' : variant.startsWith('trot') ? 'trot' : 'canter'
const longest = computed(() => Math.max(...props.card.map((e) => e.stride + e.spread)))
const share = (metres: number) => `${(metres / longest.value) * 100}%`
</script>

<template>
  <div class="scroll">
    <table>
      <thead>
        <tr>
          <th>Gait</th>
          <th class="number">Stride</th>
          <th class="wide" aria-hidden="true"></th>
          <th class="number">Speed</th>
          <th class="number">Tempo</th>
          <th>Rests on</th>
          <th></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="e in card" :key="e.variant" :class="{ own: e.measurements > 0 }">
          <td class="variant"><GaitChip :gait="gaitOf(e.variant)" /> {{ variantWords[e.variant] }}</td>
          <td class="number">
            <strong>{{ e.stride.toFixed(2) }} m</strong>
          </td>
          <td class="wide" aria-hidden="true">
            <div class="track">
              <span class="stride" :class="gaitOf(e.variant)" :style="{ width: share(e.stride) }"></span>
              <span
                class="spread"
                :style="{ left: share(e.stride - e.spread), width: share(2 * e.spread) }"
              ></span>
            </div>
            <span class="give small quiet">± {{ Math.round(e.spread * 100) }} cm</span>
          </td>
          <td class="number">{{ Math.round(e.speed * 60) }} m/min</td>
          <td class="number">{{ Math.round(e.tempo) }}/min</td>
          <td class="small rests">
            <template v-if="e.measurements"
              >{{ e.measurements }} measured<br /><span class="quiet">{{
                shortDay(e.lastMeasured!)
              }}</span></template
            >
            <span v-else class="quiet">start value</span>
          </td>
          <td class="number"><WhyButton :why="e.why" :of="`${variantWords[e.variant]} stride`" /></td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
td {
  padding-top: 5px;
  padding-bottom: 5px;
}
.variant {
  white-space: nowrap;
}
.variant :deep(.gait) {
  margin-right: 6px;
}
tr:not(.own) {
  color: var(--quiet);
}
tr:not(.own) strong {
  font-weight: 500;
}
td.number {
  white-space: nowrap;
}
.rests {
  line-height: 1.2;
  white-space: nowrap;
}
.wide {
  width: 26%;
  min-width: 130px;
  white-space: nowrap;
}
.track {
  display: inline-block;
  position: relative;
  width: calc(100% - 68px);
  height: 10px;
  vertical-align: middle;
}
.stride {
  position: absolute;
  inset: 3px auto 3px 0;
  border-radius: 3px;
}
.walk {
  background: var(--walk);
}
.trot {
  background: var(--trot);
}
.canter {
  background: var(--canter);
}
tr:not(.own) .stride {
  opacity: 0.35;
}
.spread {
  position: absolute;
  inset: 0 auto 0 auto;
  border-left: 2px solid var(--ink);
  border-right: 2px solid var(--ink);
  background: linear-gradient(var(--ink), var(--ink)) center / 100% 1px no-repeat;
}
.give {
  margin-left: 8px;
}
</style>
