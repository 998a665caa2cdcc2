<script setup lang="ts">
import { computed } from 'vue'
import type { MeasuredSetUp } from '../api/schema'

/** For whoever builds: one line an element, every reading from one zero. Only on paper. */
const props = defineProps<{
  measured: MeasuredSetUp
  horse: string
  say: (text: { metres: string; feet: string; paces: string }) => string
}>()
const lines = computed(() =>
  props.measured.elements.filter((e) => e.kind !== 'mark' || props.measured.figure),
)
</script>

<template>
  <section class="sheet paper" data-on="tape">
    <h2>Tape sheet: {{ measured.title }}</h2>
    <p class="small">
      For {{ horse }}.
      <template v-if="measured.course"
        >Each fence by its middle: from the A end, from the left side, and the way it is jumped.</template
      ><template v-else
        >Zero is the first element, ridden towards {{ measured.heading === 'towardsC' ? 'C' : 'A'
        }}{{
          measured.bending
            ? '; the tape follows the curve, the straight tape reads ' +
              measured.bending.straight.toFixed(2) +
              ' m'
            : ''
        }}.</template
      >
    </p>
    <table>
      <thead>
        <tr>
          <th class="number">{{ measured.course ? 'Stands at' : 'Reads' }}</th>
          <th>What</th>
          <th class="number">High</th>
          <th class="number">Wide</th>
          <th>Kit</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(e, i) in lines" :key="i">
          <td class="number">
            <strong v-if="measured.course"
              >{{ e.along.toFixed(1) }} / {{ e.across.toFixed(1) }} m, {{ Math.round(e.faces) }}°</strong
            >
            <strong v-else>{{ say(e.atText) }}</strong>
          </td>
          <td>{{ measured.course ? '' : `${i + 1}. ` }}{{ e.name }}</td>
          <td class="number">{{ e.height > 0 ? `${Math.round(e.height * 100)} cm` : '' }}</td>
          <td class="number">{{ e.width > 0 ? `${e.width.toFixed(1)} m` : '' }}</td>
          <td>{{ e.kitSays }}</td>
        </tr>
      </tbody>
    </table>
    <p class="small">
      In all: {{ (measured.kitNeeded ?? []).map((k) => k.says).join(', ') || 'nothing to carry' }}.
    </p>
  </section>
</template>
