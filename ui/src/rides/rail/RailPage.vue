<script setup lang="ts">
import { computed, onMounted, onUnmounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type {
  ChangedSetUp,
  Faller,
  Gait,
  Instead,
  Leg,
  MeasuredSetUp,
  RailAdvice,
  RideEvent,
  SetUpEntry,
  SpokenCall,
} from '../../api/schema'
import ProblemNote from '../../house/ProblemNote.vue'
import { beginCore, measureHere } from '../../device/core'
import { signedIn } from '../../house/signIn'
import SetUpDrawing from '../../setups/SetUpDrawing.vue'
import { done as say } from '../../house/undo'
import { bearsUpon, useChanged } from '../../house/keys'
import AdviceLine from './AdviceLine.vue'
import AdviceNote from './AdviceNote.vue'
import AloneRide from './AloneRide.vue'
import BoutTimer from './BoutTimer.vue'
import ClosingCard from './ClosingCard.vue'
import FallSheet from './FallSheet.vue'
import FirstDayClocks from './FirstDayClocks.vue'
import GaitPad from './GaitPad.vue'
import PartStrip from './PartStrip.vue'
import PiecesList from './PiecesList.vue'
import RailMarks from './RailMarks.vue'
import ReadyList from './ReadyList.vue'
import StandsSheet from './StandsSheet.vue'
import TackCard from './TackCard.vue'
import TapsSheet from './TapsSheet.vue'
import WaitingNote from './WaitingNote.vue'
import { callOut, useAwakeScreen } from './attention'
import { minutesAndSeconds } from './clock'
import { smallJpeg } from './picture'
import { useRecorder, type NewTap } from './recorder'
import { speak } from './speak'
import { sayTap } from './sayTap'
import { flush, keepPicture, sendFor, trouble } from './sender'
import './rail.css'

/** The recorder at the rail: full screen, one hand, gloves, with or without a signal. */
const props = defineProps<{ horseId: string; sessionId?: string }>()
const changed = useChanged()
const router = useRouter()
const me = signedIn.value!.me!
const recorder = useRecorder(me.id, props.horseId, props.sessionId || null)
const { sheet, parts, problem, at, now, clock, spoken, mine, tap, ridingIsOver } = recorder
useAwakeScreen()
beginCore()

/** A sheet that an older build carried says nothing of pieces. */
const pieces = computed(() => sheet.value?.pieces?.find((p) => p.part === at.value.part))
/** Nobody at the rail: the sheet is read aloud, and written up afterwards on the same pads. */
const alone = ref(false)
let heard: SpokenCall | undefined
/** It could not be closed: what was typed stays, and can be sent again. */
const notClosed = ref(false)
/** The picture that was taken cannot be read. */
const unreadable = ref(false)
const over = ref<'' | 'stands' | 'taps' | 'closing' | 'fall'>('')
const part = computed(() => parts.value[at.value.part])
/** What stands in this part, or in the next that has something. */
const stands = computed(() => {
  const here = [...parts.value.slice(at.value.part), ...parts.value].find((p) => p.setUpId)
  const planned = sheet.value?.setUps.find((s) => s.id === here?.setUpId)
  const again = here && rebuilt.value[parts.value.indexOf(here)]
  return planned && again ? { ...planned, name: 'Rebuilt:', measured: again } : planned
})
/** The plan as it is ridden: a part whose set-up was rebuilt is called by what stands there now. */
const shownParts = computed(() =>
  parts.value.map((p, i) => (rebuilt.value[i] ? { ...p, what: `Rebuilt: ${rebuilt.value[i].title}` } : p)),
)
/** What was rebuilt in this ride, by part, measured here: its new tape line and its drawing. */
const rebuilt = ref<Record<number, MeasuredSetUp>>({})
watch(recorder.standing, async (standing) => {
  if (!sheet.value) return
  const { carried, facts } = sheet.value
  const measured: Record<number, MeasuredSetUp> = {}
  for (const [i, { setUp }] of standing.entries())
    if (setUp && JSON.stringify(setUp) !== JSON.stringify(facts.parts[i]?.setUp)) {
      const here = await measureHere(carried, setUp).catch(() => null)
      if (here) measured[i] = here
    }
  rebuilt.value = measured
})
/** Held: only a plan that is led all through, and only where a vet has said so. */
const blocked = computed(() => {
  const { heldBecause, mayWalkInHand } = sheet.value ?? {}
  const told = sheet.value?.facts.parts ?? []
  const led = told.length > 0 && told.every((p) => p.manner === 'inHand' && p.pad === 'flat')
  return Boolean(heldBecause) && !(mayWalkInHand && led)
})
const tackSeen = computed(() => recorder.live.value.some((e) => e.kind === 'tackLooked'))
const gallops = computed(() => parts.value.some((p) => p.gait === 'gallop'))
const undoable = computed(() => mine.value.find((e) => e.kind !== 'adviceAnswered'))

onMounted(async () => {
  sendFor(me.id)
  await recorder.open()
  if (at.value.ended) over.value = 'closing'
  fetching = setInterval(() => void recorder.fetchOthers(), 20_000)
  document.addEventListener('keydown', press)
})
onUnmounted(() => {
  clearInterval(fetching)
  document.removeEventListener('keydown', press)
})
let fetching: ReturnType<typeof setInterval> | undefined

/** A part whose minutes are over calls out once. */
watch(
  () => (clock.value.byPart[at.value.part] ?? 0) >= (part.value?.minutes ?? Infinity) * 60_000,
  (over) => over && at.value.gait && callOut(),
)
watch(
  () => spoken.value?.rule,
  (rule) => rule && callOut(spoken.value!.endsRide ? 3 : 2),
)

/** One tap begins: the gait and rein that the plan begins with. */
async function begin() {
  const first = parts.value[0]
  const taps: NewTap[] = [{ kind: 'gaitNow', gait: first?.gait === 'halt' || !first ? 'walk' : first.gait }]
  if (first && first.rein !== 'both') taps.unshift({ kind: 'reinNow', rein: first.rein })
  if (first) taps.unshift({ kind: 'partBegun', part: 0 })
  // All at this moment, however long the device takes to keep the first.
  await Promise.all(taps.map((made) => tap(made)))
}

/** What was called out is what is ridden from then on; a slip is mended afterwards. */
async function called(call: SpokenCall) {
  const taps: NewTap[] = []
  if (heard?.part !== call.part) taps.push({ kind: 'partBegun', part: call.part })
  if (heard?.rein !== call.rein) taps.push({ kind: 'reinNow', rein: call.rein })
  if (heard?.gait !== call.gait) taps.push({ kind: 'gaitNow', gait: call.gait })
  heard = call
  await Promise.all(taps.map((made) => tap(made)))
}

async function writeUp() {
  alone.value = false
  await tap({ kind: 'paused', because: '' })
  await tap({ kind: 'partBegun', part: 0 })
}

const gait = (to: Gait) => at.value.gait !== to && void tap({ kind: 'gaitNow', gait: to })
const rein = (to: 'left' | 'right') => at.value.rein !== to && void tap({ kind: 'reinNow', rein: to })
/** A grid begins with its first stage, unless something stands there by now. */
async function go(to: number) {
  if (to === at.value.part) return
  const begun = [tap({ kind: 'partBegun', part: to })]
  const first = recorder.standing.value[to]?.firstStage
  if (first && !recorder.live.value.some((e) => e.kind === 'stands' && e.part === to))
    begun.push(tap(standsTap(to, first, null)))
  await Promise.all(begun)
}
const undo = () => undoable.value && void recorder.takeBack(undoable.value)

async function instead(slip: RideEvent, to: string) {
  const right: NewTap =
    slip.kind === 'gaitNow'
      ? { kind: 'gaitNow', gait: to as Gait }
      : { kind: 'reinNow', rein: to as 'left' | 'right' }
  await Promise.all([recorder.takeBack(slip), tap(right, slip)])
}

/** One tap writes it down; who fell is asked after that. */
async function fall() {
  fallen = tap({ kind: 'fell', who: 'rider', head: false })
  over.value = 'fall'
  await fallen
}
let fallen: Promise<RideEvent> | undefined

async function fell(who: Faller, head: boolean) {
  over.value = ''
  const first = await fallen!
  if (who !== 'rider' || head) {
    await recorder.takeBack(first)
    await tap({ kind: 'fell', who, head }, first)
  }
  if (head) await finish()
}

async function noFall() {
  over.value = ''
  await recorder.takeBack(await fallen!)
}

/** The leg of the last jump or pass, and where: the same again, with it, in the place of the first. */
async function toldAgain(jump: RideEvent, more: { leg: Leg; element?: number }) {
  const told = recorder.live.value.filter((e) => e.kind === 'jumpTold' && e.jump === jump.id)
  await recorder.takeBack(jump)
  const again = await tap({ ...jump, ...more } as NewTap, jump)
  for (const t of told) {
    await recorder.takeBack(t)
    await tap({ ...t, jump: again.id } as NewTap, t)
  }
}

/** A slip that is let pass is told as that with the same tap. */
async function signThen(sign: NewTap, more: { later?: true }) {
  const told = await tap(sign)
  await tap({ kind: 'moreTold', about: told.id, ...more } as NewTap)
}

/** Another stage stands from this tap on. */
const rebuild = (changed: ChangedSetUp) => tap(standsTap(at.value.part, changed.entry, null))

/** How the horse is worked just now: as it was told, else as it was planned. */
const manner = computed(
  () =>
    recorder.inThisPart.value.findLast((e) => e.kind === 'mannerNow')?.manner ??
    recorder.standing.value[at.value.part]?.manner ??
    'ridden',
)

/** On the lunge both sides are even: half the part is over, the rein is changed and the rig loosened between. */
watch(
  () => {
    const half = recorder.standing.value[at.value.part]?.changeReinAfter
    return half != null && at.value.gait !== null && (clock.value.byPart[at.value.part] ?? 0) >= half * 60_000
  },
  (due) => due && speak('rein', 'Loosen, and change the rein.'),
)

/** What is done changes the rest of the ride from that tap on. */
async function answer(advice: RailAdvice, accepted: boolean) {
  const { parts: changed, goTo } = advice.then
  const taps: NewTap[] = [{ kind: 'adviceAnswered', rule: advice.rule, accepted }]
  if (accepted) {
    taps.push(...changed.map(({ part, setUp, instead }) => standsTap(part, setUp, instead)))
    if (goTo !== null) taps.push({ kind: 'partBegun', part: goTo })
  }
  await Promise.all(taps.map((made) => tap(made)))
  if (advice.endsRide) await finish()
}

const standsTap = (part: number, setUp: SetUpEntry | null, instead: Instead | null) =>
  ({ kind: 'stands', part, ...(setUp ? { setUp } : { instead }) }) as NewTap

async function finish() {
  if (at.value.began && !at.value.ended) await tap({ kind: 'rideEnded' })
  over.value = 'closing'
}

/** Riding on after the end was tapped by mistake. */
async function rideOn() {
  const end = mine.value.find((e) => e.kind === 'rideEnded')
  if (end) await recorder.takeBack(end)
  over.value = ''
}

async function close(taps: NewTap[], photo: File | null) {
  const { rideId } = sheet.value!
  if (photo) {
    const jpeg = await smallJpeg(photo).catch(() => null)
    if (!jpeg) {
      // Before anything is tapped: what was typed is still there, and another picture can be taken.
      unreadable.value = true
      return
    }
    await keepPicture({ id: crypto.randomUUID(), person: me.id, horseId: props.horseId, rideId, jpeg })
  }
  for (const made of taps) await tap(made)
  await recorder.finish()
  await flush()
  if (trouble.value) {
    say('Kept on this device. It goes as soon as there is a signal.')
    await router.push({ name: 'rail-shelf' })
    return
  }
  // Pages that were read before the ride know nothing of it.
  await changed(bearsUpon.horse(props.horseId))
  await router.push({ name: 'review', params: { horseId: props.horseId, rideId } })
}

const keys: Record<string, () => unknown> = {
  h: () => gait('halt'),
  w: () => gait('walk'),
  t: () => gait('trot'),
  c: () => gait('canter'),
  g: () => gait('gallop'),
  ' ': () => rein(at.value.rein === 'left' ? 'right' : 'left'),
  n: () => at.value.part < parts.value.length - 1 && go(at.value.part + 1),
  u: undo,
}
function press(e: KeyboardEvent) {
  if (e.ctrlKey || e.metaKey || e.altKey || over.value || !at.value.began || blocked.value) return
  if (/INPUT|TEXTAREA|SELECT/.test((e.target as HTMLElement).tagName)) return
  const key = keys[e.key]
  if (!key) return
  e.preventDefault()
  key()
}
</script>

<template>
  <main id="main" class="rail">
    <ProblemNote v-if="problem" :problem="problem" />
    <template v-if="sheet">
      <AloneRide
        v-if="alone"
        :sheet="sheet.spoken!"
        :horse="sheet.horseName"
        @called="called"
        @over="writeUp"
      />
      <header class="head">
        <div class="who">
          <h1 class="text-1.35rem">{{ sheet.horseName }}</h1>
          <p v-if="parts.length" class="text-0.92rem">Part {{ at.part + 1 }} of {{ parts.length }}</p>
        </div>
        <p class="clock text-2.5rem leading-[1] font-bold" role="timer" aria-label="Ridden">
          {{ minutesAndSeconds(clock.ridden) }}
        </p>
        <div class="state text-0.92rem col-span-full"><WaitingNote /></div>
        <AdviceNote class="col-span-full text-0.92rem" />
      </header>

      <p
        v-if="blocked"
        class="py-12px px-16px bg-long text-on-grave-pale text-1.15rem font-bold"
        role="alert"
      >
        Held: {{ sheet.heldBecause }}. No work until a vet has cleared it{{
          sheet.mayWalkInHand ? '; walking in hand only' : ''
        }}.
      </p>

      <div v-if="over === 'closing'" class="body grid gap-10px content-start pt-10px px-12px pb-12px">
        <ClosingCard
          :may-ride-on="!ridingIsOver"
          :manner="manner"
          :unreadable="unreadable"
          :failed="notClosed"
          @done="(taps, photo) => close(taps, photo).catch(() => (notClosed = true))"
          @back="rideOn"
        />
      </div>
      <div v-else-if="over" class="body sheet grid gap-10px content-start pt-10px px-12px pb-12px">
        <button type="button" class="rail-key" @click="over = ''">Back to the ride</button>
        <FallSheet v-if="over === 'fall'" @fell="fell" @none="noFall" />
        <StandsSheet v-if="over === 'stands' && stands" :set-up="stands" />
        <TapsSheet
          v-if="over === 'taps'"
          :taps="mine"
          :skew="0"
          @back="(e) => recorder.takeBack(e)"
          @instead="instead"
        />
      </div>
      <div v-else class="body grid gap-10px content-start pt-10px px-12px pb-12px">
        <PartStrip
          v-if="parts.length"
          :parts="shownParts"
          :part="at.part"
          :spent="clock.byPart"
          :running="at.gait !== null"
          :narrow="Boolean(spoken)"
          @go="go"
        />
        <PiecesList v-if="pieces" :pieces="pieces" />
        <section v-if="!at.began && sheet.nextTime" class="next-time" aria-labelledby="next-time-head">
          <h2 id="next-time-head" class="text-1rem">Next time, said {{ sheet.nextTime.rider }}</h2>
          <p v-for="w in sheet.nextTime.words" :key="w" class="text-1.35rem font-bold">{{ w }}</p>
        </section>
        <TackCard v-if="!at.began && !tackSeen" :asked="sheet.tack" @tap="(made) => tap(made)" />
        <FirstDayClocks
          v-if="recorder.said.value?.countdowns.length"
          :countdowns="recorder.said.value.countdowns"
          :since="at.last === null || at.ended ? 0 : Math.max(0, now - at.last)"
        />
        <button
          v-if="!at.began"
          type="button"
          class="rail-key on min-h-150px text-1.8rem"
          :disabled="blocked"
          @click="begin"
        >
          Begin
          <small class="text-1rem">{{
            parts[0] ? `${parts[0].gait}, ${parts[0].minutes} minutes` : 'in walk'
          }}</small>
        </button>
        <template v-if="!at.began && sheet.spoken && sheet.session?.manner === 'ridden' && !blocked">
          <button
            v-if="!sheet.spoken.notAlone"
            type="button"
            class="rail-key soft min-h-84px"
            @click="alone = true"
          >
            Riding alone
            <small>the sheet is read aloud; tell somebody that you ride, and when you are back</small>
          </button>
          <p v-else class="quiet">Riding alone? {{ sheet.spoken.notAlone }}</p>
        </template>
        <ReadyList v-if="!at.began" :sheet="sheet" />
        <ul v-if="!at.began && sheet.habits?.length" class="grid gap-8px" aria-label="Lately">
          <li v-for="h in sheet.habits" :key="h.rule" class="pl-12px edge-l-4px-straw">
            {{ h.says }} <strong>{{ h.mend }}</strong>
          </li>
        </ul>
        <template v-if="at.began">
          <BoutTimer v-if="part?.boutSeconds" :key="at.part" :part="part" :now="now" />
          <GaitPad
            :gait="at.gait"
            :rein="at.rein"
            :gallops="gallops"
            :since="minutesAndSeconds(now - (at.since ?? now))"
            @gait="gait"
            @rein="(r) => r !== 'both' && rein(r)"
          />
          <AdviceLine v-if="spoken" :advice="spoken" @answer="(accepted) => answer(spoken!, accepted)" />
          <p v-if="at.paused" class="text-center font-semibold">
            {{
              heard ? 'Write it up: part by part what you saw, then finish.' : 'Stopped. Tap a gait to go on.'
            }}
          </p>
          <RailMarks
            :sheet="sheet"
            :planned="part"
            :rail-part="recorder.standing.value[at.part]"
            :part="at.part"
            :rein="at.rein"
            :here="recorder.inThisPart.value"
            :all="recorder.live.value"
            :no-jumping="recorder.jumpingIsOver.value"
            :jumping-waits="recorder.jumpingWaits.value"
            :said="recorder.said.value"
            :manner="manner"
            @tap="tap"
            @again="toldAgain"
            @sign-then="signThen"
            @stands="rebuild"
            @leave="tap(standsTap(at.part, null, 'flatwork'))"
          />
          <ul v-if="recorder.putOff.value.length" class="grid gap-6px" aria-label="Not now">
            <li
              v-for="a in recorder.putOff.value"
              :key="a.rule"
              class="flex items-center gap-10px pl-12px edge-l-4px-straw"
            >
              <span class="flex-1">{{ a.says }}</span>
              <button type="button" class="rail-key soft flex-none px-14px" @click="answer(a, true)">
                Do it now
              </button>
            </li>
          </ul>
          <div v-if="stands && stands.id === part?.setUpId" class="picture hidden">
            <SetUpDrawing :measured="stands.measured" :unit="me.unit" />
          </div>
        </template>
      </div>

      <footer v-if="!over" class="foot">
        <template v-if="at.began">
          <button type="button" class="rail-key" :disabled="!undoable" @click="undo">
            Undo<small class="last max-w-13vw overflow-hidden text-ellipsis whitespace-nowrap">{{
              undoable ? sayTap(undoable) : 'nothing'
            }}</small>
          </button>
          <button type="button" class="rail-key" @click="over = 'taps'">Taps</button>
          <button type="button" class="rail-key grave" @click="fall">Fall</button>
        </template>
        <RouterLink v-else class="rail-key" to="/rail">Leave</RouterLink>
        <button type="button" class="rail-key" :disabled="!stands" @click="over = 'stands'">Set-up</button>
        <button v-if="at.began" type="button" class="rail-key on" @click="finish">Finish</button>
      </footer>
    </template>
  </main>
</template>

<style scoped>
.rail {
  display: grid;
  grid-template-rows: auto 1fr auto;
  min-height: 100dvh;
  max-width: 900px;
  margin: 0 auto;
  background: var(--card);
}
.next-time {
  padding: 12px 16px;
  border-left: 8px solid var(--straw);
  background: var(--straw-pale);
}
.head {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  gap: 0 14px;
  padding: 10px 16px;
  background: var(--ink);
  color: var(--on-ink);
}
.foot {
  position: sticky;
  bottom: 0;
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
  gap: 8px;
  padding: 8px 12px max(8px, env(safe-area-inset-bottom));
  background: var(--card);
  border-top: 1px solid var(--line);
}
.foot .rail-key {
  text-decoration: none;
  font-size: 1rem;
}
@media (min-width: 700px) and (min-height: 1000px) {
  .picture {
    display: block;
    margin-top: 6px;
  }
}
@media (min-width: 700px) {
  .head {
    padding: 16px 24px;
    grid-template-columns: minmax(0, 1fr) auto minmax(120px, auto);
  }
  .head h1 {
    font-size: 1.7rem;
  }
  .state {
    grid-column: auto;
  }
  .clock {
    font-size: 3.4rem;
  }
  .body {
    gap: 14px;
    padding: 16px 20px;
  }
}
</style>
