import { ask, client } from '../../api/client'
import type { YardToday } from '../../api/schema'
import { carryCore } from '../../device/core'
import { signedIn } from '../../house/signIn'
import { carriedPaths } from './carriedPaths'
import { findAnswer, forget, isRenewed, keepAnswer, keepSheet, sheetKey, sheetsOf, tidy } from './pocket'

/** Horses whose set-ups were taken along since this page was opened: Today is looked at often, and they change seldom. */
const taken = new Set<string>()

const isIn = (person: string) => signedIn.value?.me?.id === person

/** Keeps something while its person is signed in: what comes after signing out is wiped like all before it. */
async function keepFor(person: string, keep: () => Promise<unknown>) {
  if (isIn(person)) await keep()
  if (!isIn(person)) await forget(person)
}

/** Puts what is planned for today into the pocket, so that it can be ridden without a signal. */
export async function carry(today: YardToday) {
  const me = signedIn.value?.me
  if (!me) return
  for (const { horse, sessions } of today.horses)
    for (const session of sessions.filter((s) => !s.rideId)) {
      try {
        const asked = Date.now()
        const sheet = await ask(() =>
          client.GET('/api/horses/{horseId}/rail', {
            params: { path: { horseId: horse.id }, query: { sessionId: session.id } },
          }),
        )
        if (await isRenewed(sheetKey(me.id, horse.id, session.id))) continue
        const skew = Date.parse(sheet.now) - (asked + Date.now()) / 2
        await keepFor(me.id, () => keepSheet(me.id, sheet, skew))
      } catch {
        // Without a signal, or with a full device, there is what was carried before.
      }
    }
  const toRide = today.horses.filter((h) => h.sessions.some((s) => !s.rideId))
  for (const { horse } of toRide) {
    // Signing out has wiped them, whoever signs in again.
    const there = taken.has(horse.id) && (await carriesSetUps(me.id, horse.id).catch(() => false))
    if (!there) await carrySetUps(me.id, horse.id).catch(() => undefined)
  }
  await tidy(me.id, today.on).catch(() => undefined)
  if (toRide.length) await carryCore().catch(() => false)
}

/** What this horse's set-ups are built from goes along with its sheet. */
export async function carrySetUps(person: string, horseId: string) {
  for (const path of carriedPaths(horseId)) {
    const answer = await fetch(path)
    if (!answer.ok) continue
    const said = await answer.json()
    await keepFor(person, () => keepAnswer(person, horseId, path, said))
  }
  taken.add(horseId)
}

/** Whether this horse's set-ups lie here. */
export async function carriesSetUps(person: string, horseId: string) {
  for (const path of carriedPaths(horseId)) if (!(await findAnswer(person, path))) return false
  return true
}

/** Sessions whose ride was taken up on this device and is not finished. */
export async function takenUp(): Promise<Set<string>> {
  const me = signedIn.value?.me
  const sheets = me ? await sheetsOf(me.id) : []
  return new Set(sheets.filter((s) => s.open && s.sheet.session).map((s) => s.sheet.session!.id))
}
