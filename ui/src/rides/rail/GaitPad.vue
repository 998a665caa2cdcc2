<script setup lang="ts">
import { computed } from 'vue'
import type { Gait, Rein } from '../../api/schema'
import { gaitTints, gaitWords } from '../../house/words'

/** Gait and rein: tapped when they change. */
const props = defineProps<{ gait: Gait | null; rein: Rein; gallops: boolean; since: string }>()
const emit = defineEmits<{ gait: [Gait]; rein: [Rein] }>()
const gaits = computed<Gait[]>(() => [
  'halt',
  'walk',
  'trot',
  'canter',
  ...(props.gallops || props.gait === 'gallop' ? (['gallop'] as Gait[]) : []),
])
</script>

<template>
  <div class="rail-pad">
    <div class="grid grid-flow-col [grid-auto-columns:minmax(0,1fr)] gap-8px" role="group" aria-label="Gait">
      <button
        v-for="g in gaits"
        :key="g"
        type="button"
        class="rail-key gait"
        :class="gait === g ? gaitTints[g] : ''"
        :style="{ '--gait': `var(--${g})` }"
        :aria-pressed="gait === g"
        @click="emit('gait', g)"
      >
        {{ gaitWords[g] }}
        <small v-if="gait === g">{{ since }}</small>
      </button>
    </div>
    <div class="rail-keys two" role="group" aria-label="Rein">
      <button
        type="button"
        class="rail-key"
        :class="{ on: rein === 'left' }"
        :aria-pressed="rein === 'left'"
        @click="emit('rein', 'left')"
      >
        ◀ Left rein
      </button>
      <button
        type="button"
        class="rail-key"
        :class="{ on: rein === 'right' }"
        :aria-pressed="rein === 'right'"
        @click="emit('rein', 'right')"
      >
        Right rein ▶
      </button>
    </div>
  </div>
</template>

<style scoped>
.gait {
  border-color: var(--gait);
  min-height: 84px;
  font-size: 1.2rem;
}
@media (min-width: 700px) {
  .gait {
    min-height: 116px;
    font-size: 1.5rem;
  }
  .rail-key:not(.gait) {
    min-height: 84px;
    font-size: 1.3rem;
  }
}
@media (max-width: 699px) and (max-height: 900px) {
  .gait {
    min-height: 66px;
  }
  .rail-key:not(.gait) {
    min-height: 52px;
  }
}
@media (max-width: 400px) {
  .gait {
    font-size: 1.05rem;
  }
}
</style>
