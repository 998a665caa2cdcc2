<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Checkbox from 'ant-design-vue/es/checkbox'
import Input from 'ant-design-vue/es/input'
import { ref } from 'vue'
import { ask, client } from '../api/client'
import type { AimResultEntry, AimView } from '../api/schema'
import LinkButton from '../house/LinkButton.vue'
import FieldBox from '../house/FieldBox.vue'
import NumberBox from '../house/NumberBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { bearsUpon, useChanged } from '../house/keys'

/** How a competition went. */
const props = defineProps<{ horseId: string; aim: AimView }>()
const emit = defineEmits<{ done: [] }>()
const { problem, busy, attempt } = useProblem()
const changed = useChanged()
const entry = ref<AimResultEntry>(
  props.aim.result
    ? { ...props.aim.result }
    : {
        started: true,
        penalties: null,
        percentOfMarks: null,
        secondsOver: null,
        place: null,
        of: null,
        held: '',
        didNotHold: '',
      },
)

async function keep() {
  const kept = await attempt(() =>
    ask(() =>
      client.PUT('/api/horses/{horseId}/aims/{aimId}/result', {
        params: { path: { horseId: props.horseId, aimId: props.aim.id } },
        body: { version: props.aim.version, entry: entry.value },
      }),
    ),
  )
  if (!kept) return
  await changed(bearsUpon.horse(props.horseId))
  emit('done')
}
</script>

<template>
  <form class="stack" :aria-label="`How ${aim.name} went`" @submit.prevent="keep">
    <ProblemNote v-if="problem && !problem.faults.some((f) => f.field !== 'started')" :problem="problem" />
    <Checkbox v-model:checked="entry.started!">It started</Checkbox>
    <div v-if="entry.started" class="fields">
      <NumberBox
        v-if="aim.discipline !== 'jumping'"
        v-model:value="entry.percentOfMarks"
        label="Marks, per cent"
        name="percentOfMarks"
      />
      <template v-if="aim.discipline !== 'dressage'">
        <NumberBox v-model:value="entry.penalties" label="Penalties" name="penalties" />
        <NumberBox v-model:value="entry.secondsOver" label="Seconds over time" name="secondsOver" />
      </template>
      <NumberBox v-model:value="entry.place" label="Place" name="place" />
      <NumberBox v-model:value="entry.of" label="Of" name="of" />
    </div>
    <FieldBox v-slot="{ id }" label="What held" name="held"
      ><Input :id="id" v-model:value="entry.held!"
    /></FieldBox>
    <FieldBox v-slot="{ id }" label="What did not" name="didNotHold"
      ><Input :id="id" v-model:value="entry.didNotHold!"
    /></FieldBox>
    <div class="row">
      <Button type="primary" html-type="submit" :disabled="busy">Keep how it went</Button>
      <Button @click="emit('done')">Leave it</Button>
      <LinkButton
        v-if="aim.discipline !== 'jumping'"
        :to="
          aim.testId
            ? { name: 'test', params: { horseId, testId: aim.testId }, query: { on: aim.on } }
            : { name: 'tests', params: { horseId }, query: { on: aim.on } }
        "
        >Marks of its test, movement by movement</LinkButton
      >
    </div>
  </form>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(110px, 1fr));
  gap: 0 12px;
}
</style>
