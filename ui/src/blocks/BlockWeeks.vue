<script setup lang="ts">
import Button from 'ant-design-vue/es/button'
import dayjs from 'dayjs'
import { computed, ref } from 'vue'
import { ask, client, Problem } from '../api/client'
import type { BlockView, BlockWeek, MoveOptions, PlacedSession } from '../api/schema'
import WhyButton from '../house/WhyButton.vue'
import { useDragging } from '../house/dragging'
import { longDay } from '../house/format'
import { useAims, useSessions } from '../house/queries'
import { signedIn, trains } from '../house/signIn'
import { phaseTints } from '../house/words'
import PlacedCard from './PlacedCard.vue'
import SessionSheet from './SessionSheet.vue'
import { useEdits } from './edits'

/** Weeks by days: drag a session, or open it and move it by keys. What a day would break is said before the drop. */
const props = defineProps<{ horseId: string; block: BlockView }>()
const today = computed(() => signedIn.value?.today ?? '')
const all = ref(false)
const { data: aims } = useAims(() => props.horseId)
const weeks = computed(() => {
  const now = props.block.plan.weeks.findIndex(
    (w) => dayjs(w.monday).add(6, 'day').format('YYYY-MM-DD') >= today.value,
  )
  const from = Math.max(0, (now < 0 ? props.block.plan.weeks.length : now) - 1)
  return all.value ? props.block.plan.weeks : props.block.plan.weeks.slice(from, from + 5)
})
const days = (w: BlockWeek) =>
  Array.from({ length: 7 }, (_, i) => dayjs(w.monday).add(i, 'day').format('YYYY-MM-DD'))
const placed = (w: BlockWeek, day: string) => w.sessions.filter((s) => s.on === day)
const state = (id: string) => props.block.states.find((s) => s.id === id)
const { data: sessions } = useSessions(
  () => props.horseId,
  () => weeks.value[0]?.monday ?? today.value,
  () =>
    dayjs(weeks.value.at(-1)?.monday ?? today.value)
      .add(6, 'day')
      .format('YYYY-MM-DD'),
)
/** Planned by hand, beside the block. */
const others = (day: string) =>
  (sessions.value ?? []).filter((s) => s.on === day && !props.block.states.some((x) => x.id === s.id))
const competition = (day: string) => aims.value?.find((a) => a.on === day)
const fixtures = (day: string) =>
  (props.block.entry.fixtures ?? []).filter((f) => f.on && day >= f.on && day <= (f.until ?? f.on))
const outside = (day: string) => day < props.block.start || day > props.block.end
const sum = (w: BlockWeek) => props.block.weeks.find((x) => x.monday === w.monday)

const chosen = ref<string | null>(null)
const adding = ref<string | null>(null)
const open = computed(() =>
  props.block.plan.weeks.flatMap((w) => w.sessions).find((s) => s.id === chosen.value),
)
const { edit, problem } = useEdits(
  () => props.horseId,
  () => props.block,
)

const dragged = ref<PlacedSession | null>(null)
const options = ref<MoveOptions | null>(null)
const over = ref<string | null>(null)
const refused = ref<{ says: string; nearest: string | null; session: PlacedSession } | null>(null)
const option = (day: string) => options.value?.days.find((d) => d.on === day)

const { vHeld, vPlace } = useDragging({
  taken: (id) => void take(props.block.plan.weeks.flatMap((w) => w.sessions).find((s) => s.id === id)!),
  over: (day) => (over.value = day),
  dropped: (_, day) => void drop(day),
})

async function take(session: PlacedSession) {
  dragged.value = session
  refused.value = null
  try {
    const days = await ask(() =>
      client.GET('/api/horses/{horseId}/blocks/{blockId}/sessions/{sessionId}/days', {
        params: { path: { horseId: props.horseId, blockId: props.block.id, sessionId: session.id } },
      }),
    )
    if (dragged.value === session) options.value = days
  } catch (e) {
    if (!(e instanceof Problem)) throw e
  }
}

async function drop(day: string | null) {
  const session = dragged.value
  const known = options.value
  dragged.value = over.value = options.value = null
  if (!session || !day || session.on === day) return
  const broken = known?.days.find((d) => d.on === day)?.broken ?? []
  if (broken.length) {
    refused.value = { says: `${longDay(day)}: ${broken[0]!.says}.`, nearest: known?.nearest ?? null, session }
    return
  }
  await edit({ kind: 'move', sessionId: session.id, on: day }, `Moved to ${longDay(day)}.`)
}

async function takeOffered() {
  const { session, nearest } = refused.value!
  refused.value = null
  await edit({ kind: 'move', sessionId: session.id, on: nearest! }, `Moved to ${longDay(nearest!)}.`)
}
</script>

<template>
  <section aria-labelledby="weeks-head">
    <div class="row spread mb-8px">
      <h2 id="weeks-head">Weeks</h2>
      <Button type="link" size="small" class="no-print" @click="all = !all">
        {{ all ? 'These weeks only' : `All ${block.plan.weeks.length} weeks` }}
      </Button>
    </div>
    <p v-if="refused" class="refused" role="alert">
      <strong>{{ refused.says }}</strong>
      <template v-if="refused.nearest">
        {{ longDay(refused.nearest) }} keeps every rule.
        <Button size="small" @click="takeOffered">Move it there</Button>
      </template>
      <template v-else> No day near by keeps every rule.</template>
      <Button type="link" size="small" @click="refused = null">Leave it</Button>
    </p>
    <p v-else-if="over && option(over)?.broken.length" class="refused hovering" role="status">
      {{ longDay(over) }}: {{ option(over)!.broken[0]!.says }}.
    </p>
    <p v-if="problem" class="refused" role="alert">
      {{ problem.faults[0] ? `${problem.faults[0].says} ${problem.faults[0].mend}` : problem.detail }}
    </p>
    <div class="scroll">
      <div class="weeks grid gap-7px min-w-860px">
        <div
          v-for="w in weeks"
          :key="w.monday"
          class="week grid grid-cols-[118px_repeat(7,minmax(0,1fr))] gap-6px"
          :class="{ held: w.cause.held }"
        >
          <div class="about grid content-start py-8px px-10px rounded-8px" :class="phaseTints[w.phase]">
            <strong>Week {{ w.number }}</strong>
            <span class="small">{{ dayjs(w.monday).format('D MMM') }}</span>
            <span class="small"
              >{{ w.minutes.total }} min
              <WhyButton :why="w.why.minutes" :of="`${w.minutes.total} minutes in week ${w.number}`" />
            </span>
            <span v-if="w.why.kinds" class="small quiet"
              >its kinds
              <WhyButton :why="w.why.kinds" :of="`the kinds of session in week ${w.number}`" />
            </span>
            <span v-if="sum(w)?.done.total" class="small quiet">ridden {{ sum(w)!.done.total }}</span>
            <span v-if="w.cause.held" class="small font-semibold text-grave"
              >held until {{ w.cause.held.until }}</span
            >
            <span v-for="b in w.bent" :key="b.says" class="small text-on-tight">bends: {{ b.says }}</span>
          </div>
          <div
            v-for="day in days(w)"
            :key="day"
            v-place="day"
            class="day"
            :class="{
              today: day === today,
              off: !placed(w, day).length && !others(day).length && !competition(day),
              outside: outside(day),
              breaks: dragged && option(day)?.broken.length,
              free: dragged && option(day) && !option(day)!.broken.length,
              over: over === day,
            }"
          >
            <span class="small text-quiet">{{ dayjs(day).format('ddd D') }}</span>
            <span v-if="competition(day)" class="aim small font-bold">★ {{ competition(day)!.name }}</span>
            <span
              v-for="f in fixtures(day)"
              :key="f.what ?? ''"
              class="small py-1px px-6px rounded-4px bg-sand"
              >{{ f.what || f.kind }}</span
            >
            <PlacedCard
              v-for="s in placed(w, day)"
              :key="s.id"
              v-held="{ id: s.id, fixed: !trains() || day < today || Boolean(state(s.id)?.rideId) }"
              :session="s"
              :state="state(s.id)"
              :horse-id="horseId"
              :missed="day < today && !state(s.id)?.rideId"
              :chosen="chosen === s.id"
              @open="chosen = chosen === s.id ? null : s.id"
            />
            <RouterLink
              v-for="s in others(day)"
              :key="s.id"
              class="small no-underline text-quiet"
              :to="
                s.rideId
                  ? { name: 'review', params: { horseId, rideId: s.rideId } }
                  : { name: 'session', params: { horseId, sessionId: s.id } }
              "
              >{{ s.rideId ? '✓ ' : '' }}{{ s.emphasis }}</RouterLink
            >
            <button
              v-if="trains() && !placed(w, day).length && !competition(day) && day >= today && !outside(day)"
              class="add no-print"
              type="button"
              :aria-label="`Add a session on ${longDay(day)}`"
              @click="adding = day"
            >
              +
            </button>
          </div>
        </div>
      </div>
    </div>
    <SessionSheet
      v-if="open || adding"
      :key="open?.id ?? adding ?? ''"
      :horse-id="horseId"
      :block="block"
      :session="open"
      :adding="adding"
      @close="chosen = adding = null"
    />
  </section>
</template>

<style scoped>
.refused {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  margin-bottom: 8px;
  padding: 8px 12px;
  border-left: 5px solid var(--grave);
  border-radius: 8px;
  background: var(--long);
  color: var(--on-grave-pale);
}
/* Over the page, since nothing may move under the hand that drags. */
.hovering {
  position: fixed;
  left: 50%;
  bottom: 24px;
  transform: translateX(-50%);
  z-index: 20;
  margin: 0;
  pointer-events: none;
}
.day {
  position: relative;
  display: grid;
  align-content: start;
  gap: 4px;
  min-height: 92px;
  padding: 5px 7px 7px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--card);
  min-width: 0;
}
.day.off {
  background: repeating-linear-gradient(-45deg, var(--bank) 0 7px, var(--page) 7px 14px);
  border-color: transparent;
}
.day.outside {
  border-style: dashed;
  background: var(--page);
}
.day.today {
  outline: 2px solid var(--ink);
  outline-offset: -1px;
}
.day.free {
  background: var(--true);
}
.day.breaks {
  background: var(--long);
}
.day.over {
  outline: 2px dashed var(--ink);
}
.add {
  position: absolute;
  right: 4px;
  bottom: 4px;
  width: 28px;
  height: 28px;
  border: 0;
  border-radius: 6px;
  background: none;
  color: var(--quiet);
  font: inherit;
  font-size: 1.2rem;
  cursor: pointer;
  opacity: 0;
}
.day:hover .add,
.add:focus-visible {
  opacity: 1;
}
/* Seven days and no sideways scrolling on a tablet held upright. */
@media (max-width: 900px) {
  .weeks {
    min-width: 740px;
  }
  .week {
    grid-template-columns: 84px repeat(7, minmax(0, 1fr));
    gap: 4px;
  }
  .about {
    padding: 8px 5px;
  }
  .day {
    padding: 5px 4px 7px;
  }
}
</style>
