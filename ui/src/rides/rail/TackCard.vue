<script setup lang="ts">
import { ref } from 'vue'
import type { TackAsked } from '../../api/schema'
import type { NewTap } from './recorder'

/** Rig and tack before the start: one tap as last time; in full after a change and once a week. */
const props = defineProps<{ asked: TackAsked }>()
const emit = defineEmits<{ tap: [NewTap] }>()
const full = ref(props.asked.inFull)
const even = ref(true)
const girthSnug = ref(true)
const lineSafe = ref(true)
const hole = ref<number | null>(props.asked.hole)
const done = () =>
  emit('tap', {
    kind: 'tackLooked',
    asLastTime: false,
    even: even.value,
    girthSnug: girthSnug.value,
    lineSafe: lineSafe.value,
    ...(hole.value ? { hole: hole.value } : {}),
  } as NewTap)
</script>

<template>
  <section class="grid gap-8px" aria-label="Tack">
    <div v-if="!full" class="rail-keys two">
      <button
        type="button"
        class="rail-key soft"
        @click="emit('tap', { kind: 'tackLooked', asLastTime: true } as NewTap)"
      >
        Tack as last time<small v-if="asked.hole">hole {{ asked.hole }}</small>
      </button>
      <button type="button" class="rail-key" @click="full = true">Look it over</button>
    </div>
    <template v-else>
      <p class="rail-word">Rig and tack: tap what is not so</p>
      <div class="rail-keys four">
        <button
          type="button"
          class="rail-key"
          :class="even ? 'soft' : 'grave'"
          :aria-pressed="!even"
          @click="even = !even"
        >
          {{ even ? 'Even' : 'Not even' }}<small>both sides</small>
        </button>
        <button
          type="button"
          class="rail-key"
          :class="girthSnug ? 'soft' : 'grave'"
          :aria-pressed="!girthSnug"
          @click="girthSnug = !girthSnug"
        >
          {{ girthSnug ? 'Girth snug' : 'Girth loose' }}
        </button>
        <button
          type="button"
          class="rail-key"
          :class="lineSafe ? 'soft' : 'grave'"
          :aria-pressed="!lineSafe"
          @click="lineSafe = !lineSafe"
        >
          {{ lineSafe ? 'Line safe' : 'Line not safe' }}
        </button>
        <select v-model="hole" class="rail-key" aria-label="Hole">
          <option :value="null">Hole?</option>
          <option v-for="n in 14" :key="n" :value="n">hole {{ n }}</option>
        </select>
      </div>
      <button type="button" class="rail-key soft" @click="done">Looked at</button>
    </template>
  </section>
</template>
