<script setup lang="ts">
import { onMounted, onUnmounted, ref } from 'vue'
import { ask, client } from '../api/client'
import type { Replanned } from '../api/schema'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { useBlock } from '../house/queries'
import ChangesList from './ChangesList.vue'
import WorkingNote from './WorkingNote.vue'

/** What an accepted verdict makes of the block: before and after, to be taken over or left. */
const props = defineProps<{ horseId: string; blockId: string }>()
const emit = defineEmits<{ close: [] }>()
const { data: block } = useBlock(
  () => props.horseId,
  () => props.blockId,
)
const again = ref<Replanned | null>(null)
const { problem, busy, attempt } = useProblem()
const stop = new AbortController()
onMounted(async () => {
  again.value =
    (await attempt(() =>
      ask(() =>
        client.POST('/api/horses/{horseId}/blocks/{blockId}/again', {
          params: { path: { horseId: props.horseId, blockId: props.blockId } },
          body: {},
          signal: stop.signal,
        }),
      ),
    )) ?? null
})
onUnmounted(() => stop.abort())
</script>

<template>
  <ProblemNote v-if="problem" :problem="problem" />
  <WorkingNote v-if="busy" says="Planning the block again" @cancel="emit('close')" />
  <ChangesList
    v-if="again && block"
    :horse-id="horseId"
    :block="block"
    :again="again"
    @close="emit('close')"
    @kept="emit('close')"
    @otherwise="again = $event"
  />
</template>
