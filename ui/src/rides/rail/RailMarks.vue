<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Leg, MarkPad, Part, RailAdvice, RailPart, RailSheet, Rein, RideEvent } from '../../api/schema'
import ChangesPad from './ChangesPad.vue'
import CountPad from './CountPad.vue'
import FencePad from './FencePad.vue'
import MarksPad from './MarksPad.vue'
import MorePad from './MorePad.vue'
import PolesPad from './PolesPad.vue'
import SidewaysPad from './SidewaysPad.vue'
import SignsPad from './SignsPad.vue'
import type { NewTap } from './recorder'

/** The marks that this part of the plan asks for, and the others a tap away. */
const props = defineProps<{
  sheet: RailSheet
  /** The part that is ridden, and what stands in it now. */
  planned?: Part
  railPart?: RailPart
  part: number
  rein: Rein
  /** What was tapped in this part, and in all of the ride. */
  here: RideEvent[]
  all: RideEvent[]
  /** Nothing is jumped any more in this ride. */
  noJumping: boolean
  /** Asked before the first fence. */
  jumpingWaits: RailAdvice | null
}>()
const emit = defineEmits<{ tap: [NewTap]; leg: [jump: RideEvent, leg: Leg] }>()
type Pad = MarkPad | 'signs' | 'more'
const words: Record<Pad, string> = {
  flat: 'Marks',
  poles: 'Poles',
  fence: 'Fence',
  changes: 'Changes',
  sideways: 'Sideways',
  signs: 'Signs',
  more: 'More',
}
const own = computed<Pad>(() => props.railPart?.pad ?? 'flat')
const pads = computed<Pad[]>(() => [...new Set<Pad>([own.value, 'flat', 'signs', 'more'])])
const chosen = ref<Pad | null>(null)
const pad = computed(() => chosen.value ?? own.value)
watch(
  () => props.part,
  () => (chosen.value = null),
)
</script>

<template>
  <div
    class="tabs grid grid-flow-col [grid-auto-columns:minmax(0,1fr)] edge-b-2px"
    role="tablist"
    aria-label="Marks"
  >
    <button
      v-for="p in pads"
      :key="p"
      type="button"
      role="tab"
      :aria-selected="pad === p"
      :class="{ on: pad === p }"
      @click="chosen = p"
    >
      {{ words[p] }}
    </button>
  </div>
  <div class="marks grid gap-8px" role="tabpanel" :aria-label="words[pad]">
    <CountPad
      v-if="railPart?.line && (pad === 'poles' || pad === 'fence')"
      :tapped="here"
      :rein="rein"
      :set-up-id="planned?.setUpId ?? null"
      :line="railPart.line"
      @tap="(made) => emit('tap', made)"
    />
    <PolesPad
      v-if="pad === 'poles'"
      :tapped="here"
      :rein="rein"
      :set-up-id="planned?.setUpId ?? null"
      :poles="railPart?.poles ?? 0"
      @tap="(made) => emit('tap', made)"
    />
    <p
      v-if="noJumping && (pad === 'fence' || (pad === own && railPart?.instead))"
      class="py-20px px-12px edge-2px-grave rounded-12px text-grave text-1.2rem font-bold text-center"
    >
      No more jumping in this ride.
    </p>
    <section
      v-else-if="pad === 'fence' && jumpingWaits"
      class="grid gap-8px p-14px edge-3px-grave rounded-14px bg-long"
      role="alert"
    >
      <p class="text-1.5rem leading-[1.15] font-bold text-on-grave-pale">{{ jumpingWaits.says }}</p>
      <p>{{ jumpingWaits.do }}</p>
      <button
        type="button"
        class="rail-key on"
        @click="emit('tap', { kind: 'adviceAnswered', rule: jumpingWaits.rule, accepted: true })"
      >
        Somebody is here
      </button>
    </section>
    <FencePad
      v-else-if="pad === 'fence'"
      :tapped="here"
      :rein="rein"
      :set-up-id="planned?.setUpId ?? null"
      :height="railPart?.heightMetres ?? 0"
      :fences="railPart?.fences ?? 1"
      @leg="(jump, leg) => emit('leg', jump, leg)"
      @tap="(made) => emit('tap', made)"
    />
    <MarksPad
      v-if="pad === 'flat'"
      :tapped="here"
      :rein="rein"
      :hoped="planned?.markHopedFor ?? null"
      @tap="(made) => emit('tap', made)"
    />
    <ChangesPad v-if="pad === 'changes'" :tapped="here" @tap="(made) => emit('tap', made)" />
    <SidewaysPad v-if="pad === 'sideways'" :tapped="here" @tap="(made) => emit('tap', made)" />
    <SignsPad
      v-if="pad === 'signs'"
      :tapped="all"
      :rein="rein"
      :known="sheet.known"
      @tap="(made) => emit('tap', made)"
    />
    <MorePad
      v-if="pad === 'more'"
      :riders="sheet.riders"
      :pads="
        (['poles', 'fence', 'changes', 'sideways'] as const)
          .filter((p) => p !== own)
          .map((id) => ({ id, label: words[id] }))
      "
      @tap="(made) => emit('tap', made)"
      @pad="(p) => (chosen = p as Pad)"
    />
  </div>
</template>

<style scoped>
.tabs button {
  min-height: 48px;
  border: 0;
  border-bottom: 4px solid transparent;
  background: none;
  color: var(--quiet);
  font: 600 1rem var(--font);
  cursor: pointer;
}
.tabs .on {
  border-color: var(--straw);
  color: var(--ink);
}
@media (min-width: 700px) {
  .marks :deep(.rail-key) {
    min-height: 88px;
    font-size: 1.15rem;
  }
}
</style>
