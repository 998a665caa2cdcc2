<script setup lang="ts">
import RowsTable from '../house/RowsTable.vue'
import LinkButton from '../house/LinkButton.vue'
import Button from 'ant-design-vue/es/button'
import Modal from 'ant-design-vue/es/modal'
import { computed, ref, shallowRef } from 'vue'
import { ask, client } from '../api/client'
import type { ExerciseView, OwnExerciseEntry, OwnExerciseView } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import { useTakingOff } from '../house/drafts'
import LoadingLines from '../house/LoadingLines.vue'
import ProblemNote from '../house/ProblemNote.vue'
import WhyButton from '../house/WhyButton.vue'
import { shortDay } from '../house/format'
import { useHorses, useLibrary, useRung } from '../house/queries'
import { trains } from '../house/signIn'
import { done } from '../house/undo'
import { strandWords, tensionWords } from '../house/words'
import ExerciseItem from './ExerciseItem.vue'
import MoveForm from './MoveForm.vue'
import OwnExerciseForm from './OwnExerciseForm.vue'
import RungNote from './RungNote.vue'

/** A rung for one horse: what it is, the evidence ride by ride, every move on its ladder, its exercises. */
const props = defineProps<{ horseId: string; strand: string; rung: string }>()
const { data: page, error } = useRung(
  () => props.horseId,
  () => `${props.strand}/${props.rung}`,
)
const { data: library } = useLibrary()
const { data: horses } = useHorses()
const horse = computed(() => horses.value?.find((h) => h.id === props.horseId))
const nameOf = (id: string | null) =>
  library.value?.ladders.flatMap((l) => l.rungs).find((r) => r.id === id)?.name ?? 'off the ladder'
const here = computed(() => page.value?.place.rungId === page.value?.rung.id)
const moveWords = {
  climbed: 'climbed on evidence',
  wentBack: 'went back on evidence',
  afterLameness: 'one down after lameness',
  byHand: 'moved by hand',
  assessed: 'placed by an assessment ride',
}
const changed = useChanged()
const takeOff = useTakingOff(() => bearsUpon.library)
const showHidden = ref(false)
const hidden = computed(() => page.value?.exercises.filter((e) => e.hidden) ?? [])
const shown = computed(() => page.value?.exercises.filter((e) => showHidden.value || !e.hidden) ?? [])
const writing = shallowRef<{ start: OwnExerciseEntry; own?: OwnExerciseView } | null>(null)
const open = (start: OwnExerciseEntry, own?: OwnExerciseView) => (writing.value = { start, own })

function copyOf({ exercise: e }: ExerciseView): OwnExerciseEntry {
  const { minutes, efforts } = e.dose
  const { rungId, name, how, gait, figure, repetitions, poles, stepsBeforeRest } = e
  return {
    rungId,
    name,
    how,
    gait,
    figure,
    repetitions,
    minutes,
    efforts,
    poles,
    stepsBeforeRest,
    copiedFrom: e.id,
  }
}

async function hide({ exercise: e }: ExerciseView, now: boolean) {
  const say = (is: boolean) =>
    ask(() => client.PUT('/api/library/hidden', { body: { exerciseId: e.id, hidden: is } }))
  await say(now)
  await changed(bearsUpon.library)
  if (!now) return
  done(`${e.name} is hidden, and stays in the catalogue.`, async () => {
    await say(false)
    await changed(bearsUpon.library)
  })
}

async function remove({ own, exercise: e }: ExerciseView) {
  const params = { path: { exerciseId: own!.id } }
  await takeOff(
    `${e.name} taken off.`,
    () => ask(() => client.DELETE('/api/library/exercises/{exerciseId}', { params })),
    () => ask(() => client.POST('/api/library/exercises/{exerciseId}/restore', { params })),
  )
}

const pathOf = (id: string) => {
  const [strand, rung] = id.split('/')
  return { name: 'rung', params: { horseId: props.horseId, strand, rung } }
}
</script>

<template>
  <main id="main" class="rung max-w-1240px mx-auto pt-20px px-20px pb-60px">
    <ProblemNote v-if="error" :problem="error" />
    <template v-if="page">
      <header class="page-head">
        <RouterLink class="small" :to="{ name: 'library', params: { horseId } }">Library</RouterLink>
        <h1>{{ page.rung.name }}</h1>
        <span class="quiet"
          >{{ strandWords[page.rung.strand] }}, rung {{ page.rung.step }} ·
          {{
            here
              ? `${horse?.name} stands here`
              : page.reached
                ? `${horse?.name} has reached it`
                : `${horse?.name} is not there yet`
          }}</span
        >
        <div v-if="trains()" class="actions">
          <LinkButton
            :to="{ name: 'session', params: { horseId, sessionId: 'new' }, query: { rung: page.rung.id } }"
            >Plan a session of it</LinkButton
          >
        </div>
      </header>

      <div class="columns">
        <div class="stack">
          <section class="card stack what">
            <p class="text-1.25rem font-bold leading-[1.3]">{{ page.rung.purpose }}</p>
            <dl class="grid grid-cols-[120px_minmax(0,1fr)] gap-y-7px gap-x-14px">
              <dt class="text-quiet text-0.9rem">How</dt>
              <dd>{{ page.rung.how }}</dd>
              <dt class="text-quiet text-0.9rem">Good looks like</dt>
              <dd>
                {{ page.rung.good.says }}
                <span class="quiet"
                  >{{ page.rung.good.mark }} or more on both reins,
                  {{ tensionWords[page.rung.good.leastTension]?.toLowerCase() }} to
                  {{ tensionWords[page.rung.good.mostTension]?.toLowerCase() }}, closing test passed<template
                    v-if="page.rung.good.cleanShare"
                    >, {{ Math.round(page.rung.good.cleanShare * 100) }} % clean</template
                  >.</span
                >
              </dd>
              <dt class="text-quiet text-0.9rem">Watch for</dt>
              <dd>{{ page.rung.watch }}</dd>
              <dt class="text-quiet text-0.9rem">Wants</dt>
              <dd>
                from age {{ page.rung.youngestAge.value
                }}<template v-if="page.rung.helper">, a helper</template
                ><template v-if="page.rung.kit.length">, {{ page.rung.kit.join(', ') }}</template
                ><template v-if="page.rung.mostAWeek"
                  >, at most {{ page.rung.mostAWeek.value }} times a week</template
                >; up after {{ page.rung.sessionsToGoUp.value }} good sessions
              </dd>
              <template v-if="page.patience">
                <dt class="text-quiet text-0.9rem">Patience</dt>
                <dd>
                  Your own horses took
                  <strong>{{
                    page.patience.fewestWeeks === page.patience.mostWeeks
                      ? page.patience.mostWeeks
                      : `${page.patience.fewestWeeks} to ${page.patience.mostWeeks}`
                  }}</strong>
                  {{ page.patience.mostWeeks === 1 ? 'week' : 'weeks' }} here ({{ page.patience.horses }}
                  horses).
                  <WhyButton :why="page.patience.why" of="these weeks" />
                </dd>
              </template>
              <template v-if="page.rung.needs.length">
                <dt class="text-quiet text-0.9rem">Rests on</dt>
                <dd>
                  <template v-for="(id, i) in page.rung.needs" :key="id"
                    ><template v-if="i">, </template
                    ><RouterLink :to="pathOf(id)">{{ nameOf(id) }}</RouterLink></template
                  >
                </dd>
              </template>
              <template v-if="page.rung.fallBack">
                <dt class="text-quiet text-0.9rem">Goes back to</dt>
                <dd>
                  <RouterLink :to="pathOf(page.rung.fallBack)">{{ nameOf(page.rung.fallBack) }}</RouterLink>
                </dd>
              </template>
            </dl>
            <p v-if="page.rung.caution" class="told"><strong>Caution.</strong> {{ page.rung.caution }}</p>
            <p v-if="page.rung.ask" class="told"><strong>Ask first.</strong> {{ page.rung.ask }}</p>
          </section>

          <section class="card">
            <div class="row spread">
              <h2>Ways to ride it</h2>
              <span class="row">
                <Button
                  v-if="hidden.length"
                  type="link"
                  size="small"
                  :aria-expanded="showHidden"
                  @click="showHidden = !showHidden"
                >
                  {{ showHidden ? 'Without the hidden' : `${hidden.length} hidden` }}
                </Button>
                <Button v-if="trains()" size="small" @click="open({ rungId: page.rung.id })">
                  Add our own
                </Button>
              </span>
            </div>
            <ul class="exercises grid grid-cols-[repeat(2,minmax(0,1fr))] gap-16px mt-10px">
              <ExerciseItem
                v-for="view in shown"
                :key="view.exercise.id"
                :view="view"
                :horse="horse?.name ?? ''"
                @hide="(now) => hide(view, now)"
                @copy="open(copyOf(view))"
                @change="open(view.own!.entry, view.own!)"
                @remove="remove(view)"
              />
            </ul>
          </section>
        </div>

        <aside class="stack">
          <section v-if="here && page.place.verdict" class="card verdict" :class="page.place.verdict.word">
            <p class="word">
              {{ { up: 'One rung up', stay: 'Stay', back: 'Go back' }[page.place.verdict.word] }}
            </p>
            <p>{{ page.place.verdict.says }} <WhyButton :why="page.place.verdict.why" of="this rung" /></p>
            <ul v-if="page.place.verdict.missing.length" class="grid gap-5px mt-6px">
              <li
                v-for="m in page.place.verdict.missing"
                :key="m"
                class="py-3px px-10px rounded-6px bg-tight text-on-tight text-0.9rem"
              >
                {{ m }}
              </li>
            </ul>
            <p v-if="page.place.verdict.reliability" class="small">
              Good in {{ page.place.verdict.reliability.says
              }}<strong v-if="page.place.verdict.reliability.confirmed">: confirmed</strong>.
            </p>
          </section>
          <section v-else-if="!page.reached && page.missing.length" class="card">
            <h2>Not open yet</h2>
            <ul class="grid gap-5px mt-6px">
              <li
                v-for="m in page.missing"
                :key="m"
                class="py-3px px-10px rounded-6px bg-tight text-on-tight text-0.9rem"
              >
                {{ m }}
              </li>
            </ul>
          </section>
          <RungNote :page="page" />
          <MoveForm v-if="trains()" :horse-id="horseId" :page="page" />
          <section class="card">
            <h2>Evidence</h2>
            <p v-if="page.evidence.length === 0" class="small quiet">
              No ride on this rung yet. Choose it in a part of a session, and the ride counts here.
            </p>
            <RowsTable
              v-else
              class="small"
              :rows="page.evidence"
              :columns="[
                { key: 'ride', title: 'Ride' },
                { key: 'left', title: '◀ Left', number: true, says: (e) => e.marks.left ?? '–' },
                { key: 'right', title: 'Right ▶', number: true, says: (e) => e.marks.right ?? '–' },
                { key: 'good', says: (e) => (e.good ? '✓ good' : 'not yet') },
              ]"
            >
              <template #ride="{ row }">
                <RouterLink :to="{ name: 'review', params: { horseId, rideId: row.rideId } }">{{
                  shortDay(row.on)
                }}</RouterLink>
              </template>
            </RowsTable>
          </section>
          <section v-if="page.moves.length" class="card">
            <h2>Moves on this ladder</h2>
            <ul class="small grid gap-8px mt-8px">
              <li v-for="(m, i) in page.moves" :key="i">
                <strong>{{ nameOf(m.rungId) }}</strong>, {{ shortDay(m.on) }}<br />
                <span class="quiet">{{ moveWords[m.kind] }} by {{ m.by }}: {{ m.word }}</span>
              </li>
            </ul>
          </section>
        </aside>
      </div>
      <Modal :open="writing !== null" title="Our own exercise" :footer="null" @cancel="writing = null">
        <OwnExerciseForm v-if="writing" :start="writing.start" :own="writing.own" @close="writing = null" />
      </Modal>
    </template>
    <LoadingLines />
  </main>
</template>

<style scoped>
.verdict {
  display: grid;
  gap: 8px;
  border-left: 6px solid var(--walk);
}
.verdict.back {
  border-left-color: var(--straw);
}
.word {
  font-size: 1.5rem;
  font-weight: 700;
}
@media (max-width: 1000px) {
  .exercises {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
