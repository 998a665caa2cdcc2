<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { ask, client } from '../api/client'
import type { RidePhoto } from '../api/schema'
import ReinBalance from '../house/ReinBalance.vue'
import { shortDay } from '../house/format'
import { keys } from '../house/keys'
import { strandWords, variantWords } from '../house/words'

/** Three months ago beside today: patience is easier with the way behind in sight. */
const props = defineProps<{ horseId: string }>()
const { data } = useQuery({
  queryKey: computed(() => keys.ofHorse(props.horseId).thenAndNow),
  queryFn: () =>
    ask(() =>
      client.GET('/api/horses/{horseId}/then-and-now', { params: { path: { horseId: props.horseId } } }),
    ),
})
const compared = computed(() => data.value?.compared)
const moved = computed(() => compared.value?.places.filter((p) => p.steps !== 0) ?? [])
const stayed = computed(() => compared.value?.places.filter((p) => p.steps === 0) ?? [])
const marks = computed(() =>
  [compared.value?.marksThen, compared.value?.marksNow].map((m) =>
    m && m.left !== null && m.right !== null ? { left: m.left, right: m.right } : null,
  ),
)
const strides = computed(
  () => compared.value?.strides.filter((s) => s.then.toFixed(2) !== s.now.toFixed(2)) ?? [],
)
const photo = (p: RidePhoto) => `/api/horses/${props.horseId}/rides/${p.rideId}/photos/${p.photoId}`
const anything = computed(() => moved.value.length || marks.value.every((m) => m) || strides.value.length)
</script>

<template>
  <section v-if="compared && anything" class="card stack">
    <div class="row spread">
      <h2>Then and now</h2>
      <span class="small quiet">{{ shortDay(compared.then) }} beside today</span>
    </div>
    <ul v-if="moved.length" class="grid gap-8px" aria-label="Ladders">
      <li v-for="p in moved" :key="p.strand" class="rung">
        <span class="small quiet">{{ strandWords[p.strand] }}</span>
        <span>{{ p.then ?? 'not begun' }}</span>
        <span class="step" :class="{ down: p.steps < 0 }"
          >{{ p.steps > 0 ? '▲' : '▼' }} {{ Math.abs(p.steps) }}</span
        >
        <strong>{{ p.now ?? 'off the ladder' }}</strong>
      </li>
    </ul>
    <p v-if="stayed.length" class="small quiet">
      {{ moved.length ? 'Where it was' : 'On every ladder where it was' }}:
      {{ stayed.map((p) => strandWords[p.strand].toLowerCase()).join(', ') }}.
    </p>
    <div class="two">
      <figure v-for="(m, i) in marks" :key="i" class="grid gap-4px content-start">
        <figcaption class="small quiet">{{ i === 0 ? 'Marks then' : 'Marks now' }}</figcaption>
        <ReinBalance v-if="m" :left="m.left" :right="m.right" :most="10" />
        <p v-else class="small quiet">none given</p>
      </figure>
    </div>
    <p v-for="s in strides" :key="s.variant" class="small">
      {{ variantWords[s.variant] }}: {{ s.then.toFixed(2) }} m then, <strong>{{ s.now.toFixed(2) }} m</strong>
      now
    </p>
    <div v-if="data?.photoThen || data?.photoNow" class="two">
      <figure v-for="p in [data.photoThen, data.photoNow].filter((x) => x)" :key="p!.photoId">
        <img :src="photo(p!)" :alt="`Picture of ${shortDay(p!.onDay)}`" class="w-full rounded-8px" />
        <figcaption class="small quiet">{{ shortDay(p!.onDay) }}</figcaption>
      </figure>
    </div>
  </section>
</template>

<style scoped>
.rung {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) 46px minmax(0, 1fr);
  gap: 10px;
  align-items: baseline;
}
.step {
  color: var(--on-true);
  background: var(--true);
  border-radius: 6px;
  text-align: center;
  font-size: 0.87rem;
}
.step.down {
  color: var(--on-tight);
  background: var(--tight);
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 18px;
}
@media (max-width: 620px) {
  .rung {
    grid-template-columns: 1fr 46px;
  }
}
</style>
