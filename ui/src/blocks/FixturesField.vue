<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import DatePicker from 'ant-design-vue/es/date-picker'
import Input from 'ant-design-vue/es/input'
import type { FixtureEntry, FixtureKind } from '../api/schema'
import PickOne from '../house/PickOne.vue'

/** What stands fixed in the calendar beside competitions that are aims. */
const fixtures = defineModel<FixtureEntry[]>({ required: true })
const kinds: { value: FixtureKind; label: string }[] = [
  { value: 'farrier', label: 'Farrier' },
  { value: 'therapist', label: 'Therapist' },
  { value: 'away', label: 'Nobody there to ride' },
  { value: 'competition', label: 'Another competition' },
]
const change = (i: number, more: FixtureEntry) =>
  (fixtures.value = fixtures.value.map((f, j) => (i === j ? { ...f, ...more } : f)))
</script>

<template>
  <div class="grid gap-7px justify-items-start">
    <strong class="small">Fixed days</strong>
    <div
      v-for="(f, i) in fixtures"
      :key="i"
      class="fixture grid grid-cols-[1.1fr_1fr_1fr_auto] gap-6px items-center w-full"
    >
      <PickOne
        :value="f.kind ?? null"
        :options="kinds"
        :aria-label="`Fixed day ${i + 1}`"
        @change="(v) => change(i, { kind: v })"
      />
      <DatePicker
        :value="f.on ?? undefined"
        value-format="YYYY-MM-DD"
        format="D MMM"
        placeholder="from"
        :aria-label="`First day ${i + 1}`"
        @change="(v) => change(i, { on: v ? String(v) : null })"
      />
      <DatePicker
        :value="f.until ?? undefined"
        value-format="YYYY-MM-DD"
        format="D MMM"
        placeholder="to"
        :aria-label="`Last day ${i + 1}`"
        @change="(v) => change(i, { until: v ? String(v) : null })"
      />
      <Input
        class="what"
        :value="f.what ?? ''"
        placeholder="in words"
        :aria-label="`What it is ${i + 1}`"
        @update:value="(v) => change(i, { what: v })"
      />
      <Button type="link" size="small" @click="fixtures = fixtures.filter((_, j) => j !== i)">
        Take out
      </Button>
    </div>
    <Button
      size="small"
      @click="fixtures = [...fixtures, { kind: 'farrier', on: null, until: null, what: '' }]"
    >
      Add a fixed day
    </Button>
  </div>
</template>

<style scoped>
/* Under its days, so that these are read whole. */
.what {
  grid-row: 2;
  grid-column: 1 / 4;
}
@media (max-width: 620px) {
  .fixture {
    grid-template-columns: 1fr 1fr;
  }
  .what {
    grid-row: auto;
    grid-column: 1 / -1;
  }
}
</style>
