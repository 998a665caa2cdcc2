<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Input from 'ant-design-vue/es/input'
import { reactive } from 'vue'
import { ask, client } from '../api/client'
import type { Hold } from '../api/schema'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { shortDay } from '../house/format'
import { clears } from '../house/signIn'

/** A hold, and the vet's word that ends it. */
const props = defineProps<{ horseId: string; hold: Hold }>()
const form = reactive({ by: '' })
const { problem, busy, attempt } = useProblem()
const queries = useQueryClient()

async function clear() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/holds/{holdId}/clearance', {
        params: { path: { horseId: props.horseId, holdId: props.hold.id } },
        body: form,
      }),
    ),
  )
  if (kept) await queries.invalidateQueries()
}
</script>

<template>
  <form class="card stack hold" @submit.prevent="clear">
    <h2>Held since {{ shortDay(hold.since) }}: {{ hold.because }}</h2>
    <p>
      No ridden or lunged work until a vet has cleared it. Then a light day, the lunge, the long lines, the
      saddle.
    </p>
    <template v-if="clears()">
      <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
      <FieldBox v-slot="{ id }" label="Cleared by (the vet's name)" name="by"
        ><Input :id="id" v-model:value="form.by"
      /></FieldBox>
      <button class="button main" type="submit" :disabled="busy">Enter the clearance</button>
    </template>
  </form>
</template>

<style scoped>
.hold {
  border-left: 5px solid var(--grave);
}
.button {
  justify-self: start;
}
</style>
