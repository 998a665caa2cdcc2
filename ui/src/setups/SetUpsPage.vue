<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ask, client } from '../api/client'
import type { SetUpView } from '../api/schema'
import ProblemNote from '../house/ProblemNote.vue'
import { usePassport, useSetUps } from '../house/queries'
import { trains } from '../house/signIn'
import { done } from '../house/undo'
import { fitWords } from '../house/words'
import SetUpDrawing from './SetUpDrawing.vue'

/** The set-ups kept for this horse. */
const props = defineProps<{ horseId: string }>()
const { data: setUps, error } = useSetUps(() => props.horseId)
const { data: passport } = usePassport(() => props.horseId)
const queries = useQueryClient()
const refresh = () => queries.invalidateQueries({ queryKey: ['horse', props.horseId] })

async function remove(s: SetUpView) {
  const path = { horseId: props.horseId, setUpId: s.id }
  await ask(() => client.DELETE('/api/horses/{horseId}/set-ups/{setUpId}', { params: { path } }))
  await refresh()
  done(`${s.name} taken off.`, async () => {
    await ask(() => client.POST('/api/horses/{horseId}/set-ups/{setUpId}/restore', { params: { path } }))
    await refresh()
  })
}
</script>

<template>
  <header class="page-head">
    <h1>Set-ups</h1>
    <span class="quiet">measured for {{ passport?.horse.name }}, as its stride card stands today</span>
    <div v-if="trains()" class="actions">
      <RouterLink class="button main" :to="{ name: 'set-up', params: { horseId, setUpId: 'new' } }"
        >New set-up</RouterLink
      >
    </div>
  </header>
  <ProblemNote v-if="error" :problem="error" />
  <p v-if="setUps?.length === 0" class="card">
    None kept yet. A line of trot poles is a good beginning: its spacing comes from this horse’s own step.
  </p>
  <ul class="list">
    <li v-for="s in setUps" :key="s.id" class="card">
      <RouterLink :to="{ name: 'set-up', params: { horseId, setUpId: s.id } }" :aria-label="s.name">
        <SetUpDrawing :measured="s.measured" unit="metres" />
      </RouterLink>
      <div class="row spread">
        <div>
          <h2>
            <RouterLink :to="{ name: 'set-up', params: { horseId, setUpId: s.id } }">{{ s.name }}</RouterLink>
          </h2>
          <p class="small quiet">
            {{ s.measured.gaps[0]?.built.text.metres }} · {{ s.measured.gaps[0]?.built.text.feet }} ·
            {{ fitWords[s.measured.gaps[0]!.fit] }}{{ s.ridden ? ' · ridden' : '' }}
          </p>
        </div>
        <button
          v-if="trains()"
          class="button small"
          type="button"
          :aria-label="`Take ${s.name} off`"
          @click="remove(s)"
        >
          Take off
        </button>
      </div>
    </li>
  </ul>
</template>

<style scoped>
.list {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(420px, 1fr));
  gap: 14px;
}
.list .card {
  display: grid;
  gap: 10px;
  padding: 10px 12px 12px;
}
h2 a {
  text-decoration: none;
}
@media (max-width: 520px) {
  .list {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
