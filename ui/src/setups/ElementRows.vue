<script setup lang="ts">
import type { ElementKind, LineElementEntry, MeasuredSetUp, SetUpEntryFenceLineEntry } from '../api/schema'
import DistanceInput from '../house/DistanceInput.vue'
import PickOne from '../house/PickOne.vue'
import { fitWords, options } from '../house/words'
import FitChip from './FitChip.vue'
import { element, elementWords, isOxer, isPole } from './setUpEntries'

/** What stands on a line, in the order it is ridden; distances can be typed as metres, feet and inches, or paces. */
const props = defineProps<{
  measured: MeasuredSetUp | null
  say: (text: { metres: string; feet: string; paces: string }) => string
}>()
const entry = defineModel<SetUpEntryFenceLineEntry>({ required: true })
const kinds = options(elementWords as Record<ElementKind, string>)
const counts = [
  { value: 0, label: 'bounce' },
  ...[1, 2, 3, 4, 5, 6, 7, 8].map((n) => ({ value: n, label: n === 1 ? '1 stride' : `${n} strides` })),
]

function put(elements: LineElementEntry[]) {
  entry.value = { ...entry.value, elements }
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
/** The gap before an element, and whether strides can be counted there. */
const gap = (i: number) => props.measured?.gaps[i - 1]
const counted = (i: number) => {
  const all = entry.value.elements!
  return i > 0 && isPole(all[i]!.kind!) === isPole(all[i - 1]!.kind!)
}
</script>

<template>
  <section class="card">
    <h2>What stands, in order</h2>
    <div class="scroll">
      <table>
        <thead>
          <tr>
            <th></th>
            <th>Element</th>
            <th>Height</th>
            <th>Spread</th>
            <th>From the one before</th>
            <th>Distance</th>
            <th>Fit</th>
            <th></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(e, i) in entry.elements ?? []" :key="i">
            <td class="quiet">{{ i + 1 }}</td>
            <td>
              <PickOne
                class="kind"
                :aria-label="`Element ${i + 1}`"
                :value="e!.kind!"
                :options="kinds"
                @change="(v) => kindOf(i, v as ElementKind)"
              />
            </td>
            <td>
              <DistanceInput
                v-if="e!.kind !== 'pole'"
                class="small-number"
                plain="cm"
                :aria-label="`Height of element ${i + 1}`"
                :value="e!.heightMetres"
                @change="(heightMetres) => set(i, { heightMetres })"
              />
            </td>
            <td>
              <DistanceInput
                v-if="isOxer(e!.kind!)"
                class="small-number"
                plain="cm"
                :aria-label="`Spread of element ${i + 1}`"
                :value="e!.spreadMetres"
                @change="(spreadMetres) => set(i, { spreadMetres })"
              />
            </td>
            <td>
              <PickOne
                v-if="counted(i)"
                class="count"
                :aria-label="`Strides before element ${i + 1}`"
                :value="e!.strides ?? 0"
                :options="counts"
                @change="(v) => set(i, { strides: v as number })"
              />
              <span v-else-if="i > 0" class="small quiet">{{
                isPole(e!.kind!) ? 'landing pole' : 'placing pole'
              }}</span>
            </td>
            <td>
              <template v-if="i > 0">
                <DistanceInput
                  class="distance"
                  :typed="e!.distanceMetres !== null"
                  :aria-label="`Distance before element ${i + 1}`"
                  :value="gap(i)?.built.built"
                  :text="gap(i) ? say(gap(i)!.built.text) : ''"
                  @change="(distanceMetres) => set(i, { distanceMetres })"
                  @clear="set(i, { distanceMetres: null })"
                />
                <button
                  v-if="e!.distanceMetres !== null"
                  class="link small"
                  type="button"
                  :aria-label="`Its own distance before element ${i + 1}`"
                  @click="set(i, { distanceMetres: null })"
                >
                  its own
                </button>
              </template>
            </td>
            <td>
              <FitChip v-if="gap(i)" :fit="gap(i)!.fit" />
              <span v-if="gap(i)?.between?.otherwise && gap(i)!.fit !== 'true'" class="small quiet other"
                >{{ gap(i)!.between!.otherwise!.strides }} would be
                {{ fitWords[gap(i)!.between!.otherwise!.fit] }}</span
              >
            </td>
            <td class="acts">
              <button
                type="button"
                :disabled="i === 0"
                :aria-label="`Move element ${i + 1} up`"
                @click="move(i, -1)"
              >
                ↑
              </button>
              <button
                type="button"
                :disabled="i === entry.elements!.length - 1"
                :aria-label="`Move element ${i + 1} down`"
                @click="move(i, 1)"
              >
                ↓
              </button>
              <button
                type="button"
                :disabled="entry.elements!.length >= 9"
                :aria-label="`Double element ${i + 1}`"
                title="Double it"
                @click="double(i)"
              >
                ×2
              </button>
              <button
                type="button"
                :disabled="entry.elements!.length === 1"
                :aria-label="`Take element ${i + 1} out`"
                @click="put(entry.elements!.filter((_, at) => at !== i).map((x) => x!))"
              >
                ×
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <button class="button small" type="button" :disabled="(entry.elements?.length ?? 0) >= 9" @click="add">
      Add an element
    </button>
  </section>
</template>

<style scoped>
td {
  vertical-align: top;
}
.kind {
  width: 150px;
}
.count {
  width: 112px;
}
.small-number {
  width: 76px;
}
.distance {
  width: 86px;
}
.other {
  display: block;
}
.acts {
  white-space: nowrap;
}
.acts button {
  width: 32px;
  height: 32px;
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
.acts button:disabled {
  opacity: 0.3;
  cursor: default;
}
</style>
