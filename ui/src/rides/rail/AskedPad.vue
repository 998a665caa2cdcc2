<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { figures } from '../../api/figures'
import type {
  ArenaPlace,
  AttemptWord,
  HorseAnswer,
  Manner,
  Movement,
  PageFigures,
  Rein,
  RideEvent,
} from '../../api/schema'
import { answeredWords, arenaPlaceWords, attemptWords, movementWords } from '../../house/words'
import AskedBesides from './AskedBesides.vue'
import TensionKeys from './TensionKeys.vue'
import type { NewTap } from './recorder'
import { lastTension } from './taps'

/** An asking in one tap: its own words where the movement has them, else alone, with a reminder, with help, not. */
const props = defineProps<{
  tapped: RideEvent[]
  /** Movements of this part, the likeliest first. */
  asks: Movement[]
  /** No ridden words on led work. */
  manner: Manner
  rein: Rein
  /** How many more may be asked today. */
  left: number | null
  tension: boolean
}>()
const emit = defineEmits<{ tap: [NewTap] }>()
const movement = ref<Movement>('halt')
const others = ref(false)
const where = ref<ArenaPlace | null>(null)
const inTest = ref(false)
/** A pirouette is asked more in, or smaller: said before it is told how it came. */
const how = ref<AttemptWord | null>(null)
const steps = ref(0)
watch(
  () => props.asks[0],
  (first) => {
    movement.value = first && first !== 'change' && first !== 'series' ? first : (props.asks[2] ?? 'halt')
    others.value = false
  },
  { immediate: true },
)
watch(movement, () => {
  how.value = null
  steps.value = 0
})
const told = computed<PageFigures['movements'][number]>(() =>
  figures.movements.find((m) => m.movement === movement.value)!,
)
const shown = computed<Movement[]>(() => {
  const mine = props.asks.filter((m) => m !== 'change' && m !== 'series')
  const all = figures.movements
    .filter((m) => props.manner === 'ridden' || m.fromGround)
    .map((m): Movement => m.movement)
  return others.value || mine.length === 0
    ? all.filter((m) => m !== 'change' && m !== 'series')
    : [...new Set([...mine, movement.value])]
})
type Answer = { says: string; answered: HorseAnswer; word?: AttemptWord }
const own = computed<Answer[]>(() =>
  told.value.words.map((w) => ({ says: attemptWords[w.word], answered: w.answered, word: w.word })),
)
const answers = computed<Answer[]>(() => {
  const plain = (Object.keys(answeredWords) as HorseAnswer[]).map((a) => ({
    says: answeredWords[a],
    answered: a,
  }))
  const covered = new Set(own.value.map((a) => a.answered))
  return own.value.length > 0
    ? [...own.value, ...plain.filter((a) => a.answered === 'not' && !covered.has('not'))]
    : plain
})
const sides = computed<('left' | 'right' | null)[]>(() =>
  told.value.on === 'nothing'
    ? [null]
    : told.value.on === 'rein' && props.rein !== 'both'
      ? [props.rein]
      : ['left', 'right'],
)
const sideWord = computed(() => ({ lead: 'lead', leg: 'leg', rein: 'rein', nothing: '' })[told.value.on])
const count = (a: Answer, side: string | null) =>
  props.tapped.filter(
    (e) =>
      e.kind === 'attempted' &&
      e.movement === movement.value &&
      (e.side ?? null) === side &&
      e.answered === a.answered &&
      (!a.word || e.word === a.word),
  ).length
const tell = (a: Answer, side: 'left' | 'right' | null) =>
  emit('tap', {
    kind: 'attempted',
    movement: movement.value,
    answered: a.answered,
    ...(side ? { side } : {}),
    ...(told.value.hasPlace && where.value ? { where: where.value } : {}),
    ...((a.word ?? how.value) ? { word: a.word ?? how.value } : {}),
    ...(inTest.value ? { inTest: true } : {}),
    ...(told.value.countsSteps && steps.value ? { steps: steps.value } : {}),
  } as NewTap)
const tense = computed(() => lastTension(props.tapped))
</script>

<template>
  <div class="rail-pad">
    <div class="flex flex-wrap gap-6px" role="group" aria-label="What is asked">
      <button
        v-for="m in shown"
        :key="m"
        type="button"
        class="rail-key chip"
        :class="{ on: movement === m }"
        :aria-pressed="movement === m"
        @click="movement = m"
      >
        {{ movementWords[m] }}
      </button>
      <button v-if="!others && asks.length > 0" type="button" class="rail-key chip" @click="others = true">
        Others
      </button>
    </div>
    <p v-if="left !== null" class="rail-word">
      {{ left === 0 ? 'Asked as often as it may be today.' : `May still be asked ${left} times today.` }}
    </p>
    <div v-if="told.ways.length" class="rail-keys two" role="group" aria-label="Asked for">
      <button
        v-for="w in told.ways"
        :key="w"
        type="button"
        class="rail-key chip"
        :class="{ on: how === w }"
        :aria-pressed="how === w"
        @click="how = how === w ? null : w"
      >
        {{ attemptWords[w] }}
      </button>
    </div>
    <div v-if="told.countsSteps" class="rail-keys five" role="group" aria-label="Steps that came">
      <button
        v-for="n in [2, 4, 6, 8, 10]"
        :key="n"
        type="button"
        class="rail-key chip"
        :class="{ on: steps === n }"
        :aria-pressed="steps === n"
        @click="steps = steps === n ? 0 : n"
      >
        {{ n }}<small>steps</small>
      </button>
    </div>
    <template v-for="side in sides" :key="side ?? 'one'">
      <p v-if="side" class="rail-word">
        {{
          side === 'left'
            ? `◀ ${sideWord === 'leg' ? 'From the left' : 'Left'} ${sideWord}`
            : `${sideWord === 'leg' ? 'From the right' : 'Right'} ${sideWord} ▶`
        }}
      </p>
      <div class="rail-keys" :class="answers.length > 3 ? 'four' : ''">
        <button
          v-for="a in answers"
          :key="a.says"
          type="button"
          class="rail-key soft"
          :aria-label="`${movementWords[movement]}${side ? `, ${side} ${sideWord}` : ''}: ${a.says}`"
          @click="tell(a, side)"
        >
          {{ a.says }}<small v-if="count(a, side)">{{ count(a, side) }}</small>
        </button>
      </div>
    </template>
    <div class="flex flex-wrap gap-6px">
      <select v-if="told.hasPlace" v-model="where" class="rail-key chip" aria-label="Where">
        <option :value="null">Where?</option>
        <option v-for="(word, p) in arenaPlaceWords" :key="p" :value="p">{{ word }}</option>
      </select>
      <AskedBesides
        v-model:in-test="inTest"
        :tapped="tapped"
        :kinds="['attempted']"
        @tap="(made) => emit('tap', made)"
      />
    </div>
    <template v-if="tension">
      <p class="rail-word">Tension:</p>
      <TensionKeys :tension="tense" @tap="(n) => emit('tap', { kind: 'tensionSeen', tension: n })" />
    </template>
  </div>
</template>

<style scoped>
.chip {
  min-height: 48px;
  padding: 4px 12px;
  font-size: 0.95rem;
}
.soft {
  min-height: 68px;
  font-size: 1rem;
}
</style>
