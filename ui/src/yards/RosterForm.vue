<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { ref, watch } from 'vue'
import { ask, client } from '../api/client'
import type { DayOfWeek, RosterEntry } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import ChipRow from '../house/ChipRow.vue'
import DaysField from '../house/DaysField.vue'
import NumberField from '../house/NumberField.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { useRoster } from '../house/queries'
import { weekdays } from '../house/words'

/** Who is there in an ordinary week: riders with their hours, helper, arena. */
const emit = defineEmits<{ close: [] }>()
const { data: roster } = useRoster()
const changed = useChanged()
const { problem, busy, attempt } = useProblem()
const entry = ref<RosterEntry | null>(null)
watch(
  roster,
  (r) => {
    if (r && !entry.value) entry.value = JSON.parse(JSON.stringify(r.roster)) as RosterEntry
  },
  { immediate: true },
)
const name = (id: string | null | undefined) => roster.value?.people.find((p) => p.id === id)?.name ?? ''
const missing = () =>
  (roster.value?.people ?? []).filter((p) => !entry.value?.riders?.some((r) => r.personId === p.id))

async function keep() {
  const kept = await attempt(() =>
    ask(() => client.PUT('/api/roster', { body: { version: roster.value!.version, entry: entry.value! } })),
  )
  if (!kept) return
  await changed(bearsUpon.roster)
  emit('close')
}
</script>

<template>
  <form v-if="entry" class="card stack" @submit.prevent="keep">
    <h2>Who is there in an ordinary week</h2>
    <ProblemNote v-if="problem" :problem="problem" />
    <div
      v-for="(r, i) in entry.riders ?? []"
      :key="r.personId ?? i"
      class="rider grid grid-cols-[130px_auto_190px_auto] gap-12px items-end"
    >
      <strong>{{ name(r.personId) }}</strong>
      <ChipRow
        :label="`Days of ${name(r.personId)}`"
        many
        :choices="weekdays"
        :model-value="(r.days ?? []) as DayOfWeek[]"
        @update:model-value="(v) => (r.days = v as DayOfWeek[])"
      />
      <NumberField
        :label="`Minutes a day, ${name(r.personId)}`"
        :name="`riders[${i}].minutesADay`"
        :value="r.minutesADay ?? 0"
        :min="15"
        :max="720"
        :step="15"
        @change="(v) => (r.minutesADay = v)"
      />
      <Button type="link" size="small" @click="entry.riders = entry.riders!.filter((_, j) => j !== i)">
        Take out
      </Button>
    </div>
    <p class="row">
      <Button
        v-for="p in missing()"
        :key="p.id"
        size="small"
        @click="
          entry.riders = [
            ...(entry.riders ?? []),
            { personId: p.id, days: weekdays.map((d) => d.value), minutesADay: 240 },
          ]
        "
      >
        Add {{ p.name }}
      </Button>
    </p>
    <div class="two">
      <DaysField v-model="entry.helperDays!" label="Helper on the ground" name="helperDays" />
      <NumberField
        label="Helper, minutes a day"
        name="helperMinutesADay"
        :value="entry.helperMinutesADay ?? 0"
        :min="0"
        :max="720"
        :step="15"
        @change="(v) => (entry!.helperMinutesADay = v)"
      />
      <DaysField v-model="entry.arenaDays!" label="Arena" name="arenaDays" />
      <div class="pair">
        <NumberField
          label="Arena, minutes a day"
          name="arenaMinutesADay"
          :value="entry.arenaMinutesADay ?? 0"
          :min="0"
          :max="1440"
          :step="30"
          @change="(v) => (entry!.arenaMinutesADay = v)"
        />
        <NumberField
          label="Horses at once"
          name="arenaAtOnce"
          :value="entry.arenaAtOnce ?? 1"
          :min="1"
          :max="12"
          @change="(v) => (entry!.arenaAtOnce = v)"
        />
      </div>
    </div>
    <div class="row">
      <Button type="primary" html-type="submit" :disabled="busy">Keep it</Button>
      <Button type="link" @click="emit('close')">Leave it</Button>
    </div>
  </form>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: auto minmax(180px, 300px);
  gap: 12px;
  justify-content: start;
}
.rider .ant-btn {
  justify-self: start;
}
@media (max-width: 900px) {
  .rider,
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
