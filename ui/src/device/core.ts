import { wrap, type Remote } from 'comlink'
import { Problem } from '../api/client'
import type { CarriedHorse, Fault, MeasuredSetUp, SetUpEntry } from '../api/schema'
import { deviceAt } from './files'
import type { device } from './worker'

/**
 * Core on this device, in a worker. It is never waited for: until it stands, and where it cannot come or run, there is
 * nothing here and whoever wants an answer asks the server.
 */
let standing: Remote<typeof device> | null = null
let begun = false

/** Begins to fetch and start it, once. */
export function beginCore() {
  if (begun || !deviceAt || typeof Worker === 'undefined' || typeof WebAssembly === 'undefined') return
  begun = true
  const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' })
  const core = wrap<typeof device>(worker)
  core.ready().then(
    () => {
      standing = core
      // For whoever wants to know from outside: the browser's own notes.
      performance.mark('core stands')
    },
    () => {
      worker.terminate()
      begun = false
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
