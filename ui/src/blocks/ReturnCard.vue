<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import dayjs from 'dayjs'
import Input from 'ant-design-vue/es/input'
import { computed, ref } from 'vue'
import { ask, client } from '../api/client'
import type { BlockView, ReturnGate } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import FieldBox from '../house/FieldBox.vue'
import ProblemNote from '../house/ProblemNote.vue'
import { useProblem } from '../house/faults'
import { shortDay } from '../house/format'
import { useCondition } from '../house/queries'
import { rides, signedIn, trains } from '../house/signIn'
import { gateWords } from '../house/words'

/** What a return asks at the end of each week, and the stages of a vet's plan with what they wait for. */
const props = defineProps<{ horseId: string; block: BlockView }>()
const changed = useChanged()
const { problem, busy, attempt } = useProblem()
/** Those that were asked when it began. */
const gates = computed(() =>
  (Object.keys(gateWords) as ReturnGate[]).filter(
    (g) => props.block.entry.return?.gates?.includes(g) ?? (g !== 'skin' && g !== 'feedAndDrink'),
  ),
)
const counted = (monday: string) =>
  props.block.weeks.find((w) => w.monday === monday && w.plannedTransitions > 0)
const path = computed(() => ({ horseId: props.horseId, blockId: props.block.id }))
const today = computed(() => signedIn.value?.today ?? '')
/** The week that is over last, and the one under way. */
const weeks = computed(() =>
  props.block.plan.weeks
    .filter((w) => w.monday <= today.value)
    .slice(-2)
    .reverse(),
)
const answer = (monday: string, gate: ReturnGate) =>
  props.block.gates.filter((g) => g.monday === monday && g.gate === gate).at(-1)
const repeated = computed(() => props.block.plan.weeks.filter((w) => w.cause.setback?.from === 'gate'))
const stages = computed(() => props.block.entry.return?.stages ?? [])
const cleared = (stage: number) => props.block.stagesCleared.find((s) => s.stage === stage)
const me = signedIn.value?.me
const by = ref(me?.isVet ? me.name : '')
const mayClear = computed(() => trains() || signedIn.value?.me?.isVet)
const word = ref<Record<string, string>>({})

const { data: condition } = useCondition(() => props.horseId)
const known = computed(() => condition.value?.known ?? [])

async function say(monday: string, gate: ReturnGate, passed: boolean, known: string | null = null) {
  await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/blocks/{blockId}/gates', {
        params: { path: path.value },
        body: { monday, gate, passed, word: word.value[monday] ?? '', known },
      }),
    ),
  )
  await changed(bearsUpon.horse(props.horseId))
}

async function clear(stage: number) {
  await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/blocks/{blockId}/clearances', {
        params: { path: path.value },
        body: { stage, on: today.value, by: by.value },
      }),
    ),
  )
  await changed(bearsUpon.horse(props.horseId))
}
</script>

<template>
  <section class="card stack" aria-labelledby="gates-head">
    <h2 id="gates-head">Before the next week goes up</h2>
    <ProblemNote v-if="problem" :problem="problem" />
    <div v-if="stages.length" class="stages grid gap-6px">
      <p v-for="(s, i) in stages" :key="i" class="row">
        <strong>Stage {{ i + 1 }}: {{ s.what }}</strong>
        <span class="small quiet"
          >{{ s.weeks }} weeks, {{ s.sessions }} a week, walk {{ s.walk }}, trot {{ s.trot ?? 0 }}, canter
          {{ s.canter ?? 0 }}</span
        >
        <span v-if="s.waitsFor && cleared(i)" class="small ok text-on-true"
          >✓ {{ s.waitsFor }}: {{ cleared(i)!.by }}, {{ shortDay(cleared(i)!.on) }}</span
        >
        <template v-else-if="s.waitsFor">
          <span class="small text-grave font-semibold">waits for {{ s.waitsFor }}</span>
          <template v-if="mayClear">
            <FieldBox v-slot="{ id }" label="Cleared by" name="by"
              ><Input :id="id" v-model:value="by"
            /></FieldBox>
            <Button size="small" :disabled="busy" @click="clear(i)">Cleared</Button>
          </template>
        </template>
      </p>
    </div>
    <div class="beside">
      <div v-for="w in weeks" :key="w.monday" class="gates grid gap-5px">
        <h3>
          Week {{ w.number }}, {{ shortDay(w.monday) }}
          <span class="small quiet">{{
            dayjs(w.monday).add(6, 'day').format('YYYY-MM-DD') < today ? 'over' : 'under way'
          }}</span>
        </h3>
        <p v-if="counted(w.monday)" class="small">
          Transitions: <strong>{{ counted(w.monday)!.doneTransitions }}</strong> of
          {{ counted(w.monday)!.plannedTransitions }} planned. Many correct ones build strength as long spells
          do.
        </p>
        <div
          v-for="g in gates"
          :key="g"
          class="gate grid grid-cols-[minmax(150px,190px)_auto_auto_1fr] items-center gap-6px"
        >
          <span>{{ gateWords[g] }}</span>
          <span v-if="!rides()" class="small">{{
            answer(w.monday, g) ? (answer(w.monday, g)!.passed ? 'passed' : 'not passed') : 'open'
          }}</span>
          <template v-else>
            <Button
              v-for="passed in [true, false]"
              :key="String(passed)"
              size="small"
              :class="{
                on: answer(w.monday, g)?.passed === passed,
                bad: !passed && answer(w.monday, g)?.passed === false,
              }"
              :aria-pressed="answer(w.monday, g)?.passed === passed"
              :aria-label="`${gateWords[g]}, week ${w.number}: ${passed ? 'yes' : 'no'}`"
              :disabled="busy"
              @click="say(w.monday, g, passed)"
            >
              {{ passed ? 'Yes' : 'No' }}
            </Button>
            <template v-if="g === 'legsCool'">
              <Button
                v-for="k in known"
                :key="k.id"
                type="link"
                size="small"
                :disabled="busy"
                @click="say(w.monday, g, false, k.id)"
              >
                Only the old one: {{ k.what }}
              </Button>
            </template>
          </template>
          <span v-if="answer(w.monday, g)?.word" class="small quiet">{{ answer(w.monday, g)!.word }}</span>
        </div>
      </div>
    </div>
    <p class="small quiet">
      A gate that fails, or that nobody has answered when the week is over, repeats the week; what follows
      waits.
      <template v-if="repeated.length"
        >Repeated so far: {{ repeated.map((w) => `week ${w.number}`).join(', ') }}.</template
      >
    </p>
  </section>
</template>

<style scoped>
.beside {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(400px, 100%), 1fr));
  gap: 16px 28px;
}
.on {
  background: var(--ink);
  border-color: var(--ink);
  color: var(--on-ink);
}
.bad {
  background: var(--grave);
  border-color: var(--grave);
}
@media (max-width: 620px) {
  .gate {
    grid-template-columns: 1fr auto auto;
  }
}
</style>
