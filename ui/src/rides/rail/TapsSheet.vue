<script setup lang="ts">
import { computed } from 'vue'
import type { RideEvent } from '../../api/schema'
import dayjs from 'dayjs'
import { sayTap } from './sayTap'

/** Every tap that counts, the latest first. A wrong one is taken back; a wrong gait or rein is put right where it stood. */
const props = defineProps<{ taps: RideEvent[]; skew: number }>()
const emit = defineEmits<{
  back: [RideEvent]
  instead: [RideEvent, 'halt' | 'walk' | 'trot' | 'canter' | 'left' | 'right']
}>()
const shown = computed(() => props.taps.filter((e) => e.kind !== 'adviceAnswered'))
const time = (e: RideEvent) => dayjs(e.at).format('H:mm:ss')
const choices = (e: RideEvent) =>
  e.kind === 'gaitNow'
    ? (['halt', 'walk', 'trot', 'canter'] as const).filter((g) => g !== e.gait)
    : e.kind === 'reinNow'
      ? (['left', 'right'] as const).filter((r) => r !== e.rein)
      : []
</script>

<template>
  <ol class="taps grid gap-6px">
    <li
      v-for="e in shown"
      :key="e.id"
      class="grid grid-cols-[76px_minmax(0,1fr)_auto] items-center gap-8px py-6px px-0 edge-b"
    >
      <span class="quiet">{{ time(e) }}</span>
      <strong>{{ sayTap(e) }}</strong>
      <span class="do flex gap-6px">
        <button
          v-for="c in choices(e)"
          :key="c"
          type="button"
          class="rail-key"
          @click="emit('instead', e, c)"
        >
          was {{ c }}
        </button>
        <button
          type="button"
          class="rail-key"
          :aria-label="`Take back: ${sayTap(e)}`"
          @click="emit('back', e)"
        >
          Take back
        </button>
      </span>
    </li>
  </ol>
</template>

<style scoped>
.do .rail-key {
  min-height: 48px;
  font-size: 0.9rem;
}
@media (max-width: 560px) {
  li {
    grid-template-columns: 70px minmax(0, 1fr);
  }
  .do {
    grid-column: 1 / -1;
    flex-wrap: wrap;
  }
}
</style>
