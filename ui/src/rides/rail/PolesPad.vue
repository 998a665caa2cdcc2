<script setup lang="ts">
import { computed } from 'vue'
import type { Leg, Rein, RideEvent } from '../../api/schema'
import { legWords } from '../../house/words'
import type { NewTap } from './recorder'

/** A pass over the poles in one tap. */
const props = defineProps<{ tapped: RideEvent[]; rein: Rein; setUpId: string | null }>()
const emit = defineEmits<{ tap: [NewTap] }>()
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
const pass = (clean: number, touched: number, rushed: number, leg?: Leg) =>
  emit('tap', {
    kind: 'polesPassed',
    setUpId: props.setUpId,
    rein: side.value,
    clean,
    touched,
    rushed,
    ...(leg ? { leg } : {}),
  } as NewTap)
</script>

<template>
  <div class="rail-pad">
    <div class="rail-keys">
      <button type="button" class="rail-key soft" @click="pass(1, 0, 0)">Clean {{ sums.clean }}</button>
      <button type="button" class="rail-key soft" @click="pass(0, 1, 0)">Touched {{ sums.touched }}</button>
      <button type="button" class="rail-key soft" @click="pass(1, 0, 1)">Rushed {{ sums.rushed }}</button>
    </div>
    <p class="rail-word">Touched, and the leg was seen</p>
    <div class="rail-keys four">
      <button v-for="l in legs" :key="l" type="button" class="rail-key" @click="pass(0, 1, 0, l)">
        {{ legWords[l] }}
      </button>
    </div>
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
</style>
