<script setup lang="ts">
import { computed } from 'vue'
import Button from 'ant-design-vue/es/button'
import type { MeasuredSetUp, SetUpEntry } from '../api/schema'
import RowActs from '../house/RowActs.vue'
import { trains } from '../house/signIn'
import { isLine } from './setUpEntries'

/** How a grid is built up: one thing changed at a time. The trainer may choose another order, or leave stages out. */
const props = defineProps<{ measured: MeasuredSetUp }>()
const entry = defineModel<SetUpEntry>({ required: true })
const isOrdered = computed(() => isLine(entry.value) && !!entry.value.stages?.length)
const put = (stages: { kind: MeasuredSetUp['stages'][number]['kind']; element: number | null }[] | null) =>
  (entry.value = { ...entry.value, stages } as SetUpEntry)
const now = () => props.measured.stages.map(({ kind, element }) => ({ kind, element }))
const leaveOut = (i: number) => put(now().filter((_, at) => at !== i))
function move(i: number, by: number) {
  const all = now()
  const [moved] = all.splice(i, 1)
  all.splice(i + by, 0, moved!)
  put(all)
}
const efforts = computed(() => props.measured.stages.reduce((sum, s) => sum + s.efforts, 0))
const passes = computed(() => props.measured.stages.reduce((sum, s) => sum + s.passes, 0))
</script>

<template>
  <section class="card">
    <h2>Build it up</h2>
    <p class="small quiet">
      {{ measured.stages.length }} stages, {{ passes }} times through, {{ efforts }} efforts; half for a
      bounce or a fence under 50 cm. Go on only after a calm, straight one.
    </p>
    <ol class="grid gap-7px mt-8px">
      <li
        v-for="(s, i) in measured.stages"
        :key="i"
        class="grid grid-cols-[26px_minmax(0,1fr)_auto_auto] gap-8px leading-[1.25]"
      >
        <span class="number">{{ i + 1 }}</span>
        <span>
          <strong>{{ s.changed }}</strong>
          <span class="small quiet block">{{
            s.stands
              .map((e) => (e.isPole ? 'pole' : `${Math.round(e.height * 100)}${e.isOxer ? ' oxer' : ''}`))
              .join(' · ')
          }}</span>
        </span>
        <span class="small quiet">{{ s.efforts }}</span>
        <RowActs
          v-if="trains()"
          class="no-print"
          :at="i"
          :of="measured.stages.length"
          :up="`Stage ${i + 1} earlier`"
          :down="`Stage ${i + 1} later`"
          :out="`Leave stage ${i + 1} out`"
          @move="(by) => move(i, by)"
          @out="leaveOut(i)"
        />
      </li>
    </ol>
    <Button v-if="isOrdered" size="small" class="mt-8px no-print" @click="put(null)"
      >The usual stages again</Button
    >
  </section>
</template>

<style scoped>
.number {
  color: var(--quiet);
  text-align: right;
}
@media print {
  ol {
    display: block;
    columns: 2;
    font-size: 0.87rem;
  }
  li {
    break-inside: avoid;
  }
}
</style>
