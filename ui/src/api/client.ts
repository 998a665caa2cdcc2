import createClient from 'openapi-fetch'
import { follow, type Job } from './jobs'
import type { paths } from './schema'

/** A fault of one field: what is wrong, and how to mend it. */
export interface Fault {
  field: string
  says: string
  mend: string
}

/** A refusal by the server, or no answer at all (status 0). */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string,
    readonly faults: Fault[] = [],
    readonly current?: unknown,
  ) {
    super(title)
  }
}

let token = ''

/** Every change carries this token; signing in and out gives a new one. */
export function useToken(fresh: string) {
  token = fresh
}

/**
 * What is being made, by the address it is sent to. The server makes one thing under one id: pressed twice,
 * or sent again after a signal that failed, it is made once.
 */
const making = new Map<string, { id: string; content: string; lost: boolean }>()
const creationHeader = 'Hippodrome-Creation'

async function creationId(request: Request) {
  const content = await request.clone().text()
  const before = making.get(request.url)
  // Nobody knows whether a sending without an answer arrived: whatever follows it says so by the same id.
  if (before && (before.lost || before.content === content)) return before.id
  const id = crypto.randomUUID()
  making.set(request.url, { id, content, lost: false })
  return id
}

const madeBy = (request: Request) => {
  const made = making.get(request.url)
  return made?.id === request.headers.get(creationHeader) ? made : undefined
}

function answered(request: Request) {
  if (madeBy(request)) making.delete(request.url)
}

function lost(request: Request) {
  const made = madeBy(request)
  if (made) made.lost = true
}

export const client = createClient<paths>({ baseUrl: location.origin })

client.use({
  async onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-Hippodrome-Token', token)
    if (request.method === 'POST') request.headers.set(creationHeader, await creationId(request))
    return request
  },
  async onResponse({ request, response }) {
    if (response.status < 500) answered(request)
    else lost(request)
    if (response.status !== 202) return
    try {
      return await follow(response, request.signal)
    } catch (e) {
      if (request.signal.aborted) stop(response.headers.get('Location')!)
      throw e
    }
  },
  onError({ request }) {
    lost(request)
  },
})

/** Nobody waits for it any more. If this does not arrive, the work ends by itself some seconds later. */
function stop(job: string) {
  void fetch(job, { method: 'DELETE', headers: { 'X-Hippodrome-Token': token }, keepalive: true }).catch(
    () => {},
  )
}

type Answer<T> = Promise<{ data?: T; error?: unknown; response: Response }>

/** The answer, or a Problem thrown. A stale token is renewed and the request made once more. */
export async function ask<T>(request: () => Answer<T>, again = true): Promise<Exclude<T, Job>> {
  let answer
  try {
    answer = await request()
  } catch (e) {
    if ((e as Error).name === 'AbortError') throw new Problem(0, 'Cancelled.', 'Nothing was changed.')
    throw new Problem(0, 'No connection.', 'What you typed is still here. Try again when the signal is back.')
  }
  const { data, error, response } = answer
  if (response.ok) return data as Exclude<T, Job>
  const body = (typeof error === 'object' && error !== null ? error : {}) as Record<string, unknown>
  if (body.stale && again) {
    useToken((await ask(() => client.GET('/api/sign-in'), false)).token)
    return ask(request, false)
  }
  throw new Problem(
    response.status,
    String(body.title ?? 'That did not work.'),
    String(body.detail ?? 'Try again in a moment.'),
    (body.faults as Fault[] | undefined) ?? [],
    body.current,
  )
}
