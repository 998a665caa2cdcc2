import { ask, client } from '../api/client'
import type { SheetAnswerEntry, SheetItem } from '../api/schema'

/** Answers of a sheet that are on the device and not yet at the yard. */

export type Tapped = Required<Omit<SheetAnswerEntry, 'felt'>> & {
  item: SheetItem['item']
  felt: NonNullable<SheetAnswerEntry['felt']>
}

export interface OnDevice {
  horseId: string
  /** When the ride began today, for the minute of each tap. */
  began: string
  waiting: Record<string, Tapped>
}

export const sheetKey = (personId: string, assessmentId: string) => `sheet ${personId} ${assessmentId}`

export const found = (key: string): OnDevice | null => {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null') as OnDevice | null
  } catch {
    return null
  }
}

/** Goes through even when the page is left at that moment: an answer may be the one that holds the horse. */
export const sendAnswers = (horseId: string, assessmentId: string, answers: Tapped[]) =>
  ask(() =>
    client.PUT('/api/horses/{horseId}/assessments/{assessmentId}/answers', {
      params: { path: { horseId, assessmentId } },
      body: { answers },
      keepalive: true,
    }),
  )

/** What still waits once some was sent: what was tapped again meanwhile waits on. */
export const without = (waiting: Record<string, Tapped>, sent: Record<string, Tapped>) =>
  Object.fromEntries(
    Object.entries(waiting).filter(([k, tapped]) => JSON.stringify(sent[k]) !== JSON.stringify(tapped)),
  )

/** What was left waiting when a sheet was closed goes as soon as the person is back, on whichever page. */
export async function sendLeftBehind(personId: string) {
  const start = sheetKey(personId, '')
  for (const key of Object.keys(localStorage).filter((k) => k.startsWith(start))) {
    const device = found(key)
    const answers = Object.values(device?.waiting ?? {})
    if (!device?.horseId || answers.length === 0) continue
    try {
      await sendAnswers(device.horseId, key.slice(start.length), answers)
      const now = found(key)
      if (now)
        localStorage.setItem(key, JSON.stringify({ ...now, waiting: without(now.waiting, device.waiting) }))
    } catch {
      // It waits on; the sheet itself shows a refusal.
    }
  }
}
