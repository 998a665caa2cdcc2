<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ask, client } from '../api/client'
import ProblemNote from '../house/ProblemNote.vue'
import { shortDay } from '../house/format'
import { keys } from '../house/keys'
import { verdictWords } from '../house/words'

/** Where a trainer saw it otherwise than the rules: how often, in whose words, and what came of it. */
const { data: rules, error } = useQuery({
  queryKey: keys.overruled,
  queryFn: () => ask(() => client.GET('/api/overruled')),
})
</script>

<template>
  <section class="card grid gap-12px">
    <h2>Overruled</h2>
    <ProblemNote v-if="error" :problem="error" />
    <p v-if="rules?.length === 0" class="small quiet">
      Nothing in the last year. When you see a ride otherwise than its verdict, your word is kept here beside
      what came of it.
    </p>
    <article v-for="r in rules" :key="r.rule" class="grid gap-4px">
      <h3 class="row spread gap-10px">
        <span>{{ r.says ?? r.rule }}</span>
        <span class="whitespace-nowrap">{{ r.times.length }} of {{ r.answered }}</span>
      </h3>
      <ul class="grid gap-8px">
        <li v-for="t in r.times" :key="t.rideId" class="pl-12px edge-l-4px-straw small">
          <p>
            <RouterLink :to="{ name: 'review', params: { horseId: t.horseId, rideId: t.rideId } }"
              >{{ t.horseName }}, {{ shortDay(t.on) }}</RouterLink
            >
            · {{ t.by }}: “{{ t.word }}”
          </p>
          <p v-if="t.said" class="quiet">Instead of: {{ t.said }}</p>
          <p v-if="t.after">
            Next time, {{ shortDay(t.after.on) }}:
            <RouterLink :to="{ name: 'review', params: { horseId: t.horseId, rideId: t.after.rideId } }">{{
              verdictWords[t.after.word].toLowerCase()
            }}</RouterLink>, {{ t.after.seen }}{{ t.after.again ? '. The same rule spoke again.' : '.' }}
          </p>
          <p v-else class="quiet">Not ridden since.</p>
        </li>
      </ul>
    </article>
  </section>
</template>
