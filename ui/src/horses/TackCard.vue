<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import Input from 'ant-design-vue/es/input'
import InputNumber from 'ant-design-vue/es/input-number'
import { ask, client } from '../api/client'
import type { Strand, TackKind, TackView } from '../api/schema'
import { bearsUpon } from '../house/keys'
import ChipRow from '../house/ChipRow.vue'
import ConflictDialog from '../house/ConflictDialog.vue'
import FieldBox from '../house/FieldBox.vue'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useDraft, useTakingOff } from '../house/drafts'
import { useTack } from '../house/queries'
import { trains } from '../house/signIn'
import { options, strandWords, tackWords } from '../house/words'

/** Bits and aids, and what each is allowed for. */
const props = defineProps<{ horseId: string }>()
const { data: tack } = useTack(() => props.horseId)
const ofThisHorse = () => bearsUpon.horse(props.horseId)
const takeOff = useTakingOff(ofThisHorse)
const {
  entry: form,
  open: writing,
  problem,
  busy,
  begin,
  leave,
  keep,
  takeTheirs,
} = useDraft({
  blank: () => ({
    kind: 'bit' as TackKind | null,
    name: '',
    for: [] as Strand[],
    fencesFromMetres: null as number | null,
    notes: '',
  }),
  of: ({ tack: t }: TackView) => ({
    kind: t.kind,
    name: t.name,
    for: [...t.for],
    fencesFromMetres: t.fencesFrom,
    notes: t.notes,
  }),
  versionOf: (t) => t.version,
  send: (typed, on) =>
    ask(() =>
      on
        ? client.PUT('/api/horses/{horseId}/tack/{id}', {
            params: { path: { horseId: props.horseId, id: on.view.tack.id } },
            body: { version: on.version, entry: typed },
          })
        : client.POST('/api/horses/{horseId}/tack', {
            params: { path: { horseId: props.horseId } },
            body: typed,
          }),
    ),
  bearsUpon: ofThisHorse,
})

function remove(t: TackView) {
  const params = { path: { horseId: props.horseId, id: t.tack.id } }
  return takeOff(
    `${t.tack.name} taken off.`,
    () => ask(() => client.DELETE('/api/horses/{horseId}/tack/{id}', { params })),
    () => ask(() => client.POST('/api/horses/{horseId}/tack/{id}/restore', { params })),
  )
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
  <section v-if="tack && (tack.length || trains())" class="card stack gap-12px">
    <div class="row spread">
      <h2>Tack</h2>
      <Button v-if="trains() && !writing" size="small" @click="begin()"> Add a piece </Button>
    </div>
    <p v-if="tack.length === 0 && !writing" class="small quiet">
      Say which bit is for what, and a plan in the wrong one says so.
    </p>
    <ul class="pieces grid gap-9px">
      <li v-for="t in tack" :key="t.tack.id" class="grid leading-[1.3]">
        <strong>{{ t.tack.name }}</strong>
        <span class="small">for {{ isFor(t) }}</span>
        <span class="small quiet"
          >{{ tackWords[t.tack.kind] }}<template v-if="t.tack.notes">, {{ t.tack.notes }}</template>
          <template v-if="trains() && !writing">
            <Button type="link" size="small" :aria-label="`Change ${t.tack.name}`" @click="begin(t)">
              Change
            </Button>
            <Button type="link" size="small" :aria-label="`Take off ${t.tack.name}`" @click="remove(t)">
              Take off
            </Button>
          </template></span
        >
      </li>
    </ul>
    <form v-if="writing" class="stack gap-12px" @submit.prevent="keep()">
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
        <Button @click="leave">Leave it</Button>
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
.pieces .ant-btn {
  margin-left: 8px;
}
</style>
