<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import InputNumber from 'ant-design-vue/es/input-number'
import Segmented from 'ant-design-vue/es/segmented'
import { computed, reactive, watch } from 'vue'
import { ask, client } from '../api/client'
import type { Counted, GaitVariant } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import FieldBox from '../house/FieldBox.vue'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { done } from '../house/undo'
import { options, variantWords } from '../house/words'

/** Measure a stride: a strip, a count, a watch. */
const props = defineProps<{ horseId: string }>()
const form = reactive({
  variant: 'trotWorking' as GaitVariant,
  stripMetres: 20 as number | null,
  count: null as number | null,
  counted: 'steps' as Counted,
  seconds: null as number | null,
})
const canter = computed(() => form.variant.startsWith('canter'))
watch(canter, (is) => (form.counted = is ? 'strides' : 'steps'))
const { problem, busy, attempt } = useProblem()
const changed = useChanged()

async function measure() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/strides', {
        params: { path: { horseId: props.horseId } },
        body: form,
      }),
    ),
  )
  if (!kept) return
  form.count = null
  form.seconds = null
  done('Measured. The card has moved towards it.')
  await changed(bearsUpon.horse(props.horseId))
}
</script>

<template>
  <form class="stack" @submit.prevent="measure">
    <div>
      <h2>Measure a stride</h2>
      <p class="small quiet">
        Two marks on the ground, a count, a watch. Ride through, not from a standstill.
      </p>
    </div>
    <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
    <FieldBox v-slot="{ id }" label="Ridden in" name="variant">
      <PickOne :id="id" v-model:value="form.variant" :options="options(variantWords)" />
    </FieldBox>
    <div class="pair">
      <FieldBox v-slot="{ id }" label="Strip, metres" name="stripMetres"
        ><InputNumber :id="id" v-model:value="form.stripMetres!" :controls="false"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Seconds" name="seconds"
        ><InputNumber :id="id" v-model:value="form.seconds!" :controls="false"
      /></FieldBox>
    </div>
    <FieldBox v-slot="{ id }" label="Counted" name="count">
      <div class="pair">
        <InputNumber :id="id" v-model:value="form.count!" :controls="false" />
        <Segmented
          v-model:value="form.counted"
          :options="[
            { value: 'steps', label: 'Steps', disabled: canter },
            { value: 'strides', label: 'Strides' },
          ]"
        />
      </div>
    </FieldBox>
    <Button type="primary" html-type="submit" :disabled="busy">Add to the card</Button>
  </form>
</template>
