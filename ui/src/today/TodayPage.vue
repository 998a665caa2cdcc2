<script setup lang="ts">
import LinkButton from '../house/LinkButton.vue'
import { computed, ref, watch } from 'vue'
import type { TodayPlace } from '../api/schema'
import LoadingLines from '../house/LoadingLines.vue'
import GaitChip from '../house/GaitChip.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { idle } from '../house/idle'
import { longDay } from '../house/format'
import { useToday } from '../house/queries'
import { rides, trains } from '../house/signIn'
import { placeWords } from '../house/words'
import HorseDay from './HorseDay.vue'
import YardAir from './YardAir.vue'

const { data: today, error, refetch } = useToday()

const underWay = ref(new Set<string>())
/** Once a visit, when the page stands: what is to be ridden is carried for a field without a signal. */
const stop = watch(today, async (now) => {
  if (!now || !rides()) return
  stop()
  await idle()
  const { carry, takenUp } = await import('../rides/rail/carry')
  await carry(now)
  underWay.value = await takenUp()
})

/** One scale for all bars, so that a long day looks long. */
const longest = computed(() =>
  Math.max(45, ...(today.value?.horses ?? []).flatMap((h) => h.sessions.map((s) => s.check.totals.minutes))),
)
/** What needs a word first, then the work, what is done, and those with nothing today. */
const places = computed(() =>
  (Object.keys(placeWords) as TodayPlace[])
    .map((place) => ({ place, horses: (today.value?.horses ?? []).filter((h) => h.triage.place === place) }))
    .filter((p) => p.horses.length > 0),
)
const done = computed(
  () =>
    (today.value?.horses ?? []).filter((h) => h.sessions.length > 0 && h.sessions.every((s) => s.rideId))
      .length,
)
const planned = computed(
  () => (today.value?.horses ?? []).filter((h) => h.sessions.length > 0 || h.placed).length,
)
</script>

<template>
  <main id="main" class="max-w-1240px mx-auto pt-22px px-20px pb-70px">
    <ProblemNote v-if="error" :problem="error" :retry="() => refetch()" />
    <template v-if="today">
      <header class="page-head">
        <h1 class="text-1.9rem">{{ longDay(today.on) }}</h1>
        <span class="quiet">{{ planned }} to work, {{ done }} done</span>
        <YardAir :today="today" />
      </header>

      <div v-if="today.horses.length === 0" class="card stack empty max-w-480px">
        <h2>No horses yet</h2>
        <p v-if="trains()">Begin with one: its name, year and height are enough to set poles for it.</p>
        <p v-else>Your trainer has not given you a horse yet.</p>
        <LinkButton v-if="trains()" type="primary" :to="{ name: 'new-horse' }">Add a horse</LinkButton>
      </div>

      <section v-for="p in places" :key="p.place" class="place" :aria-labelledby="`place-${p.place}`">
        <h2 :id="`place-${p.place}`">
          {{ placeWords[p.place] }} <span class="quiet">{{ p.horses.length }}</span>
        </h2>
        <ul class="horses grid gap-10px">
          <HorseDay
            v-for="h in p.horses"
            :key="h.horse.id"
            :h="h"
            :on="today.on"
            :longest="longest"
            :under-way="underWay"
          />
        </ul>
      </section>

      <footer class="row spread foot">
        <p class="row small quiet gap-18px">
          <GaitChip gait="walk" word /><GaitChip gait="trot" word /><GaitChip gait="canter" word />
        </p>
        <LinkButton v-if="trains() && today.horses.length" :to="{ name: 'new-horse' }"
          >Add a horse</LinkButton
        >
      </footer>
      <p class="small quiet mt-18px">
        Hippodrome advises; the trainer decides. Signs of pain or lameness end the work and go to a vet.
        Nobody jumps alone.
      </p>
    </template>
    <LoadingLines />
  </main>
</template>

<style scoped>
.place {
  margin-top: 20px;
}
.place > h2 {
  margin-bottom: 8px;
  font-size: 1.05rem;
}
.foot {
  margin-top: 14px;
}
.empty .ant-btn {
  justify-self: start;
}
</style>
