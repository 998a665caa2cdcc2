<script setup lang="ts">
import type { Faller } from '../../api/schema'
import { fallerWords } from '../../house/words'

/** Who fell, and whether a head was knocked: one tap. */
const emit = defineEmits<{ fell: [who: Faller, head: boolean] }>()
const fallers: Faller[] = ['rider', 'horse', 'both']
</script>

<template>
  <section class="fall">
    <p class="say">Who fell? Catch the horse, see to the rider. Nothing more is jumped today.</p>
    <div class="rail-keys">
      <button v-for="w in fallers" :key="w" type="button" class="rail-key" @click="emit('fell', w, false)">
        {{ fallerWords[w] }}
      </button>
    </div>
    <p class="say">With a knock to the head: no more riding today, and a doctor</p>
    <div class="rail-keys two">
      <button type="button" class="rail-key grave" @click="emit('fell', 'rider', true)">Rider, head</button>
      <button type="button" class="rail-key grave" @click="emit('fell', 'both', true)">Both, head</button>
    </div>
  </section>
</template>

<style scoped>
.fall {
  display: grid;
  gap: 12px;
}
.fall .rail-key {
  min-height: 96px;
  font-size: 1.3rem;
}
.say {
  font-size: 1.15rem;
  font-weight: 600;
}
</style>
