import { wrap, type Remote } from 'comlink'
import { ref } from 'vue'
import { Problem } from '../api/client'
import type {
  CarriedHorse,
  CarriedPlanning,
  Fault,
  MeasuredSetUp,
  RailJudgement,
  RideEvent,
  RideFacts,
  SessionCheck,
  SessionEntry,
  SetUpEntry,
} from '../api/schema'
import { deviceAt, deviceShelf } from './files'
import type { device } from './worker'

/**
 * Core on this device, in a worker. It is never waited for: until it stands, and where it cannot come or run, there is
 * nothing here and whoever wants an answer asks the server.
 */
let standing: Remote<typeof device> | null = null
let begun = false
const canRun = Boolean(deviceAt) && typeof Worker !== 'undefined' && typeof WebAssembly !== 'undefined'

/** Whether it stands, is on its way, or cannot come. */
export const coreState = ref<'coming' | 'stands' | 'cannot'>(canRun ? 'coming' : 'cannot')

/** Begins to fetch and start it, once; again where it could not come before. */
export function beginCore() {
  if (begun || !canRun) return
  begun = true
  coreState.value = 'coming'
  const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' })
  const core = wrap<typeof device>(worker)
  core.ready().then(
    () => {
      standing = core
      coreState.value = 'stands'
      // For whoever wants to know from outside: the browser's own notes.
      performance.mark('core stands')
    },
    () => {
      worker.terminate()
      begun = false
      coreState.value = 'cannot'
    },
  )
}

interface Answered<T> {
  answer: T | null
  faults: Fault[]
}

/**
 * What Core on the device answers, or nothing where it does not stand or could not read what it was given: then the server
 * says. An entry at fault is refused as the server refuses it.
 */
async function answeredHere<T>(asked: (core: Remote<typeof device>) => Promise<string>): Promise<T | null> {
  if (!standing) return null
  let answered: Answered<T>
  try {
    answered = JSON.parse(await asked(standing))
  } catch {
    return null
  }
  const { answer, faults } = answered
  if (answer) return answer
  throw new Problem(
    400,
    'Something here cannot be right.',
    [...new Set(faults.map((f) => f.says))].join(' '),
    faults,
  )
}

/** A set-up measured for a horse. */
export const measureHere = (horse: CarriedHorse, entry: SetUpEntry) =>
  answeredHere<MeasuredSetUp>((core) => core.measure(JSON.stringify(horse), JSON.stringify(entry)))

/** A set-up for the other rein. */
export const mirrorHere = (entry: SetUpEntry) =>
  answeredHere<SetUpEntry>((core) => core.mirror(JSON.stringify(entry)))

/** Totals and faults of a session for the day of its facts. */
export const checkHere = (planning: CarriedPlanning, sessionId: string, entry: SessionEntry) =>
  answeredHere<SessionCheck>((core) =>
    core.checkSession(JSON.stringify(planning), sessionId, JSON.stringify(entry)),
  )

/** Where a ride stands after its last tap and what the rules say of it, or nothing where Core does not stand. */
export async function judgeHere(
  ride: string,
  facts: RideFacts,
  taps: RideEvent[],
): Promise<RailJudgement | null> {
  if (!standing) return null
  try {
    return JSON.parse(await standing.judge(ride, JSON.stringify(facts), taps))
  } catch {
    // Taps of another build than this, or a device out of memory: the ride is recorded all the same.
    return null
  }
}

/** Its files on their shelf, for a place without a signal. True once all of them lie there. */
export async function carryCore(): Promise<boolean> {
  if (!canRun || !('caches' in globalThis)) return false
  const shelf = await caches.open(deviceShelf)
  const files: string[] = await (await fetchKept(shelf, `${deviceAt}files.json`)).json()
  for (const file of files) await fetchKept(shelf, `${deviceAt}${file}`)
  return true
}

async function fetchKept(shelf: Cache, file: string): Promise<Response> {
  const kept = await shelf.match(file)
  if (kept) return kept
  const fetched = await fetch(file)
  if (!fetched.ok) throw new Error(`${file} is not there.`)
  await shelf.put(file, fetched.clone())
  return fetched
}
