<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import { computed, ref } from 'vue'
import { ask, client } from '../api/client'
import type { RungPage } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { done } from '../house/undo'

/** Follow the evidence, or move the horse here by hand with a word why; both are kept. */
const props = defineProps<{ horseId: string; page: RungPage }>()
const changed = useChanged()
const { problem, busy, attempt } = useProblem()
const word = ref('')
const here = computed(() => props.page.place.rungId === props.page.rung.id)
const moves = computed(() => here.value && props.page.place.verdict?.toRungId)
const params = computed(() => ({ path: { horseId: props.horseId } }))

async function follow() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/ladders/climb', {
        params: params.value,
        body: { strand: props.page.rung.strand },
      }),
    ),
  )
  if (kept) await moved(props.page.place.verdict!.says)
}

async function byHand() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/ladders/moves', {
        params: params.value,
        body: { strand: props.page.rung.strand, rungId: props.page.rung.id, word: word.value },
      }),
    ),
  )
  if (kept) await moved('Moved here, with your word.')
}

async function moved(says: string) {
  word.value = ''
  done(says)
  await changed(bearsUpon.horse(props.horseId))
}
</script>

<template>
  <section v-if="moves || !here" class="card stack">
    <ProblemNote v-if="problem && !problem.faults.some((f) => f.field === 'word')" :problem="problem" />
    <Button v-if="moves" type="primary" :disabled="busy" @click="follow">
      {{
        page.place.verdict!.word === 'up' ? 'Go up, as the evidence says' : 'Go back, as the evidence says'
      }}
    </Button>
    <form v-else class="stack" @submit.prevent="byHand">
      <h2>Place it here by hand</h2>
      <FieldBox v-slot="{ id }" label="Why, in a word" name="word" hint="Kept beside what the evidence says">
        <Input :id="id" v-model:value="word" />
      </FieldBox>
      <Button html-type="submit" :disabled="busy">Place it here</Button>
    </form>
  </section>
</template>
