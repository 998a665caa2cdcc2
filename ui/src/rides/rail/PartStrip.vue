<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { Part } from '../../api/schema'
import { gaitTints, gaitWords } from '../../house/words'
import { minutesAndSeconds } from './clock'

/** The plan as a strip, the part that is ridden, and what comes next. */
const props = defineProps<{
  parts: Part[]
  part: number
  spent: Record<number, number>
  running: boolean
  /** An advice takes the room. */
  narrow: boolean
}>()
const emit = defineEmits<{ go: [number] }>()
const strip = ref<HTMLElement>()
/** The part that is ridden is in sight, and the one after it. */
watch(
  () => props.part,
  async (part) => {
    await nextTick()
    const cell = strip.value?.children[part] as HTMLElement | undefined
    if (cell) strip.value!.scrollLeft = cell.offsetLeft - strip.value!.clientWidth / 3
  },
)
const now = computed(() => props.parts[props.part])
const next = computed(() => props.parts[props.part + 1])
const left = computed(() => (now.value?.minutes ?? 0) * 60_000 - (props.spent[props.part] ?? 0))
const filled = (i: number) =>
  `${Math.min(100, ((props.spent[i] ?? 0) / 60_000 / (props.parts[i]?.minutes || 1)) * 100)}%`
const dose = (p: Part) =>
  [
    p.times && !p.boutSeconds && (p.times === 1 ? 'once' : `${p.times} times`),
    p.efforts && `${p.efforts} fences`,
    p.rein !== 'both' && `${p.rein} rein`,
    p.markHopedFor && `${p.markHopedFor} hoped for`,
  ]
    .filter(Boolean)
    .join(', ')
</script>

<template>
  <section v-if="now" class="plan grid gap-7px" aria-label="The plan">
    <div ref="strip" class="relative flex gap-3px overflow-x-auto">
      <button
        v-for="(p, i) in parts"
        :key="i"
        type="button"
        class="cell relative flex-[1_0_44px] min-w-44px h-44px p-0 border-0 rounded-5px overflow-hidden bg-bank cursor-pointer"
        :class="{ now: i === part }"
        :style="{ flexGrow: p.minutes }"
        :aria-label="`Part ${i + 1}: ${p.what}`"
        :aria-current="i === part ? 'step' : undefined"
        @click="emit('go', i)"
      >
        <span class="absolute [inset:0_auto_0_0]" :class="gaitTints[p.gait]" :style="{ width: filled(i) }" />
        <span
          class="relative inline-block px-5px rounded-4px bg-card text-ink font-house font-bold text-0.83rem leading-[normal]"
          >{{ gaitWords[p.gait][0] }} {{ p.minutes }}</span
        >
      </button>
    </div>
    <div class="flex items-baseline justify-between gap-12px">
      <p class="text-1.08rem leading-[1.2] min-w-0">
        <strong>{{ now.what }}</strong> <span class="quiet">{{ dose(now) }}</span>
      </p>
      <p class="left" :class="{ over: left < 0 }">
        <strong>{{ left < 0 ? `+${minutesAndSeconds(-left)}` : minutesAndSeconds(left) }}</strong>
        <span class="quiet">{{ left < 0 ? ' over' : ' left' }}</span>
      </p>
    </div>
    <button
      v-if="next"
      type="button"
      class="rail-key next"
      :class="{ due: left <= 0 && running, narrow }"
      @click="emit('go', part + 1)"
    >
      <span class="overflow-hidden text-ellipsis whitespace-nowrap max-w-86vw">Next: {{ next.what }}</span>
    </button>
  </section>
</template>

<style scoped>
.now {
  outline: 3px solid var(--ink);
  outline-offset: -1px;
}
.left {
  white-space: nowrap;
  font-size: 1.15rem;
}
.left.over strong {
  color: var(--on-long);
}
.next {
  min-height: 48px;
  grid-auto-flow: column;
  font-size: 0.98rem;
  font-weight: 600;
}
@media (max-width: 699px) {
  .next.narrow {
    min-height: 44px;
  }
}
.next.due {
  min-height: 64px;
  background: var(--straw);
  border-color: var(--straw);
}
</style>
