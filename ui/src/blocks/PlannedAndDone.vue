<script setup lang="ts">
import { computed } from 'vue'
import type { BlockView } from '../api/schema'
import { shortDay, way } from '../house/format'
import { signedIn } from '../house/signIn'

/** Planned beside ridden, week by week. */
const props = defineProps<{ block: BlockView }>()
const begun = computed(() => props.block.weeks.filter((w) => w.monday <= (signedIn.value?.today ?? '')))
const gaits = ['walk', 'trot', 'canter'] as const
</script>

<template>
  <section v-if="begun.length" class="card stack" aria-labelledby="done-head">
    <h2 id="done-head">Planned and ridden</h2>
    <div class="scroll">
      <table>
        <thead>
          <tr>
            <th>Week of</th>
            <th class="number">Sessions</th>
            <th v-for="g in gaits" :key="g" class="number gait">{{ g }}</th>
            <th class="number">Way</th>
            <th class="number">Fences</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="w in begun" :key="w.monday">
            <td>{{ shortDay(w.monday) }}</td>
            <td class="number">{{ w.ridden }} of {{ w.sessions }}</td>
            <td v-for="g in gaits" :key="g" class="number">
              <strong>{{ w.done[g] }}</strong> <span class="quiet">of {{ w.planned[g] }} min</span>
              <span class="small quiet metres"
                >{{ way(w.doneMetres[g]) }} of {{ way(w.plannedMetres[g]) }}</span
              >
            </td>
            <td class="number">
              <strong>{{ way(w.doneMetres.total) }}</strong>
              <span class="quiet">of {{ way(w.plannedMetres.total) }}</span>
            </td>
            <td class="number">
              <template v-if="w.plannedEfforts || w.doneEfforts"
                ><strong>{{ w.doneEfforts }}</strong>
                <span class="quiet">of {{ w.plannedEfforts }}</span></template
              ><template v-else>–</template>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.quiet {
  margin-left: 0.25em;
}
th.gait {
  text-transform: capitalize;
}
.metres {
  display: block;
}
</style>
