<script setup lang="ts">
import InputNumber from 'ant-design-vue/es/input-number'
import { computed } from 'vue'
import type { Scheme, SetsEntry } from '../api/schema'
import FieldBox from '../house/FieldBox.vue'
import PickOne from '../house/PickOne.vue'
import { useLevels } from '../house/queries'

/** The sets it does now, and the level they lead to: a level always carries its scheme. */
const entry = defineModel<SetsEntry | null>({ required: true })
const it = computed<SetsEntry>(
  () => entry.value ?? { scheme: 'british', level: '80', repeats: 3, minutes: 3, speed: 350, rest: 3 },
)
if (!entry.value) entry.value = it.value
const set = (more: Partial<SetsEntry>) => (entry.value = { ...it.value, ...more })
const schemes: { value: Scheme; label: string }[] = [
  { value: 'british', label: 'British national' },
  { value: 'american', label: 'American national' },
  { value: 'international', label: 'International' },
]
const { data: known } = useLevels()
const levelsOf = (scheme: Scheme) =>
  (known.value ?? [])
    .filter((l) => l.scheme === scheme)
    .map((l) => ({
      value: l.name as string | null,
      label: `${l.name}, ${l.leastSpeed === l.speed ? l.speed : `${l.leastSpeed} to ${l.speed}`} m/min`,
    }))
const levels = computed(() => levelsOf(it.value.scheme ?? 'british'))
const numbers = [
  { key: 'repeats', label: 'Sets now', step: 1 },
  { key: 'minutes', label: 'Minutes each', step: 0.5 },
  { key: 'speed', label: 'At m/min', step: 10 },
  { key: 'rest', label: 'Walk between', step: 0.5 },
] as const
</script>

<template>
  <div class="grid gap-10px">
    <div class="pair">
      <FieldBox v-slot="{ id }" label="Scheme" name="sets.scheme">
        <PickOne
          :id="id"
          :value="it.scheme ?? null"
          :options="schemes"
          @change="(v) => set({ scheme: v, level: levelsOf(v!)[0]?.value ?? null })"
        />
      </FieldBox>
      <FieldBox v-slot="{ id }" label="Level" name="sets.level"
        ><PickOne :id="id" :value="it.level ?? null" :options="levels" @change="(v) => set({ level: v })"
      /></FieldBox>
    </div>
    <div class="four">
      <FieldBox v-for="n in numbers" :key="n.key" v-slot="{ id }" :label="n.label" :name="`sets.${n.key}`">
        <InputNumber
          :id="id"
          :value="it[n.key] ?? undefined"
          :min="0"
          :step="n.step"
          @change="(v) => set({ [n.key]: v === null ? null : Number(v) })"
        />
      </FieldBox>
    </div>
  </div>
</template>

<style scoped>
.four {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 8px;
}
</style>
