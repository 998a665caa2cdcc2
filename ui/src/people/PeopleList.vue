<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
import Button from 'ant-design-vue/es/button'
import { useQuery } from '@tanstack/vue-query'
import Checkbox from 'ant-design-vue/es/checkbox'
import Input from 'ant-design-vue/es/input'
import { ask, client } from '../api/client'
import type { PersonEntry, PersonView } from '../api/schema'
import { bearsUpon, keys } from '../house/keys'
import ConflictDialog from '../house/ConflictDialog.vue'
import ChipRow from '../house/ChipRow.vue'
import FieldBox from '../house/FieldBox.vue'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useDraft } from '../house/drafts'
import { useHorses } from '../house/queries'
import { done } from '../house/undo'
import { options, roleWords } from '../house/words'

/** Who works here, and which horses each has been given. */
const { data: people, error } = useQuery({
  queryKey: keys.people,
  queryFn: () => ask(() => client.GET('/api/people')),
})
const { data: horses } = useHorses()
const {
  entry,
  open,
  changes,
  problem,
  busy,
  begin,
  leave,
  keep: keepDraft,
  takeTheirs,
} = useDraft<PersonEntry, PersonView>({
  blank: () => ({
    name: '',
    email: '',
    password: '',
    role: 'rider',
    isVet: false,
    horseIds: [],
    isCareful: false,
  }),
  of: (person) => ({ ...person, password: '' }),
  versionOf: (person) => person.version,
  send(typed, on) {
    const body = { ...typed, isVet: typed.role === 'observer' && typed.isVet }
    return ask(() =>
      on
        ? client.PUT('/api/people/{personId}', {
            params: { path: { personId: on.view.id } },
            body: { version: on.version, entry: body },
          })
        : client.POST('/api/people', { body }),
    )
  },
  bearsUpon: () => bearsUpon.people,
})
const nameOf = (id: string) => horses.value?.find((h) => h.id === id)?.name

async function keep(version?: number) {
  const { name } = entry.value
  if (await keepDraft(version)) done(`${name} is in the book.`)
}
</script>

<template>
  <section class="card stack">
    <div class="row spread">
      <h2>People</h2>
      <Button v-if="!open" size="small" @click="begin()">Add someone</Button>
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
        <Button size="small" :aria-label="`Change ${row.name}`" @click="begin(row)">Change</Button>
      </template>
    </RowsTable>

    <form v-if="open" class="stack pt-14px edge-t" @submit.prevent="keep()">
      <h3>{{ changes ? `Change ${changes.name}` : 'Add someone' }}</h3>
      <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
      <div class="pair">
        <FieldBox v-slot="{ id }" label="Name" name="name"
          ><Input :id="id" v-model:value="entry.name!"
        /></FieldBox>
        <FieldBox v-slot="{ id }" label="Role" name="role"
          ><PickOne :id="id" v-model:value="entry.role!" :options="options(roleWords)"
        /></FieldBox>
        <template v-if="!changes">
          <FieldBox v-slot="{ id }" label="E-mail" name="email"
            ><Input :id="id" v-model:value="entry.email!" type="email" autocomplete="off"
          /></FieldBox>
          <FieldBox v-slot="{ id }" label="First password" name="password" hint="They can change it"
            ><Input :id="id" v-model:value="entry.password!" autocomplete="off"
          /></FieldBox>
        </template>
      </div>
      <div v-if="entry.role !== 'trainer'">
        <h4 class="mt-0 mx-0 mb-6px text-0.87rem">Horses given to them</h4>
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
      <Checkbox v-else v-model:checked="entry.isCareful!"
        >A careful rider: one more repeat before a harder step</Checkbox
      >
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">Keep</Button>
        <Button @click="leave">Leave it</Button>
      </div>
    </form>
    <ConflictDialog
      :problem="problem"
      :mine="entry as Record<string, unknown>"
      :words="{ name: 'Name', role: 'Role' }"
      @keep-mine="keep"
      @take-theirs="takeTheirs"
    />
  </section>
</template>
