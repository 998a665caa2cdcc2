<script setup lang="ts">
import { figures } from '../api/figures'
import { computed } from 'vue'
import type { Felt } from '../api/schema'
import ChipRow from '../house/ChipRow.vue'
import { feltWords, markWords, tensionWords } from '../house/words'
import type { Tapped } from './waiting'

/** One side of a line: a mark, what was felt, the tension and the minute, all large enough for gloves. */
const props = defineProps<{ title: string; chips: Felt[]; answer: Tapped }>()
const emit = defineEmits<{ tap: [change: Partial<Tapped>] }>()
const whole = computed(() => (props.answer.mark === null ? null : Math.floor(props.answer.mark)))
const half = computed(() => props.answer.mark !== null && props.answer.mark % 1 !== 0)
const choices = computed(() =>
  props.chips.map((value) => ({ value, label: feltWords[value], grave: figures.painFelt.includes(value) })),
)
const mark = (n: number) => emit('tap', { mark: whole.value === n && !half.value ? null : n })
const addHalf = () =>
  props.answer.mark !== null &&
  whole.value! < 10 &&
  emit('tap', { mark: whole.value! + (half.value ? 0 : 0.5) })
</script>

<template>
  <section class="grid content-start gap-12px p-14px edge rounded-[var(--round)] bg-card" :aria-label="title">
    <div class="row spread">
      <h3 class="text-1.15rem">{{ title }}</h3>
      <p class="given min-h-1.9rem" aria-live="polite">
        <template v-if="answer.mark !== null"
          ><strong class="text-1.4rem">{{ answer.mark }}</strong>
          {{ markWords[Math.floor(answer.mark)] }}</template
        >
      </p>
    </div>
    <div
      class="marks grid grid-cols-[repeat(6,minmax(0,1fr))] gap-6px"
      role="group"
      :aria-label="`Mark, ${title}`"
    >
      <button
        v-for="n in 11"
        :key="n"
        type="button"
        :class="{ on: whole === n - 1 }"
        :aria-pressed="whole === n - 1"
        @click="mark(n - 1)"
      >
        {{ n - 1 }}
      </button>
      <button
        type="button"
        :class="{ on: half }"
        :aria-pressed="half"
        aria-label="and a half"
        :disabled="answer.mark === null"
        @click="addHalf"
      >
        ½
      </button>
    </div>
    <ChipRow
      class="chips"
      :model-value="answer.felt"
      :label="`Felt, ${title}`"
      :choices="choices"
      many
      @update:model-value="(felt) => emit('tap', { felt: felt as Felt[] })"
    />
    <div class="row foot">
      <div class="tension" role="group" :aria-label="`Tension, ${title}`">
        <button
          v-for="(word, i) in tensionWords"
          :key="word"
          type="button"
          :class="{ on: answer.tension === i }"
          :aria-pressed="answer.tension === i"
          :aria-label="`${i} ${word}`"
          @click="emit('tap', { tension: i })"
        >
          {{ i }}
        </button>
        <span class="small quiet">{{
          answer.tension === null ? 'tension' : tensionWords[answer.tension]!.toLowerCase()
        }}</span>
      </div>
      <div v-if="answer.minute !== null" class="minute">
        <button
          type="button"
          :aria-label="`A minute earlier, ${title}`"
          @click="emit('tap', { minute: Math.max(0, answer.minute - 1) })"
        >
          −
        </button>
        <span class="small">minute {{ answer.minute }}</span>
        <button
          type="button"
          :aria-label="`A minute later, ${title}`"
          @click="emit('tap', { minute: answer.minute + 1 })"
        >
          +
        </button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.marks button,
.tension button,
.minute button {
  min-height: 64px;
  border: 1px solid var(--line);
  border-radius: 9px;
  background: var(--page);
  color: var(--ink);
  font: 700 1.2rem var(--font);
  cursor: pointer;
}
button.on {
  background: var(--ink);
  border-color: var(--ink);
  color: var(--on-ink);
}
button:disabled {
  opacity: 0.45;
  cursor: default;
}
.chips :deep(button) {
  min-height: 52px;
  padding: 0 17px;
  border-radius: 26px;
  font-size: 1.02rem;
}
.foot {
  justify-content: space-between;
}
.tension,
.minute {
  display: flex;
  align-items: center;
  gap: 6px;
}
.tension button,
.minute button {
  width: 52px;
  min-height: 52px;
  font-size: 1rem;
}
</style>
