import { ref } from 'vue'
import { ask, client, Problem } from '../../api/client'
import {
  dropPhoto,
  keepPhoto,
  keepTap,
  markRefused,
  markSent,
  waitingOf,
  type KeptPhoto,
  type KeptTap,
} from './pocket'

/** Sends what waits, in order, until it is acknowledged; nothing is forgotten before that. */

export const waiting = ref(0)
export const refused = ref<KeptTap[]>([])
/** The device would not keep these: they live in this page only, and go out from here. */
export const inMemory = ref<KeptTap[]>([])
/** The last try found no signal, or nobody signed in. */
export const trouble = ref<'' | 'signal' | 'signIn'>('')

const refusedHere: KeptTap[] = []

/** What has arrived since this page was opened. */
const arrived = new Set<string>()
const batch = 100
const again = 5000
let running: Promise<void> | null = null
let queued: Promise<void> | null = null
let timer: ReturnType<typeof setTimeout> | undefined
let person = ''

/** Keeps a tap, on the device if it can be, and starts sending. */
export async function keep(tap: KeptTap) {
  try {
    await keepTap(tap)
  } catch {
    inMemory.value = [...inMemory.value, tap]
  }
  await count()
  void flush()
}

export async function keepPicture(photo: KeptPhoto) {
  await keepPhoto(photo)
  await count()
  void flush()
}

/** From now on what this person has waiting is sent as soon as there is a signal. */
export function sendFor(id: string) {
  if (person === id) return
  person = id
  window.addEventListener('online', () => void flush())
  document.addEventListener('visibilitychange', () => void flush())
  void flush()
}

export const stopSending = () => {
  person = ''
  clearTimeout(timer)
}

async function count() {
  const { taps: kept, photos } = await waitingOf(person)
  const taps = kept.filter((t) => !arrived.has(t.id))
  const no = taps.filter((t) => t.refused)
  refused.value = [...no, ...refusedHere]
  waiting.value = taps.length - no.length + photos.length + inMemory.value.length
  return { taps: [...taps.filter((t) => !t.refused), ...inMemory.value], photos }
}

/** Done when all that waited at the call has been tried: a sending under way is followed by another. */
export function flush(): Promise<void> {
  if (running) {
    const before = running
    return (queued ??= before
      .catch(() => undefined)
      .then(() => {
        queued = null
        return flush()
      }))
  }
  running = sendAll().finally(() => (running = null))
  return running
}

async function sendAll(): Promise<void> {
  if (!person) return
  clearTimeout(timer)
  try {
    for (;;) {
      const { taps, photos } = await count()
      const first = taps[0]
      if (first) await sendTaps(taps.filter((t) => t.rideId === first.rideId).slice(0, batch))
      else if (photos[0]) await sendPhoto(photos[0])
      else break
    }
    trouble.value = ''
  } catch (e) {
    if (!(e instanceof Problem)) throw e
    trouble.value = e.status === 401 ? 'signIn' : 'signal'
    timer = setTimeout(() => void flush(), again)
  }
}

async function sendTaps(taps: KeptTap[]) {
  const { horseId, rideId, sessionId, on } = taps[0]!
  let answers
  try {
    answers = await ask(() =>
      client.POST('/api/horses/{horseId}/rides/{rideId}/taps', {
        params: { path: { horseId, rideId } },
        body: { sessionId, on, events: taps.map((t) => t.event) },
      }),
    )
  } catch (e) {
    if (!(e instanceof Problem) || !isFinal(e.status)) throw e
    // One bad tap does not hold up the others; it stays here with the reason until somebody looks.
    const named = e.faults.map((f) => /^events\[(\d+)\]/.exec(f.field)?.[1]).filter((n) => n !== undefined)
    const bad = named.length ? taps.filter((_, i) => named.includes(String(i))) : taps
    await keepRefused(bad, `${e.title} ${e.faults[0]?.says ?? e.detail}`)
    return
  }
  // Each tap has an answer of its own: one that is refused stays here with the reason, the others have arrived.
  const refusals = answers.taps.filter((a) => a.fate === 'refused')
  for (const a of refusals)
    await keepRefused(
      taps.filter((t) => t.id === a.id),
      a.faults.map((f) => `${f.says} ${f.mend}`).join(' '),
    )
  const no = new Set(refusals.map((a) => a.id))
  const taken = taps.filter((t) => !no.has(t.id))
  for (const tap of taken) arrived.add(tap.id)
  const onDevice = taken.filter((t) => !inMemory.value.some((m) => m.id === t.id))
  inMemory.value = inMemory.value.filter((t) => !arrived.has(t.id))
  // A full device cannot note it down; they are then sent once more after a reload, and counted once all the same.
  await markSent(onDevice).catch(() => undefined)
}

/** Keeps what was refused with the reason, on the device where it can, else in this page. */
async function keepRefused(taps: KeptTap[], why: string) {
  const ids = new Set(taps.map((t) => t.id))
  await markRefused(taps, why).catch(() => {
    refusedHere.push(...taps.map((t) => ({ ...t, refused: why })))
  })
  inMemory.value = inMemory.value.filter((t) => !ids.has(t.id))
}

async function sendPhoto({ id, horseId, rideId, jpeg }: KeptPhoto) {
  try {
    await ask(() =>
      client.PUT('/api/horses/{horseId}/rides/{rideId}/photos/{photoId}', {
        params: { path: { horseId, rideId, photoId: id } },
        body: { jpeg },
      }),
    )
  } catch (e) {
    // The taps go first and make the ride; what is refused after that will never be taken.
    if (!(e instanceof Problem) || !isFinal(e.status)) throw e
  }
  await dropPhoto(id)
}

/** Sent again it would be refused again. */
const isFinal = (status: number) => [400, 403, 404, 409, 413, 422].includes(status)
