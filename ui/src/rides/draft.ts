import { sayingNothing, type RideForm } from './rideForm'

/** A ride being written down, kept on the device until the server has it. */

export interface Draft {
  form: RideForm
  /** When sending was first tried; the same events go again with the same time. */
  at: string | null
  ids: Record<string, string>
}

const key = (personId: string, horseId: string) => `ride ${personId} ${horseId}`

export function loadDraft(personId: string, horseId: string): Draft | null {
  try {
    const kept = JSON.parse(localStorage.getItem(key(personId, horseId)) ?? 'null') as Draft | null
    // One that was begun before there was anything to say of legs and falls.
    return kept && { ...kept, form: { ...sayingNothing(), ...kept.form } }
  } catch {
    return null
  }
}

/** False when the device has no room left: the person must know. */
export function keepDraft(personId: string, horseId: string, draft: Draft): boolean {
  try {
    localStorage.setItem(key(personId, horseId), JSON.stringify(draft))
    return true
  } catch {
    return false
  }
}

export const dropDraft = (personId: string, horseId: string) =>
  localStorage.removeItem(key(personId, horseId))
