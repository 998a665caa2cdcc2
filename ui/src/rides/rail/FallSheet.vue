<script setup lang="ts">
import type { Faller } from '../../api/schema'
import { fallerWords } from '../../house/words'

/** A fall is kept by the one tap that led here; what it was in truth takes its place. */
const emit = defineEmits<{ fell: [who: Faller, head: boolean]; none: [] }>()
const fallers: Faller[] = ['rider', 'horse', 'both']
</script>

<template>
  <section class="fall grid gap-12px">
    <p class="text-1.15rem font-semibold">
      A fall is written down: nothing more is jumped today. Catch the horse, see to the rider.
    </p>
    <p class="text-1.15rem font-semibold">Who fell?</p>
    <div class="rail-keys">
      <button v-for="w in fallers" :key="w" type="button" class="rail-key" @click="emit('fell', w, false)">
        {{ fallerWords[w] }}
      </button>
    </div>
    <p class="text-1.15rem font-semibold">With a knock to the head: no more riding today, and a doctor</p>
    <div class="rail-keys two">
      <button type="button" class="rail-key grave" @click="emit('fell', 'rider', true)">Rider, head</button>
      <button type="button" class="rail-key grave" @click="emit('fell', 'both', true)">Both, head</button>
    </div>
    <button type="button" class="rail-key" @click="emit('none')">It was no fall</button>
  </section>
</template>

<style scoped>
.fall .rail-key {
  min-height: 96px;
  font-size: 1.3rem;
}
</style>
