<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Checkbox from 'ant-design-vue/es/checkbox'
import InputNumber from 'ant-design-vue/es/input-number'
import { computed } from 'vue'
import type { CourseFenceEntry, ElementKind, MeasuredSetUp, SetUpEntryCourseEntry } from '../../api/schema'
import DistanceInput from '../../house/DistanceInput.vue'
import PickOne from '../../house/PickOne.vue'
import RowActs from '../../house/RowActs.vue'
import RowsTable from '../../house/RowsTable.vue'
import { options } from '../../house/words'
import { courseWords, isDeep, isFlat, isWide, kindsFor, newFence } from './course'

/** The fences of a course, in the order they are jumped. */
const props = defineProps<{ measured: MeasuredSetUp }>()
const entry = defineModel<SetUpEntryCourseEntry>({ required: true })
const fences = computed(() => entry.value.fences!.map((f) => f!))
const kinds = computed(() =>
  options(courseWords as Record<ElementKind, string>, kindsFor(!!entry.value.field)),
)
const put = (now: CourseFenceEntry[]) => (entry.value = { ...entry.value, fences: now })
const set = (i: number, change: Partial<CourseFenceEntry>) =>
  put(fences.value.map((f, at) => (at === i ? { ...f, ...change } : f)))
const kindOf = (i: number, kind: ElementKind) => {
  const before = fences.value[i]!
  const fresh = newFence(kind, before.alongMetres!, before.acrossMetres!, before.facesDegrees!)
  set(i, { ...fresh, heightMetres: isFlat(kind) ? null : (before.heightMetres ?? fresh.heightMetres) })
}
function add() {
  const { length, width } = props.measured.arena
  put([...fences.value, newFence('upright', Math.round(length / 2), Math.round(width / 2))])
}
function move(i: number, by: number) {
  const all = [...fences.value]
  const [moved] = all.splice(i, 1)
  all.splice(i + by, 0, moved!)
  put(all.map((f, at) => (at === 0 ? { ...f, together: null } : f)))
}
const number = (i: number) => props.measured.course?.numbers[i] ?? `${i + 1}`
</script>

<template>
  <section class="card">
    <h2>Fences, in the order they are jumped</h2>
    <RowsTable
      :rows="fences"
      :columns="[
        { key: 'place' },
        { key: 'kind', title: 'Fence' },
        { key: 'height', title: 'Height' },
        { key: 'spread', title: 'Spread' },
        { key: 'along', title: entry.field ? 'Along, m' : 'From A, m' },
        { key: 'across', title: 'Across, m' },
        { key: 'faces', title: 'Jumped at, °' },
        { key: 'together', title: 'Combined' },
        { key: 'acts' },
      ]"
    >
      <template #place="{ at: i }"
        ><strong>{{ number(i) }}</strong></template
      >
      <template #kind="{ row: f, at: i }"
        ><PickOne
          class="kind"
          :aria-label="`Fence ${number(i)}`"
          :value="f.kind!"
          :options="kinds"
          @change="(v) => kindOf(i, v as ElementKind)"
      /></template>
      <template #height="{ row: f, at: i }"
        ><div class="grid gap-4px">
          <DistanceInput
            v-if="!isFlat(f.kind!)"
            class="small-number"
            plain="cm"
            :aria-label="`Height of fence ${number(i)}`"
            :value="f.heightMetres"
            @change="(heightMetres) => set(i, { heightMetres })"
          />
          <label v-if="isDeep(f.kind!)" class="small quiet"
            >water
            <DistanceInput
              class="small-number"
              plain="cm"
              :aria-label="`Depth of the water at fence ${number(i)}`"
              :value="f.depthMetres ?? 0"
              @change="(depthMetres) => set(i, { depthMetres })"
          /></label></div
      ></template>
      <template #spread="{ row: f, at: i }"
        ><DistanceInput
          v-if="isWide(f.kind!)"
          class="small-number"
          plain="cm"
          :aria-label="`Spread of fence ${number(i)}`"
          :value="f.spreadMetres"
          @change="(spreadMetres) => set(i, { spreadMetres })"
      /></template>
      <template #along="{ row: f, at: i }"
        ><InputNumber
          class="small-number"
          :aria-label="`Fence ${number(i)}, along`"
          :value="f.alongMetres!"
          :step="0.5"
          @change="(v) => set(i, { alongMetres: v === null ? null : Number(v) })"
      /></template>
      <template #across="{ row: f, at: i }"
        ><InputNumber
          class="small-number"
          :aria-label="`Fence ${number(i)}, across`"
          :value="f.acrossMetres!"
          :step="0.5"
          @change="(v) => set(i, { acrossMetres: v === null ? null : Number(v) })"
      /></template>
      <template #faces="{ row: f, at: i }"
        ><InputNumber
          class="small-number"
          :aria-label="`Fence ${number(i)}, jumped at degrees`"
          :value="f.facesDegrees!"
          :step="5"
          @change="(v) => set(i, { facesDegrees: v === null ? null : Number(v) })"
      /></template>
      <template #together="{ row: f, at: i }"
        ><Checkbox
          v-if="i > 0"
          :checked="f.together === true"
          :aria-label="`Fence ${number(i)} belongs to the one before`"
          @change="set(i, { together: f.together ? null : true })"
      /></template>
      <template #acts="{ at: i }"
        ><RowActs
          :at="i"
          :of="fences.length"
          :up="`Fence ${number(i)} earlier`"
          :down="`Fence ${number(i)} later`"
          :out="`Take fence ${number(i)} out`"
          @move="(by) => move(i, by)"
          @out="put(fences.filter((_, at) => at !== i))"
      /></template>
    </RowsTable>
    <Button size="small" :disabled="fences.length >= 30" @click="add">Add a fence</Button>
  </section>
</template>

<style scoped>
.kind {
  width: 168px;
}
.small-number {
  width: 74px;
}
</style>
