<script setup lang="ts">
import dayjs from 'dayjs'
import { computed } from 'vue'
import ProblemNote from '../house/ProblemNote.vue'
import MinutesBar from '../house/MinutesBar.vue'
import { minutes } from '../house/format'
import { useRides, useSessions } from '../house/queries'
import { signedIn, trains } from '../house/signIn'
import { verdictWords } from '../house/words'

/** Weeks by days for a horse without a block: what was done, what is planned. */
const props = defineProps<{ horseId: string }>()
const today = computed(() => signedIn.value?.today ?? dayjs().format('YYYY-MM-DD'))
/** A week begins on Monday. */
const monday = computed(() => dayjs(today.value).subtract((dayjs(today.value).day() + 6) % 7, 'day'))
const from = computed(() => monday.value.subtract(3, 'week'))
const weeks = computed(() => Array.from({ length: 6 }, (_, i) => from.value.add(i, 'week')))
const day = (d: dayjs.Dayjs) => d.format('YYYY-MM-DD')
const { data: sessions, error } = useSessions(
  () => props.horseId,
  () => day(from.value),
  () => day(from.value.add(41, 'day')),
)
const { data: rides } = useRides(() => props.horseId)
const on = (d: dayjs.Dayjs) => (sessions.value ?? []).filter((s) => s.on === day(d))
const weekMinutes = (w: dayjs.Dayjs) =>
  (sessions.value ?? [])
    .filter((s) => s.on >= day(w) && s.on <= day(w.add(6, 'day')))
    .reduce((sum, s) => sum + s.check.totals.minutes, 0)
const longest = computed(() => Math.max(40, ...(sessions.value ?? []).map((s) => s.check.totals.minutes)))
const word = (rideId: string | null) => rides.value?.find((r) => r.id === rideId)?.word
</script>

<template>
  <ProblemNote v-if="error" :problem="error" />
  <div class="scroll">
    <div class="weeks grid grid-cols-[82px_repeat(7,minmax(112px,1fr))] gap-7px">
      <span></span>
      <span v-for="i in 7" :key="i" class="small quiet pl-8px">{{
        monday.add(i - 1, 'day').format('ddd')
      }}</span>
      <template v-for="w in weeks" :key="day(w)">
        <div class="grid content-center">
          <strong>{{ w.format('D MMM') }}</strong>
          <span class="small quiet">{{ weekMinutes(w) ? minutes(weekMinutes(w)) : 'nothing yet' }}</span>
        </div>
        <div
          v-for="i in 7"
          :key="i"
          class="day"
          :class="{ today: day(w.add(i - 1, 'day')) === today, off: on(w.add(i - 1, 'day')).length === 0 }"
        >
          <span class="small text-quiet">{{ w.add(i - 1, 'day').format('D') }}</span>
          <RouterLink
            v-for="s in on(w.add(i - 1, 'day'))"
            :key="s.id"
            class="session grid gap-5px no-underline"
            :class="{ done: s.rideId }"
            :to="
              s.rideId
                ? { name: 'review', params: { horseId, rideId: s.rideId } }
                : { name: 'session', params: { horseId, sessionId: s.id } }
            "
          >
            <strong class="text-0.9rem leading-[1.2]">{{ s.emphasis }}</strong>
            <MinutesBar :parts="s.check.totals.byGait" :scale="longest" thin />
            <span class="small">
              <template v-if="s.rideId"
                >✓ {{ word(s.rideId) ? verdictWords[word(s.rideId)!] : 'ridden' }}</template
              >
              <template v-else-if="s.check.faults.length">⚑ {{ s.check.faults.length }} to mend</template>
              <template v-else>{{ minutes(s.check.totals.minutes) }}</template>
            </span>
          </RouterLink>
          <RouterLink
            v-if="trains() && on(w.add(i - 1, 'day')).length === 0 && day(w.add(i - 1, 'day')) >= today"
            class="add"
            :aria-label="`Plan a session on ${w.add(i - 1, 'day').format('dddd D MMMM')}`"
            :to="{
              name: 'session',
              params: { horseId, sessionId: 'new' },
              query: { on: day(w.add(i - 1, 'day')) },
            }"
            >+</RouterLink
          >
        </div>
      </template>
    </div>
  </div>
</template>

<style scoped>
.day {
  position: relative;
  min-height: 96px;
  padding: 6px 8px 8px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--card);
}
.day.off {
  background: var(--bank);
  border-color: transparent;
}
.day.today {
  outline: 2px solid var(--ink);
  outline-offset: -1px;
}
.session:hover strong {
  text-decoration: underline;
}
.session.done {
  color: var(--quiet);
}
.add {
  position: absolute;
  inset: 0;
  display: grid;
  place-items: center;
  border-radius: 8px;
  text-decoration: none;
  font-size: 1.4rem;
  color: var(--quiet);
  opacity: 0;
}
.add:hover,
.add:focus-visible {
  opacity: 1;
}
</style>
