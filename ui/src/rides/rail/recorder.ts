import { computed, ref, shallowRef, watch } from 'vue'
import { ask, client, Problem } from '../../api/client'
import type { Part, RailAdvice, RailJudgement, RailSheet, RideEvent } from '../../api/schema'
import { coreState, judgeHere } from '../../device/core'
import { insteadWords } from '../../house/words'
import { carrySetUps } from './carry'
import { useNow } from './clock'
import { deviceId, findSheet, keepSheet, markOpen, sheetKey, tapsOfRide, type KeptSheet } from './pocket'
import { inMemory, keep } from './sender'
import { askedBeforeJumping, jumpingStopped, ridingStopped, stopNow } from './stops'
import { keysDown, standingTaps, tapsOfPart } from './taps'

/** The shape of the taps made here, which each bears: it may wait on the device until there is another. */
const tapShape = 5 satisfies RideEvent['v']

/** A tap before it has an id, a time and a clock. */
export type NewTap = RideEvent extends infer E
  ? E extends RideEvent
    ? Omit<E, 'id' | 'at' | 'clock' | 'v'>
    : never
  : never

/** The recorder of one ride on this device. */
export function useRecorder(person: string, horseId: string, sessionId: string | null) {
  const key = sheetKey(person, horseId, sessionId)
  const run = crypto.randomUUID()
  const runBegan = performance.now()
  const device = deviceId()
  const kept = shallowRef<KeptSheet | null>(null)
  const problem = ref<Problem | null>(null)
  const events = shallowRef<RideEvent[]>([])
  const skew = () => kept.value?.skew ?? 0
  const now = useNow(skew)

  const sheet = computed<RailSheet | null>(() => kept.value?.sheet ?? null)
  const live = computed(() => standingTaps(events.value))
  const at = computed(() => keysDown(live.value))
  const stops = computed(() => sheet.value?.stops ?? [])
  /** What Core made of so many taps; nothing where it does not stand. The newest answer wins. */
  const judged = shallowRef<{ taps: RideEvent[]; said: RailJudgement } | null>(null)
  /** The parts as they stand after what was rebuilt and replaced; as planned where Core does not stand. */
  const standing = computed(() => judged.value?.said.standing ?? sheet.value?.facts.parts ?? [])
  const parts = computed<Part[]>(() =>
    (sheet.value?.session?.parts ?? []).map((planned, i) => {
      const instead = standing.value[i]?.instead
      return instead
        ? {
            ...planned,
            what: insteadWords[instead],
            gait: instead === 'walk' ? 'walk' : planned.gait,
            setUpId: null,
            efforts: null,
            markHopedFor: null,
          }
        : planned
    }),
  )

  watch([live, sheet, coreState], async ([taps, carried]) => {
    if (!carried) return
    const said = await judgeHere(carried.rideId, carried.facts, events.value)
    if (taps === live.value) judged.value = said && { taps, said }
  })

  /** The one line that is said now. What stops the work needs no Core. */
  const spoken = computed<RailAdvice | null>(() => {
    if (!sheet.value || !at.value.began || at.value.ended) return null
    const said = judged.value?.said.advice ?? null
    const since = live.value.slice(judged.value?.taps.length)
    const isAnswered = since.some((e) => e.kind === 'adviceAnswered' && e.rule === said?.rule)
    return stopNow(stops.value, live.value)?.advice ?? (isAnswered ? null : said)
  })
  const jumpingIsOver = computed(
    () => jumpingStopped(stops.value, live.value) || (judged.value?.said.jumpingIsOver ?? false),
  )
  const ridingIsOver = computed(
    () => ridingStopped(stops.value, live.value) || (judged.value?.said.ridingIsOver ?? false),
  )

  /** Milliseconds ridden, altogether and by part, as Core reckons them and going on since; without it, since the beginning. */
  const clock = computed(() => {
    const byPart: Record<number, number> = {}
    if (!judged.value) {
      const until = at.value.ended ? at.value.last! : now.value
      return { ridden: at.value.began === null ? 0 : until - at.value.began, byPart }
    }
    const { taps, said } = judged.value
    const then = keysDown(taps)
    const more = then.gait !== null && then.last !== null ? Math.max(0, now.value - then.last) : 0
    for (const { part, seconds } of said.parts) byPart[part] = seconds * 1000
    byPart[then.part] = (byPart[then.part] ?? 0) + more
    return { ridden: said.riddenSeconds * 1000 + more, byPart }
  })

  /** A fresh sheet if there is a signal, else the one that was kept; and every tap of the ride known here. */
  async function open() {
    try {
      const asked = Date.now()
      const fresh = await ask(() =>
        client.GET('/api/horses/{horseId}/rail', {
          params: { path: { horseId }, query: sessionId ? { sessionId } : {} },
        }),
      )
      const there = (asked + Date.now()) / 2
      kept.value = await keepSheet(person, fresh, Date.parse(fresh.now) - there)
      void carrySetUps(person, horseId).catch(() => undefined)
    } catch (e) {
      if (!(e instanceof Problem)) throw e
      kept.value = e.status === 0 || e.status >= 500 ? ((await findSheet(key)) ?? null) : null
      if (!kept.value) problem.value = e
    }
    now.value = Date.now() + skew()
    if (kept.value) {
      // One of another shape is shown once the server has it, and gives it back in today's.
      const here = (await tapsOfRide(person, kept.value.sheet.rideId)).map((t) => t.event)
      take(here.filter((e) => (e.v ?? 1) === tapShape))
      await fetchOthers()
    }
  }

  /** Taps of other devices on the same ride. */
  async function fetchOthers() {
    const rideId = kept.value!.sheet.rideId
    try {
      take(
        await ask(() =>
          client.GET('/api/horses/{horseId}/rides/{rideId}/taps', { params: { path: { horseId, rideId } } }),
        ),
      )
    } catch {
      // No ride there yet, or no signal: what is here is what there is.
    }
  }

  function take(more: RideEvent[]) {
    const known = new Set(events.value.map((e) => e.id))
    const fresh = more.filter((e) => !known.has(e.id))
    if (fresh.length) events.value = [...events.value, ...fresh]
  }

  const nextNumber = () =>
    events.value.reduce((n, e) => (e.clock?.device === device ? Math.max(n, e.clock.number + 1) : n), 0)

  async function tap(made: NewTap, like?: RideEvent): Promise<RideEvent> {
    const event = {
      v: tapShape,
      ...made,
      id: crypto.randomUUID(),
      at: like?.at ?? new Date(Date.now() + skew()).toISOString(),
      // A correction stands where the slip stood.
      clock: like?.clock ?? {
        device,
        run,
        number: nextNumber(),
        seconds: Math.max(0, performance.now() - runBegan) / 1000,
      },
    } as RideEvent
    events.value = [...events.value, event]
    now.value = Date.now() + skew()
    const { session, rideId, today } = sheet.value!
    if (!kept.value!.open) {
      kept.value = { ...kept.value!, open: true }
      void markOpen(key, true).catch(() => undefined)
    }
    await keep({
      id: event.id,
      person,
      horseId,
      rideId,
      sessionId: session?.id ?? null,
      on: today,
      order: events.value.length,
      event,
      sent: false,
    })
    return event
  }

  const takeBack = (event: RideEvent) => tap({ kind: 'takenBack', event: event.id } as NewTap)

  /** Every tap of this device that still counts, the latest first. */
  const mine = computed(() => live.value.filter((e) => e.clock?.device === device).reverse())

  async function finish() {
    await markOpen(key, false)
  }

  return {
    sheet,
    parts,
    problem,
    open,
    fetchOthers,
    tap,
    takeBack,
    mine,
    live,
    events,
    at,
    now,
    clock,
    spoken,
    standing,
    said: computed(() => judged.value?.said ?? null),
    putOff: computed(() => judged.value?.said.putOff ?? []),
    jumpingIsOver,
    jumpingWaits: computed(() => askedBeforeJumping(stops.value, live.value)?.advice ?? null),
    ridingIsOver,
    finish,
    inMemory,
    inThisPart: computed(() => tapsOfPart(live.value, at.value.part)),
  }
}

export type Recorder = ReturnType<typeof useRecorder>
