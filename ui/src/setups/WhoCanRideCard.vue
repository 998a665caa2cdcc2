<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
import Button from 'ant-design-vue/es/button'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { ask, client } from '../api/client'
import type { GreenHorses, SetUpEntry } from '../api/schema'
import { keys } from '../house/keys'
import PickOne from '../house/PickOne.vue'
import { useHorses } from '../house/queries'
import FitChip from './FitChip.vue'
import { printSheet } from './printing'

/** One set of poles, several horses: who can ride what stands, and in what order it is moved least. */
const props = defineProps<{
  horseId: string
  entry: SetUpEntry
  /** Lines of a course, by the fences they lead from and to. */
  lines?: string[]
}>()
const { data: horses } = useHorses()
const off = ref<string[]>([])
const green = ref<GreenHorses>('anywhere')
const coming = computed(() => (horses.value ?? []).map((h) => h.id).filter((id) => !off.value.includes(id)))
const { data: answer } = useQuery({
  queryKey: computed(() => keys.ofHorse(props.horseId).whoCanRide(props.entry, coming.value, green.value)),
  queryFn: () =>
    ask(() =>
      client.POST('/api/horses/{horseId}/set-ups/who-can-ride', {
        params: { path: { horseId: props.horseId } },
        body: { entry: props.entry, horseIds: coming.value, green: green.value },
      }),
    ),
  enabled: () => coming.value.length > 0,
  placeholderData: (before) => before,
  retry: false,
})
const gaps = computed(() =>
  (answer.value?.horses[0]?.on.gaps ?? []).map((_, at) => ({
    at,
    key: `gap ${at}`,
    title: props.lines?.[at] ?? `Gap ${at + 1}`,
  })),
)
const toggle = (id: string) =>
  (off.value = off.value.includes(id) ? off.value.filter((x) => x !== id) : [...off.value, id])
const cm = (metres: number) => `${metres > 0 ? '+' : '−'}${Math.round(Math.abs(metres) * 100)}`
const moved = (metres: number) => `${Math.round(Math.abs(metres) * 100)} cm ${metres > 0 ? 'on' : 'back'}`
</script>

<template>
  <section class="card" data-on="moves">
    <div class="row spread">
      <h2>Who can ride it as it stands</h2>
      <label v-if="!lines" class="row small no-print"
        >Green horses
        <PickOne
          v-model:value="green"
          class="green"
          aria-label="Green horses"
          :options="[
            { value: 'anywhere', label: 'anywhere' },
            { value: 'first', label: 'first' },
            { value: 'last', label: 'last' },
          ]"
      /></label>
    </div>
    <RowsTable
      v-if="answer"
      class="small no-print"
      :rows="answer.horses"
      :columns="[{ key: 'horse', title: 'Horse' }, ...gaps, { key: 'move', title: 'What to move' }]"
    >
      <template #horse="{ row }"
        ><strong>{{ row.on.name }}</strong></template
      >
      <template v-for="gap in gaps" :key="gap.key" #[gap.key]="{ row }">
        <template v-if="!row.mayNot && row.on.gaps[gap.at]">
          <FitChip :fit="row.on.gaps[gap.at]!.fit" />
          <span v-if="row.on.gaps[gap.at]!.longerBy" class="quiet ml-5px">{{
            cm(row.on.gaps[gap.at]!.longerBy)
          }}</span>
        </template>
      </template>
      <template #move="{ row }">
        <span :class="{ not: row.mayNot }">{{ row.mayNot ?? row.on.says }}</span>
      </template>
    </RowsTable>
    <p class="small quiet no-print">
      How the distances suit each; what height a horse is ready for is yours to say.
    </p>
    <div class="row who no-print gap-7px mt-10px mx-0 mb-12px">
      <Button
        v-for="h in horses ?? []"
        :key="h.id"
        size="small"
        :aria-pressed="!off.includes(h.id)"
        :class="{ out: off.includes(h.id) }"
        @click="toggle(h.id)"
      >
        {{ off.includes(h.id) ? '+ ' : '' }}{{ h.name }}
      </Button>
    </div>
    <template v-if="answer?.order && answer.order.turns.length > 1">
      <div class="row spread">
        <h3>
          Order that moves it least: {{ answer.order.metres.toFixed(2) }} m in {{ answer.order.moves }} moves
        </h3>
        <Button size="small" class="no-print" @click="printSheet('moves')"> Print the moves </Button>
      </div>
      <ol class="grid gap-5px mt-6px">
        <li
          v-for="(t, i) in answer.order.turns"
          :key="t.name"
          class="grid grid-cols-[150px_minmax(0,1fr)] gap-10px"
        >
          <strong>{{ i + 1 }}. {{ t.name }}</strong>
          <span class="small quiet">{{
            i === 0
              ? 'built for it'
              : t.moves.length
                ? t.moves
                    .map((m) => `${answer!.elements[m.element]!.toLowerCase()}: ${moved(m.metres)}`)
                    .join(', ')
                : 'nothing moves'
          }}</span>
        </li>
      </ol>
    </template>
    <p v-else-if="answer && answer.horses.filter((h) => !h.mayNot).length > 10" class="small quiet">
      More than ten horses are not put in order: take some out.
    </p>
  </section>
</template>

<style scoped>
.not {
  color: var(--grave);
}
.green {
  width: 120px;
}
.out {
  opacity: 0.55;
}
</style>
