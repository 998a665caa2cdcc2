<script setup lang="ts">
import { ref } from 'vue'
import type { ChangePlace, ChangeQuality, RideEvent } from '../../api/schema'
import { changePlaceWords, changeWords } from '../../house/words'
import type { NewTap } from './recorder'

/** A flying change: to which lead, how it came, and where. */
const props = defineProps<{ tapped: RideEvent[] }>()
const emit = defineEmits<{ tap: [NewTap] }>()
const where = ref<ChangePlace>('diagonal')
const qualities = Object.keys(changeWords) as ChangeQuality[]
const times = (to: string, quality: ChangeQuality) =>
  props.tapped.filter((e) => e.kind === 'changeRidden' && e.to === to && e.quality === quality).length
</script>

<template>
  <div class="rail-pad">
    <div class="rail-keys five">
      <button
        v-for="(word, p) in changePlaceWords"
        :key="p"
        type="button"
        class="rail-key text-0.9rem"
        :class="{ on: where === p }"
        :aria-pressed="where === p"
        @click="where = p"
      >
        {{ word.replace('On the ', '') }}
      </button>
    </div>
    <template v-for="to in ['left', 'right'] as const" :key="to">
      <p class="rail-word">{{ to === 'left' ? '◀ To the left lead' : 'To the right lead ▶' }}</p>
      <div class="rail-keys four">
        <button
          v-for="q in qualities"
          :key="q"
          type="button"
          class="rail-key soft"
          :aria-label="`To the ${to}: ${changeWords[q]}`"
          @click="emit('tap', { kind: 'changeRidden', to, quality: q, where })"
        >
          {{ changeWords[q] }}<small v-if="times(to, q)">{{ times(to, q) }}</small>
        </button>
      </div>
    </template>
  </div>
</template>

<style scoped>
.four .rail-key {
  font-size: 1rem;
}
</style>
