<script setup lang="ts">
import LinkButton from '../house/LinkButton.vue'
import Button from 'ant-design-vue/es/button'
import { computed, defineAsyncComponent, ref } from 'vue'
import { useRouter } from 'vue-router'
import { ask, client } from '../api/client'
import type { HorseToday } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import MinutesBar from '../house/MinutesBar.vue'
import TimeWord from '../readiness/TimeWord.vue'
import { lastWords } from '../readiness/lastWords'
import { inDays, minutes, opened, shortDay } from '../house/format'
import { rides, trains } from '../house/signIn'
import { kindWords, referredWords, verdictWords } from '../house/words'

// Asked on few days: their fields are not fetched before the first horse is seen.
const FallQuestion = defineAsyncComponent(() => import('../horses/FallQuestion.vue'))
const GateQuestion = defineAsyncComponent(() => import('../blocks/GateQuestion.vue'))
const TimeAwayForm = defineAsyncComponent(() => import('../horses/TimeAwayForm.vue'))

/** One horse's day: its work, what is to be known, and the next thing to do. */
const props = defineProps<{
  h: HorseToday
  on: string
  /** One scale for all bars, so that a long day looks long. */
  longest: number
  underWay: Set<string>
}>()
const changed = useChanged()
const router = useRouter()
const toRide = computed(() => props.h.sessions.find((s) => !s.rideId))
/** Two sessions on one day each have their rail. */
const alsoToRide = computed(() => props.h.sessions.filter((s) => !s.rideId).slice(1))
const ridden = computed(() => props.h.sessions.find((s) => s.rideId))
const grave = computed(() => props.h.warnings.some((w) => w.grave))
const placedParts = computed(() =>
  (['walk', 'trot', 'canter'] as const)
    .map((gait) => ({ gait, minutes: props.h.placed!.session.minutes[gait] }))
    .filter((p) => p.minutes > 0),
)
const drawing = ref(false)
const answering = ref(false)

/** What the block has placed for today, drawn up from where the horse stands now. */
async function drawUp() {
  drawing.value = true
  try {
    const session = await ask(() =>
      client.POST('/api/horses/{horseId}/blocks/{blockId}/sessions/{sessionId}/draw-up', {
        params: {
          path: {
            horseId: props.h.horse.id,
            blockId: props.h.placed!.blockId,
            sessionId: props.h.placed!.session.id,
          },
        },
      }),
    )
    await changed(bearsUpon.horse(props.h.horse.id))
    await router.push({ name: 'session', params: { horseId: props.h.horse.id, sessionId: session.id } })
  } finally {
    drawing.value = false
  }
}
</script>

<template>
  <li
    class="card horse grid grid-cols-[215px_minmax(0,1.35fr)_minmax(0,1fr)_104px] gap-y-8px gap-x-22px items-center py-12px px-16px"
    :class="{ grave, quietly: h.triage.place === 'done' || h.triage.place === 'nothing' }"
  >
    <div class="who grid">
      <RouterLink
        class="name text-1.22rem font-bold no-underline hover:underline"
        :to="{ name: 'passport', params: { horseId: h.horse.id } }"
        >{{ h.horse.name }}</RouterLink
      >
      <span class="quiet small">{{ h.horse.age }} yrs · {{ h.horse.hands }}</span>
      <RouterLink
        v-if="h.aim"
        class="aim small no-underline text-quiet grid gap-2px hover:underline"
        :to="
          h.aim.last
            ? { name: 'readiness', params: { horseId: h.horse.id, aimId: h.aim.id } }
            : { name: 'aims', params: { horseId: h.horse.id } }
        "
      >
        <span>{{ h.aim.name }}, {{ inDays(h.aim.daysLeft) }}</span>
        <span v-if="h.aim.last"><TimeWord :time="h.aim.last.time" /> {{ lastWords(h.aim.last) }}</span>
      </RouterLink>
    </div>

    <div class="work grid gap-6px">
      <template v-if="h.sessions.length">
        <div v-for="s in h.sessions" :key="s.id" class="session grid gap-4px" :class="{ done: s.rideId }">
          <div class="row spread">
            <RouterLink
              class="what font-semibold no-underline"
              :to="{ name: 'session', params: { horseId: h.horse.id, sessionId: s.id } }"
              >{{ s.emphasis }}</RouterLink
            >
            <span class="quiet small"
              >{{ minutes(s.check.totals.minutes) }}{{ s.helper ? ', helper' : '' }}</span
            >
          </div>
          <MinutesBar :parts="s.parts" :scale="longest" />
        </div>
      </template>
      <div v-else-if="h.placed" class="session grid gap-4px">
        <div class="row spread">
          <RouterLink
            class="what font-semibold no-underline"
            :to="{ name: 'season', params: { horseId: h.horse.id } }"
            >{{ kindWords[h.placed.session.kind] }}</RouterLink
          >
          <span class="quiet small">{{ minutes(h.placed.session.minutes.total) }}, from its block</span>
        </div>
        <MinutesBar :parts="placedParts" :scale="longest" />
      </div>
      <p v-else class="quiet">
        Nothing planned today.
        <template v-if="h.daysSinceRidden !== null">Last worked {{ inDays(-h.daysSinceRidden) }}.</template>
      </p>
      <p v-if="h.nextPlaced" class="small quiet next">
        Next: {{ shortDay(h.nextPlaced.session.on) }},
        <RouterLink :to="{ name: 'season', params: { horseId: h.horse.id } }">{{
          kindWords[h.nextPlaced.session.kind].toLowerCase()
        }}</RouterLink>
      </p>
      <p v-else-if="h.next" class="small quiet next">
        Next: {{ shortDay(h.next.on) }},
        <RouterLink :to="{ name: 'session', params: { horseId: h.horse.id, sessionId: h.next.id } }">{{
          h.next.emphasis
        }}</RouterLink>
      </p>
    </div>

    <ul class="notes small grid gap-5px">
      <li v-for="w in h.warnings" :key="w.text" :class="{ grave: w.grave }" class="pl-10px edge-l-3px-straw">
        {{ w.text }}
      </li>
      <li v-for="r in h.referrals" :key="r.referral.id" class="pl-10px edge-l-3px-straw">
        <RouterLink :to="{ name: 'referral', params: { horseId: h.horse.id, referralId: r.referral.id } }">
          <strong>For the {{ referredWords[r.referral.to].toLowerCase() }}</strong
          >, {{ opened(r.daysOpen) }}: {{ r.referral.because }}.<template v-if="r.waits">
            No {{ r.waits }} till then.</template
          >
        </RouterLink>
      </li>
      <li v-if="h.assessment && trains()" class="pl-10px edge-l-3px">
        <RouterLink
          :to="
            h.assessment.due === 'takeUp'
              ? {
                  name: 'assessment',
                  params: { horseId: h.horse.id, assessmentId: h.assessment.assessmentId! },
                }
              : { name: 'passport', params: { horseId: h.horse.id } }
          "
          >{{ h.assessment.says }}</RouterLink
        >
      </li>
      <li v-if="h.loosen && trains() && !h.sessions.length" class="pl-10px edge-l-3px-straw">
        <RouterLink
          :to="{
            name: 'session',
            params: { horseId: h.horse.id, sessionId: 'new' },
            query: { on: on },
          }"
          >Treated lately: propose the loosening session for its next ride</RouterLink
        >
      </li>
      <li v-if="h.waiting" class="waiting pl-10px edge-l-3px-straw">
        <RouterLink :to="{ name: 'review', params: { horseId: h.horse.id, rideId: h.waiting.rideId } }">
          <strong>{{ verdictWords[h.waiting.word] }}</strong>: {{ h.waiting.seen }}</RouterLink
        >
      </li>
    </ul>

    <div class="act grid">
      <template v-if="toRide && rides() && !grave">
        <LinkButton
          type="primary"
          :to="{ name: 'rail', params: { horseId: h.horse.id, sessionId: toRide!.id } }"
          >To the rail</LinkButton
        >
        <RouterLink
          v-for="other in alsoToRide"
          :key="other.id"
          class="small block mt-4px text-center"
          :to="{ name: 'rail', params: { horseId: h.horse.id, sessionId: other.id } }"
          >Rail: {{ other.emphasis }}</RouterLink
        >
        <RouterLink
          class="small block mt-4px text-center"
          :to="{ name: 'ride', params: { horseId: h.horse.id }, query: { session: toRide!.id } }"
          >Write up</RouterLink
        >
      </template>
      <LinkButton
        v-else-if="ridden && underWay.has(ridden!.id)"
        type="primary"
        :to="{ name: 'rail', params: { horseId: h.horse.id, sessionId: ridden!.id } }"
        >Back to the rail</LinkButton
      >
      <LinkButton
        v-else-if="ridden"
        :to="{ name: 'review', params: { horseId: h.horse.id, rideId: ridden!.rideId! } }"
        >Review</LinkButton
      >
      <LinkButton v-else-if="grave" :to="{ name: 'passport', params: { horseId: h.horse.id } }"
        >Passport</LinkButton
      >
      <Button v-else-if="trains() && h.placed" type="primary" :disabled="drawing" @click="drawUp()">
        Draw up
      </Button>
      <LinkButton
        v-else-if="trains()"
        :to="{
          name: 'session',
          params: { horseId: h.horse.id, sessionId: 'new' },
          query: { on: on },
        }"
        >Plan</LinkButton
      >
    </div>
    <div v-if="h.fall && rides()" class="col-span-full pt-10px edge-t">
      <FallQuestion :fall="h.fall" />
    </div>
    <div v-if="h.gates && rides()" class="col-span-full pt-10px edge-t">
      <GateQuestion :horse-id="h.horse.id" :gates="h.gates" />
    </div>
    <div v-if="h.silentSince && trains()" class="col-span-full pt-10px edge-t">
      <p v-if="!answering" class="row">
        <strong>No ride since {{ shortDay(h.silentSince) }}.</strong>
        <Button size="small" @click="answering = true"> Off, or worked and not written down? </Button>
      </p>
      <TimeAwayForm
        v-else
        :horse-id="h.horse.id"
        :since="h.silentSince"
        @told="answering = false"
        @leave="answering = false"
      />
    </div>
  </li>
</template>

<style scoped>
.horse.grave {
  border-left: 5px solid var(--grave);
}
.session.done .what::before {
  content: '✓ ';
}
.notes li.grave {
  border-color: var(--grave);
  color: var(--grave);
  font-weight: 600;
}
.notes li.waiting {
  border-color: var(--walk);
}
.notes a {
  text-decoration: none;
}
.notes a:hover {
  text-decoration: underline;
}
.act .ant-btn {
  padding: 0 10px;
}
.horse.quietly {
  padding-top: 7px;
  padding-bottom: 7px;
}
@media (max-width: 980px) {
  .horse {
    grid-template-columns: minmax(0, 1fr) 104px;
  }
  .work,
  .notes {
    grid-column: 1 / -1;
  }
  .act {
    grid-column: 2;
    grid-row: 1;
  }
}
</style>
