import { ref } from 'vue'
import type { components } from './schema'

export type Job = components['schemas']['JobView']

/** How far the long work is that this person waits for; null where none is under way. */
export const underWay = ref<Job | null>(null)

const soonest = 120
const latest = 1000
const givesUpAfter = 10_000

/**
 * Long work is ordered with a POST that answers 202. Asks after it until it is done, and gives what the POST would have
 * answered. A signal that fails for some seconds is sat out; whoever stops waiting stops the work.
 */
export async function follow(
  ordered: Response,
  signal: AbortSignal,
  fetched: typeof fetch = fetch,
): Promise<Response> {
  let job = (await ordered.json()) as Job
  let heard = Date.now()
  try {
    for (let wait = soonest; ; wait = Math.min((wait * 3) / 2, latest)) {
      underWay.value = job
      await pause(wait, signal)
      try {
        const answer = await fetched(`/api/jobs/${job.id}`, { signal })
        if (answer.status !== 202) return answer
        job = (await answer.json()) as Job
        heard = Date.now()
      } catch (e) {
        if (signal.aborted || Date.now() - heard > givesUpAfter) throw e
      }
    }
  } finally {
    underWay.value = null
  }
}

const pause = (ms: number, signal: AbortSignal) =>
  new Promise<void>((go, stop) => {
    const end = () => {
      clearTimeout(timer)
      stop(new DOMException('Stopped.', 'AbortError'))
    }
    const timer = setTimeout(() => {
      signal.removeEventListener('abort', end)
      go()
    }, ms)
    if (signal.aborted) end()
    else signal.addEventListener('abort', end, { once: true })
  })

/** A job in words: what it waits for, or how much of it is done. */
export function howFar(job: Job | null) {
  if (!job) return ''
  if (job.state === 'waiting' && job.ahead > 0)
    return job.ahead === 1 ? 'one plan before it' : `${job.ahead} plans before it`
  return job.ofAll > 0 ? `${job.done} of ${job.ofAll} weeks` : ''
}
