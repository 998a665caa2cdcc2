<script setup lang="ts">
import { computed } from 'vue'
import { workshop } from '../../api/figures'
import type { EffortOutcome, JumpCause, Leg, NarrowWhere, Rein, RideEvent, TakeOff } from '../../api/schema'
import { causeWords, legWords, narrowWords, outcomeWords, takeOffWords } from '../../house/words'
import TouchGrid from './TouchGrid.vue'
import type { NewTap } from './recorder'

/** A jump in one tap; what was seen of the last one in another, if anything was. */
const props = defineProps<{
  tapped: RideEvent[]
  rein: Rein
  setUpId: string | null
  height: number
  fences: number
  narrow: boolean
}>()
const emit = defineEmits<{ tap: [NewTap]; again: [jump: RideEvent, more: { leg: Leg; element?: number }] }>()
const legs: Leg[] = ['leftFore', 'rightFore', 'leftHind', 'rightHind']
const side = computed(() => (props.rein === 'right' ? 'right' : 'left'))
const outcomes = computed<EffortOutcome[]>(() =>
  props.narrow
    ? ['rub', 'knock', 'stop', 'runOutLeft', 'runOutRight']
    : ['clear', 'rub', 'knock', 'stop', 'runOutLeft', 'runOutRight'],
)
const overs = Object.keys(narrowWords) as NarrowWhere[]
const over = (where: NarrowWhere) =>
  props.tapped.reduce((n, e) => (e.kind === 'efforts' && e.over === where ? n + e.count : n), 0)
const count = (outcome: EffortOutcome) =>
  props.tapped.reduce(
    (n, e) => (e.kind === 'efforts' && e.outcome === outcome && e.rein === side.value ? n + e.count : n),
    0,
  )
const last = computed(() => props.tapped.findLast((e) => e.kind === 'efforts'))
const touched = computed(
  () => last.value?.kind === 'efforts' && (last.value.outcome === 'rub' || last.value.outcome === 'knock'),
)
const told = computed(() => props.tapped.filter((e) => e.kind === 'jumpTold' && e.jump === last.value?.id))
const says = (key: 'takeOff' | 'landedOn' | 'cause' | 'changedBeforeTurn', value: unknown) =>
  told.value.findLast((e) => e.kind === 'jumpTold' && e[key] !== null)?.[key as never] === value

const effort = (outcome: EffortOutcome, n: number, where?: NarrowWhere) =>
  emit('tap', {
    kind: 'efforts',
    setUpId: props.setUpId,
    rein: side.value,
    heightMetres: props.height || workshop.crossPole,
    outcome,
    count: n,
    ...(where ? { over: where } : {}),
  } as NewTap)

/** One go through all of it: what was not rubbed or knocked was clear; after a stop or a run-out nothing more was jumped. */
function jumped(outcome: EffortOutcome) {
  const all = Math.max(1, props.fences)
  if (outcome === 'clear') effort('clear', all)
  else {
    if (all > 1 && (outcome === 'rub' || outcome === 'knock')) effort('clear', all - 1)
    effort(outcome, 1)
  }
}

const tell = (about: {
  takeOff?: TakeOff
  landedOn?: 'left' | 'right'
  changedBeforeTurn?: true
  cause?: JumpCause
  untidy?: true
}) =>
  emit('tap', {
    kind: 'jumpTold',
    jump: last.value!.id,
    takeOff: null,
    landedOn: null,
    changedBeforeTurn: null,
    cause: null,
    ...about,
  } as NewTap)
</script>

<template>
  <div class="rail-pad">
    <div v-if="narrow" class="five" role="group" aria-label="Over the middle">
      <button
        v-for="w in overs"
        :key="w"
        type="button"
        class="rail-key"
        :class="w === 'middle' ? 'on' : 'soft'"
        @click="effort('clear', 1, w)"
      >
        {{ narrowWords[w] }}<small v-if="over(w)">{{ over(w) }}</small>
      </button>
    </div>
    <div class="rail-keys">
      <button v-for="o in outcomes" :key="o" type="button" class="rail-key soft" @click="jumped(o)">
        {{ outcomeWords[o] }}<small v-if="count(o)">{{ count(o) }}</small>
      </button>
    </div>
    <template v-if="last">
      <TouchGrid
        v-if="touched && fences > 1 && last.kind === 'efforts'"
        :elements="fences"
        of="fence"
        :leg="last.leg ?? null"
        :element="last.element ?? null"
        @tell="(leg, element) => emit('again', last!, { leg, element })"
      />
      <p class="rail-word">The last jump: why, where from, landed</p>
      <div class="tell flex flex-wrap gap-6px">
        <template v-if="touched && fences < 2">
          <button
            v-for="l in legs"
            :key="l"
            type="button"
            class="rail-key"
            :class="{ on: last.kind === 'efforts' && last.leg === l }"
            @click="emit('again', last, { leg: l })"
          >
            {{ legWords[l] }}
          </button>
        </template>
        <button
          v-for="(word, c) in causeWords"
          :key="c"
          type="button"
          class="rail-key"
          :class="{ on: says('cause', c) }"
          @click="tell({ cause: c })"
        >
          {{ word }}
        </button>
        <button
          v-for="(word, t) in takeOffWords"
          :key="t"
          type="button"
          class="rail-key"
          :class="{ on: says('takeOff', t) }"
          @click="tell({ takeOff: t })"
        >
          {{ word }}
        </button>
        <button
          v-for="l in ['left', 'right'] as const"
          :key="l"
          type="button"
          class="rail-key"
          :class="{ on: says('landedOn', l) }"
          @click="tell({ landedOn: l })"
        >
          Landed {{ l }}
        </button>
        <button
          type="button"
          class="rail-key"
          :class="{ on: says('changedBeforeTurn', true) }"
          @click="tell({ changedBeforeTurn: true })"
        >
          Changed before turn
        </button>
        <button type="button" class="rail-key" @click="tell({ untidy: true })">Untidy</button>
      </div>
    </template>
  </div>
</template>

<style scoped>
.soft {
  min-height: 70px;
}
.five {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px;
}
.tell .rail-key {
  flex: none;
  min-width: 66px;
  min-height: 46px;
  max-width: 110px;
  font-size: 0.86rem;
}
</style>
