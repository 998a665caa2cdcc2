<script setup lang="ts">
import Input from 'ant-design-vue/es/input'
import { computed, ref } from 'vue'
import type { PlaceView, RungView } from '../api/schema'
import LoadingLines from '../house/LoadingLines.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useHorses, useLadders, useLibrary } from '../house/queries'
import { strandWords } from '../house/words'

/** The twelve ladders beside one another, with a horse's place on each and what holds the next rung back. */
const props = defineProps<{ horseId?: string }>()
const { data: horses } = useHorses()
const { data: library, error } = useLibrary()
const shown = computed(() => props.horseId || horses.value?.[0]?.id || '')
const horse = computed(() => horses.value?.find((h) => h.id === shown.value))
const { data: places } = useLadders(() => shown.value)
const search = ref('')

const place = (strand: string): PlaceView | undefined => places.value?.find((p) => p.strand === strand)
const stepOf = (strand: string) => {
  const at = place(strand)?.rungId
  return library.value?.ladders.find((l) => l.strand === strand)?.rungs.find((r) => r.id === at)?.step ?? 0
}
const state = (rung: RungView) => {
  const at = stepOf(rung.strand)
  return rung.step < at ? 'reached' : rung.step === at ? 'here' : rung.step === at + 1 ? 'next' : 'later'
}
const stateWords = { reached: 'reached', here: 'stands here', next: 'next', later: 'later' }
const found = (rung: RungView) => {
  const words = search.value.trim().toLowerCase()
  return !words || `${rung.name} ${rung.purpose} ${rung.how}`.toLowerCase().includes(words)
}
const hits = computed(() => library.value?.ladders.flatMap((l) => l.rungs).filter(found).length ?? 0)
const link = (rung: RungView) => {
  const [strand, name] = rung.id.split('/')
  return { name: 'rung', params: { horseId: shown.value, strand, rung: name } }
}
</script>

<template>
  <main id="main" class="max-w-1320px mx-auto pt-20px px-20px pb-60px">
    <header class="page-head">
      <h1>Library</h1>
      <span v-if="horse" class="quiet"
        >{{ horse.name }}’s place on twelve ladders, climbed on evidence and not on a date</span
      >
      <div class="actions">
        <Input
          v-model:value="search"
          class="search"
          placeholder="Search the rungs"
          aria-label="Search the rungs"
          allow-clear
        />
      </div>
    </header>
    <ProblemNote v-if="error" :problem="error" />
    <p v-if="search.trim() && hits === 0" class="card">
      No rung speaks of “{{ search.trim() }}”. Try a shorter word.
    </p>
    <div v-if="library" class="ladders grid grid-cols-[repeat(6,minmax(0,1fr))] gap-14px items-end">
      <section v-for="ladder in library.ladders" :key="ladder.strand" class="ladder">
        <h2 class="mb-6px">{{ strandWords[ladder.strand] }}</h2>
        <ol reversed class="mt-auto edge-l-2px ml-6px">
          <li
            v-for="rung in [...ladder.rungs].reverse()"
            :key="rung.id"
            :class="[state(rung), { faint: !found(rung) }]"
            class="py-2px px-0"
          >
            <RouterLink :to="link(rung)"
              ><span class="bead absolute -left-7px top-6px" aria-hidden="true"></span>{{ rung.name
              }}<span class="visually-hidden">, {{ stateWords[state(rung)] }}</span></RouterLink
            >
            <p v-if="state(rung) === 'next' && place(ladder.strand)?.missing.length" class="missing">
              {{ place(ladder.strand)!.missing.join(' · ') }}
            </p>
            <p
              v-else-if="state(rung) === 'next' && place(ladder.strand)?.verdict?.word === 'up'"
              class="missing open"
            >
              open: one rung up
            </p>
          </li>
        </ol>
      </section>
    </div>
    <p class="small quiet mt-14px">
      <span class="bead reached ml-14px"></span> reached <span class="bead here ml-14px"></span> stands here
      <span class="bead next ml-14px"></span> next, with what is missing
      <span class="bead ml-14px"></span> later
    </p>
    <LoadingLines />
  </main>
</template>

<style scoped>
.search {
  width: 210px;
}
.ladder {
  align-self: stretch;
  display: flex;
  flex-direction: column;
  padding: 12px 12px 10px;
  border: 1px solid var(--line);
  border-radius: var(--round);
  background: var(--card);
}
li a {
  position: relative;
  display: block;
  padding: 3px 0 3px 15px;
  font-size: 0.84rem;
  line-height: 1.22;
  color: var(--quiet);
  text-decoration: none;
}
li a:hover {
  text-decoration: underline;
}
.bead {
  display: inline-block;
  width: 12px;
  height: 12px;
  border: 2px solid var(--line);
  border-radius: 50%;
  background: var(--card);
  vertical-align: -2px;
}
.reached .bead,
.bead.reached {
  background: var(--quiet);
  border-color: var(--quiet);
}
.here .bead,
.bead.here {
  background: var(--straw);
  border-color: var(--ink);
}
.next .bead,
.bead.next {
  border-color: var(--ink);
}
li.here a {
  color: var(--ink);
  font-weight: 700;
}
li.next a,
li.reached a {
  color: var(--ink);
}
li.faint {
  opacity: 0.3;
}
.missing {
  margin: 0 0 3px 15px;
  padding: 2px 7px;
  border-radius: 6px;
  background: var(--tight);
  color: var(--on-tight);
  font-size: 0.78rem;
  line-height: 1.25;
}
.missing.open {
  background: var(--true);
  color: var(--on-true);
}
@media (max-width: 1080px) {
  .ladders {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
@media (max-width: 620px) {
  .ladders {
    grid-template-columns: minmax(0, 1fr);
  }
  .page-head .actions {
    margin-left: 0;
    flex-wrap: wrap;
  }
}
</style>
