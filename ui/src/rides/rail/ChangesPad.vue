<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ArenaPlace, ChangeQuality, HorseAnswer, Movement, RideEvent } from '../../api/schema'
import { answeredWords, arenaPlaceWords, changeWords } from '../../house/words'
import SeriesPad from './SeriesPad.vue'
import AskedBesides from './AskedBesides.vue'
import TensionKeys from './TensionKeys.vue'
import type { NewTap } from './recorder'
import { lastTension } from './taps'

/** A flying change: to which lead, how it came, and where; or several in sequence. Tension on the same pad. */
const props = defineProps<{
  tapped: RideEvent[]
  asks: Movement[]
  every: number
  planned: number
  left: number | null
}>()
const emit = defineEmits<{ tap: [NewTap] }>()
const where = ref<ArenaPlace>('diagonal')
const inTest = ref(false)
const help = ref<HorseAnswer>('alone')
const series = ref(props.asks[0] === 'series')
const qualities = Object.keys(changeWords) as ChangeQuality[]
const times = (to: string, quality: ChangeQuality) =>
  props.tapped.filter((e) => e.kind === 'changeRidden' && e.to === to && e.quality === quality).length
const change = (to: 'left' | 'right', quality: ChangeQuality) =>
  emit('tap', {
    kind: 'changeRidden',
    to,
    quality,
    where: where.value,
    ...(help.value === 'alone' || quality === 'none' ? {} : { answered: help.value }),
    ...(inTest.value ? { inTest: true } : {}),
  } as NewTap)
const tense = computed(() => lastTension(props.tapped))
</script>

<template>
  <div class="rail-pad">
    <p v-if="left !== null" class="rail-word">
      {{ left === 0 ? 'Asked as often as they may be today.' : `May still be asked ${left} times today.` }}
    </p>
    <SeriesPad
      v-if="series"
      :tapped="tapped"
      :where="where"
      :every="every"
      :planned="planned"
      :in-test="inTest"
      @tap="(made) => emit('tap', made)"
    />
    <template v-for="to in ['left', 'right'] as const" v-else :key="to">
      <p class="rail-word">{{ to === 'left' ? '◀ To the left lead' : 'To the right lead ▶' }}</p>
      <div class="rail-keys four">
        <button
          v-for="q in qualities"
          :key="q"
          type="button"
          class="rail-key soft"
          :aria-label="`To the ${to}: ${changeWords[q]}`"
          @click="change(to, q)"
        >
          {{ changeWords[q] }}<small v-if="times(to, q)">{{ times(to, q) }}</small>
        </button>
      </div>
    </template>
    <div class="flex flex-wrap gap-6px">
      <select v-model="where" class="rail-key chip" aria-label="Where">
        <option v-for="(word, p) in arenaPlaceWords" :key="p" :value="p">{{ word }}</option>
      </select>
      <button type="button" class="rail-key chip" :aria-pressed="series" @click="series = !series">
        {{ series ? 'Single changes' : 'Series' }}
      </button>
      <select v-if="!series" v-model="help" class="rail-key chip" aria-label="How it was asked">
        <option v-for="a in ['alone', 'reminded', 'helped'] as const" :key="a" :value="a">
          {{ answeredWords[a] }}
        </option>
      </select>
      <AskedBesides
        v-model:in-test="inTest"
        :tapped="tapped"
        :kinds="['changeRidden', 'seriesRidden']"
        @tap="(made) => emit('tap', made)"
      />
    </div>
    <TensionKeys :tension="tense" @tap="(n) => emit('tap', { kind: 'tensionSeen', tension: n })" />
  </div>
</template>

<style scoped>
.four .rail-key {
  font-size: 1rem;
}
.chip {
  min-height: 46px;
  padding: 4px 8px;
  font-size: 0.9rem;
}
</style>
