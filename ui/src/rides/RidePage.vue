<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
import LinkButton from '../house/LinkButton.vue'
import Button from 'ant-design-vue/es/button'
import Checkbox from 'ant-design-vue/es/checkbox'
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ask, client } from '../api/client'
import { bearsUpon, useChanged } from '../house/keys'
import FieldBox from '../house/FieldBox.vue'
import PickOne from '../house/PickOne.vue'
import GaitChip from '../house/GaitChip.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { longDay, shortDay } from '../house/format'
import { useCondition, usePassport, useSessions, useSetUps, useToday } from '../house/queries'
import { signedIn } from '../house/signIn'
import {
  answeredWords,
  fallerWords,
  legWords,
  movementWords,
  options,
  reinWords,
  signWords,
  tensionWords,
} from '../house/words'
import dayjs from 'dayjs'
import ChipRow from '../house/ChipRow.vue'
import CountStep from './CountStep.vue'
import { dropDraft, keepDraft, loadDraft, type Draft } from './draft'
import { figures } from '../api/figures'
import {
  answers,
  graveSigns,
  legs,
  outcomes,
  noSetUp,
  riddenGaits,
  rideOver,
  sides,
  startForm,
  toEvents,
  transitionKinds,
} from './rideForm'
import type { Movement, Sign } from '../api/schema'

/** Quick entry after the ride. */
const props = defineProps<{ horseId: string }>()
const route = useRoute()
const router = useRouter()
const changed = useChanged()
const me = computed(() => signedIn.value!.me!.id)
const today = computed(() => signedIn.value!.today!)
const from = computed(() => dayjs(today.value).subtract(7, 'day').format('YYYY-MM-DD'))
const { data: sessions } = useSessions(
  () => props.horseId,
  () => from.value,
  () => today.value,
)
const { data: setUps } = useSetUps(() => props.horseId)
const { data: yard } = useToday()
const { data: condition } = useCondition(() => props.horseId)
const { data: passport } = usePassport(() => props.horseId)
const { problem, busy, attempt } = useProblem()

const draft = ref<Draft | null>(loadDraft(me.value, props.horseId))
const noRoom = ref(false)
const open = computed(() => (sessions.value ?? []).filter((s) => !s.rideId))
const form = computed(() => draft.value?.form)
const session = computed(() => sessions.value?.find((s) => s.id === form.value?.sessionId))
const name = (setUpId: string) =>
  setUpId === noSetUp ? 'Without a set-up' : (setUps.value?.find((s) => s.id === setUpId)?.name ?? 'Set-up')
/** What else stood: any set-up of the horse, or poles and fences of no set-up. */
const alsoStood = computed(() => [
  { value: 'poles', label: 'Poles of no set-up' },
  { value: 'fences', label: 'Fences of no set-up' },
  ...(setUps.value ?? [])
    .filter((s) => !form.value?.passes[s.id] && !form.value?.efforts[s.id])
    .map((s) => ({ value: s.id, label: s.name })),
])
function stood(which: string) {
  const setUp = setUps.value?.find((s) => s.id === which)
  rideOver(form.value!, setUp ?? (which as 'poles' | 'fences'))
}
const sided = (sign: Sign) => figures.signs.some((s) => s.sign === sign && s.hasSide)
const movements = options<Movement>(movementWords).filter((m) => m.value !== 'series')
const hasSides = (movement: Movement) =>
  figures.movements.some((m) => m.movement === movement && m.on !== 'nothing')
const askedToo = () =>
  form.value!.asked.push({
    movement: 'change',
    side: 'left',
    times: { alone: 0, reminded: 0, helped: 0, not: 0 },
  })
const marks = Array.from({ length: 21 }, (_, i) => ({ value: i / 2, label: String(i / 2) })).reverse()
/** A vet has called something old and known, and a sign of it is told. */
const mayBeKnown = computed(
  () => condition.value?.known.length && form.value?.signs.some((s) => graveSigns.includes(s)),
)
const passed = computed(
  () => form.value && Object.keys(form.value.passes).length + Object.keys(form.value.efforts).length > 0,
)
const signs = (Object.keys(signWords) as Sign[]).map((value) => ({
  value,
  label: signWords[value],
  grave: graveSigns.includes(value),
}))

function begin(sessionId: string | null) {
  const planned = sessions.value?.find((s) => s.id === sessionId)
  draft.value = {
    form: startForm(planned, setUps.value ?? [], today.value, yard.value?.weather ?? undefined),
    at: null,
    ids: {},
  }
}

watch(
  [sessions, setUps, yard],
  () => {
    if (!sessions.value || !setUps.value || !yard.value) return
    const asked = String(route.query.session ?? '')
    const wanted = open.value.find((s) => s.id === asked) ?? open.value.find((s) => s.on === today.value)
    const stale = asked && draft.value && draft.value.form.sessionId !== asked
    if (!draft.value || stale) begin(wanted?.id ?? null)
  },
  { immediate: true },
)
watch(draft, (now) => now && (noRoom.value = !keepDraft(me.value, props.horseId, now)), { deep: true })

async function send() {
  const now = draft.value!
  now.at ??= new Date().toISOString()
  const events = toEvents(now.form, now.at, (what) => (now.ids[what] ??= crypto.randomUUID()))
  const { rideId, sessionId, on } = now.form
  const review = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/rides/{rideId}/events', {
        params: { path: { horseId: props.horseId, rideId } },
        body: { sessionId, on, events },
      }),
    ),
  )
  if (!review) return
  draft.value = null
  dropDraft(me.value, props.horseId)
  await changed(bearsUpon.horse(props.horseId))
  await router.push({ name: 'review', params: { horseId: props.horseId, rideId } })
}
const sideSays = (side: 'left' | 'right') =>
  side === 'left' ? `◀ ${reinWords.left}` : `${reinWords.right} ▶`
</script>

<template>
  <header class="page-head">
    <h1>How did it go?</h1>
    <span v-if="form" class="quiet">{{ passport?.horse.name }}, {{ longDay(form.on) }}</span>
    <div class="actions">
      <LinkButton :to="{ name: 'rail', params: { horseId, sessionId: form?.sessionId ?? '' } }"
        >To the rail</LinkButton
      >
      <PickOne
        v-if="form"
        class="which"
        :value="form.sessionId ?? ''"
        :options="[
          ...open.map((s) => ({ value: s.id, label: `${shortDay(s.on)}: ${s.emphasis}` })),
          { value: '', label: 'Not planned' },
        ]"
        aria-label="Session ridden"
        @change="(v) => begin(String(v) || null)"
      />
    </div>
  </header>
  <p v-if="noRoom" class="told grave" role="alert">
    This device has no room left: send this before you close the page.
  </p>
  <form v-if="form" class="stack" @submit.prevent="send">
    <div class="two">
      <section class="card">
        <div class="row spread">
          <h2>Minutes</h2>
          <span v-if="session" class="small quiet">as planned; change what was different</span>
        </div>
        <RowsTable
          :rows="riddenGaits"
          :columns="[{ key: 'gait' }, { key: 'left', title: '◀ Left' }, { key: 'right', title: 'Right ▶' }]"
        >
          <template #gait="{ row }"><GaitChip :gait="row" word /></template>
          <template v-for="side in sides" :key="side" #[side]="{ row }">
            <InputNumber
              v-model:value="form.minutes[row]![side]!"
              :min="0"
              :max="240"
              :aria-label="`Minutes of ${row}, ${side} rein`"
            />
          </template>
        </RowsTable>
      </section>

      <section class="card">
        <h2>Transitions</h2>
        <div class="transitions grid grid-cols-[1fr_1fr] gap-y-8px gap-x-22px mt-10px">
          <label v-for="(kind, i) in transitionKinds" :key="kind.label" class="row spread">
            <span>{{ kind.label }}</span>
            <InputNumber v-model:value="form.transitions[i]!" :min="0" :max="500" :aria-label="kind.label" />
          </label>
        </div>
      </section>
    </div>

    <section v-for="(passes, setUpId) in form.passes" :key="setUpId" class="card">
      <h2>{{ name(String(setUpId)) }}</h2>
      <RowsTable
        :rows="sides"
        :columns="[
          { key: 'side', says: sideSays },
          { key: 'clean', title: 'Clean passes' },
          { key: 'touched', title: 'Touched passes' },
          { key: 'rushed', title: 'Rushed (of these)' },
        ]"
      >
        <template #clean="{ row }"
          ><CountStep v-model="passes[row].clean" :label="`Clean, ${row} rein`"
        /></template>
        <template #touched="{ row }"
          ><CountStep v-model="passes[row].touched" :label="`Touched, ${row} rein`"
        /></template>
        <template #rushed="{ row }"
          ><CountStep v-model="passes[row].rushed" :label="`Rushed, ${row} rein`"
        /></template>
      </RowsTable>
    </section>

    <section v-for="(efforts, setUpId) in form.efforts" :key="setUpId" class="card">
      <h2>{{ name(String(setUpId)) }}</h2>
      <RowsTable
        :rows="sides"
        :columns="[
          { key: 'side', says: sideSays },
          ...outcomes.map((o) => ({ key: o.value, title: o.label })),
        ]"
      >
        <template v-for="o in outcomes" :key="o.value" #[o.value]="{ row }">
          <CountStep v-model="efforts[row][o.value]!" :label="`${o.label}, ${row} rein`" />
        </template>
      </RowsTable>
    </section>

    <section class="card stack gap-12px">
      <div class="row spread">
        <h2>Also ridden over</h2>
        <PickOne
          class="which"
          :value="undefined"
          :options="alsoStood"
          placeholder="Add what stood"
          aria-label="Add what stood"
          @change="(v) => stood(String(v))"
        />
      </div>
      <FieldBox v-if="form.efforts[noSetUp]" v-slot="{ id }" label="Height of the fences of no set-up, cm">
        <InputNumber
          :id="id"
          :value="Math.round(form.efforts[noSetUp]!.height * 100)"
          :min="10"
          :max="180"
          :step="5"
          @change="(v) => (form!.efforts[noSetUp]!.height = Number(v ?? 60) / 100)"
        />
      </FieldBox>
      <div class="row spread">
        <h2>Asked</h2>
        <Button size="small" @click="askedToo">Add a movement</Button>
      </div>
      <div v-for="(a, i) in form.asked" :key="i" class="asked">
        <PickOne
          v-model:value="a.movement"
          :options="movements"
          :aria-label="`Movement ${i + 1}`"
          @change="(m) => (a.side = hasSides(m as Movement) ? (a.side ?? 'left') : null)"
        />
        <PickOne
          v-if="hasSides(a.movement)"
          v-model:value="a.side!"
          :options="sides.map((s) => ({ value: s, label: s }))"
          :aria-label="`Side ${i + 1}`"
        />
        <span v-else />
        <label v-for="how in answers" :key="how" class="grid gap-2px small">
          {{ answeredWords[how] }}
          <CountStep
            v-model="a.times[how]"
            :label="`${movementWords[a.movement]} ${i + 1}, ${answeredWords[how].toLowerCase()}`"
          />
        </label>
        <Button size="small" :aria-label="`Leave out movement ${i + 1}`" @click="form!.asked.splice(i, 1)"
          >Leave out</Button
        >
      </div>
    </section>

    <section v-if="passed" class="card">
      <h2>Touches by leg</h2>
      <p class="small quiet">Every touch that somebody saw the leg of, all poles and fences of the ride.</p>
      <div class="grid grid-cols-[repeat(auto-fit,minmax(220px,1fr))] gap-y-8px gap-x-26px mt-8px">
        <label v-for="leg in legs" :key="leg" class="row spread">
          <span>{{ legWords[leg] }}</span>
          <CountStep v-model="form.touches[leg]" :label="`Touches, ${legWords[leg].toLowerCase()}`" />
        </label>
      </div>
    </section>

    <section class="card stack gap-18px">
      <div class="grid grid-cols-[repeat(3,minmax(0,190px))] gap-14px">
        <FieldBox v-slot="{ id }" label="◀ Mark, left rein" name="mark left"
          ><PickOne
            :id="id"
            v-model:value="form.marks.left!"
            :options="marks"
            allow-clear
            placeholder="0 to 10"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Mark, right rein ▶" name="mark right"
          ><PickOne
            :id="id"
            v-model:value="form.marks.right!"
            :options="marks"
            allow-clear
            placeholder="0 to 10"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="How hard for the horse, 0 to 10"
          ><InputNumber :id="id" v-model:value="form.exertion!" :min="0" :max="10"
        /></FieldBox>
      </div>
      <div>
        <h3 class="mb-7px">Tension</h3>
        <ChipRow
          v-model="form.tension"
          label="Tension"
          :choices="tensionWords.map((label, value) => ({ value, label }))"
        />
      </div>
      <div>
        <h3 class="mb-7px">Reins dropped at the end: did the head go down and out?</h3>
        <ChipRow
          v-model="form.closingTest"
          label="Closing test"
          :choices="[
            { value: true, label: 'Yes, passed' },
            { value: false, label: 'No' },
          ]"
        />
      </div>
      <div>
        <h3 class="mb-7px">Seen or felt</h3>
        <ChipRow v-model="form.signs" label="Signs" :choices="signs" many />
        <div v-for="s in form.signs.filter(sided)" :key="s" class="row mt-6px">
          <span>{{ signWords[s] }}</span>
          <ChipRow
            v-model="form.signSides[s]!"
            :label="`${signWords[s]}, side`"
            :choices="sides.map((side) => ({ value: side, label: sideSays(side) }))"
          />
        </div>
        <template v-if="mayBeKnown">
          <h3 class="known mt-12px mb-7px">Old and known, as before?</h3>
          <ChipRow
            v-model="form.known"
            label="Old and known"
            :choices="condition!.known.map((k) => ({ value: k.id, label: k.what }))"
          />
        </template>
      </div>
      <div>
        <h3 class="mb-7px">A fall</h3>
        <ChipRow v-model="form.fell" label="Who fell" :choices="options(fallerWords)" />
        <Checkbox v-if="form.fell" v-model:checked="form.head"
          >A knock to the head: no more riding that day, and a doctor</Checkbox
        >
      </div>
      <div class="grid grid-cols-[repeat(3,minmax(0,190px))] gap-14px">
        <FieldBox v-slot="{ id }" label="°C"
          ><InputNumber
            :id="id"
            v-model:value="form.weather.temperatureC!"
            @change="form.weather.simulated = false"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Humidity, %"
          ><InputNumber
            :id="id"
            v-model:value="form.weather.humidityPercent!"
            :min="0"
            :max="100"
            @change="form.weather.simulated = false"
        /></FieldBox>
        <p class="small quiet self-end pb-10px">
          {{ form.weather.simulated ? 'From the simulated station; type over it.' : 'As you read it.' }}
        </p>
      </div>
      <FieldBox v-slot="{ id }" label="A word for next time"
        ><Input.TextArea :id="id" v-model:value="form.note" :rows="2"
      /></FieldBox>
    </section>

    <ProblemNote v-if="problem" :problem="problem" />
    <div class="row">
      <Button type="primary" html-type="submit" :disabled="busy">Write it down</Button>
      <span class="small quiet">Kept on this device until it has arrived.</span>
    </div>
  </form>
</template>

<style scoped>
.which {
  width: 280px;
}
.asked {
  display: grid;
  grid-template-columns: 180px 90px repeat(4, minmax(0, 1fr)) auto;
  gap: 10px;
  align-items: end;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
  gap: 14px;
}
@media (max-width: 860px) {
  .two,
  .asked,
  .transitions {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
