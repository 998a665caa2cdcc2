import type { RailSheet, SignInState } from '../../api/schema'
import { allSheets, keepSheet } from './pocket'

/**
 * Fetches anew, for a build that is about to come in, the sheets that were carried for the one before: page and
 * sheet are then of one build even where the signal goes at that moment. Runs in the worker that keeps the pages.
 * Throws without a signal.
 */
export async function renewSheets(build: string) {
  const carried = await allSheets()
  if (!carried.length) return
  const me = ((await read('/api/sign-in')) as SignInState | undefined)?.me
  for (const { sheet } of carried.filter((c) => c.person === me?.id)) {
    const session = sheet.session ? `?sessionId=${sheet.session.id}` : ''
    const asked = Date.now()
    const fresh = (await read(`/api/horses/${sheet.horseId}/rail${session}`)) as RailSheet | undefined
    // One that is answered no more, as of a session taken off, is no use to the page either.
    if (fresh) await keepSheet(me!.id, fresh, Date.parse(fresh.now) - (asked + Date.now()) / 2, build)
  }
}

async function read(path: string): Promise<unknown> {
  const answer = await fetch(path)
  if (answer.status >= 500) throw new Error(`${path} answered ${answer.status}.`)
  return answer.ok ? answer.json() : undefined
}
