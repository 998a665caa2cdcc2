<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref, watch } from 'vue'
import { ask, client } from '../api/client'
import type { KitKind, Material } from '../api/schema'
import { bearsUpon, keys, useChanged } from '../house/keys'
import NumberField from '../house/NumberField.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { workshop } from '../api/figures'
import { useProblem } from '../house/faults'
import { done } from '../house/undo'

/** The kit a yard owns: poles by length, wings, cups, blocks, fillers. */
interface Line {
  kind: KitKind
  lengthMetres: number
  label: string
  count: number
  material: Material | null
}
const pole = (lengthMetres: number, label: string, material: Material | null = null): Line => ({
  kind: 'pole',
  lengthMetres,
  label,
  count: 0,
  material,
})
const thing = (kind: KitKind, label: string): Line => ({
  kind,
  lengthMetres: 0,
  label,
  count: 0,
  material: null,
})
const longest = workshop.poleLengths[0]!
const usual = (): Line[] => [
  ...workshop.poleLengths.map((metres) => pole(metres, `Poles of ${metres} m`)),
  pole(longest, 'Plastic poles', 'plastic'),
  pole(longest, 'Pipes', 'pipes'),
  thing('wing', 'Wings'),
  thing('cup', 'Deep cups'),
  thing('flatCup', 'Flat cups'),
  thing('block', 'Blocks'),
  thing('filler', 'Fillers'),
  thing('waterTray', 'Water trays'),
]
const changed = useChanged()
const queries = useQueryClient()
const { problem, busy, attempt } = useProblem()
const { data: kit } = useQuery({ queryKey: keys.kit, queryFn: () => ask(() => client.GET('/api/kit')) })
const lines = ref(usual())
let begun = false
watch(
  kit,
  (owned) => {
    // What is being typed stays, also when the list is asked for again.
    if (!owned || begun) return
    begun = true
    lines.value = usual().map((l) => ({
      ...l,
      count:
        owned.find(
          (k) =>
            k.kind === l.kind && k.lengthMetres === l.lengthMetres && (k.material ?? null) === l.material,
        )?.count ?? 0,
    }))
  },
  { immediate: true },
)

async function keep() {
  const items = lines.value
    .filter((l) => l.count > 0)
    .map(({ kind, lengthMetres, count, material }) => ({ kind, lengthMetres, count, material }))
  const view = await attempt(() => ask(() => client.PUT('/api/kit', { body: { items } })))
  if (!view) return
  queries.setQueryData(keys.kit, view)
  await changed(bearsUpon.kit)
  done('The kit is written down.')
}
</script>

<template>
  <form v-if="kit" class="card" @submit.prevent="keep">
    <h2>Kit</h2>
    <p class="small quiet">
      What the yard owns. A set-up then says what is short before anyone carries poles.
    </p>
    <ProblemNote v-if="problem" :problem="problem" />
    <div class="grid grid-cols-[repeat(auto-fill,minmax(120px,1fr))] gap-10px my-12px mx-0">
      <NumberField
        v-for="l in lines"
        :key="l.label"
        :label="l.label"
        :value="l.count"
        :min="0"
        :max="500"
        @change="(n) => (l.count = n)"
      />
    </div>
    <Button html-type="submit" :disabled="busy">Keep the kit</Button>
  </form>
</template>
