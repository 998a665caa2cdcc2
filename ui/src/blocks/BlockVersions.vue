<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import dayjs from 'dayjs'
import { ref } from 'vue'
import { ask, client } from '../api/client'
import type { BlockView } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import { trains } from '../house/signIn'
import { useEdits } from './edits'

/** Every version of the plan, who made it and why. Nothing of the past is rewritten. */
const props = defineProps<{ horseId: string; block: BlockView }>()
const changed = useChanged()
const { backTo, busy } = useEdits(
  () => props.horseId,
  () => props.block,
)
const ending = ref(false)

async function end() {
  await ask(() =>
    client.POST('/api/horses/{horseId}/blocks/{blockId}/end', {
      params: { path: { horseId: props.horseId, blockId: props.block.id } },
      body: { on: null },
    }),
  )
  await changed(bearsUpon.horse(props.horseId))
}
</script>

<template>
  <details class="card">
    <summary class="cursor-pointer">
      <strong>Versions of this plan</strong> <span class="quiet small">{{ block.versions.length }}</span>
    </summary>
    <ul class="grid gap-4px my-10px mx-0">
      <li v-for="v in block.versions" :key="v.number" class="row">
        <strong>{{ v.number }}</strong>
        <span>{{ v.because }}</span>
        <span class="small quiet">{{ v.by }}, {{ dayjs(v.at).format('D MMM HH:mm') }}</span>
        <Button
          v-if="trains() && v.number !== block.number"
          type="link"
          size="small"
          :disabled="busy"
          @click="backTo(v.number)"
        >
          Back to this one
        </Button>
      </li>
    </ul>
    <p v-if="trains()" class="row end mb-6px">
      <Button v-if="!ending" type="link" size="small" @click="ending = true"> End this block today </Button>
      <template v-else>
        What is placed after today goes; what was ridden stays.
        <Button size="small" @click="end">End it</Button>
        <Button type="link" size="small" @click="ending = false">Leave it</Button>
      </template>
    </p>
    <p class="small quiet">
      {{
        block.plan.solved.optimal
          ? 'No placing of the days costs less by the soft rules, fortnight by fortnight.'
          : 'The search for the days was ended before it could show that none costs less.'
      }}
    </p>
  </details>
</template>
