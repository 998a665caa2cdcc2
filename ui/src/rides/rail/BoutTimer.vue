<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Part } from '../../api/schema'
import { callOut } from './attention'
import { minutesAndSeconds } from './clock'

/** Bouts and sets with the rest between: it calls out at each turn. */
const props = defineProps<{ part: Part; now: number }>()
const began = ref<number | null>(null)
const bout = computed(() => (props.part.boutSeconds ?? 0) * 1000)
const rest = computed(() => (props.part.restSeconds ?? 0) * 1000)
const at = computed(() => {
  if (began.value === null) return null
  const since = props.now - began.value
  const n = Math.floor(since / (bout.value + rest.value))
  const into = since - n * (bout.value + rest.value)
  const times = props.part.times ?? 1
  if (n >= times || (n === times - 1 && into >= bout.value))
    return { n: times, riding: false, left: 0, over: true }
  const riding = into < bout.value
  return { n: n + 1, riding, left: riding ? bout.value - into : bout.value + rest.value - into, over: false }
})
watch(
  () => at.value && `${at.value.n} ${at.value.riding} ${at.value.over}`,
  (now, before) => now && before && callOut(at.value?.over ? 3 : at.value?.riding ? 2 : 1),
)
</script>

<template>
  <section class="grid" aria-label="Bouts">
    <button v-if="!at" type="button" class="rail-key" @click="began = now">
      Start {{ part.times ?? 1 }} × {{ minutesAndSeconds(bout) }}
    </button>
    <p v-else-if="at.over" class="big">
      All {{ at.n }} done <button type="button" class="rail-link" @click="began = null">again</button>
    </p>
    <p v-else class="big" :class="{ riding: at.riding }">
      <span>{{ at.riding ? `Bout ${at.n} of ${part.times ?? 1}` : `Walk, then bout ${at.n + 1}` }}</span>
      <strong class="text-2rem">{{ minutesAndSeconds(at.left + 999) }}</strong>
    </p>
  </section>
</template>

<style scoped>
.big {
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 64px;
  padding: 6px 16px;
  border-radius: 12px;
  background: var(--bank);
  font-size: 1.15rem;
}
.riding {
  background: var(--straw);
}
</style>
