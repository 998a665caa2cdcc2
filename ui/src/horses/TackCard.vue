<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import { reactive, ref } from 'vue'
import { ask, client } from '../api/client'
import type { Strand, TackKind, TackView } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import ChipRow from '../house/ChipRow.vue'
import ConflictDialog from '../house/ConflictDialog.vue'
import FieldBox from '../house/FieldBox.vue'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { useTack } from '../house/queries'
import { trains } from '../house/signIn'
import { done } from '../house/undo'
import { options, strandWords, tackWords } from '../house/words'

/** Bits and aids, and what each is allowed for. */
const props = defineProps<{ horseId: string }>()
const changed = useChanged()
const { data: tack } = useTack(() => props.horseId)
const { problem, busy, attempt } = useProblem()
const blank = () => ({
  kind: 'bit' as TackKind | null,
  name: '',
  for: [] as Strand[],
  fencesFromMetres: null as number | null,
  notes: '',
})
const form = reactive(blank())
const editing = ref<'new' | TackView | null>(null)
const refresh = () => changed(bearsUpon.horse(props.horseId))

function open(t: TackView | 'new') {
  problem.value = null
  Object.assign(
    form,
    t === 'new'
      ? blank()
      : {
          kind: t.tack.kind,
          name: t.tack.name,
          for: [...t.tack.for],
          fencesFromMetres: t.tack.fencesFrom,
          notes: t.tack.notes,
        },
  )
  editing.value = t
}

async function keep(version?: number) {
  const now = editing.value
  if (!now) return
  const kept = await attempt(() =>
    now === 'new'
      ? ask(() =>
          client.POST('/api/horses/{horseId}/tack', {
            params: { path: { horseId: props.horseId } },
            body: form,
          }),
        )
      : ask(() =>
          client.PUT('/api/horses/{horseId}/tack/{id}', {
            params: { path: { horseId: props.horseId, id: now.tack.id } },
            body: { version: version ?? now.version, entry: form },
          }),
        ),
  )
  if (!kept) return
  editing.value = null
  await refresh()
}

async function remove(t: TackView) {
  const params = { path: { horseId: props.horseId, id: t.tack.id } }
  await ask(() => client.DELETE('/api/horses/{horseId}/tack/{id}', { params }))
  await refresh()
  done(`${t.tack.name} taken off.`, async () => {
    await ask(() => client.POST('/api/horses/{horseId}/tack/{id}/restore', { params }))
    await refresh()
  })
}

async function takeTheirs() {
  editing.value = null
  problem.value = null
  await refresh()
}

const isFor = (t: TackView) =>
  [
    t.tack.for.length ? t.tack.for.map((s) => strandWords[s].toLowerCase()).join(', ') : 'any work',
    t.tack.fencesFrom !== null ? `fences from ${t.tack.fencesFrom.toFixed(2)} m only` : '',
  ]
    .filter(Boolean)
    .join('; ')
</script>

<template>
  <section v-if="tack && (tack.length || trains())" class="card stack">
    <div class="row spread">
      <h2>Tack</h2>
      <Button v-if="trains() && !editing" size="small" @click="open('new')"> Add a piece </Button>
    </div>
    <p v-if="tack.length === 0 && !editing" class="small quiet">
      Say which bit is for what, and a plan in the wrong one says so.
    </p>
    <ul class="pieces">
      <li v-for="t in tack" :key="t.tack.id">
        <strong>{{ t.tack.name }}</strong>
        <span class="small">for {{ isFor(t) }}</span>
        <span class="small quiet"
          >{{ tackWords[t.tack.kind] }}<template v-if="t.tack.notes">, {{ t.tack.notes }}</template>
          <template v-if="trains() && !editing">
            <Button type="link" size="small" :aria-label="`Change ${t.tack.name}`" @click="open(t)">
              Change
            </Button>
            <Button type="link" size="small" :aria-label="`Take off ${t.tack.name}`" @click="remove(t)">
              Take off
            </Button>
          </template></span
        >
      </li>
    </ul>
    <form v-if="editing" class="stack" @submit.prevent="keep()">
      <ProblemNote
        v-if="problem && problem.faults.length === 0 && problem.status !== 409"
        :problem="problem"
      />
      <FieldBox v-slot="{ id }" label="Kind of tack" name="kind"
        ><PickOne :id="id" v-model:value="form.kind" :options="options(tackWords)"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="What it is called" name="name"
        ><Input :id="id" v-model:value="form.name"
      /></FieldBox>
      <FieldBox label="Only for" name="for" hint="None chosen: any work">
        <ChipRow v-model="form.for" label="Only for" :choices="options(strandWords)" many />
      </FieldBox>
      <FieldBox v-slot="{ id }" label="Fences from, m" name="fencesFromMetres" hint="A bit kept for a height"
        ><InputNumber :id="id" v-model:value="form.fencesFromMetres!" :controls="false"
      /></FieldBox>
      <FieldBox v-slot="{ id }" label="Size, wear, fit" name="notes"
        ><Input :id="id" v-model:value="form.notes"
      /></FieldBox>
      <div class="row">
        <Button type="primary" html-type="submit" :disabled="busy">Keep</Button>
        <Button @click="editing = null">Leave it</Button>
      </div>
    </form>
    <ConflictDialog
      :problem="problem"
      :mine="form as Record<string, unknown>"
      :words="{ name: 'Name', notes: 'Size, wear, fit' }"
      @keep-mine="keep"
      @take-theirs="takeTheirs"
    />
  </section>
</template>

<style scoped>
.stack {
  gap: 12px;
}
.pieces {
  display: grid;
  gap: 9px;
}
.pieces li {
  display: grid;
  line-height: 1.3;
}
.pieces .ant-btn {
  margin-left: 8px;
}
</style>
