<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import { computed, ref } from 'vue'
import { ask, client } from '../api/client'
import type { MayDo } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import { useTakingOff } from '../house/drafts'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import WhyButton from '../house/WhyButton.vue'
import { useProblem } from '../house/faults'
import { shortDay } from '../house/format'
import { useCondition } from '../house/queries'
import { clears, trains } from '../house/signIn'
import { done } from '../house/undo'
import { offWords } from '../house/words'
import TimeAwayForm from './TimeAwayForm.vue'

/** What binds every plan today: a return, a clearance, a treatment, a leg, days off, what a vet has called old. */
const props = defineProps<{ horseId: string; may: MayDo }>()
const changed = useChanged()
const takeOff = useTakingOff(() => bearsUpon.horse(props.horseId))
const { data: condition } = useCondition(() => props.horseId)
const { problem, busy, attempt } = useProblem()
const open = ref<'' | 'away' | 'ramp' | 'leg' | 'known'>('')
const word = ref('')
const what = ref('')
const by = ref('')
const params = computed(() => ({ path: { horseId: props.horseId } }))
const isQuiet = computed(() => {
  const c = condition.value
  return c && !c.ramp && !c.cleared && !c.treatment && !c.sameLeg && c.calmSits === null && !c.known.length
})

function show(form: typeof open.value) {
  open.value = form
  word.value = what.value = by.value = ''
  problem.value = null
}

async function send(said: string, ask: () => Promise<unknown>) {
  if (!(await attempt(ask))) return
  show('')
  await changed(bearsUpon.horse(props.horseId))
  done(said)
}
const endRamp = () =>
  send('Its return is over, with your word.', () =>
    ask(() =>
      client.POST('/api/horses/{horseId}/ramp-end', { params: params.value, body: { word: word.value } }),
    ),
  )
const look = () =>
  send('Looked at: the count begins again.', () =>
    ask(() =>
      client.POST('/api/horses/{horseId}/leg-looks', { params: params.value, body: { word: word.value } }),
    ),
  )
const know = () =>
  send('Entered as old and known.', () =>
    ask(() =>
      client.POST('/api/horses/{horseId}/known-findings', {
        params: params.value,
        body: { what: what.value, by: by.value },
      }),
    ),
  )

async function remove(of: 'time-away' | 'known-findings', id: string) {
  const path = { params: { path: { horseId: props.horseId, id } } }
  const [off, back] =
    of === 'time-away'
      ? [
          () => client.DELETE('/api/horses/{horseId}/time-away/{id}', path),
          () => client.POST('/api/horses/{horseId}/time-away/{id}/restore', path),
        ]
      : [
          () => client.DELETE('/api/horses/{horseId}/known-findings/{id}', path),
          () => client.POST('/api/horses/{horseId}/known-findings/{id}/restore', path),
        ]
  await takeOff(
    'Taken off.',
    () => ask<unknown>(off),
    () => ask<unknown>(back),
  )
}
</script>

<template>
  <section v-if="condition" class="card stack gap-10px">
    <div class="row spread">
      <h2>What binds its plans</h2>
      <Button v-if="trains() && open !== 'away'" size="small" @click="show('away')"> It was off </Button>
    </div>
    <p v-if="isQuiet" class="quiet">
      {{
        may === 'anyWork'
          ? 'Nothing: full work, as far as its ladders are open.'
          : 'Nothing besides what stands above.'
      }}
    </p>
    <ul class="grid gap-10px">
      <li v-if="condition.ramp">
        <strong>Coming back to work</strong>
        <span
          >{{ condition.ramp.total }} minutes a session, {{ condition.ramp.trot }} of trot and
          {{ condition.ramp.canter }} of canter in them;
          {{ condition.ramp.mayJump ? 'fences too' : 'no fence' }}
          <WhyButton :why="condition.ramp.why" of="this return"
        /></span>
        <span v-if="condition.ramp.binding" class="small quiet"
          >After injury or illness, or in a vet's stage: no word goes round it.</span
        >
        <Button v-else-if="trains() && open !== 'ramp'" type="link" size="small" @click="show('ramp')">
          It is back in full work
        </Button>
      </li>
      <li v-if="condition.cleared">
        <strong>Cleared {{ shortDay(condition.cleared.on) }}</strong>
        <span
          >{{ condition.cleared.noLungeing ? 'Led' : 'The lunge' }} first, then the long lines, then the
          saddle; worked on {{ condition.cleared.workedDays }}
          {{ condition.cleared.workedDays === 1 ? 'day' : 'days' }} since.</span
        >
      </li>
      <li v-if="condition.treatment">
        <strong>{{ condition.treatment.because }}</strong>
        <span class="small quiet">{{ condition.treatment.by }}. Ends by itself.</span>
      </li>
      <li v-if="condition.sameLeg" class="grave">
        <strong>The same leg</strong>
        <span
          >{{ condition.sameLeg.inputs[0] }} <WhyButton :why="condition.sameLeg" of="this leg" /> Poles and
          fences wait until a physiotherapist or vet has looked.</span
        >
        <Button v-if="trains() && open !== 'leg'" type="link" size="small" @click="show('leg')">
          It was looked at
        </Button>
      </li>
      <li v-if="condition.calmSits !== null">
        <strong>First month under saddle</strong>
        <span>{{ condition.calmSits }} of four calm sits, led in walk, before a few steps of trot.</span>
      </li>
      <li v-for="k in condition.known" :key="k.id">
        <strong>Old and known: {{ k.what }}</strong>
        <span class="small quiet"
          >{{ k.byWhom }}, {{ shortDay(k.onDay) }}
          <Button
            v-if="clears()"
            type="link"
            size="small"
            :aria-label="`Take off ${k.what}`"
            @click="remove('known-findings', k.id)"
          >
            Take off
          </Button></span
        >
      </li>
    </ul>

    <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
    <TimeAwayForm v-if="open === 'away'" :horse-id="horseId" @told="show('')" @leave="show('')" />
    <form
      v-if="open === 'ramp' || open === 'leg'"
      class="stack"
      @submit.prevent="open === 'ramp' ? endRamp() : look()"
    >
      <FieldBox
        v-slot="{ id }"
        :label="open === 'ramp' ? 'Why its return is over' : 'Who looked, and what came of it'"
        name="word"
        ><Input :id="id" v-model:value="word"
      /></FieldBox>
      <div class="row">
        <Button type="primary" size="small" html-type="submit" :disabled="busy">Write it down</Button>
        <Button size="small" @click="show('')">Leave it</Button>
      </div>
    </form>
    <form v-if="open === 'known'" class="stack" @submit.prevent="know">
      <FieldBox v-slot="{ id }" label="Old and known" name="what" hint="“old splint, left fore, cold”"
        ><Input :id="id" v-model:value="what"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Said by (the vet's name)" name="by"
        ><Input :id="id" v-model:value="by"
      /></FieldBox>
      <div class="row">
        <Button type="primary" size="small" html-type="submit" :disabled="busy">Write it down</Button>
        <Button size="small" @click="show('')">Leave it</Button>
      </div>
    </form>
    <Button v-else-if="clears()" type="link" size="small" class="left" @click="show('known')">
      A vet calls something old and known
    </Button>

    <details v-if="condition.away.length">
      <summary class="small">Days off: {{ condition.away.length }}</summary>
      <p v-for="t in condition.away" :key="t.id" class="small">
        {{ shortDay(t.from) }} to {{ t.until ? shortDay(t.until) : 'now' }}:
        {{ t.because ? offWords[t.because].toLowerCase() : 'worked, not written down'
        }}{{ t.word ? `, ${t.word}` : '' }}
        <Button
          v-if="trains()"
          type="link"
          size="small"
          :aria-label="`Take off the days from ${shortDay(t.from)}`"
          @click="remove('time-away', t.id)"
        >
          Take off
        </Button>
      </p>
    </details>
  </section>
</template>

<style scoped>
li {
  display: grid;
  justify-items: start;
  padding-left: 9px;
  border-left: 3px solid var(--straw);
  font-size: 0.95rem;
}
li.grave {
  border-color: var(--grave);
}
.left {
  justify-self: start;
}
</style>
