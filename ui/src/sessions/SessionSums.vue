<script setup lang="ts">
import type { SessionCheck } from '../api/schema'
import GaitChip from '../house/GaitChip.vue'
import ReinBalance from '../house/ReinBalance.vue'
import WhyButton from '../house/WhyButton.vue'
import { minutes, way } from '../house/format'

/** What a session adds up to, and each fault with its reason and its mend. */
defineProps<{ check: SessionCheck }>()
</script>

<template>
  <aside class="stack">
    <section class="card stack sums">
      <p class="total">
        <strong>{{ minutes(check.totals.minutes) }}</strong>
        <span class="quiet"> of which {{ minutes(check.totals.workMinutes) }} work</span>
      </p>
      <table>
        <tbody>
          <tr v-for="g in check.totals.byGait" :key="g.gait">
            <td><GaitChip :gait="g.gait" word /></td>
            <td class="number">{{ minutes(g.minutes) }}</td>
            <td class="number">{{ g.way > 0 ? way(g.way) : '' }}</td>
          </tr>
        </tbody>
      </table>
      <ReinBalance :left="check.totals.leftMinutes" :right="check.totals.rightMinutes" unit="min" />
    </section>
    <section class="card stack faults" aria-live="polite">
      <h2>{{ check.faults.length ? `${check.faults.length} to mend` : 'Nothing to mend' }}</h2>
      <p v-if="check.faults.length === 0" class="small quiet">
        Walk first, reins balanced, new work late, walk last.
      </p>
      <ul>
        <li v-for="f in check.faults" :key="f.rule" :class="{ hard: f.hard }">
          <strong>{{ f.says }}</strong>
          <p>{{ f.mend }} <WhyButton :why="f.why" of="this fault" /></p>
        </li>
      </ul>
    </section>
  </aside>
</template>

<style scoped>
.total strong {
  font-size: 1.6rem;
}
td {
  padding: 5px 0;
}
.sums,
.faults {
  gap: 10px;
}
ul {
  display: grid;
  gap: 12px;
}
li {
  padding-left: 10px;
  border-left: 3px solid var(--straw);
  font-size: 0.93rem;
}
li.hard {
  border-color: var(--grave);
}
li.hard strong {
  color: var(--grave);
}
</style>
