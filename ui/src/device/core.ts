import { wrap, type Remote } from 'comlink'
import { ref } from 'vue'
import { Problem } from '../api/client'
import type {
  CarriedHorse,
  Fault,
  MeasuredSetUp,
  RailJudgement,
  RideEvent,
  RideFacts,
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

/** A set-up measured here, or nothing where Core does not stand; an entry at fault is refused as the server refuses it. */
export async function measureHere(horse: CarriedHorse, entry: SetUpEntry): Promise<MeasuredSetUp | null> {
  if (!standing) return null
  let answered: Answered<MeasuredSetUp>
  try {
    answered = JSON.parse(await standing.measure(JSON.stringify(horse), JSON.stringify(entry)))
  } catch {
    // It could not read what it was given: the server says what is wrong with it.
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
