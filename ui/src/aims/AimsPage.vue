<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import DatePicker from 'ant-design-vue/es/date-picker'
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import { ask, client } from '../api/client'
import type { AimEntry, AimView } from '../api/schema'
import { bearsUpon } from '../house/keys'
import ConflictDialog from '../house/ConflictDialog.vue'
import FieldBox from '../house/FieldBox.vue'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useDraft, useTakingOff } from '../house/drafts'
import { inDays, longDay } from '../house/format'
import { useAims } from '../house/queries'
import { trains } from '../house/signIn'

/** Competitions worked towards. */
const props = defineProps<{ horseId: string }>()
const { data: aims } = useAims(() => props.horseId)
const aimsOfThisHorse = () => bearsUpon.horse(props.horseId)
const path = (aimId: string) => ({ horseId: props.horseId, aimId })
const { entry, changes, problem, busy, begin, leave, keep, takeTheirs } = useDraft<AimEntry, AimView>({
  blank: () => ({
    name: '',
    on: null,
    discipline: 'jumping',
    scheme: '',
    level: '',
    heightMetres: null,
    place: '',
  }),
  of: (aim) => ({ ...aim }),
  versionOf: (aim) => aim.version,
  send(typed, on) {
    const body = { ...typed, heightMetres: typed.discipline === 'dressage' ? null : typed.heightMetres }
    return ask(() =>
      on
        ? client.PUT('/api/horses/{horseId}/aims/{aimId}', {
            params: { path: path(on.view.id) },
            body: { version: on.version, entry: body },
          })
        : client.POST('/api/horses/{horseId}/aims', { params: { path: { horseId: props.horseId } }, body }),
    )
  },
  bearsUpon: aimsOfThisHorse,
})
const takeOff = useTakingOff(aimsOfThisHorse)
const words = {
  name: 'Competition',
  on: 'Day',
  discipline: 'Discipline',
  scheme: 'Scheme',
  level: 'Level',
  heightMetres: 'Height',
  place: 'Place',
}
const disciplines = [
  { value: 'dressage', label: 'Dressage' },
  { value: 'jumping', label: 'Jumping' },
  { value: 'eventing', label: 'Eventing' },
]

const remove = (aim: AimView) =>
  takeOff(
    `${aim.name} taken off.`,
    () => ask(() => client.DELETE('/api/horses/{horseId}/aims/{aimId}', { params: { path: path(aim.id) } })),
    () =>
      ask(() =>
        client.POST('/api/horses/{horseId}/aims/{aimId}/restore', { params: { path: path(aim.id) } }),
      ),
  )
</script>

<template>
  <header class="page-head"><h1>Aims</h1></header>
  <div class="columns">
    <div class="stack">
      <p v-if="aims?.length === 0" class="card">
        No competition yet. Enter one: the days that are left decide how fast the work can grow.
      </p>
      <article v-for="aim in aims" :key="aim.id" class="card aim" :class="{ past: aim.daysLeft < 0 }">
        <div class="left grid justify-items-center pr-14px edge-r">
          <strong class="days text-2.2rem leading-[1.1]">{{ Math.abs(aim.daysLeft) }}</strong>
          <span class="small quiet">{{
            aim.daysLeft < 0 ? 'days ago' : aim.daysLeft === 1 ? 'day left' : 'days left'
          }}</span>
        </div>
        <div>
          <h2>{{ aim.name }}</h2>
          <p>
            {{ longDay(aim.on) }}<template v-if="aim.place">, {{ aim.place }}</template
            ><span class="quiet"> · {{ inDays(aim.daysLeft) }}</span>
          </p>
          <p class="quiet">
            {{ disciplines.find((d) => d.value === aim.discipline)?.label }} · {{ aim.level }}, {{ aim.scheme
            }}<template v-if="aim.heightMetres"> · {{ aim.heightMetres.toFixed(2) }} m</template>
          </p>
        </div>
        <div v-if="trains()" class="row acts">
          <Button size="small" @click="begin(aim)">Edit</Button>
          <Button size="small" @click="remove(aim)">Take off</Button>
        </div>
      </article>
    </div>

    <form v-if="trains()" class="card stack" @submit.prevent="keep()">
      <h2>{{ changes ? 'Edit the aim' : 'Add a competition' }}</h2>
      <ProblemNote
        v-if="problem && problem.faults.length === 0 && problem.status !== 409"
        :problem="problem"
      />
      <FieldBox v-slot="{ id }" label="Competition" name="name"
        ><Input :id="id" v-model:value="entry.name!"
      /></FieldBox>
      <div class="pair">
        <FieldBox v-slot="{ id }" label="Day" name="on"
          ><DatePicker :id="id" v-model:value="entry.on!" value-format="YYYY-MM-DD" format="D MMM YYYY"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Discipline" name="discipline"
          ><PickOne :id="id" v-model:value="entry.discipline!" :options="disciplines"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Scheme" name="scheme" hint="Whose level it is"
          ><Input :id="id" v-model:value="entry.scheme!"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Level" name="level" hint="“Novice” differs by scheme"
          ><Input :id="id" v-model:value="entry.level!"
        /></FieldBox>
        <FieldBox
          v-if="entry.discipline !== 'dressage'"
          v-slot="{ id }"
          label="Height, metres"
          name="heightMetres"
          ><InputNumber :id="id" v-model:value="entry.heightMetres!" :controls="false"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Place" name="place"
          ><Input :id="id" v-model:value="entry.place!"
        /></FieldBox>
      </div>
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">
          {{ changes ? 'Keep' : 'Add the aim' }}
        </Button>
        <Button v-if="changes" @click="leave">Leave it</Button>
      </div>
    </form>
  </div>
  <ConflictDialog
    :problem="problem"
    :mine="entry as Record<string, unknown>"
    :words="words"
    @keep-mine="keep"
    @take-theirs="takeTheirs"
  />
</template>

<style scoped>
.columns {
  --beside: 380px;
}
.aim {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr) auto;
  gap: 16px;
  align-items: center;
}
.aim.past {
  opacity: 0.75;
}
</style>
