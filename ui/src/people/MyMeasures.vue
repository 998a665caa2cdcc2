<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { useQueryClient } from '@tanstack/vue-query'
import InputNumber from 'ant-design-vue/es/input-number'
import { reactive } from 'vue'
import { ask, client } from '../api/client'
import type { LengthUnit } from '../api/schema'
import FieldBox from '../house/FieldBox.vue'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { signedIn } from '../house/signIn'
import { done } from '../house/undo'
import { options, unitWords } from '../house/words'

/** How I like to measure, and how long my own pace is. */
const form = reactive({
  unit: (signedIn.value?.me?.unit ?? 'metres') as LengthUnit,
  pacesOver20Metres: null as number | null,
})
const { problem, busy, attempt } = useProblem()
const queries = useQueryClient()

async function keep() {
  const me = await attempt(() => ask(() => client.PUT('/api/me/measures', { body: form })))
  if (!me) return
  signedIn.value = { ...signedIn.value!, me }
  form.pacesOver20Metres = null
  done('Kept. Set-ups are measured your way from now on.')
  await queries.invalidateQueries()
}
</script>

<template>
  <form class="card stack" @submit.prevent="keep">
    <h2>How I measure</h2>
    <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
    <FieldBox
      v-slot="{ id }"
      label="Set-ups are built in"
      name="unit"
      hint="Rounded to 5 cm, 3 inches or a quarter pace"
      ><PickOne :id="id" v-model:value="form.unit" :options="options(unitWords)"
    /></FieldBox>
    <FieldBox
      v-slot="{ id }"
      label="Walk 20 m: how many paces?"
      name="pacesOver20Metres"
      :hint="
        signedIn?.me?.paceCalibrated
          ? `Yours is ${Math.round(signedIn.me.paceMetres * 100)} cm`
          : 'Not calibrated yet: taken for 91 cm (3 ft)'
      "
      ><InputNumber :id="id" v-model:value="form.pacesOver20Metres!" :controls="false"
    /></FieldBox>
    <Button type="primary" html-type="submit" :disabled="busy">Keep</Button>
  </form>
</template>
