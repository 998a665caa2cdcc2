<script setup lang="ts">
import type { SessionEntry, SessionTotals, SetUpView } from '../api/schema'
import { longDay, minutes } from '../house/format'
import { gaitWords } from '../house/words'
import { reads } from './reading'

/** The session on A5 for the pocket, with boxes for a pencil; they are the fields of the ride's write-up. Only on paper. */
const props = defineProps<{
  entry: SessionEntry
  totals: SessionTotals
  horse: string
  setUps: SetUpView[]
  /** What the last ride asks of this one. */
  nextTime: string[]
}>()
const setUpOf = (id?: string | null) => props.setUps.find((s) => s.id === id)
const boxes = (n: number) => Array.from({ length: n }, (_, i) => i)
</script>

<template>
  <section class="paper card-a5 text-0.87rem" data-on="card">
    <h2>{{ horse }}: {{ entry.emphasis }}</h2>
    <p class="small">
      {{ entry.on ? longDay(entry.on) : '' }}{{ entry.startsAt ? ` at ${entry.startsAt.slice(0, 5)}` : '' }},
      {{ minutes(totals.minutes) }}{{ entry.helper ? ', with a helper' : '' }}
    </p>
    <p v-for="w in nextTime" :key="w">
      From last time: <strong>{{ w }}</strong>
    </p>
    <table>
      <thead>
        <tr>
          <th>Part</th>
          <th class="number">min</th>
          <th>done ◀</th>
          <th>done ▶</th>
          <th>mark ◀ ▶</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(p, i) in entry.parts ?? []" :key="i">
          <td>
            <strong>{{ gaitWords[p.gait ?? 'walk'][0] }}</strong> {{ p.what
            }}<span v-for="bit in reads(p, entry.manner ?? 'ridden', setUpOf(p.setUpId))" :key="bit"
              >, {{ bit }}</span
            >
            <span v-if="setUpOf(p.setUpId)" class="small"> {{ setUpOf(p.setUpId)!.measured.title }}</span>
          </td>
          <td class="number">{{ p.minutes }}</td>
          <td><i v-for="n in boxes(p.setUpId ? 5 : 1)" :key="n" /></td>
          <td><i v-for="n in boxes(p.setUpId ? 5 : 1)" :key="n" /></td>
          <td><i class="wide" /> <i class="wide" /></td>
        </tr>
      </tbody>
    </table>
    <p>
      Poles: a stroke clean, T touched, R rushed. Fences: a stroke clear, R rub, K knock, S stop, L or R out.
    </p>
    <p>
      Touches by leg: left fore <i class="wide" /> right fore <i class="wide" /> left hind
      <i class="wide" /> right hind <i class="wide" />
    </p>
    <p>Tension: asleep <i /> relaxed <i /> keen <i /> tense <i /> over the top <i /></p>
    <p>Hard for the horse, 0 to 10 <i class="wide" /> Closing test: yes <i /> no <i /></p>
    <p>Off, sore, heat in a leg <i />: stop, call the vet. Tired <i /> A fall <i />: no more jumping</p>
    <p class="pb-22px edge-b-ink">Next time:</p>
  </section>
</template>

<style scoped>
.card-a5 p {
  margin-top: 8px;
}
td {
  padding: 4px 6px 4px 0;
}
i {
  display: inline-block;
  width: 13px;
  height: 13px;
  margin-right: 3px;
  border: 1px solid var(--ink);
  vertical-align: -2px;
}
i.wide {
  width: 30px;
}
</style>
