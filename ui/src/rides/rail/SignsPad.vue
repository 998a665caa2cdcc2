<script setup lang="ts">
import { computed } from 'vue'
import type { Rein, RideEvent, Sign } from '../../api/schema'
import { signWords } from '../../house/words'
import type { NewTap } from './recorder'

/** What was seen or felt; the three that end the ride stand first. */
const props = defineProps<{ tapped: RideEvent[]; rein: Rein }>()
const emit = defineEmits<{ tap: [NewTap] }>()
const grave: Sign[] = ['offOrUnlevel', 'soreBack', 'heatInLeg']
const all = computed(() => [
  ...grave,
  ...(Object.keys(signWords) as Sign[]).filter((s) => !grave.includes(s)),
])
const times = (sign: Sign) => props.tapped.filter((e) => e.kind === 'signSeen' && e.sign === sign).length
</script>

<template>
  <div class="rail-keys signs">
    <button
      v-for="s in all"
      :key="s"
      type="button"
      class="rail-key"
      :class="grave.includes(s) ? 'grave' : 'soft'"
      @click="emit('tap', { kind: 'signSeen', sign: s, rein: rein === 'both' ? null : rein })"
    >
      {{ signWords[s] }}<small v-if="times(s)">{{ times(s) }}</small>
    </button>
  </div>
</template>

<style scoped>
.signs .rail-key {
  font-size: 0.97rem;
}
@media (min-width: 700px) {
  .signs {
    grid-template-columns: repeat(4, minmax(0, 1fr));
  }
}
</style>
