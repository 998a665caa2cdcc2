<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import LoadingLines from '../house/LoadingLines.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { usePassport } from '../house/queries'
import { steps } from '../house/router'
import { rides } from '../house/signIn'

/** One horse: the six steps on their thread, a straw bead where you are. */
const props = defineProps<{ horseId: string }>()
const route = useRoute()
const { data: passport, error, refetch } = usePassport(() => props.horseId)
const at = computed(() => (route.meta.step as string | undefined) ?? String(route.name))
const shown = computed(() => steps.filter((s) => s.name !== 'ride' || rides()))
const held = computed(() => passport.value?.holds.find((h) => !h.clearedOn))
</script>

<template>
  <div class="frame">
    <nav
      class="thread no-print flex flex-col py-20px px-16px bg-bank edge-r"
      :aria-label="`Steps of ${passport?.horse.name ?? 'this horse'}`"
    >
      <div class="who grid mb-14px text-1.05rem">
        <strong>{{ passport?.horse.name }}</strong>
        <span v-if="passport" class="quiet small"
          >{{ passport.horse.age }} yrs · {{ passport.horse.hands }}</span
        >
      </div>
      <ol class="relative">
        <li v-for="step in shown" :key="step.name" :class="{ here: at === step.name }" class="relative">
          <RouterLink
            :to="{ name: step.name, params: { horseId } }"
            :aria-current="at === step.name ? 'step' : undefined"
            >{{ step.word }}</RouterLink
          >
        </li>
      </ol>
      <p class="keys small quiet mt-auto">Press <strong>?</strong> for keys</p>
    </nav>
    <main id="main" class="page pt-20px px-22px pb-60px max-w-1180px">
      <ProblemNote v-if="error" :problem="error" :retry="() => refetch()" />
      <p v-if="held" class="told grave" role="status">
        <strong>Held: {{ held.because }}.</strong> No work until a vet has cleared it.
        <RouterLink :to="{ name: 'passport', params: { horseId } }">Clearance</RouterLink>
      </p>
      <RouterView v-if="!error" :key="`${horseId}-${route.params.sessionId ?? route.params.setUpId ?? ''}`" />
      <LoadingLines />
    </main>
  </div>
</template>

<style scoped>
.frame {
  display: grid;
  grid-template-columns: 172px minmax(0, 1fr);
  min-height: calc(100vh - 57px);
}
ol::before {
  content: '';
  position: absolute;
  left: 6px;
  top: 18px;
  bottom: 18px;
  width: 2px;
  background: var(--line);
}
li a {
  display: block;
  padding: 9px 0 9px 28px;
  color: var(--quiet);
  text-decoration: none;
}
li a::before {
  content: '';
  position: absolute;
  left: 0;
  top: 14px;
  width: 14px;
  height: 14px;
  border-radius: 50%;
  border: 2px solid var(--quiet);
  background: var(--bank);
}
li a:hover {
  color: var(--ink);
}
.here a {
  color: var(--ink);
  font-weight: 700;
}
.here a::before {
  border-color: var(--ink);
  background: var(--straw);
}
@media (max-width: 860px) {
  .frame {
    grid-template-columns: minmax(0, 1fr);
  }
  .thread {
    padding: 10px 16px;
    border-right: 0;
    border-bottom: 1px solid var(--line);
  }
  .who,
  .keys {
    display: none;
  }
  ol {
    display: flex;
    justify-content: space-between;
    overflow-x: auto;
  }
  ol::before {
    left: 12px;
    right: 12px;
    top: 12px;
    bottom: auto;
    width: auto;
    height: 2px;
  }
  li a {
    padding: 24px 6px 4px;
    text-align: center;
  }
  li a::before {
    left: 50%;
    top: 6px;
    margin-left: -7px;
  }
  .page {
    padding: 16px 16px 60px;
  }
}
/* On paper the steps are left out, and the page has all of its width, upright or lying. */
@media print {
  .frame {
    display: block;
  }
  .page {
    max-width: none;
    padding: 0;
  }
}
</style>
