<script setup lang="ts">
import { computed } from 'vue'
import type { RideEvent } from '../../api/schema'
import type { NewTap } from './recorder'

/** What is said beside an asking: as the test has it, and whether the last one was the rider's own slip. */
const props = defineProps<{ tapped: RideEvent[]; kinds: RideEvent['kind'][] }>()
const inTest = defineModel<boolean>('inTest', { required: true })
const emit = defineEmits<{ tap: [NewTap] }>()
const last = computed(() => props.tapped.findLast((e) => props.kinds.includes(e.kind)))
const isMine = computed(
  () =>
    props.tapped.flatMap((e) => (e.kind === 'moreTold' && e.about === last.value?.id ? [e] : [])).at(-1)
      ?.mine ?? false,
)
</script>

<template>
  <button
    type="button"
    class="rail-key chip"
    :class="{ on: inTest }"
    :aria-pressed="inTest"
    @click="inTest = !inTest"
  >
    As in the test
  </button>
  <button
    v-if="last"
    type="button"
    class="rail-key chip"
    :class="{ on: isMine }"
    :aria-pressed="isMine"
    @click="emit('tap', { kind: 'moreTold', about: last.id, mine: !isMine } as NewTap)"
  >
    The last was mine
  </button>
</template>

<style scoped>
.chip {
  min-height: 46px;
  padding: 4px 12px;
  font-size: 0.92rem;
}
</style>
