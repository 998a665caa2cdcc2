<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { reactive, watch } from 'vue'
import { ask, client } from '../api/client'
import type { WeatherSource } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import ChoiceField from '../house/ChoiceField.vue'
import NumberField from '../house/NumberField.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { useWeather } from '../house/queries'
import { done } from '../house/undo'

/** Where the yard's air comes from, and the hours it works in. */
const { data: weather } = useWeather()
const changed = useChanged()
const { problem, busy, attempt } = useProblem()
const form = reactive({ source: 'typed' as WeatherSource, worksFrom: 6, worksTo: 20 })
watch(
  weather,
  (now) => now && Object.assign(form, { source: now.source, worksFrom: now.worksFrom, worksTo: now.worksTo }),
  { immediate: true },
)

async function keep() {
  const kept = await attempt(() => ask(() => client.PUT('/api/weather/source', { body: form })))
  if (!kept) return
  await changed(bearsUpon.weather)
  done('Kept.')
}
</script>

<template>
  <form v-if="weather" class="card stack" @submit.prevent="keep">
    <h2>The air</h2>
    <p class="quiet">
      A session is held against the worst of its hours; without a start, against the yard's working hours. The
      simulated station is made up: it is for trying things out, never for a horse.
    </p>
    <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
    <div class="three grid grid-cols-[minmax(0,1.6fr)_1fr_1fr] gap-12px">
      <ChoiceField
        label="Read from"
        name="source"
        :value="form.source"
        :options="[
          { value: 'typed', label: 'What we type on Today' },
          { value: 'standIn', label: 'A simulated station' },
        ]"
        @change="(s) => (form.source = s)"
      />
      <NumberField
        label="Work begins, hour"
        name="worksFrom"
        :value="form.worksFrom"
        :min="0"
        :max="23"
        @change="(h) => (form.worksFrom = h)"
      />
      <NumberField
        label="Work ends, hour"
        name="worksTo"
        :value="form.worksTo"
        :min="0"
        :max="23"
        @change="(h) => (form.worksTo = h)"
      />
    </div>
    <Button html-type="submit" :disabled="busy">Keep</Button>
  </form>
</template>

<style scoped>
.ant-btn {
  justify-self: start;
}
</style>
