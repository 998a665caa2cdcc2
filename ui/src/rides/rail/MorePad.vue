<script setup lang="ts">
import type { Manner } from '../../api/schema'
import { mannerWords } from '../../house/words'
import { soundOff, toggleSound } from './attention'
import type { NewTap } from './recorder'

/** What happens seldom: a pause, another rider, other marks, a set of no plan. */
defineProps<{ riders: string[]; pads: { id: string; label: string }[]; manner: Manner }>()
const emit = defineEmits<{ tap: [NewTap]; pad: [string] }>()
const pauses = ['Girth or tack', 'Poles to mend', 'A talk', 'Others in the way', 'Rest', 'Something else']
</script>

<template>
  <div class="rail-pad">
    <p class="rail-word">Nobody rides just now. The next gait goes on.</p>
    <div class="rail-keys">
      <button
        v-for="p in pauses"
        :key="p"
        type="button"
        class="rail-key"
        @click="emit('tap', { kind: 'paused', because: p })"
      >
        {{ p }}
      </button>
    </div>
    <p class="rail-word">Someone else sits on it from now on</p>
    <div class="rail-keys four">
      <button
        v-for="r in riders"
        :key="r"
        type="button"
        class="rail-key"
        @click="emit('tap', { kind: 'riderNow', rider: r })"
      >
        {{ r }}
      </button>
    </div>
    <p class="rail-word">Worked from now on</p>
    <div class="rail-keys">
      <button
        v-for="(word, m) in mannerWords"
        :key="m"
        type="button"
        class="rail-key"
        :class="{ on: manner === m }"
        :aria-pressed="manner === m"
        @click="emit('tap', { kind: 'mannerNow', manner: m } as NewTap)"
      >
        {{ m === 'ridden' ? 'Mounted now' : word }}
      </button>
      <button
        v-for="s in ['left', 'right'] as const"
        :key="s"
        type="button"
        class="rail-key"
        @click="emit('tap', { kind: 'mannerNow', manner: 'inHand', ledFrom: s } as NewTap)"
      >
        Led from the {{ s }}
      </button>
    </div>
    <p class="rail-word">Other marks; gallop; sound</p>
    <div class="rail-keys four">
      <button v-for="p in pads" :key="p.id" type="button" class="rail-key" @click="emit('pad', p.id)">
        {{ p.label }}
      </button>
      <button type="button" class="rail-key" @click="emit('tap', { kind: 'gaitNow', gait: 'gallop' })">
        Gallop
      </button>
      <button type="button" class="rail-key" :aria-pressed="!soundOff" @click="toggleSound">
        Sound {{ soundOff ? 'off' : 'on' }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.rail-key {
  font-size: 0.95rem;
}
</style>
