<script setup lang="ts">
import { figures } from '../api/figures'
import Button from 'ant-design-vue/es/button'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { ask, client } from '../api/client'
import type { AssessmentView, Rein, SheetLine } from '../api/schema'
import { bearsUpon, keys, useChanged } from '../house/keys'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { signedIn } from '../house/signIn'
import SheetSidePad from './SheetSidePad.vue'
import { useTaps } from './taps'

/** The sheet at the rail: one line at a time, left and right beside one another, everything by tapping. */
const props = defineProps<{ horseId: string; name: string; assessment: AssessmentView }>()
const emit = defineEmits<{ look: [] }>()
const changed = useChanged()
const queries = useQueryClient()
const view = ref(props.assessment)
const lines = computed(() => view.value.lines)
const { at, tap, minute, waiting, noRoom, problem, send, drop } = useTaps(
  signedIn.value!.me!.id,
  props.horseId,
  props.assessment,
  (now) => {
    view.value = now
    queries.setQueryData(keys.ofHorse(props.horseId).assessment(now.id), now)
    // A tap that arrives after the sheet was left shows on the passport too.
    void queries.invalidateQueries({
      predicate: ({ queryKey: [what, id, part] }) =>
        what === 'horse' && id === props.horseId && part !== 'assessment',
    })
  },
)
const { problem: refusal, busy, attempt } = useProblem()

const answered = (line: SheetLine) =>
  line.sides.filter((s) => {
    const a = at(line.item.item, s.rein)
    return a.mark !== null || a.passed !== null
  }).length
const firstOpen = lines.value.findIndex((l) => l.gate.open && answered(l) === 0)
const here = ref(Math.max(0, firstOpen))
const line = computed(() => lines.value[here.value]!)
const next = computed(() => lines.value.findIndex((l, i) => i > here.value && l.gate.open))
const back = computed(() => lines.value.findLastIndex((l, i) => i < here.value && l.gate.open))
const lame = computed(() =>
  lines.value.some((l) =>
    l.sides.some((s) => at(l.item.item, s.rein).felt.some((f) => figures.painFelt.includes(f))),
  ),
)
/** Trot and canter wait until it has walked long enough; a sheet taken up again is ridden from the walk again too. */
const walksFirst = computed(() => line.value.item.gait !== 'walk' && minute.value < view.value.walkFirst)
const arrow = (rein: Rein) => (rein === 'left' ? '◀ ' : '')
const arrowAfter = (rein: Rein) => (rein === 'right' ? ' ▶' : '')

async function finish() {
  await send()
  if (waiting.value > 0) return
  const done = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/assessments/{assessmentId}/finish', {
        params: { path: { horseId: props.horseId, assessmentId: view.value.id } },
      }),
    ),
  )
  if (!done) return
  drop()
  await changed(bearsUpon.horse(props.horseId))
}
</script>

<template>
  <div class="max-w-1180px mx-auto pt-14px px-18px pb-100px grid gap-14px">
    <header class="flex justify-between items-center gap-16px">
      <div>
        <h1>{{ name }}, assessment ride</h1>
        <p class="small quiet">
          {{
            waiting
              ? `${waiting} ${waiting === 1 ? 'answer waits' : 'answers wait'} to be sent`
              : 'Everything is kept'
          }}
          · <Button type="link" size="small" @click="emit('look')">What it says so far</Button> ·
          <RouterLink :to="{ name: 'passport', params: { horseId } }">Leave it for later</RouterLink>
        </p>
      </div>
      <p class="clock text-1.1rem whitespace-nowrap" role="timer">
        <strong class="text-2.6rem leading-[1]">{{ minute }}</strong> <span>min</span>
      </p>
    </header>
    <nav aria-label="Lines of the sheet" class="grid grid-cols-[repeat(12,minmax(0,1fr))] gap-5px">
      <button
        v-for="(l, i) in lines"
        :key="l.item.item"
        type="button"
        :class="{ here: i === here, shut: !l.gate.open, done: answered(l) === l.sides.length }"
        :aria-current="i === here ? 'step' : undefined"
        :aria-label="`${l.item.name}${answered(l) === l.sides.length ? ', done' : ''}${l.gate.open ? '' : ', not today'}`"
        @click="here = i"
      >
        {{ answered(l) === l.sides.length ? '✓' : l.gate.open ? i + 1 : '–' }}
      </button>
    </nav>
    <p v-if="noRoom" class="told grave" role="alert">
      This device has no room left: what you tap is not kept here.
    </p>
    <p v-if="lame" class="told grave" role="alert">
      <strong>End the ride and call the vet.</strong> {{ name }} is held from ridden work until a vet has
      cleared it, also if the sign goes away again.
    </p>
    <ProblemNote v-if="problem" :problem="problem" />
    <ProblemNote v-if="refusal" :problem="refusal" />

    <p v-if="walksFirst" class="told" role="status">
      Walk first: <strong>{{ minute }} of {{ view.walkFirst }} minutes</strong>. Nothing else before it; the
      walk lines can be marked meanwhile.
    </p>

    <section class="line">
      <div>
        <h2 class="text-1.8rem leading-[1.15]">{{ line.item.name }}</h2>
        <p class="max-w-62ch text-1.05rem">{{ line.item.how }}</p>
      </div>
      <p v-if="!line.gate.open" class="shut-word p-22px rounded-[var(--round)] bg-bank text-1.2rem">
        {{ line.gate.says }}
      </p>
      <div v-else-if="line.item.item === 'droppedRein'" class="dropped grid grid-cols-[1fr_1fr] gap-14px">
        <button
          type="button"
          :class="{ on: at('droppedRein', 'both').passed === true }"
          :aria-pressed="at('droppedRein', 'both').passed === true"
          @click="tap('droppedRein', 'both', { passed: true })"
        >
          Down and out: passed
        </button>
        <button
          type="button"
          :class="{ on: at('droppedRein', 'both').passed === false }"
          :aria-pressed="at('droppedRein', 'both').passed === false"
          @click="tap('droppedRein', 'both', { passed: false })"
        >
          Stayed up: not passed
        </button>
      </div>
      <div v-else class="sides" :class="{ one: line.sides.length === 1 }">
        <SheetSidePad
          v-for="s in line.sides"
          :key="`${line.item.item} ${s.rein}`"
          :title="s.says ? `${arrow(s.rein)}${s.says}${arrowAfter(s.rein)}` : line.item.name"
          :chips="line.item.chips"
          :answer="at(line.item.item, s.rein)"
          @tap="(change) => tap(line.item.item, s.rein, change)"
        />
      </div>
    </section>

    <footer>
      <Button v-if="back >= 0" @click="here = back">Back</Button>
      <Button v-if="next >= 0" type="primary" class="next" @click="here = next">
        Next: {{ lines[next]!.item.name }}
      </Button>
      <Button
        class="next"
        :type="next < 0 ? 'primary' : 'default'"
        :disabled="busy || waiting > 0"
        @click="finish"
      >
        Finish the sheet
      </Button>
    </footer>
  </div>
</template>

<style scoped>
nav button {
  min-height: 48px;
  padding: 0;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--card);
  color: var(--quiet);
  font: 600 1rem var(--font);
  cursor: pointer;
}
nav .done {
  background: var(--true);
  color: var(--on-true);
}
nav .shut {
  background: var(--bank);
}
nav .here {
  border: 2px solid var(--ink);
  background: var(--straw);
  color: var(--ink);
}
.line {
  display: grid;
  gap: 12px;
}
.shut-word::first-letter {
  text-transform: uppercase;
}
.sides {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
}
.sides.one {
  grid-template-columns: minmax(0, 560px);
}
.dropped button {
  min-height: 120px;
  border: 1px solid var(--line);
  border-radius: var(--round);
  background: var(--card);
  color: var(--ink);
  font: 700 1.3rem var(--font);
  cursor: pointer;
}
.dropped .on {
  background: var(--ink);
  color: var(--on-ink);
}
footer {
  position: fixed;
  left: 0;
  right: 0;
  bottom: 0;
  display: flex;
  gap: 12px;
  padding: 10px 18px;
  border-top: 1px solid var(--line);
  background: var(--page);
}
footer .ant-btn {
  min-height: 64px;
  padding: 0 20px;
  font-size: 1.1rem;
}
footer .ant-btn-primary {
  flex: 1;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
}
@media (max-width: 620px) {
  .sides,
  .dropped {
    grid-template-columns: minmax(0, 1fr);
  }
  nav {
    grid-template-columns: repeat(6, minmax(0, 1fr));
  }
}
</style>
