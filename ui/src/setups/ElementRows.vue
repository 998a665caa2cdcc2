<script setup lang="ts">
import { computed } from 'vue'
import Button from 'ant-design-vue/es/button'
import type { ElementKind, LineElementEntry, SetUpEntryFenceLineEntry } from '../api/schema'
import DistanceInput from '../house/DistanceInput.vue'
import PickOne from '../house/PickOne.vue'
import RowActs from '../house/RowActs.vue'
import RowsTable from '../house/RowsTable.vue'
import { options } from '../house/words'
import ElementDistance from './ElementDistance.vue'
import ElementFit from './ElementFit.vue'
import { element, elementWords, isOxer, isPole } from './setUpEntries'

/** What stands on a line, in the order it is ridden; distances can be typed as metres, feet and inches, or paces. */
defineProps<{ say: (text: { metres: string; feet: string; paces: string }) => string }>()
const entry = defineModel<SetUpEntryFenceLineEntry>({ required: true })
const kinds = options(elementWords as Record<ElementKind, string>)
const counts = [
  { value: 0, label: 'bounce' },
  ...[1, 2, 3, 4, 5, 6, 7, 8].map((n) => ({ value: n, label: n === 1 ? '1 stride' : `${n} strides` })),
]

function put(elements: LineElementEntry[]) {
  // Other elements have other stages.
  const same = elements.length === entry.value.elements?.length
  entry.value = { ...entry.value, elements, ...(same ? {} : { stages: null }) }
}
function set(i: number, change: Partial<LineElementEntry>) {
  put(entry.value.elements!.map((e, at) => (at === i ? { ...e!, ...change } : e!)))
}
function kindOf(i: number, kind: ElementKind) {
  const before = entry.value.elements![i]!
  const fresh = element(kind, before.strides ?? 0)
  // A fence keeps its height; a cavaletti has one of its own.
  const keeps = kind !== 'pole' && kind !== 'raisedPole' && before.kind !== 'raisedPole'
  set(i, { ...fresh, heightMetres: keeps ? (before.heightMetres ?? fresh.heightMetres) : fresh.heightMetres })
}
function add() {
  const last = entry.value.elements!.at(-1)
  put([...entry.value.elements!.map((e) => e!), element('upright', last && isPole(last.kind!) ? 0 : 1)])
}
function move(i: number, by: number) {
  const all = entry.value.elements!.map((e) => e!)
  const [moved] = all.splice(i, 1)
  all.splice(i + by, 0, moved!)
  put(all)
}
/** The same once more behind it, a stride on where both are jumped. */
function double(i: number) {
  const all = entry.value.elements!.map((e) => e!)
  const same = { ...all[i]!, distanceMetres: null, strides: Math.max(1, all[i]!.strides ?? 0) }
  put([...all.slice(0, i + 1), same, ...all.slice(i + 1)])
}
/** What stands, as rows. */
const standing = computed(() => entry.value.elements!.map((e) => e!))
/** Whether strides can be counted before an element. */
const counted = (i: number) => {
  const all = entry.value.elements!
  return i > 0 && isPole(all[i]!.kind!) === isPole(all[i - 1]!.kind!)
}
</script>

<template>
  <section class="card">
    <h2>What stands, in order</h2>
    <RowsTable
      :rows="standing"
      :columns="[
        { key: 'place' },
        { key: 'element', title: 'Element' },
        { key: 'height', title: 'Height' },
        { key: 'spread', title: 'Spread' },
        { key: 'before', title: 'From the one before' },
        { key: 'distance', title: 'Distance' },
        { key: 'fit', title: 'Fit' },
        { key: 'acts' },
      ]"
    >
      <template #place="{ at: i }"
        ><div class="quiet">{{ i + 1 }}</div></template
      >
      <template #element="{ row: e, at: i }"
        ><PickOne
          class="kind"
          :aria-label="`Element ${i + 1}`"
          :value="e.kind!"
          :options="kinds"
          @change="(v) => kindOf(i, v as ElementKind)"
      /></template>
      <template #height="{ row: e, at: i }"
        ><DistanceInput
          v-if="e.kind !== 'pole'"
          class="small-number"
          plain="cm"
          :aria-label="`Height of element ${i + 1}`"
          :value="e.heightMetres"
          @change="(heightMetres) => set(i, { heightMetres })"
      /></template>
      <template #spread="{ row: e, at: i }"
        ><DistanceInput
          v-if="isOxer(e.kind!)"
          class="small-number"
          plain="cm"
          :aria-label="`Spread of element ${i + 1}`"
          :value="e.spreadMetres"
          @change="(spreadMetres) => set(i, { spreadMetres })"
      /></template>
      <template #before="{ row: e, at: i }"
        ><PickOne
          v-if="counted(i)"
          class="count"
          :aria-label="`Strides before element ${i + 1}`"
          :value="e.strides ?? 0"
          :options="counts"
          @change="(v) => set(i, { strides: v as number })"
        />
        <span v-else-if="i > 0" class="small quiet">{{
          isPole(e.kind!) ? 'landing pole' : 'placing pole'
        }}</span></template
      >
      <template #distance="{ row: e, at: i }"
        ><ElementDistance
          v-if="i > 0"
          :at="i"
          :typed="e.distanceMetres !== null"
          :say="say"
          @change="(distanceMetres) => set(i, { distanceMetres })"
      /></template>
      <template #fit="{ at: i }"><ElementFit :at="i" /></template>
      <template #acts="{ at: i }"
        ><RowActs
          :at="i"
          :of="standing.length"
          :up="`Move element ${i + 1} up`"
          :down="`Move element ${i + 1} down`"
          :out="`Take element ${i + 1} out`"
          @move="(by) => move(i, by)"
          @out="put(standing.filter((_, at) => at !== i))"
        >
          <Button
            type="text"
            size="small"
            :disabled="standing.length >= 9"
            :aria-label="`Double element ${i + 1}`"
            title="Double it"
            @click="double(i)"
            >×2</Button
          >
        </RowActs></template
      >
    </RowsTable>
    <Button size="small" :disabled="(entry.elements?.length ?? 0) >= 9" @click="add"> Add an element </Button>
  </section>
</template>

<style scoped>
.kind {
  width: 150px;
}
.count {
  width: 112px;
}
.small-number {
  width: 76px;
}
</style>
