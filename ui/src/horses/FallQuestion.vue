<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import { ref } from 'vue'
import { ask, client } from '../api/client'
import type { OpenFall } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import ChipRow from '../house/ChipRow.vue'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { shortDay } from '../house/format'

/** The day after a fall: how are both? */
const props = defineProps<{ fall: OpenFall }>()
const changed = useChanged()
const { problem, busy, attempt } = useProblem()
const horseFine = ref<boolean | null>(null)
const riderFine = ref<boolean | null>(null)
const word = ref('')
const answers = [
  { value: true, label: 'Right' },
  { value: false, label: 'Not right' },
]

async function answer() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/falls/{rideId}', {
        params: { path: { horseId: props.fall.horseId, rideId: props.fall.rideId } },
        body: { horseFine: horseFine.value, riderFine: riderFine.value, word: word.value },
      }),
    ),
  )
  if (kept) await changed(bearsUpon.horse(props.fall.horseId))
}
</script>

<template>
  <form class="fall grid gap-8px" @submit.prevent="answer">
    <p>
      <strong>A fall on {{ shortDay(fall.onDay) }}: how are both today?</strong>
    </p>
    <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
    <div class="row items-end">
      <FieldBox label="The horse: legs, back, level in trot" name="horseFine"
        ><ChipRow v-model="horseFine" label="The horse" :choices="answers"
      /></FieldBox>
      <FieldBox label="The rider" name="riderFine"
        ><ChipRow v-model="riderFine" label="The rider" :choices="answers"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="A word" name="word" class="word"
        ><Input :id="id" v-model:value="word"
      /></FieldBox>
      <Button
        type="primary"
        size="small"
        html-type="submit"
        :disabled="busy || horseFine === null || riderFine === null"
      >
        Write it down
      </Button>
    </div>
    <p v-if="horseFine === false" class="small">Not right holds it until a vet has cleared it.</p>
    <p v-if="riderFine === false" class="small">A rider who is not right does not ride, and sees a doctor.</p>
  </form>
</template>

<style scoped>
.word {
  flex: 1;
}
</style>
