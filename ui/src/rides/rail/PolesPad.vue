<script setup lang="ts">
import { computed } from 'vue'
import type { Leg, Rein, RideEvent } from '../../api/schema'
import { legWords } from '../../house/words'
import TouchGrid from './TouchGrid.vue'
import type { NewTap } from './recorder'

/** A pass over the poles in one tap. */
const props = defineProps<{
  tapped: RideEvent[]
  rein: Rein
  setUpId: string | null
  poles: number
  /** In canter it comes out on a lead. */
  canter: boolean
}>()
const emit = defineEmits<{ tap: [NewTap]; again: [event: RideEvent, more: { leg: Leg; element: number }] }>()
const legs: Leg[] = ['leftFore', 'rightFore', 'leftHind', 'rightHind']
const side = computed(() => (props.rein === 'right' ? 'right' : 'left'))
const sums = computed(() => {
  const mine = props.tapped.flatMap((e) => (e.kind === 'polesPassed' && e.rein === side.value ? [e] : []))
  return {
    clean: mine.reduce((n, e) => n + e.clean, 0),
    touched: mine.reduce((n, e) => n + e.touched, 0),
    rushed: mine.reduce((n, e) => n + e.rushed, 0),
  }
})
/** The last pass was touched: another leg may have touched in it. */
const lastPass = computed(() => props.tapped.findLastIndex((e) => e.kind === 'polesPassed'))
const justTouched = computed(() => {
  const e = props.tapped[lastPass.value]
  return e?.kind === 'polesPassed' && e.touched > 0
})
const last = computed(() => props.tapped[lastPass.value])
const landed = (how: { landedOn?: 'left' | 'right'; changedBeforeTurn?: true }) =>
  emit('tap', {
    kind: 'jumpTold',
    jump: last.value!.id,
    takeOff: null,
    landedOn: null,
    changedBeforeTurn: null,
    cause: null,
    ...how,
  })
const again = (leg: Leg) =>
  props.tapped.slice(lastPass.value).filter((e) => e.kind === 'legTouched' && e.leg === leg).length
const pass = (clean: number, touched: number, rushed: number, leg?: Leg) =>
  emit('tap', {
    kind: 'polesPassed',
    setUpId: props.setUpId,
    rein: side.value,
    clean,
    touched,
    rushed,
    ...(leg ? { leg } : {}),
    ...(props.poles ? { poles: props.poles } : {}),
  } as NewTap)
</script>

<template>
  <div class="rail-pad">
    <p class="rail-word">
      Passes, one tap each{{ poles ? `, over ${poles} ${poles === 1 ? 'pole' : 'poles'}` : '' }}
    </p>
    <div class="rail-keys">
      <button type="button" class="rail-key soft" @click="pass(1, 0, 0)">Clean {{ sums.clean }}</button>
      <button type="button" class="rail-key soft" @click="pass(0, 1, 0)">Touched {{ sums.touched }}</button>
      <button type="button" class="rail-key soft" @click="pass(1, 0, 1)">Rushed {{ sums.rushed }}</button>
    </div>
    <p class="rail-word">A touched pass, by the leg that was seen</p>
    <div class="rail-keys four">
      <button v-for="l in legs" :key="l" type="button" class="rail-key" @click="pass(0, 1, 0, l)">
        {{ legWords[l] }}
      </button>
    </div>
    <div v-if="canter && last" class="rail-keys" role="group" aria-label="Out of the poles">
      <button
        v-for="l in ['left', 'right'] as const"
        :key="l"
        type="button"
        class="rail-key chip"
        @click="landed({ landedOn: l })"
      >
        Landed {{ l }}
      </button>
      <button type="button" class="rail-key chip" @click="landed({ changedBeforeTurn: true })">
        Changed before turn
      </button>
    </div>
    <template v-if="justTouched">
      <template v-if="poles > 1 && last?.kind === 'polesPassed'">
        <p class="rail-word">Which pole, which leg</p>
        <TouchGrid
          :elements="poles"
          of="pole"
          :leg="last.leg ?? null"
          :element="last.element ?? null"
          @tell="(leg, element) => emit('again', last!, { leg, element })"
        />
      </template>
      <p class="rail-word">In the same pass also: touches, not passes</p>
      <div class="rail-keys four">
        <button
          v-for="l in legs"
          :key="l"
          type="button"
          class="rail-key"
          :aria-label="`${legWords[l]} too`"
          @click="emit('tap', { kind: 'legTouched', leg: l, count: 1 })"
        >
          {{ legWords[l] }}<small v-if="again(l)">{{ again(l) }}</small>
        </button>
      </div>
    </template>
  </div>
</template>

<style scoped>
.soft {
  min-height: 76px;
  font-size: 1.2rem;
}
.four .rail-key {
  font-size: 0.98rem;
}
.chip {
  min-height: 48px;
  font-size: 0.92rem;
}
</style>
