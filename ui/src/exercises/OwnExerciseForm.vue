<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import { ask, client } from '../api/client'
import type { OwnExerciseEntry, OwnExerciseView } from '../api/schema'
import { bearsUpon } from '../house/keys'
import ConflictDialog from '../house/ConflictDialog.vue'
import FieldBox from '../house/FieldBox.vue'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useDraft } from '../house/drafts'
import { figureWords, gaitWords, options } from '../house/words'

/** A yard's own exercise beside the catalogue's: new, copied, or changed. */
const props = defineProps<{ start: OwnExerciseEntry; own?: OwnExerciseView }>()
const emit = defineEmits<{ close: [] }>()
const {
  entry: form,
  problem,
  busy,
  begin,
  keep: keepDraft,
  takeTheirs: take,
} = useDraft<OwnExerciseEntry, OwnExerciseView>({
  blank: () => ({ ...props.start }),
  of: () => ({ ...props.start }),
  versionOf: (own) => own.version,
  send: (typed, on) =>
    ask(() =>
      on
        ? client.PUT('/api/library/exercises/{exerciseId}', {
            params: { path: { exerciseId: on.view.id } },
            body: { version: on.version, entry: typed },
          })
        : client.POST('/api/library/exercises', { body: typed }),
    ),
  bearsUpon: () => bearsUpon.library,
})
begin(props.own)

async function keep(version?: number) {
  if (await keepDraft(version)) emit('close')
}

async function takeTheirs() {
  await take()
  emit('close')
}
</script>

<template>
  <form class="stack gap-12px" @submit.prevent="keep()">
    <ProblemNote v-if="problem && problem.faults.length === 0 && problem.status !== 409" :problem="problem" />
    <FieldBox v-slot="{ id }" label="What it is called" name="name"
      ><Input :id="id" v-model:value="form.name!"
    /></FieldBox>
    <FieldBox v-slot="{ id }" label="How it is ridden" name="how"
      ><Input.TextArea :id="id" v-model:value="form.how!" :rows="3"
    /></FieldBox>
    <div class="three">
      <FieldBox v-slot="{ id }" label="Gait" name="gait"
        ><PickOne
          :id="id"
          v-model:value="form.gait"
          :options="options(gaitWords, ['walk', 'trot', 'canter'])"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Where" name="figure"
        ><PickOne :id="id" v-model:value="form.figure" :options="options(figureWords)"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Times" name="repetitions"
        ><InputNumber :id="id" v-model:value="form.repetitions!" :controls="false"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Minutes" name="minutes" hint="Or efforts"
        ><InputNumber :id="id" v-model:value="form.minutes!" :controls="false"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Efforts" name="efforts"
        ><InputNumber :id="id" v-model:value="form.efforts!" :controls="false"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Poles" name="poles"
        ><InputNumber :id="id" v-model:value="form.poles!" :controls="false"
      /></FieldBox>
    </div>
    <div class="row">
      <Button type="primary" html-type="submit" :disabled="busy">Keep it</Button>
      <Button @click="emit('close')">Leave it</Button>
    </div>
    <ConflictDialog
      :problem="problem"
      :mine="form as Record<string, unknown>"
      :words="{ name: 'Name', how: 'How', repetitions: 'Times', minutes: 'Minutes' }"
      @keep-mine="keep"
      @take-theirs="takeTheirs"
    />
  </form>
</template>
