<script setup lang="ts">
import LinkButton from '../house/LinkButton.vue'
import Button from 'ant-design-vue/es/button'
import Modal from 'ant-design-vue/es/modal'
import { computed } from 'vue'
import { workshop } from '../api/figures'
import { ask, client } from '../api/client'
import type { HorseEntry, HorseView, StrideView } from '../api/schema'
import AssessmentsCard from '../assessments/AssessmentsCard.vue'
import FeedCard from '../care/FeedCard.vue'
import CareCard from '../care/CareCard.vue'
import ReferralsCard from '../care/ReferralsCard.vue'
import PlacesCard from '../exercises/PlacesCard.vue'
import { bearsUpon } from '../house/keys'
import ConflictDialog from '../house/ConflictDialog.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useDraft, useTakingOff } from '../house/drafts'
import { shortDay } from '../house/format'
import { usePassport } from '../house/queries'
import { trains } from '../house/signIn'
import { variantWords } from '../house/words'
import AdjustabilityCard from './AdjustabilityCard.vue'
import ApproachCard from './ApproachCard.vue'
import ConditionCard from './ConditionCard.vue'
import HoldCard from './HoldCard.vue'
import HorseFields from './HorseFields.vue'
import RestrictionsCard from './RestrictionsCard.vue'
import SidesCard from './SidesCard.vue'
import StandingStrip from './StandingStrip.vue'
import StrideCardTable from './StrideCardTable.vue'
import StrideForm from './StrideForm.vue'
import TackCard from './TackCard.vue'
import ThenAndNowCard from './ThenAndNowCard.vue'
import TimelineCard from './TimelineCard.vue'

/** Who the horse is, and what is known of its stride. */
const props = defineProps<{ horseId: string }>()
const { data: passport } = usePassport(() => props.horseId)
const ofThisHorse = () => bearsUpon.horse(props.horseId)
const takeOff = useTakingOff(ofThisHorse)
const held = computed(() => passport.value?.holds.filter((h) => !h.clearedOn) ?? [])
const cleared = computed(() => passport.value?.holds.filter((h) => h.clearedOn) ?? [])
const words = {
  name: 'Name',
  foaled: 'Foaled',
  height: 'Height',
  sex: 'Sex',
  experience: 'Experience',
  goesAt: 'Goes at',
  heatLimitC: 'Its own heat limit',
  met: 'Has met',
  notes: 'Notes',
}

function handsInCm(hands: string) {
  const [whole, inches] = hands.replace(' hh', '').split('.').map(Number)
  return (whole! * 4 + (inches ?? 0)) * workshop.inch
}

const { entry, open, problem, busy, begin, keep, takeTheirs } = useDraft<HorseEntry, HorseView>({
  blank: () => ({}),
  of: (h) => ({
    name: h.name,
    foaled: h.foaled,
    // In hands where that says it exactly, so that an edit of something else never moves the height.
    height: Math.abs(handsInCm(h.hands) - h.heightCm) * 10 < 1 ? h.hands : `${h.heightCm} cm`,
    sex: h.sex,
    experience: h.experience,
    goesAt: h.goesAt,
    heatLimitC: h.heatLimitC,
    met: h.met,
    notes: h.notes,
  }),
  versionOf: (h) => h.version,
  send: (typed, on) =>
    ask(() =>
      client.PUT('/api/horses/{horseId}', {
        params: { path: { horseId: props.horseId } },
        body: { version: on!.version, entry: typed },
      }),
    ),
  bearsUpon: ofThisHorse,
})

async function remove(m: StrideView) {
  const path = { horseId: props.horseId, strideId: m.id }
  await takeOff(
    'Measurement taken off the card.',
    () => ask(() => client.DELETE('/api/horses/{horseId}/strides/{strideId}', { params: { path } })),
    () => ask(() => client.POST('/api/horses/{horseId}/strides/{strideId}/restore', { params: { path } })),
  )
}
</script>

<template>
  <template v-if="passport">
    <header class="page-head">
      <h1>{{ passport.horse.name }}</h1>
      <span class="quiet"
        >{{ passport.horse.experience }} {{ passport.horse.sex }}, {{ passport.horse.age }} years (foaled
        {{ passport.horse.foaled }}), {{ passport.horse.hands }} /
        {{ Math.round(passport.horse.heightCm) }} cm</span
      >
      <div class="actions">
        <LinkButton :to="{ name: 'repeats', params: { horseId } }">What repeats</LinkButton>
        <Button v-if="trains()" @click="begin(passport.horse)">Edit</Button>
        <LinkButton v-if="trains()" type="primary" :to="{ name: 'set-ups', params: { horseId } }"
          >Set up poles</LinkButton
        >
      </div>
    </header>

    <div class="stack">
      <StandingStrip :passport="passport" />
      <HoldCard v-for="h in held" :key="h.id" :horse-id="horseId" :hold="h" />
      <div class="columns">
        <div class="stack">
          <p v-if="passport.horse.notes" class="notes max-w-70ch">{{ passport.horse.notes }}</p>
          <PlacesCard :horse-id="horseId" />
          <ThenAndNowCard :horse-id="horseId" />
          <SidesCard :horse-id="horseId" />
          <section class="card">
            <div class="row spread">
              <h2>Stride card</h2>
              <span class="small quiet">pale rows are published start values, scaled to its height</span>
            </div>
            <StrideCardTable :card="passport.strideCard" />
          </section>
          <AdjustabilityCard :horse-id="horseId" />
          <TimelineCard :horse-id="horseId" />
        </div>
        <div class="stack">
          <ConditionCard :horse-id="horseId" :may="passport.standing.may" />
          <ReferralsCard :horse-id="horseId" />
          <RestrictionsCard :horse-id="horseId" />
          <AssessmentsCard :horse-id="horseId" />
          <CareCard :horse-id="horseId" />
          <FeedCard :horse-id="horseId" />
          <TackCard :horse-id="horseId" />
          <ApproachCard :horse-id="horseId" />
          <section v-if="trains()" class="card"><StrideForm :horse-id="horseId" /></section>
          <section v-if="passport.measurements.length || trains()" class="card">
            <h2>Measured strips</h2>
            <p v-if="passport.measurements.length === 0" class="quiet">
              None yet. Until then its distances rest on its height alone.
            </p>
            <ul class="strips grid gap-8px mt-8px">
              <li v-for="m in passport.measurements" :key="m.id" class="grid grid-cols-[1fr_auto]">
                <span
                  ><strong>{{ m.stride.toFixed(2) }} m</strong>
                  {{ variantWords[m.variant].toLowerCase() }}</span
                >
                <span class="small quiet [grid-column:1]"
                  >{{ shortDay(m.on) }}: {{ m.stripMetres }} m, {{ m.strides }} strides,
                  {{ m.seconds === null ? 'counted between poles' : `${m.seconds} s` }}</span
                >
                <Button
                  v-if="trains()"
                  type="link"
                  size="small"
                  :aria-label="`Take off the strip of ${shortDay(m.on)}`"
                  @click="remove(m)"
                >
                  Take off
                </Button>
              </li>
            </ul>
          </section>
          <section v-if="cleared.length" class="card">
            <h2>Cleared</h2>
            <p v-for="h in cleared" :key="h.id" class="small">
              {{ h.because }}, {{ shortDay(h.since) }}: cleared {{ shortDay(h.clearedOn!) }} by
              {{ h.clearedBy }}
            </p>
          </section>
        </div>
      </div>
    </div>

    <Modal v-model:open="open" title="Edit the horse" :footer="null">
      <form class="stack" @submit.prevent="keep()">
        <ProblemNote
          v-if="problem && problem.faults.length === 0 && problem.status !== 409"
          :problem="problem"
        />
        <HorseFields v-model="entry" />
        <Button type="primary" html-type="submit" :disabled="busy">Keep</Button>
      </form>
    </Modal>
    <ConflictDialog
      :problem="problem"
      :mine="entry as Record<string, unknown>"
      :words="words"
      @keep-mine="keep"
      @take-theirs="takeTheirs"
    />
  </template>
</template>

<style scoped>
.columns {
  --beside: 330px;
}
.strips .ant-btn {
  grid-column: 2;
  grid-row: 1;
}
</style>
