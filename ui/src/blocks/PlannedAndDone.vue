<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
import { computed } from 'vue'
import type { BlockView } from '../api/schema'
import { shortDay, way } from '../house/format'
import { gaitWords } from '../house/words'
import { signedIn } from '../house/signIn'

/** Planned beside ridden, week by week. */
const props = defineProps<{ block: BlockView }>()
const begun = computed(() => props.block.weeks.filter((w) => w.monday <= (signedIn.value?.today ?? '')))
const gaits = ['walk', 'trot', 'canter'] as const
</script>

<template>
  <section v-if="begun.length" class="card stack" aria-labelledby="done-head">
    <h2 id="done-head">Planned and ridden</h2>
    <RowsTable
      :rows="begun"
      :columns="[
        { key: 'week', title: 'Week of', says: (w) => shortDay(w.monday) },
        { key: 'sessions', title: 'Sessions', number: true, says: (w) => `${w.ridden} of ${w.sessions}` },
        ...gaits.map((g) => ({ key: g, title: gaitWords[g], number: true })),
        { key: 'way', title: 'Way', number: true },
        { key: 'fences', title: 'Fences', number: true },
      ]"
    >
      <template v-for="g in gaits" :key="g" #[g]="{ row }">
        <strong>{{ row.done[g] }}</strong> <span class="quiet ml-0.25em">of {{ row.planned[g] }} min</span>
        <span class="small quiet ml-0.25em block"
          >{{ way(row.doneMetres[g]) }} of {{ way(row.plannedMetres[g]) }}</span
        >
      </template>
      <template #way="{ row }">
        <strong>{{ way(row.doneMetres.total) }}</strong>
        <span class="quiet ml-0.25em">of {{ way(row.plannedMetres.total) }}</span>
      </template>
      <template #fences="{ row }">
        <template v-if="row.plannedEfforts || row.doneEfforts"
          ><strong>{{ row.doneEfforts }}</strong>
          <span class="quiet ml-0.25em">of {{ row.plannedEfforts }}</span></template
        ><template v-else>–</template>
      </template>
    </RowsTable>
  </section>
</template>
