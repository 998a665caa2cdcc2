<script setup lang="ts">
import { computed, ref } from 'vue'
import type { QuestionHow, QuestionKind, QuestionWay, RideEvent, TravelHow } from '../../api/schema'
import { questionHowWords, questionWayWords, questionWords, travelWords } from '../../house/words'
import type { NewTap } from './recorder'

/** Questions across country: which, which way, and how it went; and how it travels between them. */
const props = defineProps<{ tapped: RideEvent[] }>()
const emit = defineEmits<{ tap: [NewTap] }>()
const question = ref<QuestionKind>('log')
const way = ref<QuestionWay>('fromLeft')
const ways: Record<QuestionKind, QuestionWay[]> = {
  water: ['in', 'out'],
  step: ['up', 'down'],
  drop: ['down', 'up'],
  ditch: ['fromLeft', 'fromRight'],
  narrow: ['fromLeft', 'fromRight'],
  log: ['fromLeft', 'fromRight'],
  corner: ['fromLeft', 'fromRight'],
  combination: ['fromLeft', 'fromRight'],
  fenceInWater: ['in', 'out'],
}
function choose(kind: QuestionKind) {
  question.value = kind
  if (!ways[kind].includes(way.value)) way.value = ways[kind][0]!
}
const goes = computed(() =>
  props.tapped.flatMap((e) =>
    e.kind === 'questionRidden' && e.question === question.value && e.way === way.value ? [e.how] : [],
  ),
)
const travelled = (how: TravelHow) =>
  props.tapped.filter((e) => e.kind === 'travelled' && e.how === how).length
const hows = Object.keys(questionHowWords) as QuestionHow[]
</script>

<template>
  <div class="rail-pad">
    <div class="rail-keys five" role="group" aria-label="Question">
      <button
        v-for="(word, q) in questionWords"
        :key="q"
        type="button"
        class="rail-key chip"
        :class="{ on: question === q }"
        :aria-pressed="question === q"
        @click="choose(q)"
      >
        {{ word }}
      </button>
    </div>
    <div class="rail-keys two" role="group" aria-label="Way">
      <button
        v-for="w in ways[question]"
        :key="w"
        type="button"
        class="rail-key chip"
        :class="{ on: way === w }"
        :aria-pressed="way === w"
        @click="way = w"
      >
        {{ questionWayWords[w] }}
      </button>
    </div>
    <p class="rail-word">
      Go {{ goes.length + 1 }} of this way{{
        goes.length ? ` (${goes.map((g) => questionHowWords[g].toLowerCase()).join('; ')})` : ''
      }}
    </p>
    <div class="rail-keys four">
      <button
        v-for="h in hows"
        :key="h"
        type="button"
        class="rail-key soft"
        @click="emit('tap', { kind: 'questionRidden', question, way, how: h })"
      >
        {{ questionHowWords[h] }}
      </button>
    </div>
    <p class="rail-word">To the next fence</p>
    <div class="rail-keys">
      <button
        v-for="(word, t) in travelWords"
        :key="t"
        type="button"
        class="rail-key chip"
        @click="emit('tap', { kind: 'travelled', how: t })"
      >
        {{ word }}<small v-if="travelled(t)">{{ travelled(t) }}</small>
      </button>
    </div>
  </div>
</template>

<style scoped>
.chip {
  min-height: 46px;
  padding: 2px;
  font-size: 0.82rem;
}
.soft {
  min-height: 58px;
  font-size: 0.92rem;
}
</style>
