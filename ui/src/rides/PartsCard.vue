<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
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
    <RowsTable
      :rows="rows"
      :row-class="(r) => (r.done ? '' : 'left-out')"
      :columns="[
        { key: 'part', title: 'Part' },
        { key: 'planned', title: 'Planned', number: true, says: (r) => minutes(r.planned.minutes) },
        {
          key: 'done',
          title: 'Done',
          number: true,
          says: (r) => (r.done ? minutes(r.done.minutes) : 'left out'),
        },
        { key: 'over', title: 'Poles, fences', says: (r) => r.over },
        { key: 'marks', title: 'Mark ◀ | ▶', number: true, says: (r) => r.marks },
        { key: 'hopedFor', title: 'hoped for', number: true, says: (r) => r.planned.markHopedFor },
      ]"
    >
      <template #part="{ row: { planned } }"><GaitChip :gait="planned.gait" /> {{ planned.what }}</template>
    </RowsTable>
  </section>
</template>

<style scoped>
.card :deep(.left-out) {
  color: var(--quiet);
}
</style>
