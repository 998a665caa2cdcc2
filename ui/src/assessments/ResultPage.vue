<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
import Button from 'ant-design-vue/es/button'
import Checkbox from 'ant-design-vue/es/checkbox'
import { computed, ref, watch } from 'vue'
import { ask, client } from '../api/client'
import type { AssessmentView, Rein, SheetAnswer, Strand } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import PickOne from '../house/PickOne.vue'
import ProblemNote from '../house/ProblemNote.vue'
import WhyButton from '../house/WhyButton.vue'
import { useProblem } from '../house/faults'
import { longDay, shortDay } from '../house/format'
import { useAssessments, useLibrary } from '../house/queries'
import { rides, trains } from '../house/signIn'
import { done } from '../house/undo'
import { clarityWords, feltWords, strandWords } from '../house/words'
import HorseFromAbove from '../horses/HorseFromAbove.vue'
import EvidenceBalance from './EvidenceBalance.vue'

/** What an assessment ride says: the stiff side first, then the start on every ladder, with the evidence beside each. */
const props = defineProps<{ horseId: string; name: string; assessment: AssessmentView }>()
const emit = defineEmits<{ back: [] }>()
const beside = defineModel<string | undefined>('beside')
const changed = useChanged()
const { data: library } = useLibrary()
const { data: all } = useAssessments(() => props.horseId)
const { problem, busy, attempt } = useProblem()
const other = { left: 'right', right: 'left' } as const
const f = computed(() => props.assessment.findings)
const plain = computed(() => [
  { title: 'Tempo', finding: f.value.tempo },
  { title: 'The leg', finding: f.value.leg },
  { title: 'Tiring', finding: f.value.tired },
  { title: 'After the depart', finding: f.value.balance },
  { title: 'Noise', finding: f.value.noise },
  { title: 'Dropped rein', finding: f.value.closingTest },
  { title: 'Walk first', finding: f.value.walkedFirst },
])
const rung = (id: string | null) =>
  id === null
    ? 'not begun'
    : (library.value?.ladders.flatMap((l) => l.rungs).find((r) => r.id === id)?.name ?? id)
const moving = computed(() => props.assessment.proposals.filter((p) => p.moves))
const chosen = ref<Strand[]>([])
watch(moving, (now) => (chosen.value = now.filter((p) => p.seen || p.rungId !== null).map((p) => p.strand)), {
  immediate: true,
})
const earlier = computed(() => {
  const rows = all.value ?? []
  const at = rows.findIndex((a) => a.id === props.assessment.id)
  return rows.slice(at + 1).filter((a) => a.finishedOn)
})
const lineOf = (item: string) => props.assessment.lines.find((l) => l.item.item === item)!
const sideOf = (item: string, rein: Rein) => lineOf(item).sides.find((s) => s.rein === rein)?.says ?? ''
const said = (a: SheetAnswer | null) =>
  a === null
    ? '–'
    : [
        a.mark ?? (a.passed === null ? '' : a.passed ? 'passed' : 'not passed'),
        a.felt.map((x) => feltWords[x].toLowerCase()).join(', '),
      ]
        .filter((x) => x !== '')
        .join(', ') || '–'
const shownWords = { seen: 'Felt', notSeen: 'Not felt', notAskedYet: 'Not asked yet' } as const
const signed = (n: number) => (n > 0 ? `+${n}` : n < 0 ? `−${-n}` : '0')

async function accept() {
  const view = await attempt(() =>
    ask(() =>
      client.POST('/api/horses/{horseId}/assessments/{assessmentId}/places', {
        params: { path: { horseId: props.horseId, assessmentId: props.assessment.id } },
        body: { strands: chosen.value },
      }),
    ),
  )
  if (!view) return
  done(`${props.name} stands where the ride put it.`)
  await changed(bearsUpon.horse(props.horseId))
}

function toggle(strand: Strand) {
  chosen.value = chosen.value.includes(strand)
    ? chosen.value.filter((s) => s !== strand)
    : [...chosen.value, strand]
}
</script>

<template>
  <div class="result max-w-1240px mx-auto pt-20px px-20px pb-60px">
    <header class="page-head">
      <RouterLink class="small" :to="{ name: 'passport', params: { horseId } }">{{ name }}</RouterLink>
      <h1>Assessment ride</h1>
      <span class="quiet"
        >{{ longDay(assessment.startedOn) }}, {{ assessment.by
        }}<template v-if="assessment.weeksOff">, after {{ assessment.weeksOff }} weeks off</template
        ><template v-if="!assessment.finishedOn">, unfinished</template></span
      >
      <div v-if="!assessment.finishedOn && rides()" class="actions">
        <Button type="primary" @click="emit('back')">Back to the sheet</Button>
      </div>
    </header>
    <p v-if="assessment.reported" class="quiet mt--6px mx-0 mb-14px">“{{ assessment.reported }}”</p>

    <div class="columns">
      <div class="stack">
        <section class="card grid grid-cols-[110px_minmax(0,1fr)] gap-22px">
          <HorseFromAbove :stiff="f.stiffSide.side" />
          <div>
            <p class="text-1.9rem font-bold leading-[1.15]">
              {{
                f.stiffSide.side
                  ? `Stiff ${f.stiffSide.side}, hollow ${other[f.stiffSide.side]}`
                  : 'No stiff side named'
              }}
            </p>
            <p>{{ clarityWords[f.stiffSide.clarity] }} <WhyButton :why="f.stiffSide.why" of="this side" /></p>
            <div
              v-if="f.stiffSide.clarity !== 'none'"
              class="balance grid grid-cols-[1fr_1fr] gap-16px mt-12px"
            >
              <ul aria-label="Speaks for the left" class="grid gap-4px content-start">
                <li class="small quiet">◀ speaks for stiff left</li>
                <li v-for="e in f.stiffSide.forLeft" :key="e.says" class="small">{{ e.says }}</li>
                <li v-if="!f.stiffSide.forLeft.length" class="small quiet">nothing</li>
              </ul>
              <ul aria-label="Speaks for the right" class="grid gap-4px content-start">
                <li class="small quiet">speaks for stiff right ▶</li>
                <li v-for="e in f.stiffSide.forRight" :key="e.says" class="small">{{ e.says }}</li>
                <li v-if="!f.stiffSide.forRight.length" class="small quiet">nothing</li>
              </ul>
            </div>
          </div>
        </section>
        <div class="two">
          <EvidenceBalance title="Weak hind" :finding="f.weakHind" :side-word="(s) => `The ${s} hind`" />
          <EvidenceBalance title="Harder lead" :finding="f.harderLead" :side-word="(s) => `The ${s} lead`" />
        </div>
        <section v-if="assessment.problems.length" class="card">
          <h2>What was reported</h2>
          <dl class="grid grid-cols-[170px_minmax(0,1fr)] gap-y-8px gap-x-14px mt-8px">
            <template v-for="p in assessment.problems" :key="p.problem">
              <dt class="text-quiet">{{ feltWords[p.problem] }}</dt>
              <dd>
                <strong>{{ shownWords[p.shown] }}</strong><template v-if="p.shown === 'seen'">
                  in {{ p.seenIn }} of {{ p.lines }} lines</template
                ><template v-else-if="p.shown === 'notSeen'">
                  in {{ p.lines }} lines that would show it</template
                >
                <WhyButton :why="p.why" :of="feltWords[p.problem].toLowerCase()" />
              </dd>
            </template>
          </dl>
        </section>
        <section class="card">
          <h2>What it remembers</h2>
          <p>
            {{ f.remembers.says }}
            <WhyButton :why="f.remembers.why" of="what it remembers" />
          </p>
          <p v-for="a in f.remembers.against" :key="a" class="small quiet">Against it: {{ a }}</p>
        </section>
        <section class="card">
          <h2>Also</h2>
          <dl class="grid grid-cols-[130px_minmax(0,1fr)] gap-y-8px gap-x-14px mt-8px">
            <template v-for="p in plain" :key="p.title">
              <dt class="text-quiet">{{ p.title }}</dt>
              <dd>
                <strong>{{ p.finding.says }}</strong>
                <WhyButton :why="p.finding.why" :of="p.title.toLowerCase()" />
                <span v-if="p.finding.for.length" class="small quiet block">{{
                  p.finding.for.join('; ')
                }}</span>
                <span v-if="p.finding.against.length" class="small block text-on-tight"
                  >against it: {{ p.finding.against.join('; ') }}</span
                >
              </dd>
            </template>
          </dl>
        </section>
        <section v-if="assessment.beside.length" class="card scroll">
          <div class="row spread">
            <h2>Beside {{ shortDay(assessment.besideOn!) }}</h2>
            <PickOne
              v-if="earlier.length > 1"
              class="pick-beside"
              aria-label="Lay beside"
              :value="beside ?? assessment.besideId ?? undefined"
              :options="
                earlier.map((a, i) => ({
                  value: a.id,
                  label: `${shortDay(a.startedOn)}${i === earlier.length - 1 ? ', baseline' : ''}`,
                }))
              "
              @change="(id) => (beside = id)"
            />
          </div>
          <RowsTable
            class="small"
            :rows="assessment.beside"
            :columns="[
              {
                key: 'line',
                title: 'Line',
                says: (l) => (l.rein === 'right' ? '' : lineOf(l.item).item.name),
              },
              { key: 'side', says: (l) => sideOf(l.item, l.rein) },
              { key: 'then', title: 'Then', says: (l) => said(l.then) },
              { key: 'now', title: 'Now', says: (l) => said(l.now) },
              { key: 'change', title: 'Change', number: true },
            ]"
          >
            <template #change="{ row: { change } }">
              <span :class="{ up: (change ?? 0) > 0, down: (change ?? 0) < 0 }">{{
                change === null ? '' : signed(change)
              }}</span>
            </template>
          </RowsTable>
        </section>
      </div>

      <aside class="stack">
        <section v-if="assessment.firstWeeks" class="card">
          <h2>The first two weeks <WhyButton :why="assessment.firstWeeks.why" of="these minutes" /></h2>
          <ul class="weeks">
            <li
              v-for="w in assessment.firstWeeks.weeks"
              :key="w.week"
              class="grid grid-cols-[84px_1fr] gap-12px items-center leading-[1.3]"
            >
              <span class="minutes"
                ><strong class="text-1.9rem">{{ w.minutesEach }}</strong> min</span
              >
              <span class="small"
                >week {{ w.week }}: {{ w.sessions }} sessions, {{ w.minutes }} in all<br /><span
                  class="quiet"
                  >{{ w.says }}</span
                ></span
              >
            </li>
          </ul>
        </section>
        <p v-else class="card small quiet">No minute was noted, so nothing is said of the first weeks.</p>
        <section class="card stack">
          <h2>Where to start</h2>
          <ProblemNote v-if="problem" :problem="problem" />
          <ul class="proposals">
            <li v-for="p in assessment.proposals" :key="p.strand" :class="{ moves: p.moves }">
              <Checkbox
                v-if="p.moves && trains() && assessment.finishedOn"
                :checked="chosen.includes(p.strand)"
                :aria-label="`Move on ${strandWords[p.strand]}`"
                @change="toggle(p.strand)"
              />
              <span v-else></span>
              <span>
                <span class="small quiet">{{ strandWords[p.strand] }}</span><br />
                <strong>{{ rung(p.rungId) }}</strong>
                <span class="small quiet block"
                  >{{ p.says
                  }}<template v-if="p.moves && p.standsOn">; stands on {{ rung(p.standsOn) }}</template>
                  <WhyButton :why="p.why" :of="strandWords[p.strand].toLowerCase()"
                /></span>
              </span>
            </li>
          </ul>
          <Button
            v-if="moving.length && trains() && assessment.finishedOn"
            type="primary"
            :disabled="busy || chosen.length === 0"
            @click="accept"
          >
            {{ chosen.length === 1 ? 'Start on this rung' : `Start on these ${chosen.length} rungs` }}
          </Button>
          <p v-else-if="assessment.finishedOn" class="small quiet">It stands as the ride showed.</p>
        </section>
      </aside>
    </div>
  </div>
</template>

<style scoped>
.balance ul + ul {
  padding-left: 16px;
  border-left: 1px solid var(--line);
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
}
.weeks {
  display: grid;
  gap: 12px;
  margin-top: 8px;
}
.proposals {
  display: grid;
  gap: 10px;
}
.proposals li {
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr);
  gap: 6px;
  line-height: 1.3;
}
.proposals li:not(.moves) strong {
  font-weight: 400;
}
.pick-beside {
  width: 200px;
}
.up {
  color: var(--on-true);
  font-weight: 700;
}
.down {
  color: var(--on-long);
  font-weight: 700;
}
@media (max-width: 1000px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
