<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import InputNumber from 'ant-design-vue/es/input-number'
import { computed, reactive, ref } from 'vue'
import { ask, client } from '../api/client'
import { bearsUpon, useChanged } from '../house/keys'
import { useTakingOff } from '../house/drafts'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import WhyButton from '../house/WhyButton.vue'
import { useProblem } from '../house/faults'
import { shortDay } from '../house/format'
import { useAdjustability } from '../house/queries'
import { trains } from '../house/signIn'

/** How far the canter goes from short to long: the same gap ridden in fewer and in more strides. */
const props = defineProps<{ horseId: string }>()
const changed = useChanged()
const takeOff = useTakingOff(() => bearsUpon.horse(props.horseId))
const { data } = useAdjustability(() => props.horseId)
const { problem, busy, attempt } = useProblem()
const adding = ref(false)
const form = reactive<{ gapMetres: number; fewest: number | null; most: number | null }>({
  gapMetres: 10,
  fewest: null,
  most: null,
})
const longest = computed(() => Math.max(...(data.value?.rides ?? []).map((r) => r.longest), 3))
const refresh = () => changed(bearsUpon.horse(props.horseId))

async function add() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/accordions', {
        params: { path: { horseId: props.horseId } },
        body: form,
      }),
    ),
  )
  if (!kept) return
  adding.value = false
  Object.assign(form, { fewest: null, most: null })
  await refresh()
}

async function remove(id: string) {
  const params = { path: { horseId: props.horseId, id } }
  await takeOff(
    'Accordion ride taken off.',
    () => ask(() => client.DELETE('/api/horses/{horseId}/accordions/{id}', { params })),
    () => ask(() => client.POST('/api/horses/{horseId}/accordions/{id}/restore', { params })),
  )
}
</script>

<template>
  <section v-if="data && (data.rides.length || trains())" class="card stack gap-10px">
    <div class="row spread">
      <h2>Adjustability</h2>
      <Button v-if="trains() && !adding" size="small" @click="adding = true"> Ridden an accordion </Button>
    </div>
    <p v-if="data.now !== null" class="flex gap-10px items-baseline">
      <strong class="text-1.5rem">{{ data.now.toFixed(2) }}</strong>
      <span class="small quiet"
        >longest over shortest stride; a trained jumper shows {{ data.trained.toFixed(2) }}
        <WhyButton :why="data.why" of="this ratio"
      /></span>
    </p>
    <p v-else-if="!adding" class="small quiet">
      Ride 10 m between two poles in two, three and four canter strides, and write down the fewest and the
      most.
    </p>
    <ul class="rides grid gap-6px">
      <li
        v-for="r in data.rides"
        :key="r.id"
        class="grid grid-cols-[84px_minmax(60px,1fr)_210px_auto] gap-10px items-center"
      >
        <span class="small quiet">{{ shortDay(r.on) }}</span>
        <span class="relative h-12px rounded-6px bg-bank" aria-hidden="true"
          ><span
            :style="{
              left: `${(r.shortest / longest) * 100}%`,
              width: `${((r.longest - r.shortest) / longest) * 100}%`,
            }"
            class="absolute top-0 bottom-0 min-w-4px rounded-6px bg-canter"
          ></span
        ></span>
        <span class="small"
          >{{ r.gap }} m in {{ r.fewest === r.most ? r.fewest : `${r.fewest} to ${r.most}` }}:
          {{ r.shortest.toFixed(2) }} to {{ r.longest.toFixed(2) }} m</span
        >
        <Button
          v-if="trains()"
          type="link"
          size="small"
          :aria-label="`Take off the accordion of ${shortDay(r.on)}`"
          @click="remove(r.id)"
        >
          Take off
        </Button>
      </li>
    </ul>
    <form v-if="adding" class="stack gap-10px" @submit.prevent="add">
      <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
      <div class="three">
        <FieldBox v-slot="{ id }" label="Gap, m" name="gapMetres"
          ><InputNumber :id="id" v-model:value="form.gapMetres" :controls="false"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Fewest strides" name="fewest"
          ><InputNumber :id="id" v-model:value="form.fewest!" :controls="false"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Most strides" name="most"
          ><InputNumber :id="id" v-model:value="form.most!" :controls="false"
        /></FieldBox>
      </div>
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">Keep</Button>
        <Button @click="adding = false">Leave it</Button>
      </div>
    </form>
  </section>
</template>

<style scoped>
@media (max-width: 620px) {
  .rides li {
    grid-template-columns: 84px 1fr;
  }
}
</style>
