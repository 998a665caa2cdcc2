<script setup lang="ts">
import { computed } from 'vue'
import type { KitItem, LengthUnit, MeasuredSetUp } from '../../api/schema'
import RowsTable from '../../house/RowsTable.vue'
import WhyButton from '../../house/WhyButton.vue'
import FitChip from '../FitChip.vue'
import { reading } from '../moving'
import KitCard from '../KitCard.vue'
import { goingWords, slopeWords } from './course'

/** What a course comes to for this horse: way, time, efforts, and each line from fence to fence. */
const props = defineProps<{ measured: MeasuredSetUp; unit: LengthUnit; short: KitItem[] }>()
const course = computed(() => props.measured.course!)
const minutes = (s: number) => `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`
const rows = computed(() => course.value.legs.map((leg, i) => ({ leg, gap: props.measured.gaps[i]! })))
const turns = (leg: (typeof rows.value)[number]['leg']) =>
  leg.turnTo ? `${Math.round(leg.turnDegrees)}° to the ${leg.turnTo}` : 'straight'
</script>

<template>
  <section class="card">
    <div class="row spread">
      <h2>The course</h2>
      <WhyButton :why="course.why" of="its way and time" />
    </div>
    <dl class="grid grid-cols-[repeat(auto-fit,minmax(92px,1fr))] gap-y-8px gap-x-14px my-8px mx-0">
      <div>
        <dt class="text-0.83rem text-quiet">Way</dt>
        <dd class="text-1.35rem font-bold">{{ Math.round(course.way) }} m</dd>
      </div>
      <div>
        <dt class="text-0.83rem text-quiet">Time allowed</dt>
        <dd class="text-1.35rem font-bold">{{ minutes(course.timeAllowed) }}</dd>
      </div>
      <div>
        <dt class="text-0.83rem text-quiet">Limit</dt>
        <dd class="text-1.35rem font-bold">{{ minutes(course.timeLimit) }}</dd>
      </div>
      <div>
        <dt class="text-0.83rem text-quiet">Efforts</dt>
        <dd class="text-1.35rem font-bold">{{ course.efforts }}</dd>
      </div>
    </dl>
    <p class="small quiet">
      At {{ course.metresPerMinute }} m a minute<template v-if="measured.arena.size === 'field'"
        >; going {{ goingWords[course.going].toLowerCase() }},
        {{ slopeWords[course.slope].toLowerCase() }}</template
      >.
    </p>
    <RowsTable
      v-if="rows.length"
      :rows="rows"
      :columns="[
        { key: 'line', title: 'Line' },
        { key: 'way', title: 'Way' },
        { key: 'count', title: 'This horse' },
        { key: 'turn', title: 'Turn' },
        { key: 'straight', title: 'Straight before' },
      ]"
    >
      <template #line="{ row: r }"
        ><strong>{{ r.leg.from }} to {{ r.leg.to }}</strong></template
      >
      <template #way="{ row: r }">{{ reading(r.gap.built.text, unit) }}</template>
      <template #count="{ row: r }"
        ><template v-if="r.leg.counted !== null"
          ><strong>{{ r.leg.counted === 0 ? 'bounce' : `${r.leg.counted} strides` }}</strong>
          <FitChip :fit="r.gap.fit"
        /></template>
        <span v-else class="quiet">about {{ Math.round(r.leg.strides) }} strides</span></template
      >
      <template #turn="{ row: r }"
        >{{ turns(r.leg)
        }}<span v-if="r.leg.changeOfLead" class="small quiet block">changes the lead here</span></template
      >
      <template #straight="{ row: r }">{{ r.leg.straightStrides.toFixed(1) }} strides</template>
    </RowsTable>
    <KitCard :needed="measured.kitNeeded ?? []" :short="short" />
  </section>
</template>
