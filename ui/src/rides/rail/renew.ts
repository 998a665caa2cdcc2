import type { RailSheet, SignInState } from '../../api/schema'
import { carriedPaths } from './carriedPaths'
import { allSheets, keepAnswer, keepSheet } from './pocket'

/**
 * Fetches anew, for a build that is about to come in, the sheets that were carried for the one before, with what goes
 * with them: page and sheet are then of one build even where the signal goes at that moment. Runs in the worker that keeps the pages.
 * Throws without a signal, and then nothing has changed: the build that stays finds the sheets it carries.
 */
export async function renewSheets(build: string) {
  const carried = await allSheets()
  if (!carried.length) return
  const { me } = (await read('/api/sign-in')) as SignInState
  const renewed: { fresh: RailSheet; skew: number }[] = []
  for (const { sheet } of carried.filter((c) => c.person === me?.id)) {
    const session = sheet.session ? `?sessionId=${sheet.session.id}` : ''
    const asked = Date.now()
    const fresh = (await read(`/api/horses/${sheet.horseId}/rail${session}`)) as RailSheet | undefined
    // One that is answered no more, as of a session taken off, is no use to the page either.
    if (fresh) renewed.push({ fresh, skew: Date.parse(fresh.now) - (asked + Date.now()) / 2 })
  }
  const answers: { horseId: string; path: string; answer: unknown }[] = []
  for (const horseId of new Set(renewed.map((r) => r.fresh.horseId)))
    for (const path of carriedPaths(horseId)) {
      const answer = await read(path)
      if (answer) answers.push({ horseId, path, answer })
    }
  for (const { fresh, skew } of renewed) await keepSheet(me!.id, fresh, skew, build)
  for (const { horseId, path, answer } of answers) await keepAnswer(me!.id, horseId, path, answer, build)
}

/** Undefined for what is there no more, or is this person's to see no more. */
async function read(path: string): Promise<unknown> {
  const answer = await fetch(path)
  if (answer.ok) return answer.json()
  if (answer.status === 403 || answer.status === 404) return undefined
  throw new Error(`${path} answered ${answer.status}.`)
}
