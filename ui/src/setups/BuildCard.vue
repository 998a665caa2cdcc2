<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
import Segmented from 'ant-design-vue/es/segmented'
import { computed } from 'vue'
import type { KitItem, LengthUnit, MeasuredSetUp } from '../api/schema'
import type { RowsColumn } from '../house/rowsTable'
import WhyButton from '../house/WhyButton.vue'
import { signedIn } from '../house/signIn'
import { fitWords } from '../house/words'
import FitChip from './FitChip.vue'
import KitCard from './KitCard.vue'
import { reading } from './moving'

/** The set-up as a table: what the tape reads at each element, each gap and how it came about, and the kit. */
const props = defineProps<{ measured: MeasuredSetUp; short: KitItem[] }>()
const unit = defineModel<LengthUnit>('unit', { required: true })
const say = (text: { metres: string; feet: string; paces: string }) => reading(text, unit.value)
const rows = computed(() =>
  props.measured.elements.map((e, i) => ({ e, gap: i > 0 ? props.measured.gaps[i - 1] : undefined })),
)
const columns = computed<RowsColumn<(typeof rows.value)[number]>[]>(() => [
  { key: 'element', title: 'Element' },
  { key: 'reads', title: 'Tape reads', number: true },
  ...(props.measured.gaps.length
    ? [
        {
          key: 'gap',
          title: 'Gap',
          number: true,
          says: ({ gap }: (typeof rows.value)[number]) => gap && say(gap.built.text),
        },
        { key: 'fit', title: 'Fit' },
      ]
    : []),
])

/** What the gap is made of, and what the trade sets, in one line. */
function how(gap: MeasuredSetUp['gaps'][number]) {
  const b = gap.between
  const jumped = b && b.landing > 0
  const parts = [
    jumped && b.strides > 0
      ? `landing ${b.landing.toFixed(2)}, ${b.strides} × ${b.strideNeeded.toFixed(2)} (its own ${b.strideOwn.toFixed(2)}), take-off ${b.takeOff.toFixed(2)}`
      : jumped
        ? `landing ${b.landing.toFixed(2)} and take-off ${b.takeOff.toFixed(2)}`
        : `its own ${gap.own.toFixed(2)}`,
  ]
  if (gap.trade.shortest < gap.trade.longest)
    parts.push(`trade ${gap.trade.shortest.toFixed(2)} to ${gap.trade.longest.toFixed(2)}`)
  if (b?.otherwise && gap.fit !== 'true')
    parts.push(`as ${b.otherwise.strides} it would be ${fitWords[b.otherwise.fit]}`)
  return parts.join('; ')
}
</script>

<template>
  <section class="card">
    <div class="row spread">
      <h2>{{ measured.figure ? 'Where' : 'To build' }}</h2>
      <Segmented
        v-model:value="unit"
        class="no-print"
        :options="[
          { value: 'metres', label: 'Metres' },
          { value: 'feet', label: 'Feet' },
          { value: 'paces', label: 'Paces' },
        ]"
      />
    </div>
    <RowsTable :rows="rows" :columns="columns">
      <template #element="{ row: { e, gap } }">
        {{ e.name }}
        <span v-if="gap" class="small quiet no-print block leading-[1.25]">{{ how(gap) }}</span>
      </template>
      <template #reads="{ row }"
        ><strong>{{ say(row.e.atText) }}</strong></template
      >
      <template #fit="{ row: { e, gap } }">
        <FitChip v-if="gap" :fit="gap.fit" />
        <WhyButton v-if="gap" :why="gap.why" :of="`the distance before ${e.name}`" />
      </template>
    </RowsTable>
    <KitCard :needed="measured.kitNeeded ?? []" :short="short" />
    <p v-if="unit === 'paces' && !signedIn?.me?.paceCalibrated" class="small quiet">
      In paces of 91 cm: yours are not calibrated. Walk 20 m and count, in the Yard book.
    </p>
  </section>
</template>
