<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import { ref } from 'vue'
import { ask, client } from '../api/client'
import type { ReferralLine } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { done } from '../house/undo'

/** What came of a referral: one tap and a word. */
const props = defineProps<{ horseId: string; line: ReferralLine }>()
const emit = defineEmits<{ answered: [] }>()
const changed = useChanged()
const { problem, busy, attempt } = useProblem()
const word = ref('')

async function keep() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/referrals/{referralId}/outcome', {
        params: { path: { horseId: props.horseId, referralId: props.line.referral.id } },
        body: { word: word.value },
      }),
    ),
  )
  if (!kept) return
  done(props.line.waits ? `Written. Its ${props.line.waits} are open again.` : 'Written.')
  await changed(bearsUpon.horse(props.horseId))
  emit('answered')
}
</script>

<template>
  <form class="stack gap-8px" @submit.prevent="keep">
    <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
    <FieldBox v-slot="{ id }" label="What came of it" name="word">
      <Input :id="id" v-model:value="word" placeholder="Seen by whom, and what they found" />
    </FieldBox>
    <div class="row">
      <Button type="primary" html-type="submit" :disabled="busy">That is what came of it</Button>
    </div>
  </form>
</template>
