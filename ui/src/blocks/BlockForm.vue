<script setup lang="ts">
import DatePicker from 'ant-design-vue/es/date-picker'
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import { computed } from 'vue'
import type { BlockEntry, DayOfWeek, Purpose, SessionKind, Strand, Why } from '../api/schema'
import ChipRow from '../house/ChipRow.vue'
import DaysField from '../house/DaysField.vue'
import FieldBox from '../house/FieldBox.vue'
import PickOne from '../house/PickOne.vue'
import WhyButton from '../house/WhyButton.vue'
import { shortDay } from '../house/format'
import { useAims, useRoster } from '../house/queries'
import { kindWords, purposeWords, strandWords, weekdays } from '../house/words'
import FixturesField from './FixturesField.vue'
import ReturnFields from './ReturnFields.vue'
import SetsFields from './SetsFields.vue'

/** The form of a block: purpose and aim first, then the days there really are. */
const props = defineProps<{ horseId: string; because: Why[]; editing: boolean }>()
const entry = defineModel<BlockEntry>({ required: true })
const { data: aims } = useAims(() => props.horseId)
const { data: roster } = useRoster()
const set = <K extends keyof BlockEntry>(key: K, value: BlockEntry[K]) =>
  (entry.value = { ...entry.value, [key]: value })
const purposes = (Object.keys(purposeWords) as Purpose[]).map((value) => ({
  value,
  label: purposeWords[value],
}))
const strands = (Object.keys(strandWords) as Strand[]).map((value) => ({ value, label: strandWords[value] }))
const aimChoices = computed(() => [
  { value: null as string | null, label: 'None' },
  ...(aims.value ?? [])
    .filter((a) => a.daysLeft > 0)
    .map((a) => ({ value: a.id as string | null, label: `${a.name}, ${shortDay(a.on)}` })),
])
const disciplines = [
  { value: 'dressage' as const, label: 'Dressage' },
  { value: 'jumping' as const, label: 'Jumping' },
  { value: 'eventing' as const, label: 'Eventing' },
]
const gaits = ['walk', 'trot', 'canter'] as const
const now = computed(() => entry.value.now ?? { walk: 0, trot: 0, canter: 0, total: 0 })
const setNow = (gait: (typeof gaits)[number], minutes: number) =>
  set('now', { ...now.value, [gait]: minutes || 0 })
const dayFields: { key: 'days' | 'helperDays' | 'arenaDays' | 'openGroundDays'; label: string }[] = [
  { key: 'days', label: 'Days it can work' },
  { key: 'helperDays', label: 'with a helper' },
  { key: 'arenaDays', label: 'with the arena' },
  { key: 'openGroundDays', label: 'with hills or a track' },
]
const asked = (kind: SessionKind) => entry.value.asked?.find((a) => a.kind === kind)?.aWeek ?? null
const ask = (kind: SessionKind, aWeek: number | null) =>
  set('asked', [
    ...(entry.value.asked ?? []).filter((a) => a.kind !== kind),
    ...(aWeek === null ? [] : [{ kind, aWeek }]),
  ])
const askable: SessionKind[] = [
  'flatwork',
  'lateral',
  'poles',
  'grid',
  'jumping',
  'crossCountry',
  'canterWork',
  'hack',
  'lunge',
]
const focus = computed(() => (entry.value.focus ?? []) as Strand[])
</script>

<template>
  <div class="columns">
    <section class="card stack">
      <h2>What for</h2>
      <FieldBox label="Purpose" name="purpose">
        <ChipRow
          label="Purpose"
          :choices="purposes"
          :model-value="entry.purpose ?? null"
          @update:model-value="(v) => v && set('purpose', v as Purpose)"
        />
      </FieldBox>
      <div class="pair">
        <FieldBox v-slot="{ id }" label="Leads to" name="aimId">
          <PickOne
            :id="id"
            :value="entry.aimId ?? null"
            :options="aimChoices"
            @change="(v) => set('aimId', v)"
          />
        </FieldBox>
        <FieldBox v-slot="{ id }" label="Called" name="name"
          ><Input :id="id" :value="entry.name ?? ''" @update:value="(v) => set('name', v)"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Begins" name="start">
          <DatePicker
            :id="id"
            :value="entry.start ?? undefined"
            value-format="YYYY-MM-DD"
            format="D MMM YYYY"
            :disabled="editing"
            @change="(v) => set('start', String(v))"
          />
        </FieldBox>
        <FieldBox v-if="!entry.aimId" v-slot="{ id }" label="Weeks" name="weeks">
          <InputNumber
            :id="id"
            :value="entry.weeks ?? undefined"
            :min="1"
            :max="26"
            @change="(v) => set('weeks', v === null ? null : Number(v))"
          />
        </FieldBox>
        <FieldBox v-else v-slot="{ id }" label="Discipline" name="discipline">
          <PickOne
            :id="id"
            :value="entry.discipline ?? null"
            :options="disciplines"
            @change="(v) => set('discipline', v)"
          />
        </FieldBox>
      </div>
      <FieldBox label="Focus, the most important first" name="focus">
        <ChipRow
          label="Focus strands"
          many
          :choices="strands"
          :model-value="focus"
          @update:model-value="(v) => set('focus', v as Strand[])"
        />
      </FieldBox>
      <p v-if="focus.length" class="small quiet">
        In this order: {{ focus.map((f) => strandWords[f].toLowerCase()).join(', ') }}.
      </p>
      <ReturnFields
        v-if="entry.purpose === 'return'"
        :model-value="entry.return ?? null"
        :because="because[because.length - 1]"
        @update:model-value="(v) => set('return', v)"
      />
      <SetsFields
        v-if="entry.purpose === 'conditioning'"
        :model-value="entry.sets ?? null"
        @update:model-value="(v) => set('sets', v)"
      />
    </section>
    <section class="card stack">
      <h2>
        What it does now, and when
        <WhyButton v-for="w in because.slice(0, 1)" :key="w.rule" :why="w" of="these minutes" />
      </h2>
      <div class="three">
        <FieldBox
          v-for="g in gaits"
          :key="g"
          v-slot="{ id }"
          :label="`${g[0]!.toUpperCase()}${g.slice(1)}, minutes a week`"
          :name="`now.${g}`"
        >
          <InputNumber
            :id="id"
            :value="now[g]"
            :min="0"
            :max="1200"
            :step="5"
            @change="(v) => setNow(g, Number(v))"
          />
        </FieldBox>
      </div>
      <DaysField
        v-for="f in dayFields"
        :key="f.key"
        :label="f.label"
        :name="f.key"
        :model-value="entry[f.key] ?? []"
        @update:model-value="(v) => set(f.key, v)"
      />
      <FieldBox label="Best day off" name="favouriteOff">
        <ChipRow
          label="Best day off"
          :choices="weekdays"
          :model-value="entry.favouriteOff ?? null"
          @update:model-value="(v) => set('favouriteOff', v as DayOfWeek | null)"
        />
      </FieldBox>
      <FieldBox
        v-if="roster && roster.people.length > 1"
        label="Ridden by"
        name="riderIds"
        hint="Anyone, where none is chosen."
      >
        <ChipRow
          label="Riders"
          many
          :choices="roster.people.map((p) => ({ value: p.id, label: p.name }))"
          :model-value="(entry.riderIds ?? []) as string[]"
          @update:model-value="(v) => set('riderIds', v as string[])"
        />
      </FieldBox>
      <FixturesField :model-value="entry.fixtures ?? []" @update:model-value="(v) => set('fixtures', v)" />
      <details>
        <summary class="cursor-pointer">So many of a kind, whatever the mix says</summary>
        <div class="three asked mt-10px">
          <FieldBox v-for="k in askable" :key="k" v-slot="{ id }" :label="`${kindWords[k]} a week`">
            <InputNumber
              :id="id"
              :value="asked(k) ?? undefined"
              :min="0"
              :max="6"
              @change="(v) => ask(k, v === null || v === '' ? null : Number(v))"
            />
          </FieldBox>
        </div>
      </details>
    </section>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 1fr));
  gap: 16px;
}
</style>
