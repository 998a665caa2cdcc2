<script setup lang="ts">
import Checkbox from 'ant-design-vue/es/checkbox'
import InputNumber from 'ant-design-vue/es/input-number'
import { computed } from 'vue'
import type { Gait, GaitVariant, Manner, PartEntry } from '../api/schema'
import ChoiceField from '../house/ChoiceField.vue'
import FieldBox from '../house/FieldBox.vue'
import { usePassport, useRung } from '../house/queries'
import {
  gaitWords,
  mannerWords,
  openingWords,
  options,
  outlineWords,
  seatWords,
  variantWords,
} from '../house/words'

/** How a part is worked, and how much of it: the exercise it is, times, fences and their height, transitions, bouts. */
const part = defineModel<PartEntry>({ required: true })
const props = defineProps<{ number: number; horseId: string; manner: Manner }>()
const { data: rung } = useRung(
  () => props.horseId,
  () => part.value.rungId ?? '',
)
const { data: passport } = usePassport(() => props.horseId)
const exercises = computed(() =>
  (rung.value?.exercises ?? []).filter((e) => !e.own && !e.hidden).map((e) => e.exercise),
)
const fields = [
  { key: 'times', label: 'Times', min: 1, max: 200 },
  { key: 'efforts', label: 'Fences', min: 1, max: 100 },
  { key: 'transitions', label: 'Transitions', min: 1, max: 200 },
  { key: 'boutSeconds', label: 'Bout, seconds', min: 5, max: 1800 },
  { key: 'restSeconds', label: 'Rest, seconds', min: 5, max: 1800 },
  { key: 'metresPerMinute', label: 'Metres a minute', min: 50, max: 900 },
] as const
const ofBouts = ['restSeconds', 'metresPerMinute']
const shown = computed(() => fields.filter((f) => !ofBouts.includes(f.key) || part.value.boutSeconds))
const isRidden = computed(() => (part.value.manner ?? props.manner) === 'ridden')
/** Strides of this part's gait, each as long as this horse's. */
const strides = computed(() =>
  (Object.keys(variantWords) as GaitVariant[])
    .filter((v) => v.startsWith(part.value.gait ?? '-'))
    .map((v) => {
      const own = passport.value?.strideCard.find((s) => s.variant === v)
      return { value: v, label: `${variantWords[v]}${own ? `, ${own.stride.toFixed(2)} m` : ''}` }
    }),
)
const set = (more: Partial<PartEntry>) => (part.value = { ...part.value, ...more })

function count(key: (typeof fields)[number]['key'], n: number | null) {
  if (key === 'transitions' && n)
    set({
      transitions: n,
      transitionsWith: part.value.transitionsWith ?? (part.value.gait === 'walk' ? 'halt' : 'walk'),
    })
  else set({ [key]: n })
}

/** An exercise brings its gait, its dose and what it builds. */
function take(id: string) {
  const exercise = exercises.value.find((e) => e.id === id)
  if (!exercise) return set({ exerciseId: null })
  set({
    exerciseId: id,
    what: part.value.what || exercise.name,
    gait: exercise.gait,
    minutes: exercise.dose.minutes ?? exercise.dose.efforts,
    efforts: exercise.dose.efforts,
    times: exercise.setUp && !exercise.dose.efforts ? exercise.repetitions : null,
    setUpId: null,
  })
}
</script>

<template>
  <div
    class="dose grid grid-cols-[repeat(auto-fit,minmax(140px,1fr))] gap-y-8px gap-x-12px py-8px px-10px rounded-8px bg-bank"
  >
    <ChoiceField
      :label="`Exercise of part ${number}`"
      :value="part.exerciseId ?? ''"
      :options="[
        { value: '', label: part.rungId ? 'none of the library' : 'choose a rung first' },
        ...exercises.map((e) => ({ value: e.id, label: e.name })),
      ]"
      @change="take"
    />
    <ChoiceField
      :label="`Work, part ${number}`"
      :value="part.manner ?? manner"
      :options="options(mannerWords)"
      @change="(m) => set({ manner: m })"
    />
    <ChoiceField
      :label="`Opens with, part ${number}`"
      :value="part.opensWith ?? ''"
      :options="[{ value: '', label: 'no test of its own' }, ...options(openingWords)]"
      @change="(test) => set({ opensWith: test || null })"
    />
    <template v-if="isRidden">
      <ChoiceField
        :label="`Outline, part ${number}`"
        :value="part.outline ?? ''"
        :options="[{ value: '', label: 'as it goes' }, ...options(outlineWords)]"
        @change="(outline) => set({ outline: outline || null })"
      />
      <ChoiceField
        :label="`Seat, part ${number}`"
        :value="part.seat ?? ''"
        :options="[{ value: '', label: 'as the rider sits' }, ...options(seatWords)]"
        @change="(seat) => set({ seat: seat || null })"
      />
      <ChoiceField
        v-if="strides.length"
        :label="`Stride, part ${number}`"
        :value="part.strideAim ?? ''"
        :options="[{ value: '', label: 'its usual one' }, ...strides]"
        @change="(aim) => set({ strideAim: aim || null })"
      />
    </template>
    <FieldBox v-for="f in shown" :key="f.key" v-slot="{ id }" :label="`${f.label}, part ${number}`">
      <InputNumber
        :id="id"
        :value="part[f.key] ?? undefined"
        :min="f.min"
        :max="f.max"
        @change="(v) => count(f.key, v === null || v === '' ? null : Number(v))"
      />
    </FieldBox>
    <FieldBox
      v-if="part.efforts && !part.setUpId"
      v-slot="{ id }"
      :label="`Height, cm, part ${number}`"
      name="heightMetres"
    >
      <InputNumber
        :id="id"
        :value="part.heightMetres ? Math.round(part.heightMetres * 100) : undefined"
        :min="10"
        :max="180"
        :step="5"
        @change="(v) => set({ heightMetres: v === null || v === '' ? null : Number(v) / 100 })"
      />
    </FieldBox>
    <Checkbox
      v-if="part.setUpId || part.exerciseId"
      class="stages"
      :checked="part.inStages !== false"
      @update:checked="(on: boolean) => set({ inStages: on })"
      >A grid is built up in stages</Checkbox
    >
    <ChoiceField
      v-if="part.transitions"
      label="to and from"
      :value="part.transitionsWith ?? 'walk'"
      :options="
        options(
          gaitWords,
          (['halt', 'walk', 'trot', 'canter'] as Gait[]).filter((g) => g !== part.gait),
        )
      "
      @change="(transitionsWith) => set({ transitionsWith })"
    />
  </div>
</template>

<style scoped>
.stages {
  align-self: end;
  min-height: 36px;
}
</style>
