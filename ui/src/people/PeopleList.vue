<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Checkbox from 'ant-design-vue/es/checkbox'
import Input from 'ant-design-vue/es/input'
import { ref } from 'vue'
import { ask, client } from '../api/client'
import type { PersonEntry, PersonView } from '../api/schema'
import { bearsUpon, keys, useChanged } from '../house/keys'
import ChipRow from '../house/ChipRow.vue'
import FieldBox from '../house/FieldBox.vue'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { useHorses } from '../house/queries'
import { done } from '../house/undo'
import { options, roleWords } from '../house/words'

/** Who works here, and which horses each has been given. */
const { data: people, error } = useQuery({
  queryKey: keys.people,
  queryFn: () => ask(() => client.GET('/api/people')),
})
const { data: horses } = useHorses()
const changed = useChanged()
const blank = (): PersonEntry => ({
  name: '',
  email: '',
  password: '',
  role: 'rider',
  isVet: false,
  horseIds: [],
})
const entry = ref<PersonEntry | null>(null)
const editing = ref<PersonView | null>(null)
const { problem, busy, attempt } = useProblem()
const nameOf = (id: string) => horses.value?.find((h) => h.id === id)?.name

function edit(person: PersonView) {
  editing.value = person
  problem.value = null
  entry.value = { ...person, password: '' }
}

async function keep() {
  const now = entry.value!
  const body = { ...now, isVet: now.role === 'observer' && now.isVet }
  const kept = await attempt(() =>
    editing.value
      ? ask(() =>
          client.PUT('/api/people/{personId}', {
            params: { path: { personId: editing.value!.id } },
            body: { version: editing.value!.version, entry: body },
          }),
        )
      : ask(() => client.POST('/api/people', { body })),
  )
  if (!kept) {
    if (problem.value?.status === 409) editing.value = problem.value.current as PersonView
    return
  }
  done(`${kept.name} is in the book.`)
  entry.value = editing.value = null
  await changed(bearsUpon.people)
}
</script>

<template>
  <section class="card stack">
    <div class="row spread">
      <h2>People</h2>
      <button v-if="!entry" class="button small" type="button" @click="entry = blank()">Add someone</button>
    </div>
    <ProblemNote v-if="error" :problem="error" />
    <table>
      <thead>
        <tr>
          <th>Name</th>
          <th>Role</th>
          <th>Horses</th>
          <th></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="p in people" :key="p.id">
          <td>
            <strong>{{ p.name }}</strong><br /><span class="small quiet">{{ p.email }}</span>
          </td>
          <td>{{ p.isVet ? 'Vet' : roleWords[p.role] }}</td>
          <td>{{ p.role === 'trainer' ? 'all' : p.horseIds.map(nameOf).join(', ') || 'none yet' }}</td>
          <td class="number">
            <button class="button small" type="button" :aria-label="`Change ${p.name}`" @click="edit(p)">
              Change
            </button>
          </td>
        </tr>
      </tbody>
    </table>

    <form v-if="entry" class="stack form" @submit.prevent="keep">
      <h3>{{ editing ? `Change ${editing.name}` : 'Add someone' }}</h3>
      <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
      <div class="pair">
        <FieldBox v-slot="{ id }" label="Name" name="name"
          ><Input :id="id" v-model:value="entry.name!"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Role" name="role"
          ><PickOne :id="id" v-model:value="entry.role!" :options="options(roleWords)"
        /></FieldBox>
        <template v-if="!editing">
          <FieldBox v-slot="{ id }" label="E-mail" name="email"
            ><Input :id="id" v-model:value="entry.email!" type="email" autocomplete="off"
          /></FieldBox>
          <FieldBox v-slot="{ id }" label="First password" name="password" hint="They can change it"
            ><Input :id="id" v-model:value="entry.password!" autocomplete="off"
          /></FieldBox>
        </template>
      </div>
      <div v-if="entry.role !== 'trainer'">
        <h4>Horses given to them</h4>
        <ChipRow
          v-model="entry.horseIds!"
          label="Horses given to them"
          :choices="(horses ?? []).map((h) => ({ value: h.id, label: h.name }))"
          many
        />
      </div>
      <Checkbox v-if="entry.role === 'observer'" v-model:checked="entry.isVet!"
        >A vet, who may enter clearances</Checkbox
      >
      <div class="row">
        <button class="button main" type="submit" :disabled="busy">Keep</button>
        <button class="button" type="button" @click="entry = editing = null">Leave it</button>
      </div>
    </form>
  </section>
</template>

<style scoped>
h4 {
  margin: 0 0 6px;
  font-size: 0.87rem;
}
.form {
  padding-top: 14px;
  border-top: 1px solid var(--line);
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
</style>
