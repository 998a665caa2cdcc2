<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import { computed, reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { ask, client } from '../api/client'
import type { ReferredTo, WaitingWork } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import FieldBox from '../house/FieldBox.vue'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { opened, shortDay } from '../house/format'
import { useReferrals } from '../house/queries'
import { clears } from '../house/signIn'
import { options, referredWords, waitingWords } from '../house/words'

/** Whom the horse is shown to, and what came of it. */
const props = defineProps<{ horseId: string }>()
const changed = useChanged()
const router = useRouter()
const { data: all } = useReferrals(() => props.horseId)
const open = computed(() => all.value?.filter((r) => !r.referral.outcome) ?? [])
const past = computed(() => all.value?.filter((r) => r.referral.outcome) ?? [])
const { problem, busy, attempt } = useProblem()
const adding = ref(false)
const blank = () => ({
  to: 'physiotherapist' as ReferredTo,
  because: '',
  waits: 'nothing' as WaitingWork,
})
const form = reactive(blank())
const page = (referralId: string) => ({ name: 'referral', params: { horseId: props.horseId, referralId } })

async function add() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/referrals', {
        params: { path: { horseId: props.horseId } },
        body: form,
      }),
    ),
  )
  if (!kept) return
  Object.assign(form, blank())
  adding.value = false
  await changed(bearsUpon.horse(props.horseId))
  await router.push(page(kept.find((r) => !r.referral.outcome)!.referral.id))
}
</script>

<template>
  <section v-if="open.length || past.length || clears()" class="card stack" :class="{ open: open.length }">
    <div class="row spread">
      <h2>Referrals</h2>
      <Button v-if="clears() && !adding" size="small" @click="adding = true">Refer</Button>
    </div>
    <p v-if="open.length === 0 && !adding" class="small quiet">
      None is open. Where a verdict asks for somebody to look, accepting it makes the paper for them.
    </p>
    <div v-for="r in open" :key="r.referral.id" class="grid gap-3px">
      <RouterLink :to="page(r.referral.id)" class="font-semibold"
        >For the {{ referredWords[r.referral.to].toLowerCase() }}, {{ opened(r.daysOpen) }}</RouterLink
      >
      <p class="small">
        {{ r.referral.because }}. <strong v-if="r.waits">No {{ r.waits }} till then.</strong>
      </p>
    </div>
    <form v-if="adding" class="stack" @submit.prevent="add">
      <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
      <FieldBox v-slot="{ id }" label="Who is asked to look" name="to">
        <PickOne :id="id" v-model:value="form.to" :options="options(referredWords)" />
      </FieldBox>
      <FieldBox v-slot="{ id }" label="Why" name="because">
        <Input :id="id" v-model:value="form.because" />
      </FieldBox>
      <FieldBox v-slot="{ id }" label="What waits till then" name="waits">
        <PickOne :id="id" v-model:value="form.waits" :options="options(waitingWords)" />
      </FieldBox>
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">Make the paper</Button>
        <Button @click="adding = false">Leave it</Button>
      </div>
    </form>
    <p v-for="r in past" :key="r.referral.id" class="small quiet">
      <RouterLink :to="page(r.referral.id)"
        >{{ referredWords[r.referral.to] }}, {{ shortDay(r.referral.on) }}</RouterLink
      >: “{{ r.referral.outcome!.word }}”
    </p>
  </section>
</template>

<style scoped>
.open {
  border-left: 5px solid var(--straw);
}
</style>
