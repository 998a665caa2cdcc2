<script setup lang="ts">
import { computed } from 'vue'
import type { SetUpView } from '../../api/schema'
import { reading } from '../../setups/moving'
import { signedIn } from '../../house/signIn'
import SetUpDrawing from '../../setups/SetUpDrawing.vue'

/** What stands in this part: the drawing, and the tape's readings from one zero. */
const props = defineProps<{ setUp: SetUpView }>()
const unit = computed(() => signedIn.value?.me?.unit ?? 'metres')
const elements = computed(() => props.setUp.measured.elements.filter((e) => e.kind !== 'mark'))
</script>

<template>
  <section class="grid gap-12px" :aria-label="`Set-up ${setUp.name}`">
    <h2>
      {{ setUp.name }}
      <span v-if="setUp.name !== setUp.measured.title" class="quiet">{{ setUp.measured.title }}</span>
    </h2>
    <div class="overflow-x-auto"><SetUpDrawing :measured="setUp.measured" :unit="unit" /></div>
    <table>
      <thead>
        <tr>
          <th class="number">Tape reads</th>
          <th>What</th>
          <th class="number">From the one before</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(e, i) in elements" :key="i">
          <td class="number">
            <strong>{{ reading(e.atText, unit) }}</strong>
          </td>
          <td>{{ e.name }}</td>
          <td class="number">
            {{
              i > 0 && setUp.measured.gaps[i - 1] ? reading(setUp.measured.gaps[i - 1]!.built.text, unit) : ''
            }}
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
td {
  font-size: 1.15rem;
}
</style>
