<script setup lang="ts">
import { workshop } from '../api/figures'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { ask, client, Problem } from '../api/client'

/** A distance, typed as metres, centimetres, feet and inches, or paces; arrows up and down move it by steps. */
const props = defineProps<{
  /** Metres; nothing where none is known yet. */
  value: number | null | undefined
  /** What a number alone means: metres unless it says centimetres. */
  plain?: 'cm'
  /** Metres of one step. */
  step?: number
  /** How it is written where metres are not wanted. */
  text?: string
  /** It was typed by hand. */
  typed?: boolean
}>()
const emit = defineEmits<{ change: [metres: number]; clear: [] }>()
defineOptions({ inheritAttrs: false })

const input = useTemplateRef<HTMLInputElement>('input')
const wrong = ref('')
const shown = computed(() =>
  props.text !== undefined
    ? props.text
    : props.value === null || props.value === undefined
      ? ''
      : props.plain === 'cm'
        ? `${Math.round(props.value * 1000) / 10} cm`
        : `${props.value.toFixed(2)} m`,
)

/** What is being typed: an answer that comes late does not write over it, nor under a caret that is there already. */
const draft = ref<string | null>(null)
let found = ''
function enter() {
  found = draft.value ??= shown.value
}
function leave() {
  if (draft.value === found) draft.value = null
}
watch(shown, () => {
  if (document.activeElement !== input.value) draft.value = null
})

/** The last thing typed is the one that counts, in whatever order the answers to what was typed come. */
let latest = 0
async function type() {
  const mine = ++latest
  const typed = (draft.value ?? shown.value).trim()
  const settle = () => {
    if (draft.value?.trim() === typed) draft.value = null
  }
  wrong.value = ''
  if (typed === shown.value) return settle()
  if (typed === '') {
    emit('clear')
    return settle()
  }
  const text = props.plain === 'cm' && /^[\d.,]+$/.test(typed) ? `${typed} cm` : typed
  try {
    const read = await ask(() => client.GET('/api/distance', { params: { query: { text } } }))
    if (mine !== latest) return
    emit('change', read.metres)
    settle()
  } catch (e) {
    if (!(e instanceof Problem)) throw e
    if (mine !== latest) return
    wrong.value = e.faults[0] ? `${e.faults[0].says} ${e.faults[0].mend}` : e.detail
  }
}
function move(steps: number) {
  if (props.value === null || props.value === undefined) return
  latest++
  draft.value = null
  emit(
    'change',
    Math.max(0, Math.round((props.value + steps * (props.step ?? workshop.metreStep)) * 10_000) / 10_000),
  )
}
</script>

<template>
  <span class="inline-grid min-w-0">
    <input
      ref="input"
      v-bind="$attrs"
      :class="{ typed }"
      :value="draft ?? shown"
      autocomplete="off"
      @input="draft = ($event.target as HTMLInputElement).value"
      @focus="enter"
      @change="type"
      @blur="leave"
      @keydown.up.prevent="move(1)"
      @keydown.down.prevent="move(-1)"
    />
    <span v-if="wrong" class="small max-w-220px text-grave" role="alert">{{ wrong }}</span>
  </span>
</template>

<style scoped>
input {
  width: 100%;
  height: 40px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--card);
  color: var(--ink);
  font: inherit;
  font-variant-numeric: tabular-nums;
}
input.typed {
  border-color: var(--ink);
  font-weight: 700;
}
</style>
