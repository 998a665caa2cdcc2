<script setup lang="ts">
import { computed } from 'vue'
import WhyButton from '../house/WhyButton.vue'
import { shortDay } from '../house/format'
import { useSides } from '../house/queries'
import { clarityWords } from '../house/words'
import HorseFromAbove from './HorseFromAbove.vue'
import SideTrendChart from './SideTrendChart.vue'

/** The stiff side as it was assessed, and where left against right has been going since. */
const props = defineProps<{ horseId: string }>()
const { data: sides } = useSides(() => props.horseId)
const side = computed(() => sides.value?.stiffSide?.side ?? null)
const other = { left: 'right', right: 'left' } as const
</script>

<template>
  <section v-if="sides" class="card sides">
    <h2>Stiff side</h2>
    <div class="grid grid-cols-[92px_minmax(0,1fr)] gap-18px mt-8px items-start">
      <HorseFromAbove :stiff="side" />
      <div class="stack gap-10px">
        <div>
          <p class="text-1.25rem font-bold">
            <template v-if="side">Stiff {{ side }}, hollow {{ other[side] }}</template>
            <template v-else-if="sides.stiffSide?.clarity === 'contradicts'">Not settled</template>
            <template v-else>Not known</template>
          </p>
          <p class="small quiet">
            <template v-if="sides.stiffSide">
              {{ clarityWords[sides.stiffSide.clarity] }}, by the
              <RouterLink :to="{ name: 'assessment', params: { horseId, assessmentId: sides.assessmentId! } }"
                >assessment of {{ shortDay(sides.assessedOn!) }}</RouterLink
              >
              <WhyButton :why="sides.stiffSide.why" of="this side" />
            </template>
            <template v-else>An assessment ride finds it.</template>
          </p>
        </div>
        <div v-if="sides.trend.points.length">
          <p>{{ sides.trend.says }} <WhyButton :why="sides.trend.why" of="this trend" /></p>
          <SideTrendChart :trend="sides.trend" />
        </div>
        <p v-else class="small quiet">{{ sides.trend.says }}</p>
      </div>
    </div>
  </section>
</template>
