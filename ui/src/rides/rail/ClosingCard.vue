<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Manner } from '../../api/schema'
import TensionKeys from './TensionKeys.vue'
import type { NewTap } from './recorder'

/** The end of a ride in under a minute: closing test, how hard it was, and a word if there is one. */
const props = defineProps<{ mayRideOn: boolean; manner: Manner; unreadable: boolean; failed: boolean }>()
const emit = defineEmits<{ done: [NewTap[], File | null]; back: [] }>()
const passed = ref<boolean | null>(null)
const exertion = ref<number | null>(null)
const tension = ref<number | null>(null)
const note = ref('')
const next = ref('')
const photo = ref<File | null>(null)
/** From the ground there are no reins to drop. */
const test = computed(() =>
  props.manner === 'ridden'
    ? 'Reins dropped: did the head go down and out?'
    : 'Let go at the end: head low, soft eye, licking?',
)
const hard = [
  'rest',
  'very light',
  'light',
  'moderate',
  'somewhat hard',
  'hard',
  '',
  'very hard',
  '',
  '',
  'the most',
]

function finish() {
  const taps: NewTap[] = []
  if (passed.value !== null) taps.push({ kind: 'closingTest', passed: passed.value })
  if (exertion.value !== null) taps.push({ kind: 'exertionSeen', exertion: exertion.value })
  if (tension.value !== null) taps.push({ kind: 'tensionSeen', tension: tension.value })
  if (note.value.trim()) taps.push({ kind: 'noted', text: note.value.trim() })
  if (next.value.trim()) taps.push({ kind: 'nextToDo', text: next.value.trim() })
  emit('done', taps, photo.value)
}
</script>

<template>
  <section class="grid gap-10px" aria-label="Closing">
    <h2>{{ test }}</h2>
    <div class="rail-keys two">
      <button
        type="button"
        class="rail-key"
        :class="{ on: passed === true }"
        :aria-pressed="passed === true"
        @click="passed = true"
      >
        Yes, passed
      </button>
      <button
        type="button"
        class="rail-key"
        :class="{ on: passed === false }"
        :aria-pressed="passed === false"
        @click="passed = false"
      >
        No
      </button>
    </div>
    <h2>
      How hard was it for the horse?
      <span v-if="exertion !== null" class="quiet">{{ exertion }} {{ hard[exertion] }}</span>
    </h2>
    <div class="exertion" role="group" aria-label="Exertion">
      <button
        v-for="n in 11"
        :key="n"
        type="button"
        class="rail-key"
        :class="{ on: exertion === n - 1 }"
        :aria-pressed="exertion === n - 1"
        :aria-label="`Exertion ${n - 1}${hard[n - 1] ? `, ${hard[n - 1]}` : ''}`"
        @click="exertion = n - 1"
      >
        {{ n - 1 }}
      </button>
    </div>
    <h2>Tension at the end</h2>
    <TensionKeys :tension="tension" @tap="(n) => (tension = n)" />
    <div class="grid grid-cols-[repeat(auto-fit,minmax(220px,1fr))] gap-10px items-end">
      <label class="grid gap-4px font-semibold"
        >A word, if you wish<textarea
          v-model="note"
          rows="2"
          class="w-full py-8px px-10px edge-2px rounded-10px font-inherit font-normal"
        />
      </label>
      <label class="grid gap-4px font-semibold"
        >Next time<textarea
          v-model="next"
          rows="2"
          class="w-full py-8px px-10px edge-2px rounded-10px font-inherit font-normal"
        />
      </label>
      <label class="photo grid gap-4px font-semibold">
        <input
          type="file"
          accept="image/*"
          capture="environment"
          class="absolute op-0 w-1px"
          @change="(e) => (photo = (e.target as HTMLInputElement).files?.[0] ?? null)"
        />
        <span>{{ photo ? 'Picture taken' : 'Add a picture' }}</span>
      </label>
      <p v-if="unreadable" role="alert" class="text-grave font-semibold">
        This picture cannot be read here. Take another, or close without one.
        <button type="button" class="rail-link" @click="photo = null">Without one</button>
      </p>
    </div>
    <p v-if="failed" role="alert" class="text-grave font-semibold">
      It could not be closed just now. What you typed is still here: tap Done once more.
    </p>
    <div class="rail-keys two foot">
      <button v-if="mayRideOn" type="button" class="rail-key" @click="emit('back')">Ride on</button>
      <button type="button" class="rail-key on" @click="finish">Done</button>
    </div>
  </section>
</template>

<style scoped>
.exertion {
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 8px;
}
.photo span {
  display: grid;
  place-content: center;
  min-height: 56px;
  border: 2px dashed var(--line);
  border-radius: 10px;
}
.photo input:focus-visible + span {
  outline: 3px solid var(--focus);
}
@media (min-width: 700px) {
  .exertion {
    grid-template-columns: repeat(11, minmax(0, 1fr));
  }
}
</style>
