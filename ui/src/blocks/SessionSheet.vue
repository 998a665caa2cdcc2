<script setup lang="ts">
import LinkButton from '../house/LinkButton.vue'
import Button from 'ant-design-vue/es/button'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { ask, client, Problem } from '../api/client'
import type { BlockView, MoveOptions, PlacedSession, SessionKind } from '../api/schema'
import { bearsUpon, useChanged } from '../house/keys'
import ChoiceField from '../house/ChoiceField.vue'
import MinutesBar from '../house/MinutesBar.vue'
import NumberField from '../house/NumberField.vue'
import ProblemNote from '../house/ProblemNote.vue'
import WhyButton from '../house/WhyButton.vue'
import { longDay, shortDay } from '../house/format'
import { useLibrary } from '../house/queries'
import { signedIn, trains } from '../house/signIn'
import { kindWords } from '../house/words'
import { useEdits } from './edits'

/** One session of a block: why it is there, what is ridden in it, and what a trainer may do with it. */
const props = defineProps<{
  horseId: string
  block: BlockView
  session?: PlacedSession
  adding: string | null
}>()
const emit = defineEmits<{ close: [] }>()
const router = useRouter()
const changed = useChanged()
const { data: library } = useLibrary()
const { edit, problem, busy } = useEdits(
  () => props.horseId,
  () => props.block,
)
const state = computed(() => props.block.states.find((s) => s.id === props.session?.id))
const mayChange = computed(
  () =>
    trains() && props.session && !state.value?.rideId && props.session.on >= (signedIn.value?.today ?? ''),
)
const rung = computed(() =>
  library.value?.ladders.flatMap((l) => l.rungs).find((r) => r.id === props.session?.rungId),
)
const gaits = computed(() =>
  (['walk', 'trot', 'canter'] as const)
    .map((gait) => ({ gait, minutes: props.session?.minutes[gait] ?? 0 }))
    .filter((p) => p.minutes > 0),
)
const kinds = (Object.keys(kindWords) as SessionKind[])
  .filter((k) => k !== 'competition')
  .map((value) => ({ value, label: kindWords[value] }))
const kind = ref<SessionKind>(props.session?.kind ?? 'hack')
const minutes = ref(40)
const options = ref<MoveOptions | null>(null)
const refusal = ref<Problem | null>(null)
const sheet = ref<HTMLElement | null>(null)

onMounted(async () => {
  sheet.value?.focus()
  if (!mayChange.value) return
  options.value = await ask(() =>
    client.GET('/api/horses/{horseId}/blocks/{blockId}/sessions/{sessionId}/days', {
      params: { path: { horseId: props.horseId, blockId: props.block.id, sessionId: props.session!.id } },
    }),
  )
})

async function drawUp() {
  refusal.value = null
  try {
    const session = await ask(() =>
      client.POST('/api/horses/{horseId}/blocks/{blockId}/sessions/{sessionId}/draw-up', {
        params: { path: { horseId: props.horseId, blockId: props.block.id, sessionId: props.session!.id } },
      }),
    )
    await changed(bearsUpon.horse(props.horseId))
    await router.push({ name: 'session', params: { horseId: props.horseId, sessionId: session.id } })
  } catch (e) {
    if (!(e instanceof Problem)) throw e
    refusal.value = e
  }
}

async function move(on: string) {
  if (await edit({ kind: 'move', sessionId: props.session!.id, on }, `Moved to ${longDay(on)}.`))
    emit('close')
}

async function pin() {
  const pinned = props.session!.pinned
  await edit(
    { kind: pinned ? 'unpin' : 'pin', sessionId: props.session!.id },
    pinned ? 'The pin is out.' : 'Pinned to its day.',
  )
}

async function swap() {
  await edit(
    { kind: 'swap', sessionId: props.session!.id, to: kind.value },
    `Swapped for ${kindWords[kind.value].toLowerCase()}.`,
  )
}

async function skip() {
  if (await edit({ kind: 'skip', sessionId: props.session!.id }, 'Skipped.')) emit('close')
}

async function add() {
  if (await edit({ kind: 'add', on: props.adding!, to: kind.value, minutes: minutes.value }, 'Added.'))
    emit('close')
}
</script>

<template>
  <aside
    ref="sheet"
    class="card no-print grid gap-12px mt-10px b-ink"
    tabindex="-1"
    :aria-label="session ? `${kindWords[session.kind]} on ${longDay(session.on)}` : 'Add a session'"
    @keydown.esc="emit('close')"
  >
    <template v-if="session">
      <div class="row spread">
        <h2>
          {{ kindWords[session.kind] }}, {{ longDay(session.on) }}
          <WhyButton :why="session.why" :of="`${kindWords[session.kind]} on ${longDay(session.on)}`" />
        </h2>
        <Button type="link" @click="emit('close')">Close</Button>
      </div>
      <MinutesBar :parts="gaits" :scale="60" />
      <ul class="grid gap-2px">
        <li>{{ session.why.rule }}.</li>
        <li v-for="i in session.why.inputs" :key="i" class="quiet">{{ i }}</li>
        <li v-if="rung">
          Expected rung:
          <RouterLink
            :to="{
              name: 'rung',
              params: { horseId, strand: rung.id.split('/')[0], rung: rung.id.split('/')[1] },
            }"
            >{{ rung.name }}</RouterLink
          >
        </li>
        <li v-for="b in session.bent" :key="b.says" class="text-on-tight">Bends: {{ b.says }}.</li>
      </ul>
      <ProblemNote v-if="refusal ?? problem" :problem="refusal ?? problem" />
      <div v-if="state?.rideId" class="row">
        <LinkButton type="primary" :to="{ name: 'review', params: { horseId, rideId: state.rideId } }"
          >Review</LinkButton
        >
      </div>
      <div v-else-if="mayChange" class="grid gap-12px">
        <div class="row">
          <Button type="primary" :disabled="busy" @click="drawUp">
            {{ state?.drawnUp ? 'Open the session' : 'Draw the session up' }}
          </Button>
          <Button :disabled="busy" @click="pin">
            {{ session.pinned ? 'Take the pin out' : 'Pin to this day' }}
          </Button>
          <Button :disabled="busy" @click="skip">Skip it</Button>
        </div>
        <div class="row swap items-end">
          <ChoiceField label="Swap for" :value="kind" :options="kinds" @change="(k) => (kind = k)" />
          <Button :disabled="busy || kind === session.kind" @click="swap"> Swap </Button>
        </div>
        <div v-if="options" class="days grid gap-6px">
          <h3>Move to</h3>
          <div class="row gap-6px">
            <Button
              v-for="d in options.days"
              :key="d.on"
              size="small"
              :class="{ breaks: d.broken.length, nearest: d.on === options.nearest }"
              :disabled="busy || d.broken.length > 0"
              :title="
                d.broken.map((b) => b.says).join('; ') ||
                (d.exchanges ? `changes places with ${kindWords[d.exchanges].toLowerCase()}` : '')
              "
              @click="move(d.on)"
            >
              {{ shortDay(d.on) }}<template v-if="d.exchanges && !d.broken.length"> ⇄</template>
            </Button>
          </div>
          <details v-if="options.days.some((d) => d.broken.length)" class="small">
            <summary>Why not the others</summary>
            <ul>
              <li v-for="d in options.days.filter((x) => x.broken.length)" :key="d.on">
                {{ shortDay(d.on) }}: {{ d.broken.map((b) => b.says).join('; ') }}
              </li>
            </ul>
          </details>
        </div>
      </div>
    </template>
    <form v-else class="row add items-end" @submit.prevent="add">
      <h2>Add on {{ longDay(adding!) }}</h2>
      <ChoiceField label="Kind" :value="kind" :options="kinds" @change="(k) => (kind = k)" />
      <NumberField label="Minutes" :value="minutes" :min="5" :max="180" @change="(m) => (minutes = m)" />
      <Button type="primary" html-type="submit" :disabled="busy">Add it</Button>
      <LinkButton :to="{ name: 'session', params: { horseId, sessionId: 'new' }, query: { on: adding! } }"
        >Plan one in full</LinkButton
      >
      <Button type="link" @click="emit('close')">Leave it</Button>
      <ProblemNote v-if="problem" :problem="problem" />
    </form>
  </aside>
</template>

<style scoped>
.swap :deep(.ant-form-item) {
  min-width: 200px;
}
.breaks {
  text-decoration: line-through;
}
.nearest {
  border-color: var(--ink);
  background: var(--true);
}
</style>
