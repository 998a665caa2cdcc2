<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type {
  ChangedSetUp,
  Leg,
  Manner,
  MarkPad,
  Part,
  RailAdvice,
  RailJudgement,
  RailPart,
  RailSheet,
  Rein,
  RideEvent,
} from '../../api/schema'
import AskedPad from './AskedPad.vue'
import ChangesPad from './ChangesPad.vue'
import CountPad from './CountPad.vue'
import FencePad from './FencePad.vue'
import MarksPad from './MarksPad.vue'
import MorePad from './MorePad.vue'
import OpeningCard from './OpeningCard.vue'
import PolesPad from './PolesPad.vue'
import QuestionsPad from './QuestionsPad.vue'
import SidewaysPad from './SidewaysPad.vue'
import SignsPad from './SignsPad.vue'
import StageBar from './StageBar.vue'
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
  /** What Core makes of the taps; nothing where it does not stand. */
  said: RailJudgement | null
  manner: Manner
}>()
const emit = defineEmits<{
  tap: [NewTap]
  /** The same event again, with more told of it, in the place of the first. */
  again: [event: RideEvent, more: { leg: Leg; element?: number }]
  signThen: [sign: NewTap, more: { later?: true }]
  stands: [ChangedSetUp]
  leave: []
}>()
type Pad = MarkPad | 'signs' | 'more'
const words: Record<Pad, string> = {
  flat: 'Marks',
  poles: 'Poles',
  fence: 'Fence',
  changes: 'Changes',
  sideways: 'Sideways',
  asked: 'Asked',
  questions: 'Questions',
  signs: 'Signs',
  more: 'More',
}
const own = computed<Pad>(() => props.railPart?.pad ?? 'flat')
const pads = computed<Pad[]>(() => [
  ...new Set<Pad>([
    own.value,
    ...(own.value === 'flat' || own.value === 'sideways' ? (['asked'] as const) : []),
    'flat',
    'signs',
    'more',
  ]),
])
/** What stands in this part is measured and stepped on its own pad. */
const stage = computed(() =>
  pad.value === own.value && (pad.value === 'poles' || pad.value === 'fence') ? props.said?.stage : null,
)
const isJumped = computed(() => pad.value === 'fence' || pad.value === 'questions')
const series = computed(() => {
  const figure = props.sheet.setUps.find((s) => s.id === props.planned?.setUpId)?.entry
  return figure?.family === 'figure' && figure.changes
    ? { every: figure.every ?? 4, planned: figure.changes }
    : { every: 4, planned: 5 }
})
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
    <OpeningCard
      v-if="said?.opening && pad === own"
      :opening="said.opening"
      @answer="(passed) => emit('tap', { kind: 'testAnswered', test: said!.opening!.test, passed })"
      @leave="emit('leave')"
    />
    <button
      v-if="manner !== 'ridden' && pad === own"
      type="button"
      class="rail-key mounted"
      @click="emit('tap', { kind: 'mannerNow', manner: 'ridden' } as NewTap)"
    >
      Mounted now
    </button>
    <StageBar v-if="stage" :stage="stage" @stands="(changed) => emit('stands', changed)" />
    <CountPad
      v-if="railPart?.lines.length && (pad === 'poles' || pad === 'fence')"
      :tapped="here"
      :rein="rein"
      :set-up-id="planned?.setUpId ?? null"
      :lines="railPart.lines"
      @tap="(made) => emit('tap', made)"
    />
    <PolesPad
      v-if="pad === 'poles'"
      :tapped="here"
      :rein="rein"
      :set-up-id="planned?.setUpId ?? null"
      :poles="railPart?.poles ?? 0"
      :canter="planned?.gait === 'canter'"
      @tap="(made) => emit('tap', made)"
      @again="(event, more) => emit('again', event, more)"
    />
    <p
      v-if="noJumping && (isJumped || (pad === own && railPart?.instead))"
      class="py-20px px-12px edge-2px-grave rounded-12px text-grave text-1.2rem font-bold text-center"
    >
      No more jumping in this ride.
    </p>
    <section
      v-else-if="isJumped && jumpingWaits"
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
      :narrow="railPart?.setUp?.family === 'narrow'"
      @again="(jump, more) => emit('again', jump, more)"
      @tap="(made) => emit('tap', made)"
    />
    <MarksPad
      v-if="pad === 'flat'"
      :tapped="here"
      :rein="rein"
      :hoped="planned?.markHopedFor ?? null"
      @tap="(made) => emit('tap', made)"
    />
    <QuestionsPad
      v-if="pad === 'questions' && !noJumping && !jumpingWaits"
      :tapped="here"
      @tap="(made) => emit('tap', made)"
    />
    <AskedPad
      v-if="pad === 'asked'"
      :tapped="here"
      :asks="railPart?.asks ?? []"
      :manner="manner"
      :rein="rein"
      :left="said?.mayStillAsk ?? null"
      :tension="pad !== own || own === 'asked'"
      @tap="(made) => emit('tap', made)"
    />
    <ChangesPad
      v-if="pad === 'changes'"
      :key="part"
      :tapped="here"
      :asks="railPart?.asks ?? []"
      :every="series.every"
      :planned="series.planned"
      :left="said?.mayStillAsk ?? null"
      @tap="(made) => emit('tap', made)"
    />
    <SidewaysPad v-if="pad === 'sideways'" :tapped="here" @tap="(made) => emit('tap', made)" />
    <SignsPad
      v-if="pad === 'signs'"
      :tapped="all"
      :rein="rein"
      :known="sheet.known"
      :signs="railPart?.signs ?? []"
      :lets-pass="said?.letsPass ?? false"
      :let-pass="said?.letPass ?? []"
      @tap="(made) => emit('tap', made)"
      @sign-then="(sign, more) => emit('signThen', sign, more)"
    />
    <MorePad
      v-if="pad === 'more'"
      :riders="sheet.riders"
      :manner="manner"
      :pads="
        (['poles', 'fence', 'changes', 'sideways', 'asked', 'questions'] as const)
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
.mounted {
  min-height: 52px;
}
.tabs .on {
  border-color: var(--straw);
  color: var(--ink);
}
@media (min-width: 700px) {
  .marks :deep(.rail-key:not(.chip)) {
    min-height: 88px;
    font-size: 1.15rem;
  }
}
</style>
