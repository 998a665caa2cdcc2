<script setup lang="ts">
import { computed } from 'vue'
import type { SetUpEntryCourseEntry } from '../../api/schema'
import ChoiceField from '../../house/ChoiceField.vue'
import DistanceField from '../../house/DistanceField.vue'
import NumberField from '../../house/NumberField.vue'
import { options } from '../../house/words'
import { groundLines } from '../setUpEntries'
import { goingWords, slopeWords } from './course'

/** Where a course stands, how fast it is ridden, and how narrow it turns. */
const entry = defineModel<SetUpEntryCourseEntry>({ required: true })
const set = (change: Partial<SetUpEntryCourseEntry>) => (entry.value = { ...entry.value, ...change })
const field = computed(() => entry.value.field)
const setField = (change: object) => set({ field: { ...field.value, ...change } as typeof entry.value.field })
const stand = (arena: 'sixtyByTwenty' | 'fortyByTwenty' | 'field') =>
  set({
    arena,
    field: arena === 'field' ? { lengthMetres: 100, widthMetres: 60, going: 'good', slope: 'level' } : null,
  })
</script>

<template>
  <ChoiceField
    label="It stands in"
    name="arena"
    :value="entry.arena as 'field'"
    :options="[
      { value: 'sixtyByTwenty', label: 'the arena, 60 x 20' },
      { value: 'fortyByTwenty', label: 'the arena, 40 x 20' },
      { value: 'field', label: 'a field' },
    ]"
    @change="stand"
  />
  <template v-if="field">
    <DistanceField
      label="Length of the field"
      name="field.lengthMetres"
      :step="1"
      :value="field.lengthMetres"
      @change="(lengthMetres) => setField({ lengthMetres })"
    />
    <DistanceField
      label="Width of the field"
      name="field.widthMetres"
      :step="1"
      :value="field.widthMetres"
      @change="(widthMetres) => setField({ widthMetres })"
    />
    <ChoiceField
      label="Going"
      name="field.going"
      :value="field.going ?? 'good'"
      :options="options(goingWords)"
      @change="(going) => setField({ going })"
    />
    <ChoiceField
      label="Slope"
      name="field.slope"
      :value="field.slope ?? 'level'"
      :options="options(slopeWords)"
      @change="(slope) => setField({ slope })"
    />
  </template>
  <NumberField
    label="Speed, metres a minute"
    name="metresPerMinute"
    :value="entry.metresPerMinute ?? 350"
    :min="200"
    :max="700"
    :step="5"
    @change="(metresPerMinute) => set({ metresPerMinute })"
  />
  <DistanceField
    label="Narrowest turn, radius"
    name="turnMetres"
    :step="0.5"
    :value="entry.turnMetres ?? 6"
    @change="(turnMetres) => set({ turnMetres })"
  />
  <ChoiceField
    label="Ground lines"
    name="groundLines"
    :value="entry.groundLines ?? 'front'"
    :options="groundLines"
    @change="(groundLines) => set({ groundLines })"
  />
</template>
