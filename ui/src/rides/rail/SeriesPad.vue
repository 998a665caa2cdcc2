<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ArenaPlace, RideEvent } from '../../api/schema'
import type { NewTap } from './recorder'

/** Flying changes in sequence: one tap when it was whole; where it was not, the change that was missed or the hind that was late. */
const props = defineProps<{
  tapped: RideEvent[]
  where: ArenaPlace
  every: number
  planned: number
  inTest: boolean
}>()
const emit = defineEmits<{ tap: [NewTap] }>()
const every = ref(props.every)
const planned = ref(props.planned)
const late = ref<'left' | 'right' | null>(null)
const words = ['', 'ones', 'twos', 'threes', 'fours']
const whole = computed(
  () =>
    props.tapped.filter(
      (e) =>
        e.kind === 'seriesRidden' &&
        e.every === every.value &&
        e.planned === planned.value &&
        !e.missedAt &&
        !e.late,
    ).length,
)
function tell(missedAt: number | null, lateTimes: number) {
  emit('tap', {
    kind: 'seriesRidden',
    every: every.value,
    planned: planned.value,
    missedAt,
    lateBehind: lateTimes > 0 ? late.value : null,
    late: lateTimes,
    where: props.where,
    ...(props.inTest ? { inTest: true } : {}),
  } as NewTap)
  late.value = null
}
</script>

<template>
  <div class="rail-pad">
    <div class="grid grid-cols-[repeat(4,minmax(0,1fr))_minmax(0,1.4fr)] gap-8px">
      <button
        v-for="k in [4, 3, 2, 1]"
        :key="k"
        type="button"
        class="rail-key chip"
        :class="{ on: every === k }"
        :aria-pressed="every === k"
        @click="every = k"
      >
        {{ words[k] }}
      </button>
      <select v-model="planned" class="rail-key chip" aria-label="Changes asked">
        <option v-for="n in [3, 5, 7, 9, 11, 13, 15]" :key="n" :value="n">{{ n }} asked</option>
      </select>
    </div>
    <button type="button" class="rail-key on min-h-76px" @click="tell(null, 0)">
      All {{ planned }} {{ words[every] }}<small>{{ whole ? `whole ${whole} times` : 'whole' }}</small>
    </button>
    <div class="rail-keys two">
      <button
        v-for="side in ['left', 'right'] as const"
        :key="side"
        type="button"
        class="rail-key chip"
        :class="{ on: late === side }"
        :aria-pressed="late === side"
        @click="late = late === side ? null : side"
      >
        Late behind, {{ side }} hind
      </button>
    </div>
    <p class="rail-word">{{ late ? 'Late in so many of them' : 'Missed at change' }}</p>
    <div class="numbers">
      <button
        v-for="n in planned"
        :key="n"
        type="button"
        class="rail-key soft"
        :aria-label="late ? `Late ${n} times` : `Missed at ${n}`"
        @click="late ? tell(null, n) : tell(n, 0)"
      >
        {{ n }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.chip {
  min-height: 52px;
  font-size: 0.95rem;
}
.numbers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(46px, 1fr));
  gap: 6px;
}
.numbers .rail-key {
  min-height: 48px;
}
</style>
