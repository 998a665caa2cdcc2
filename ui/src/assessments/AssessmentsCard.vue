<script setup lang="ts">
import LinkButton from '../house/LinkButton.vue'
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import { computed, reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { ask, client } from '../api/client'
import { figures } from '../api/figures'
import type { Felt } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import ChipRow from '../house/ChipRow.vue'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { shortDay } from '../house/format'
import { useAssessments } from '../house/queries'
import { rides } from '../house/signIn'
import { feltWords, options } from '../house/words'

/** Assessment rides: begin one, take an unfinished one up again, look at those that are done. */
const props = defineProps<{ horseId: string }>()
const router = useRouter()
const changed = useChanged()
const { data: all } = useAssessments(() => props.horseId)
const open = computed(() => all.value?.find((a) => !a.finishedOn))
const finished = computed(() => all.value?.filter((a) => a.finishedOn) ?? [])
const { problem, busy, attempt } = useProblem()
const beginning = ref(false)
const form = reactive<{ weeksOff: number | null; reported: string; problems: Felt[] }>({
  weeksOff: 0,
  reported: '',
  problems: [],
})
/** Pain is the vet's before anybody mounts; that it knows a thing is no problem. */
const reportable = (Object.keys(feltWords) as Felt[]).filter(
  (f) => f !== 'knows' && !figures.painFelt.includes(f),
)
const to = (assessmentId: string) => ({
  name: 'assessment',
  params: { horseId: props.horseId, assessmentId },
})

async function begin() {
  const sheet = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/assessments', {
        params: { path: { horseId: props.horseId } },
        body: form,
      }),
    ),
  )
  if (!sheet) return
  await changed(bearsUpon.horse(props.horseId))
  await router.push(to(sheet.id))
}
</script>

<template>
  <section v-if="all && (all.length || rides())" class="card stack gap-10px">
    <div class="row spread">
      <h2>Assessment ride</h2>
      <Button
        v-if="rides() && !open && !beginning"
        size="small"
        :type="all.length === 0 ? 'primary' : 'default'"
        @click="beginning = true"
      >
        Begin one
      </Button>
    </div>
    <p v-if="open">
      Unfinished since {{ shortDay(open.startedOn) }}: {{ open.answered }} marked.
      <LinkButton type="primary" size="small" :to="to(open.id)">{{
        rides() ? 'Take it up again' : 'Look at it'
      }}</LinkButton>
    </p>
    <p v-else-if="all.length === 0 && !beginning" class="small quiet">
      The first thing with a new horse: it finds the stiff side, a starting rung on every ladder and the
      minutes of the first two weeks.
    </p>
    <form v-if="beginning" class="stack gap-10px" @submit.prevent="begin">
      <ProblemNote
        v-if="problem && (problem.faults.length === 0 || !problem.faults[0]!.field)"
        :problem="problem"
      />
      <FieldBox
        v-slot="{ id }"
        label="Weeks off before it"
        name="weeksOff"
        hint="After two or more, trot and canter wait"
        ><InputNumber :id="id" v-model:value="form.weeksOff!" :controls="false"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="What others say of it" name="reported"
        ><Input.TextArea :id="id" v-model:value="form.reported" :rows="2"
      /></FieldBox>
      <FieldBox
        label="Problems they report"
        name="problems"
        hint="Each is judged by itself from what the ride shows"
        ><ChipRow
          :model-value="form.problems"
          label="Problems they report"
          :choices="options(feltWords, reportable)"
          many
          @update:model-value="(problems) => (form.problems = problems as Felt[])"
      /></FieldBox>
      <p class="small quiet">Hat on, someone on the ground, walk first. Anything unlevel ends it.</p>
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">Begin the ride</Button>
        <Button @click="beginning = false">Leave it</Button>
      </div>
    </form>
    <ul v-if="finished.length" class="grid gap-5px">
      <li v-for="(a, i) in finished" :key="a.id" class="flex gap-10px items-baseline">
        <RouterLink :to="to(a.id)">{{ shortDay(a.startedOn) }}</RouterLink>
        <span class="small quiet"
          >{{ i === finished.length - 1 ? 'baseline, ' : ''
          }}{{ a.stiffSide.side ? `stiff ${a.stiffSide.side}` : 'no side named' }}, {{ a.by }}</span
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
p .ant-btn {
  margin-top: 6px;
}
</style>
