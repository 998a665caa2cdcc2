<script setup lang="ts">
import Checkbox from 'ant-design-vue/es/checkbox'
import Button from 'ant-design-vue/es/button'
import { useQueries, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { ask, client } from '../api/client'
import { keys } from '../house/keys'
import LoadingLines from '../house/LoadingLines.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { useHorses } from '../house/queries'
import { trains } from '../house/signIn'
import ArenaDrawing from './ArenaDrawing.vue'
import KitCard from './KitCard.vue'

/** Several set-ups standing together: what is in whose way, and the kit they take. */
const queries = useQueryClient()
const { problem, busy, attempt } = useProblem()
const { data: horses } = useHorses()
const { data: tonight, error } = useQuery({
  queryKey: keys.arena,
  queryFn: () => ask(() => client.GET('/api/arena')),
})
const kept = useQueries({
  queries: computed(() =>
    (horses.value ?? []).map((h) => ({
      queryKey: keys.ofHorse(h.id).setUps,
      queryFn: () =>
        ask(() => client.GET('/api/horses/{horseId}/set-ups', { params: { path: { horseId: h.id } } })),
    })),
  ),
})
const standing = computed(() => tonight.value?.standing ?? [])
const sets = computed(() => standing.value.map((s) => s.measured))
const stands = (id: string) => standing.value.findIndex((s) => s.setUpId === id) + 1

const print = () => window.print()
async function toggle(id: string) {
  const ids = standing.value.map((s) => s.setUpId)
  const setUpIds = ids.includes(id) ? ids.filter((x) => x !== id) : [...ids, id]
  const view = await attempt(() => ask(() => client.PUT('/api/arena', { body: { setUpIds } })))
  if (view) queries.setQueryData(keys.arena, view)
}
</script>

<template>
  <main id="main" class="max-w-1180px mx-auto pt-22px px-20px pb-70px">
    <header class="page-head">
      <h1>Tonight’s arena</h1>
      <span class="quiet">everything that stands at once, each built for its own horse</span>
      <div class="actions no-print">
        <Button @click="print">Print</Button>
      </div>
    </header>
    <ProblemNote v-if="error" :problem="error" />
    <ProblemNote v-if="problem" :problem="problem" />
    <section v-if="standing.length" class="card p-10px mb-14px">
      <ArenaDrawing :sets="sets" :marks="tonight!.clashes" numbered zoomable />
    </section>
    <p v-else-if="tonight" class="card">
      Nothing stands tonight. Choose set-ups below: each is put where it was placed, and what gets in whose
      way is told at once.
    </p>

    <div class="columns grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-14px items-start">
      <section class="card">
        <h2>{{ tonight?.clashes.length ? 'To sort out' : 'Room' }}</h2>
        <ul class="clashes grid gap-8px my-8px mx-0">
          <li
            v-for="(c, i) in tonight?.clashes ?? []"
            :key="i"
            :class="c.kind"
            class="pl-10px edge-l-3px-grave"
          >
            <strong class="number">{{ c.first + 1 }}</strong>
            <strong class="number">{{ c.second + 1 }}</strong>
            {{ c.says }}
          </li>
        </ul>
        <p v-if="standing.length > 1 && tonight?.clashes.length === 0" class="small">
          They stand clear of one another, and no track crosses another.
        </p>
        <KitCard :needed="tonight?.kitNeeded ?? []" :short="tonight?.kitShort ?? []" />
      </section>
      <section class="card">
        <h2>What stands</h2>
        <div v-for="(h, i) in horses ?? []" :key="h.id">
          <template v-if="kept[i]?.data?.length">
            <h3 class="mt-10px mx-0 mb-2px">{{ h.name }}</h3>
            <ul>
              <li v-for="s in kept[i]!.data!" :key="s.id" class="row min-h-34px">
                <Checkbox :checked="stands(s.id) > 0" :disabled="!trains() || busy" @change="toggle(s.id)">
                  <strong v-if="stands(s.id)" class="number">{{ stands(s.id) }}</strong>
                  {{ s.name }}
                </Checkbox>
                <RouterLink
                  class="small quiet"
                  :to="{ name: 'set-up', params: { horseId: h.id, setUpId: s.id } }"
                  :aria-label="`Open ${s.name} of ${h.name}`"
                  >open</RouterLink
                >
              </li>
            </ul>
          </template>
        </div>
      </section>
    </div>
    <LoadingLines />
  </main>
</template>

<style scoped>
@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
.clashes li.tracksCross {
  border-color: var(--straw);
}
.clashes .number {
  display: inline-block;
  margin-right: 5px;
}
.number {
  min-width: 22px;
  height: 22px;
  border-radius: 11px;
  background: var(--ink);
  color: var(--on-ink);
  text-align: center;
  font-size: 0.83rem;
  line-height: 22px;
}
</style>
