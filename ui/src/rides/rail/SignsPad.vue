<script setup lang="ts">
import { figures } from '../../api/figures'
import { computed, ref } from 'vue'
import type { KnownFinding, Rein, RideEvent, Sign } from '../../api/schema'
import { shortDay } from '../../house/format'
import { signWords } from '../../house/words'
import type { NewTap } from './recorder'

/** What was seen or felt; the three that end the ride stand first. */
const props = defineProps<{ tapped: RideEvent[]; rein: Rein; known: KnownFinding[] }>()
const emit = defineEmits<{ tap: [NewTap] }>()
const grave: Sign[] = figures.painSigns
const all = computed(() => [
  ...grave,
  ...(Object.keys(signWords) as Sign[]).filter((s) => !grave.includes(s)),
])
/** A vet has entered something as old and known; no other sign can be that. */
const asKnown = ref<string | null>(null)
function tell(sign: Sign) {
  const known = grave.includes(sign) ? asKnown.value : null
  emit('tap', {
    kind: 'signSeen',
    sign,
    rein: props.rein === 'both' ? null : props.rein,
    ...(known ? { known } : {}),
  } as NewTap)
  asKnown.value = null
}
const times = (sign: Sign) => props.tapped.filter((e) => e.kind === 'signSeen' && e.sign === sign).length
</script>

<template>
  <button
    v-for="k in known"
    :key="k.id"
    type="button"
    class="rail-key"
    :aria-pressed="asKnown === k.id"
    :class="{ on: asKnown === k.id }"
    @click="asKnown = asKnown === k.id ? null : k.id"
  >
    The next sign is the old one: {{ k.what }}
    <small>known since {{ shortDay(k.onDay) }}, {{ k.byWhom }}</small>
  </button>
  <div class="rail-keys signs">
    <button
      v-for="s in all"
      :key="s"
      type="button"
      class="rail-key"
      :class="grave.includes(s) ? 'grave' : 'soft'"
      @click="tell(s)"
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
