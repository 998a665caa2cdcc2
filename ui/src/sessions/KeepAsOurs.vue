<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import { ref } from 'vue'
import { ask, client } from '../api/client'
import type { SessionEntry } from '../api/schema'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { keys, useChanged } from '../house/keys'
import { done } from '../house/undo'

/** A session that is worth having again, kept by a name for any horse. */
const props = defineProps<{ entry: SessionEntry }>()
const changed = useChanged()
const { problem, busy, attempt } = useProblem()
const open = ref(false)
const name = ref('')
const meant = ref('')

function begin() {
  name.value = props.entry.emphasis ?? ''
  open.value = true
}
async function keep() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/session-templates', {
        body: { name: name.value, for: meant.value, session: props.entry },
      }),
    ),
  )
  if (!kept) return
  await changed([keys.templates])
  open.value = false
  done(`${kept.name} is one of ours: it can be started from, and is offered where it fits.`)
}
</script>

<template>
  <Button v-if="!open" size="small" @click="begin">Keep it as one of ours</Button>
  <form v-else class="grid gap-8px py-8px px-10px rounded-8px bg-bank" @submit.prevent="keep">
    <ProblemNote v-if="problem" :problem="problem" />
    <div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_auto_auto] items-end gap-y-8px gap-x-12px">
      <FieldBox v-slot="{ id }" label="What it is called" name="name"
        ><Input :id="id" v-model:value="name"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="When it is the right one" name="for"
        ><Input :id="id" v-model:value="meant"
      /></FieldBox>
      <Button type="primary" html-type="submit" :disabled="busy">Keep it</Button>
      <Button @click="open = false">Not now</Button>
    </div>
    <p class="small quiet">
      Its day, its tack and what stands for this horse are left behind; exercises of the library are set out
      anew for each horse.
    </p>
  </form>
</template>
