<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { ask, client } from '../api/client'
import type { ReferralDay } from '../api/schema'
import ProblemNote from '../house/ProblemNote.vue'
import ReinBalance from '../house/ReinBalance.vue'
import RowsTable from '../house/RowsTable.vue'
import { longDay, opened, shortDay } from '../house/format'
import { keys } from '../house/keys'
import { clears } from '../house/signIn'
import { done } from '../house/undo'
import { careWords, legWords, referredWords } from '../house/words'
import ReferralOutcome from './ReferralOutcome.vue'
import TouchedLegs from './TouchedLegs.vue'

/** The paper for whoever looks at the horse: reason, counts, days, drawing and the rides behind it. */
const props = defineProps<{ horseId: string; referralId: string }>()
const { data: page, error } = useQuery({
  queryKey: computed(() => keys.ofHorse(props.horseId).referral(props.referralId)),
  queryFn: () =>
    ask(() =>
      client.GET('/api/horses/{horseId}/referrals/{referralId}', {
        params: { path: { horseId: props.horseId, referralId: props.referralId } },
      }),
    ),
})
const referral = computed(() => page.value?.line.referral)
const paper = computed(() => page.value?.paper)
const told = computed(() => Object.values(paper.value?.legs ?? {}).some((n) => n > 0))
const passed = computed(() => (paper.value?.passes.left.all ?? 0) + (paper.value?.passes.right.all ?? 0) > 0)
const print = () => window.print()

const byLeg = (d: ReferralDay) =>
  (Object.entries(d.legs) as [keyof typeof legWords, number][])
    .map(([leg, n]) => `${legWords[leg].toLowerCase()} ${n}`)
    .join(', ')

/** By the device's own share sheet; where there is none the text is copied. */
async function send() {
  const text = paper.value!.text
  const title = `${page.value!.horseName}: for the ${referredWords[referral.value!.to].toLowerCase()}`
  if (navigator.share) {
    try {
      await navigator.share({ title, text })
    } catch (e) {
      // Whoever closes the share sheet has thought better of it.
      if (!(e instanceof DOMException && e.name === 'AbortError')) throw e
    }
    return
  }
  await navigator.clipboard.writeText(text)
  done('Copied: paste it into a message.')
}
</script>

<template>
  <ProblemNote v-if="error" :problem="error" />
  <template v-if="page && referral && paper">
    <header class="page-head">
      <h1>For the {{ referredWords[referral.to].toLowerCase() }}</h1>
      <span class="quiet"
        >{{ page.horseName }}, {{ page.age }} years, {{ page.hands }} · {{ longDay(referral.on) }}, by
        {{ page.line.openedBy }}</span
      >
      <div class="actions no-print">
        <Button @click="print">Print</Button>
        <Button :type="referral.outcome ? 'default' : 'primary'" @click="send">Send</Button>
      </div>
    </header>
    <div class="columns">
      <div class="stack">
        <section class="card stack">
          <p class="text-1.5rem font-bold leading-[1.25]">
            {{ referral.because[0]!.toUpperCase() }}{{ referral.because.slice(1) }}.
          </p>
          <p v-if="!referral.outcome">
            <template v-if="page.line.waits"
              >No <strong>{{ page.line.waits }}</strong> until somebody has looked and it is written here;
              other work goes on.</template
            >
            <template v-else>No work waits for it here.</template>
            <span class="quiet"> Open {{ opened(page.line.daysOpen) }}.</span>
          </p>
          <p v-else>
            “{{ referral.outcome.word }}”
            <span class="quiet"
              >{{ referral.outcome.by }}, {{ shortDay(referral.outcome.on) }}, after {{ page.line.daysOpen }}
              {{ page.line.daysOpen === 1 ? 'day' : 'days' }}</span
            >
          </p>
          <ReferralOutcome
            v-if="!referral.outcome && clears()"
            class="no-print"
            :horse-id="horseId"
            :line="page.line"
          />
        </section>
        <section class="card stack">
          <div class="row spread">
            <h2>What was told, day by day</h2>
            <span class="small quiet">{{ paper.rides }} rides since {{ shortDay(paper.from) }}</span>
          </div>
          <RowsTable
            v-if="paper.days.length"
            :rows="paper.days"
            :columns="[
              { key: 'day', title: 'Day' },
              { key: 'rider', title: 'Rider', says: (d) => d.rider },
              { key: 'saw', title: 'Seen', says: (d) => d.says },
              { key: 'legs', title: 'By leg', says: byLeg },
              {
                key: 'marks',
                title: 'Mark ◀ ▶',
                number: true,
                says: (d) => `${d.marks.left ?? '–'} | ${d.marks.right ?? '–'}`,
              },
            ]"
          >
            <template #day="{ row }">
              <RouterLink
                class="underline whitespace-nowrap"
                :to="{ name: 'review', params: { horseId, rideId: row.rideId } }"
                >{{ shortDay(row.on) }}</RouterLink
              >
            </template>
          </RowsTable>
          <p v-else class="quiet">Nothing was tapped in these rides: the reason above is all there is.</p>
        </section>
      </div>
      <aside class="stack">
        <section v-if="told" class="card stack legs">
          <h2>Touches by leg</h2>
          <TouchedLegs :legs="paper.legs" />
        </section>
        <section v-if="passed" class="card stack gap-8px">
          <h2>Passes touched</h2>
          <ReinBalance
            :left="paper.passes.left.touched"
            :right="paper.passes.right.touched"
            :most="Math.max(paper.passes.left.all, paper.passes.right.all)"
          />
          <p class="small quiet">
            of {{ paper.passes.left.all }} on the left and {{ paper.passes.right.all }} on the right rein
          </p>
        </section>
        <section v-if="paper.marks.left !== null && paper.marks.right !== null" class="card stack gap-8px">
          <h2>Mean mark</h2>
          <ReinBalance :left="paper.marks.left" :right="paper.marks.right" :most="10" />
        </section>
        <section v-if="page.visits.length" class="card stack gap-6px">
          <h2>Seen to before</h2>
          <p v-for="v in page.visits" :key="v.id" class="small">
            <strong>{{ careWords[v.kind] }}</strong> {{ shortDay(v.on) }}{{ v.by ? `, ${v.by}` : '' }}
            <span v-if="v.found" class="quiet block">{{ v.found }}</span>
          </p>
        </section>
        <p class="small quiet">
          Counted from what was tapped and typed; it diagnoses nothing. A horse that is off stops work and
          goes to a vet.
        </p>
      </aside>
    </div>
  </template>
</template>

<style scoped>
.columns {
  --beside: 250px;
}
.legs :deep(svg) {
  max-width: 150px;
  margin: 0 auto;
}
</style>
