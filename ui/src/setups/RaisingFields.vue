<script setup lang="ts">
import { workshop } from '../api/figures'
import type { Raising } from '../api/schema'
import ChoiceField from '../house/ChoiceField.vue'
import DistanceField from '../house/DistanceField.vue'

/** Poles on the ground, or raised at one end in turn, or at both; and by how much. */
defineProps<{ raising: Raising; heightMetres?: number | null; curved?: boolean; each?: boolean }>()
const emit = defineEmits<{ change: [{ raising?: Raising; heightMetres?: number | null }] }>()
</script>

<template>
  <ChoiceField
    label="They lie"
    name="raising"
    :value="raising"
    :options="[
      { value: 'ground', label: 'On the ground' },
      {
        value: 'alternateEnds',
        label: curved ? 'Outer and inner ends raised in turn' : 'Ends raised in turn',
      },
      { value: 'bothEnds', label: 'Both ends raised' },
    ]"
    @change="
      (to) =>
        emit('change', {
          raising: to,
          heightMetres: to === 'ground' ? null : (heightMetres ?? workshop.raisedPole),
        })
    "
  />
  <DistanceField
    v-if="raising !== 'ground' && !each"
    label="Raised by"
    name="heightMetres"
    plain="cm"
    :value="heightMetres"
    @change="(metres) => emit('change', { heightMetres: metres })"
  />
</template>
