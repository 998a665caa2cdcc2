<script setup lang="ts">
import Upload from 'ant-design-vue/es/upload'
import LinkButton from '../house/LinkButton.vue'
import Button from 'ant-design-vue/es/button'
import { ask, client, Problem } from '../api/client'
import type { SetUpFile, SetUpView } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import { useTakingOff } from '../house/drafts'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { usePassport, useSetUps } from '../house/queries'
import { trains } from '../house/signIn'
import { done } from '../house/undo'
import { fitWords } from '../house/words'
import SetUpDrawing from './SetUpDrawing.vue'

/** The set-ups kept for this horse. */
const props = defineProps<{ horseId: string }>()
const { data: setUps, error } = useSetUps(() => props.horseId)
const { data: passport } = usePassport(() => props.horseId)
const changed = useChanged()
const takeOff = useTakingOff(() => bearsUpon.setUps(props.horseId))
const refresh = () => changed(bearsUpon.setUps(props.horseId))

const { problem, attempt } = useProblem()

/** A set-up that was written out here or elsewhere; what is wrong with it is told by its field. */
async function read(file: File) {
  const text = await file.text()
  const view = await attempt(async () => {
    let body: SetUpFile
    try {
      body = JSON.parse(text) as SetUpFile
    } catch {
      throw new Problem(
        400,
        'That file cannot be read.',
        'Choose one that was written out as a set-up: JSON.',
      )
    }
    return ask(() =>
      client.POST('/api/horses/{horseId}/set-ups/file', {
        params: { path: { horseId: props.horseId } },
        body,
      }),
    )
  })
  if (!view) return
  await refresh()
  done(`${view.name} is kept, measured for ${passport.value?.horse.name}.`)
}

async function copy(s: SetUpView) {
  const view = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/set-ups', {
        params: { path: { horseId: props.horseId } },
        body: { name: `${s.name}, copy`.slice(0, 120), entry: s.entry },
      }),
    ),
  )
  if (!view) return
  await refresh()
  done(`${view.name} is kept.`)
}

async function remove(s: SetUpView) {
  const path = { horseId: props.horseId, setUpId: s.id }
  await takeOff(
    `${s.name} taken off.`,
    () => ask(() => client.DELETE('/api/horses/{horseId}/set-ups/{setUpId}', { params: { path } })),
    () => ask(() => client.POST('/api/horses/{horseId}/set-ups/{setUpId}/restore', { params: { path } })),
  )
}
</script>

<template>
  <header class="page-head">
    <h1>Set-ups</h1>
    <span class="quiet">measured for {{ passport?.horse.name }}, as its stride card stands today</span>
    <div v-if="trains()" class="actions">
      <Upload
        accept=".json,application/json"
        :show-upload-list="false"
        :before-upload="(file) => (void read(file), false)"
        ><span class="block py-9px px-16px edge rounded-8px bg-card font-semibold cursor-pointer"
          >From a file</span
        ></Upload
      >
      <LinkButton type="primary" :to="{ name: 'set-up', params: { horseId, setUpId: 'new' } }"
        >New set-up</LinkButton
      >
    </div>
  </header>
  <ProblemNote v-if="error" :problem="error" />
  <ProblemNote v-if="problem" :problem="problem" />
  <p v-if="setUps?.length === 0" class="card">
    None kept yet. A line of trot poles is a good beginning: its spacing comes from this horse’s own step.
  </p>
  <ul class="list grid grid-cols-[repeat(auto-fill,minmax(420px,1fr))] gap-14px">
    <li v-for="s in setUps" :key="s.id" class="card flex flex-col gap-10px pt-10px px-12px pb-12px">
      <RouterLink :to="{ name: 'set-up', params: { horseId, setUpId: s.id } }" :aria-label="s.name">
        <SetUpDrawing :measured="s.measured" unit="metres" />
      </RouterLink>
      <p v-if="s.remarks.length" class="told small">
        <strong>Kept under older rules.</strong> {{ s.remarks.map((r) => r.says).join(' ') }}
      </p>
      <div class="row spread foot">
        <div>
          <h2>
            <RouterLink :to="{ name: 'set-up', params: { horseId, setUpId: s.id } }">{{ s.name }}</RouterLink>
          </h2>
          <p class="small quiet">
            <template v-if="s.measured.gaps[0]"
              >{{ s.measured.gaps[0].built.text.metres }} · {{ s.measured.gaps[0].built.text.feet }} ·
              {{ fitWords[s.measured.gaps[0].fit] }}</template
            ><template v-else-if="s.measured.figure"
              >{{ s.measured.figure.length.toFixed(1) }} m ·
              {{ s.measured.figure.strides.toFixed(1) }} strides</template
            ><template v-else>one fence</template>{{ s.ridden ? ' · ridden' : '' }}
          </p>
        </div>
        <Button v-if="trains()" size="small" :aria-label="`Copy ${s.name}`" @click="copy(s)"> Copy </Button>
        <Button v-if="trains()" size="small" :aria-label="`Take ${s.name} off`" @click="remove(s)">
          Take off
        </Button>
      </div>
    </li>
  </ul>
</template>

<style scoped>
/* Whatever its drawing is like, a card is as high as its neighbours: the drawing has a field of its own. */
.list .card > a {
  display: grid;
  align-items: center;
  height: 190px;
  overflow: hidden;
  border-radius: 8px;
  background: var(--sand);
}
.list .card > a :deep(svg) {
  max-height: 190px;
}
.foot {
  margin-top: auto;
}
.foot > div {
  flex: 1;
}
h2 a {
  text-decoration: none;
}
@media (max-width: 520px) {
  .list {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
