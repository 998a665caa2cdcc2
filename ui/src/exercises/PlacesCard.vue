<script setup lang="ts">
import { computed } from 'vue'
import { useLadders, useLibrary } from '../house/queries'
import { trains } from '../house/signIn'
import { strandWords } from '../house/words'

/** Where the horse stands on every ladder it has begun, and what the evidence says there. */
const props = defineProps<{ horseId: string }>()
const { data: places } = useLadders(() => props.horseId)
const { data: library } = useLibrary()
const rungs = computed(() => new Map(library.value?.ladders.flatMap((l) => l.rungs).map((r) => [r.id, r])))
const begun = computed(() => (places.value ?? []).filter((p) => p.rungId && rungs.value.has(p.rungId)))
const link = (id: string) => {
  const [strand, rung] = id.split('/')
  return { name: 'rung', params: { horseId: props.horseId, strand, rung } }
}
const says = { up: 'ready to go up', stay: '', back: 'go back one' }
</script>

<template>
  <section class="card">
    <div class="row spread">
      <h2>Where it stands</h2>
      <span class="row small">
        <RouterLink v-if="trains()" :to="{ name: 'places', params: { horseId } }"
          >Place it on all twelve</RouterLink
        >
        <RouterLink :to="{ name: 'library', params: { horseId } }">The ladders</RouterLink>
      </span>
    </div>
    <p v-if="places && begun.length === 0" class="quiet">
      On no ladder yet. Place it on all twelve, or ride the assessment.
    </p>
    <ul class="grid grid-cols-[repeat(auto-fill,minmax(180px,1fr))] gap-y-10px gap-x-18px mt-8px">
      <li v-for="p in begun" :key="p.strand" class="grid content-start pl-10px edge-l-3px-straw">
        <span class="small quiet">{{ strandWords[p.strand] }}</span>
        <RouterLink :to="link(p.rungId!)">{{ rungs.get(p.rungId!)!.name }}</RouterLink>
        <span v-if="p.stated" class="small quiet">stated, not yet ridden here</span>
        <span v-if="p.verdict && says[p.verdict.word]" class="small word" :class="p.verdict.word">{{
          says[p.verdict.word]
        }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
li a {
  font-weight: 600;
  line-height: 1.25;
  text-decoration: none;
}
li a:hover {
  text-decoration: underline;
}
.word {
  justify-self: start;
  margin-top: 3px;
  padding: 1px 8px;
  border-radius: 6px;
}
.word.up {
  background: var(--true);
  color: var(--on-true);
}
.word.back {
  background: var(--tight);
  color: var(--on-tight);
}
</style>
