<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
import Button from 'ant-design-vue/es/button'
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
      <Button v-if="!entry" size="small" @click="entry = blank()">Add someone</Button>
    </div>
    <ProblemNote v-if="error" :problem="error" />
    <RowsTable
      :rows="people ?? []"
      :columns="[
        { key: 'name', title: 'Name' },
        { key: 'role', title: 'Role', says: (p) => (p.isVet ? 'Vet' : roleWords[p.role]) },
        {
          key: 'horses',
          title: 'Horses',
          says: (p) => (p.role === 'trainer' ? 'all' : p.horseIds.map(nameOf).join(', ') || 'none yet'),
        },
        { key: 'change', number: true },
      ]"
    >
      <template #name="{ row }">
        <strong>{{ row.name }}</strong><br /><span class="small quiet">{{ row.email }}</span>
      </template>
      <template #change="{ row }">
        <Button size="small" :aria-label="`Change ${row.name}`" @click="edit(row)">Change</Button>
      </template>
    </RowsTable>

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
        <Button type="primary" html-type="submit" :disabled="busy">Keep</Button>
        <Button @click="entry = editing = null">Leave it</Button>
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
