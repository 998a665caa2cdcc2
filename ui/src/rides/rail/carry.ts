import { ask, client } from '../../api/client'
import type { YardToday } from '../../api/schema'
import { carryCore } from '../../device/core'
import { signedIn } from '../../house/signIn'
import { isRenewed, keepSheet, sheetKey, sheetsOf, tidy } from './pocket'

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
        await keepSheet(me.id, sheet, Date.parse(sheet.now) - (asked + Date.now()) / 2)
      } catch {
        // Without a signal, or with a full device, there is what was carried before.
      }
    }
  await tidy(me.id, today.on).catch(() => undefined)
  if (today.horses.some((h) => h.sessions.some((s) => !s.rideId))) await carryCore().catch(() => false)
}

/** Sessions whose ride was taken up on this device and is not finished. */
export async function takenUp(): Promise<Set<string>> {
  const me = signedIn.value?.me
  const sheets = me ? await sheetsOf(me.id) : []
  return new Set(sheets.filter((s) => s.open && s.sheet.session).map((s) => s.sheet.session!.id))
}
