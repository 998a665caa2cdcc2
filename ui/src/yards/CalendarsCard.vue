<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import dayjs from 'dayjs'
import Input from 'ant-design-vue/es/input'
import Upload from 'ant-design-vue/es/upload'
import { computed, ref } from 'vue'
import { ask, client } from '../api/client'
import type { NewCalendar } from '../api/schema'
import { bearsUpon, keys, useChanged } from '../house/keys'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { useCalendars } from '../house/queries'
import { signedIn, trains } from '../house/signIn'
import { done } from '../house/undo'

/** The calendar out: a file, and addresses to subscribe to that can be revoked. Sessions and rides as tables. */
const { data: calendars } = useCalendars()
const changed = useChanged()
const { problem, busy, attempt } = useProblem()
const name = ref('')
const made = ref<NewCalendar | null>(null)
const today = computed(() => signedIn.value?.today ?? dayjs().format('YYYY-MM-DD'))
const span = computed(
  () =>
    `from=${dayjs(today.value).subtract(365, 'day').format('YYYY-MM-DD')}&to=${dayjs(today.value).add(200, 'day').format('YYYY-MM-DD')}`,
)

async function add() {
  made.value =
    (await attempt(() => ask(() => client.POST('/api/me/calendars', { body: { name: name.value } })))) ?? null
  if (made.value) name.value = ''
  await changed(bearsUpon.calendars)
}

/** A table of aims and results, as it is written out here. */
async function takeAims(file: File) {
  const table = await file.text()
  const taken = await attempt(() => ask(() => client.POST('/api/aims/table', { body: { table } })))
  if (!taken) return
  const there = taken.thereAlready ? `, ${taken.thereAlready} there already` : ''
  done(`${taken.added} ${taken.added === 1 ? 'competition' : 'competitions'} taken in${there}.`)
  await changed([keys.anyHorse, keys.today, keys.week()])
}

async function revoke(id: string) {
  await ask(() => client.DELETE('/api/me/calendars/{id}', { params: { path: { id } } }))
  if (made.value?.id === id) made.value = null
  await changed(bearsUpon.calendars)
}
</script>

<template>
  <section class="card stack" aria-labelledby="out-head">
    <h2 id="out-head">Calendar and tables out</h2>
    <div class="row">
      <Button href="/api/calendar.ics" download="hippodrome.ics">Calendar as a file</Button>
      <Button :href="`/api/sessions.csv?${span}`" download="sessions.csv">Sessions, CSV</Button>
      <Button :href="`/api/rides.csv?${span}`" download="rides.csv">Rides, CSV</Button>
      <Button href="/api/aims.csv" download="aims.csv">Aims, CSV</Button>
    </div>
    <div v-if="trains()" class="row">
      <Upload
        accept=".csv,text/csv"
        :show-upload-list="false"
        :before-upload="(file) => (void takeAims(file), false)"
        ><span class="block py-9px px-16px edge rounded-8px bg-card font-semibold cursor-pointer"
          >Take a table of aims in</span
        ></Upload
      >
      <span class="small quiet">Competitions and how they went, a line each; all of it or nothing.</span>
    </div>
    <ProblemNote v-if="problem" :problem="problem" />
    <form class="row items-end" @submit.prevent="add">
      <FieldBox v-slot="{ id }" label="An address to subscribe to, for" name="name"
        ><Input :id="id" v-model:value="name" placeholder="my telephone"
      /></FieldBox>
      <Button html-type="submit" :disabled="busy">Make one</Button>
    </form>
    <p v-if="made" class="told" role="status">
      <strong>{{ made.name }}</strong>: <code class="break-anywhere">{{ made.address }}</code> Copy it now: it
      is not shown again. Whoever has it can read your horses' plan, until you revoke it.
    </p>
    <ul>
      <li v-for="c in calendars ?? []" :key="c.id" class="row">
        {{ c.name }} <span class="small quiet">since {{ dayjs(c.createdAt).format('D MMM YYYY') }}</span>
        <Button type="link" size="small" :aria-label="`Revoke ${c.name}`" @click="revoke(c.id)">
          Revoke
        </Button>
      </li>
    </ul>
  </section>
</template>
