<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import { ref } from 'vue'
import { ask, client } from '../api/client'
import type { AimMove, MoveTried, ReadinessView } from '../api/schema'
import { seenOf } from '../blocks/seen'
import WorkingNote from '../blocks/WorkingNote.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { bearsUpon, useChanged } from '../house/keys'
import { done } from '../house/undo'
import TimeWord from './TimeWord.vue'

/** What could move so that there is time: the aim itself at once, more work towards it as the planner tries it. */
const props = defineProps<{ horseId: string; page: ReadinessView }>()
const { problem, busy, attempt } = useProblem()
const changed = useChanged()
const tried = ref<MoveTried[]>([])
const cannot = ref<string[]>([])
const trying = ref(false)
let stop = new AbortController()
const path = () => ({ horseId: props.horseId, aimId: props.page.aim.id })

/** One after the other, each shown as it comes. */
async function tryMore() {
  stop = new AbortController()
  tried.value = []
  cannot.value = []
  trying.value = true
  for (const move of ['day-more', 'more-help'] as const) {
    const options = { params: { path: path() }, signal: stop.signal }
    const answer = await attempt(() =>
      ask(() =>
        move === 'day-more'
          ? client.POST('/api/horses/{horseId}/aims/{aimId}/moves/day-more', options)
          : client.POST('/api/horses/{horseId}/aims/{aimId}/moves/more-help', options),
      ),
    )
    if (answer) tried.value.push(answer)
    else if (problem.value?.faults.length) {
      cannot.value.push(problem.value.faults.map((f) => `${f.says} ${f.mend}`).join(' '))
      problem.value = null
    } else break
  }
  trying.value = false
}

/** A level or a day: the aim is changed. */
const takeOfAim = (move: AimMove) =>
  taken(move, () => {
    const { name, on, discipline, scheme, level, heightMetres, place, importance, testId, version } =
      props.page.aim
    const entry = { name, on, discipline, scheme, level, heightMetres, place, importance, testId }
    return ask(() =>
      client.PUT('/api/horses/{horseId}/aims/{aimId}', {
        params: { path: path() },
        body: {
          version,
          entry:
            move.kind === 'level'
              ? // Another level rides another test.
                { ...entry, level: move.level, heightMetres: move.heightMetres, testId: null }
              : { ...entry, on: move.on },
        },
      }),
    )
  })

/** A day or a helper more: its block is kept as it was seen here. */
const takeOfWork = (move: MoveTried) =>
  taken(move.move, () => {
    const { horseId } = props
    return move.blockId
      ? ask(() =>
          client.POST('/api/horses/{horseId}/blocks/{blockId}/accept', {
            params: { path: { horseId, blockId: move.blockId! } },
            body: {
              number: move.number,
              entry: move.entry,
              accepted: null,
              because: `${move.move.says}, for ${props.page.aim.name}`,
              seen: seenOf(move.plan),
            },
          }),
        )
      : ask(() =>
          client.POST('/api/horses/{horseId}/blocks', {
            params: { path: { horseId } },
            body: { entry: move.entry, seen: seenOf(move.plan) },
          }),
        )
  })

async function taken(move: AimMove, send: () => Promise<unknown>) {
  if ((await attempt(send)) === undefined) return
  tried.value = []
  await changed(bearsUpon.horse(props.horseId))
  done(`${move.says}: kept.`)
}
</script>

<template>
  <section class="card stack" aria-labelledby="moves">
    <div class="row spread">
      <h2 id="moves">What could move</h2>
      <Button v-if="page.mayPlan" size="small" :disabled="busy || trying" @click="tryMore"
        >Try more work</Button
      >
    </div>
    <ProblemNote v-if="problem" :problem="problem" />
    <ul class="moves">
      <li v-for="move in page.moves" :key="move.kind" class="row">
        <TimeWord :time="move.time" />
        <span class="flex-1"
          >{{ move.says }}<span v-if="move.last" class="quiet small">; last then: {{ move.last }}</span></span
        >
        <Button size="small" :disabled="busy || trying" @click="takeOfAim(move)">Take it</Button>
      </li>
      <li v-for="t in tried" :key="t.move.kind" class="row">
        <TimeWord :time="t.move.time" />
        <span class="flex-1"
          >{{ t.move.says
          }}<span v-if="t.move.last" class="quiet small">; last then: {{ t.move.last }}</span></span
        >
        <Button size="small" :disabled="busy || trying" @click="takeOfWork(t)">Take it</Button>
      </li>
      <li v-for="says in cannot" :key="says" class="quiet small">{{ says }}</li>
    </ul>
    <WorkingNote v-if="trying" says="Planning it" @cancel="stop.abort()" />
    <p v-if="page.moves.length === 0 && !trying && tried.length === 0" class="quiet">
      Neither a lower level on that day nor half a year more is enough at the pace it is worked now: try more
      work.
    </p>
  </section>
</template>

<style scoped>
.moves {
  display: grid;
  gap: 8px;
}
</style>
