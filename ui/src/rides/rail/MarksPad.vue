<script setup lang="ts">
import { figures } from '../../api/figures'
import { computed, ref, watch } from 'vue'
import type { Rein, RideEvent } from '../../api/schema'
import TensionKeys from './TensionKeys.vue'
import type { NewTap } from './recorder'
import { lastTension } from './taps'

/** A mark for the rein ridden, in halves; and how tense it is. */
const props = defineProps<{ tapped: RideEvent[]; rein: Rein; hoped: number | null }>()
const emit = defineEmits<{ tap: [NewTap] }>()
const mark = ref(figures.markHoped)
watch(
  () => props.hoped,
  (hoped) => (mark.value = hoped ?? figures.markHoped),
  { immediate: true },
)
const step = (by: number) => (mark.value = Math.min(10, Math.max(0, mark.value + by)))
const given = (rein: 'left' | 'right') =>
  props.tapped.flatMap((e) => (e.kind === 'marked' && (e.rein === rein || e.rein === 'both') ? [e.mark] : []))
const tension = computed(() => lastTension(props.tapped))
</script>

<template>
  <div class="rail-pad">
    <div class="mark grid grid-cols-[64px_70px_64px_minmax(0,1fr)] gap-8px items-center">
      <button type="button" class="rail-key" aria-label="Half a mark less" @click="step(-0.5)">−</button>
      <output class="text-2rem font-bold text-center">{{ mark }}</output>
      <button type="button" class="rail-key" aria-label="Half a mark more" @click="step(0.5)">+</button>
      <button
        type="button"
        class="rail-key on give"
        @click="emit('tap', { kind: 'marked', rein, mark, about: '' })"
      >
        Give {{ mark }}<small>{{ rein === 'both' ? 'both reins' : `${rein} rein` }}</small>
      </button>
    </div>
    <p class="rail-word">
      Given: left {{ given('left').join(', ') || 'none' }}; right {{ given('right').join(', ') || 'none' }}.
      Tension:
    </p>
    <TensionKeys :tension="tension" @tap="(n) => emit('tap', { kind: 'tensionSeen', tension: n })" />
  </div>
</template>

<style scoped>
.mark .rail-key {
  font-size: 1.4rem;
}
.mark .give {
  font-size: 1.1rem;
}
</style>
