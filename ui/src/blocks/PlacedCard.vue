<script setup lang="ts">
import type { PlacedSession, SessionState } from '../api/schema'
import GaitChip from '../house/GaitChip.vue'
import { kindGaits, kindWords } from '../house/words'

/** A placed session as a card: its fastest gait, its kind, its minutes, and what has become of it. */
defineProps<{
  session: PlacedSession
  state?: SessionState
  horseId: string
  missed: boolean
  chosen: boolean
}>()
const emit = defineEmits<{ open: [] }>()
</script>

<template>
  <button
    class="placed"
    type="button"
    :class="{ done: state?.rideId, missed, chosen }"
    :aria-expanded="chosen"
    :aria-label="`${kindWords[session.kind]}, ${session.minutes.total} minutes, ${session.on}${state?.rideId ? ', ridden' : missed ? ', not ridden' : ''}`"
    @click="emit('open')"
  >
    <span class="kind flex items-center gap-6px leading-[1.2]"
      ><GaitChip :gait="kindGaits[session.kind]" />
      <strong class="text-0.93rem">{{ kindWords[session.kind] }}</strong></span
    >
    <span class="small">
      <template v-if="state?.rideId">✓ ridden</template>
      <template v-else-if="missed"
        >not ridden<template v-if="state?.offBecause">: {{ state.offBecause }}</template></template
      >
      <template v-else-if="session.sets"
        >{{ session.sets.repeats }} × {{ session.sets.minutes }} at {{ session.sets.speed }}</template
      >
      <template v-else-if="session.efforts"
        >{{ session.efforts }} fences, {{ session.minutes.total }} min</template
      >
      <template v-else>{{ session.minutes.total }} min</template>
      <span v-if="session.pinned" title="Pinned"> ⌖</span>
    </span>
    <span v-for="b in session.bent" :key="b.says" class="small text-on-tight">bends: {{ b.says }}</span>
  </button>
</template>

<style scoped>
.placed {
  display: grid;
  gap: 3px;
  width: 100%;
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.placed[data-dnd-dragging] {
  border-radius: 2px;
  background: var(--card);
  box-shadow:
    0 0 0 6px var(--card),
    0 0 0 8px var(--ink);
  cursor: grabbing;
}
.placed:hover strong {
  text-decoration: underline;
}
@media (max-width: 900px) {
  .kind {
    gap: 3px;
  }
  .kind strong {
    font-size: 0.85rem;
  }
}
.done {
  color: var(--quiet);
}
.missed {
  color: var(--quiet);
}
.missed strong {
  text-decoration: line-through;
}
.chosen strong {
  text-decoration: underline;
}
</style>
