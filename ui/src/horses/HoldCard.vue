<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import Checkbox from 'ant-design-vue/es/checkbox'
import { reactive, ref } from 'vue'
import { ask, client } from '../api/client'
import type { Hold } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { shortDay } from '../house/format'
import { clears } from '../house/signIn'

/** A hold, and the vet's word that ends it. */
const props = defineProps<{ horseId: string; hold: Hold }>()
const form = reactive({ by: '', noLungeing: false })
const walking = ref(false)
const vet = ref('')
const { problem, busy, attempt } = useProblem()
const changed = useChanged()

async function clear() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/holds/{holdId}/clearance', {
        params: { path: { horseId: props.horseId, holdId: props.hold.id } },
        body: form,
      }),
    ),
  )
  if (kept) await changed(bearsUpon.horse(props.horseId))
}

async function allowWalking() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/holds/{holdId}/walk-in-hand', {
        params: { path: { horseId: props.horseId, holdId: props.hold.id } },
        body: { by: vet.value },
      }),
    ),
  )
  if (!kept) return
  walking.value = false
  await changed(bearsUpon.horse(props.horseId))
}
</script>

<template>
  <section class="card stack hold edge-l-5px-grave">
    <h2>Held since {{ shortDay(hold.since) }}: {{ hold.because }}</h2>
    <p v-if="hold.walkInHandBy">
      Rest, or walking in hand as {{ hold.walkInHandBy }} has said. Nothing else until a vet has cleared it;
      then the lunge, the long lines, the saddle.
    </p>
    <p v-else>
      Rest: no work of any kind, not in hand either, until a vet has cleared it. Then the lunge, the long
      lines, the saddle.
    </p>
    <form v-if="clears()" class="stack" @submit.prevent="clear">
      <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
      <FieldBox v-slot="{ id }" label="Cleared by (the vet's name)" name="by"
        ><Input :id="id" v-model:value="form.by"
      /></FieldBox>
      <Checkbox v-model:checked="form.noLungeing">Not to be lunged: it is led instead</Checkbox>
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">Enter the clearance</Button>
        <Button v-if="!hold.walkInHandBy && !walking" type="link" @click="walking = true">
          A vet allows walking in hand
        </Button>
      </div>
    </form>
    <form v-if="walking" class="row" @submit.prevent="allowWalking">
      <FieldBox v-slot="{ id }" label="Walking in hand allowed by (the vet's name)"
        ><Input :id="id" v-model:value="vet"
      /></FieldBox>
      <Button html-type="submit" :disabled="busy || !vet.trim()">Allow it</Button>
    </form>
  </section>
</template>

<style scoped>
.ant-btn {
  justify-self: start;
}
</style>
