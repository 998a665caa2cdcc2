<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import DatePicker from 'ant-design-vue/es/date-picker'
import { computed, ref } from 'vue'
import { ask, client } from '../api/client'
import type { OffBecause } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import ChipRow from '../house/ChipRow.vue'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { offWords, options } from '../house/words'
import { done } from '../house/undo'

/** Days without a ride, told: off, and why; or worked, and not written down. */
const props = defineProps<{
  horseId: string
  /** The first day without one, where the program asks. */
  since?: string
}>()
const emit = defineEmits<{ told: []; leave: [] }>()
const changed = useChanged()
const { problem, busy, attempt } = useProblem()
const from = ref<string | null>(props.since ?? null)
const until = ref<string | null>(null)
const why = ref<OffBecause | 'worked' | null>(null)
const choices = computed(() => [
  ...options(offWords),
  ...(props.since ? [{ value: 'worked' as const, label: 'Worked, not written down' }] : []),
])

async function tell() {
  const kept = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/time-away', {
        params: { path: { horseId: props.horseId } },
        body: {
          from: from.value,
          until: until.value,
          because: why.value === 'worked' ? null : why.value,
          worked: why.value === 'worked',
        },
      }),
    ),
  )
  if (!kept) return
  await changed(bearsUpon.horse(props.horseId))
  done(why.value === 'worked' ? 'Good: no time off.' : 'Written down: its return binds every plan.')
  emit('told')
}
</script>

<template>
  <form class="grid gap-10px" @submit.prevent="tell">
    <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
    <FieldBox label="What was it" name="because">
      <ChipRow v-model="why" label="What was it" :choices="choices" />
    </FieldBox>
    <div class="days grid grid-cols-[repeat(2,minmax(0,170px))] gap-12px">
      <FieldBox v-slot="{ id }" label="First day off" name="from"
        ><DatePicker :id="id" v-model:value="from!" value-format="YYYY-MM-DD" format="D MMM YYYY"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Back at work" name="until" hint="Empty: still off"
        ><DatePicker :id="id" v-model:value="until!" value-format="YYYY-MM-DD" format="D MMM YYYY"
      /></FieldBox>
    </div>
    <div class="row">
      <Button type="primary" size="small" html-type="submit" :disabled="busy || !why">Write it down</Button>
      <Button size="small" @click="emit('leave')">Leave it</Button>
    </div>
  </form>
</template>
