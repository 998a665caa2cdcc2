<script setup lang="ts">
import { computed } from 'vue'
import type { MeasuredSetUp } from '../api/schema'
import WhyButton from '../house/WhyButton.vue'

/** Why the first distance is what it is; of a clock also the circles on which a quarter comes out whole. */
const props = defineProps<{
  measured: MeasuredSetUp
  horse: string
  say: (text: { metres: string; feet: string; paces: string }) => string
}>()
const gap = computed(() => props.measured.gaps[0]!)
const own = computed(() => (props.horse ? `${props.horse}’s own` : 'its own'))
</script>

<template>
  <section class="card">
    <div class="row spread">
      <h2>Why {{ say(gap.built.text) }}</h2>
      <WhyButton :why="gap.why" of="this distance" />
    </div>
    <p v-if="measured.curve?.stridesAQuarter" class="mt-6px">
      A quarter of the circle is <strong>{{ gap.built.text.metres }}</strong>; {{ gap.between!.strides }} of
      {{ own }} would be <strong>{{ gap.own.toFixed(2) }} m</strong>.
    </p>
    <p v-else class="mt-6px">
      {{ own }} is <strong>{{ gap.own.toFixed(2) }} m</strong
      ><template v-if="gap.trade.shortest < gap.trade.longest"
        >; the trade sets {{ gap.trade.shortest.toFixed(2) }} to
        {{ gap.trade.longest.toFixed(2) }} m</template
      >. Here it is <strong>{{ gap.built.text.metres }}</strong>, {{ gap.built.roundingSays }}.
    </p>

    <template v-if="measured.curve?.wholeQuarters.length">
      <h3 class="mt-12px">Whole numbers</h3>
      <p class="small quiet mt-6px">
        Here a quarter is {{ measured.curve.stridesAQuarter!.toFixed(1) }} stride lengths. It comes out whole
        on a circle of
      </p>
      <ul>
        <li v-for="w in measured.curve.wholeQuarters" :key="w.strides">
          <strong>{{ w.diameter.toFixed(1) }} m</strong>: {{ w.strides }} in each quarter
        </li>
      </ul>
    </template>
  </section>
</template>
