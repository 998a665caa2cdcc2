<script setup lang="ts">
import { computed } from 'vue'
import type { Review } from '../api/schema'
import GaitChip from '../house/GaitChip.vue'
import { minutes } from '../house/format'

/** Planned beside done, part by part, as it was tapped at the rail. */
const props = defineProps<{ review: Review }>()
const rows = computed(() =>
  props.review.parts.map(({ planned, done }) => {
    const passes = done ? done.passes.left.all + done.passes.right.all : 0
    const clean = done ? done.passes.left.clean + done.passes.right.clean : 0
    const efforts = done ? done.efforts.left.all + done.efforts.right.all : 0
    const clear = done ? done.efforts.left.clear + done.efforts.right.clear : 0
    return {
      planned,
      done,
      over: passes ? `${clean} of ${passes} clean` : efforts ? `${clear} of ${efforts} clear` : '',
      marks:
        done && (done.marks.left !== null || done.marks.right !== null)
          ? `${done.marks.left ?? '–'} | ${done.marks.right ?? '–'}`
          : '',
    }
  }),
)
</script>

<template>
  <section class="card">
    <h2>Part by part</h2>
    <div class="scroll">
      <table>
        <thead>
          <tr>
            <th>Part</th>
            <th class="number">Planned</th>
            <th class="number">Done</th>
            <th>Poles, fences</th>
            <th class="number">Mark ◀ | ▶</th>
            <th class="number">hoped for</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(r, i) in rows" :key="i" :class="{ not: !r.done }">
            <td><GaitChip :gait="r.planned.gait" /> {{ r.planned.what }}</td>
            <td class="number">{{ minutes(r.planned.minutes) }}</td>
            <td class="number">{{ r.done ? minutes(r.done.minutes) : 'left out' }}</td>
            <td>{{ r.over }}</td>
            <td class="number">{{ r.marks }}</td>
            <td class="number">{{ r.planned.markHopedFor ?? '' }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.not td {
  color: var(--quiet);
}
</style>
