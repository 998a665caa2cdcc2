import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { RailSheet, RideEvent } from '../../api/schema'

/**
 * What a device carries to the arena and back: sheets to work from, and taps until the server has them.
 * Everything belongs to one person; another who signs in here neither sees nor sends it.
 */

export interface KeptTap {
  id: string
  person: string
  horseId: string
  rideId: string
  sessionId: string | null
  on: string
  /** In the order they were made on this device. */
  order: number
  event: RideEvent
  sent: boolean
  /** Why the server would not have it. */
  refused?: string
}

export interface KeptSheet {
  key: string
  person: string
  sheet: RailSheet
  /** The server's clock less this device's, in milliseconds. */
  skew: number
  /** Taken up, and not finished yet. */
  open: boolean
  /** The build of the page that fetched it; a page of another build fetches it anew. */
  build?: string
}

export interface KeptPhoto {
  id: string
  person: string
  horseId: string
  rideId: string
  jpeg: string
}

/** What the server answered of a horse whose sheet is carried, to be looked up without a signal. */
export interface KeptAnswer {
  key: string
  person: string
  horseId: string
  answer: unknown
  build: string
}

interface Pocket extends DBSchema {
  answers: { key: string; value: KeptAnswer; indexes: { person: string } }
  sheets: { key: string; value: KeptSheet; indexes: { person: string } }
  taps: { key: string; value: KeptTap; indexes: { person: string; ride: string } }
  photos: { key: string; value: KeptPhoto; indexes: { person: string } }
}

/** The worker that keeps the pages looks into it too. */
const pocketName = 'hippodrome'

let opened: Promise<IDBPDatabase<Pocket>> | undefined
const pocket = () =>
  (opened ??= openDB<Pocket>(pocketName, 2, {
    upgrade(db, before) {
      if (before < 1) {
        db.createObjectStore('sheets', { keyPath: 'key' }).createIndex('person', 'person')
        const taps = db.createObjectStore('taps', { keyPath: 'id' })
        taps.createIndex('person', 'person')
        taps.createIndex('ride', 'rideId')
        db.createObjectStore('photos', { keyPath: 'id' }).createIndex('person', 'person')
      }
      db.createObjectStore('answers', { keyPath: 'key' }).createIndex('person', 'person')
    },
    // A page of another build wants in: this one makes way and opens it anew when it is next asked.
    blocking(_, __, event) {
      ;(event.target as IDBDatabase).close()
      opened = undefined
    },
  }))

/** This device, for as long as the browser keeps it. */
export function deviceId(): string {
  const kept = localStorage.getItem('device')
  if (kept) return kept
  const made = crypto.randomUUID()
  localStorage.setItem('device', made)
  return made
}

export const sheetKey = (person: string, horseId: string, sessionId: string | null) =>
  `${person} ${horseId} ${sessionId ?? ''}`

/** The build of this page, by the name of its first file. */
const ofThisPage = () => document.querySelector<HTMLScriptElement>('script[type=module]')?.src ?? ''

/** A sheet of this build, or of a ride that is open: an update waits for that. */
export async function findSheet(key: string) {
  const kept = await (await pocket()).get('sheets', key)
  return kept?.open || kept?.build === ofThisPage() ? kept : undefined
}

/** Whether a newer build, which is about to come in, has fetched this sheet for itself: the page that goes leaves it be. */
export async function isRenewed(key: string) {
  const build = (await (await pocket()).get('sheets', key))?.build
  if (!build || build === ofThisPage() || !('caches' in globalThis)) return false
  const file = new URL(build).pathname.slice(1)
  return (await caches.keys()).some((shelf) => shelf.split(' ').includes(file))
}

/** Keeps a sheet; one whose ride is open keeps its ride. */
export async function keepSheet(
  person: string,
  sheet: RailSheet,
  skew: number,
  build = ofThisPage(),
): Promise<KeptSheet> {
  const key = sheetKey(person, sheet.horseId, sheet.session?.id ?? null)
  const before = await (await pocket()).get('sheets', key)
  const kept: KeptSheet = {
    key,
    person,
    sheet: before?.open ? { ...sheet, rideId: before.sheet.rideId } : sheet,
    skew,
    open: before?.open ?? false,
    build,
  }
  await (await pocket()).put('sheets', plain(kept))
  return kept
}

const answerKey = (person: string, path: string) => `${person} ${path}`

export const keepAnswer = async (
  person: string,
  horseId: string,
  path: string,
  answer: unknown,
  build = ofThisPage(),
) => (await pocket()).put('answers', plain({ key: answerKey(person, path), person, horseId, answer, build }))

/** What was carried of a path by this build; nothing where nothing was. */
export async function findAnswer(person: string, path: string): Promise<unknown> {
  const kept = await (await pocket()).get('answers', answerKey(person, path))
  return kept?.build === ofThisPage() ? kept.answer : undefined
}

/** Whoever signs out leaves nothing here to be looked at. Taps and pictures that have not arrived stay, and are sent. */
export async function forget(person: string) {
  const db = await pocket()
  for (const store of ['sheets', 'answers'] as const)
    for (const key of await db.getAllKeysFromIndex(store, 'person', person)) await db.delete(store, key)
}

export async function markOpen(key: string, open: boolean) {
  const sheet = await findSheet(key)
  if (sheet) await (await pocket()).put('sheets', { ...sheet, open })
}

export const allSheets = async () => (await pocket()).getAll('sheets')
export const sheetsOf = async (person: string) => (await pocket()).getAllFromIndex('sheets', 'person', person)

export const tapsOfRide = async (person: string, rideId: string) =>
  (await (await pocket()).getAllFromIndex('taps', 'ride', rideId)).filter((t) => t.person === person)

/** Taps and pictures of this person that the server does not have yet, in their order. */
export async function waitingOf(person: string) {
  const db = await pocket()
  const taps = (await db.getAllFromIndex('taps', 'person', person)).filter((t) => !t.sent)
  return {
    taps: taps.sort((a, b) => a.order - b.order),
    photos: await db.getAllFromIndex('photos', 'person', person),
  }
}

/** Committed in the same breath: a page that closes takes back what it has not committed yet. */
export async function keepTap(tap: KeptTap) {
  const written = (await pocket()).transaction('taps', 'readwrite')
  const put = written.store.put(plain(tap))
  written.commit()
  await Promise.all([put, written.done])
}

export const keepPhoto = async (photo: KeptPhoto) => (await pocket()).put('photos', photo)
export const dropPhoto = async (id: string) => (await pocket()).delete('photos', id)
export const dropTap = async (id: string) => (await pocket()).delete('taps', id)

export async function markSent(taps: KeptTap[]) {
  const store = (await pocket()).transaction('taps', 'readwrite')
  await Promise.all([...taps.map((t) => store.store.put(plain({ ...t, sent: true }))), store.done])
}

export async function markRefused(taps: KeptTap[], why: string) {
  const store = (await pocket()).transaction('taps', 'readwrite')
  await Promise.all([...taps.map((t) => store.store.put(plain({ ...t, refused: why }))), store.done])
}

/** Rides that are finished and have arrived need nothing here any more; nor do the sheets of days gone by. */
export async function tidy(person: string, today: string) {
  const db = await pocket()
  for (const kept of await sheetsOf(person)) {
    if (kept.open) continue
    const taps = await tapsOfRide(person, kept.sheet.rideId)
    if (taps.some((t) => !t.sent)) continue
    for (const tap of taps) await db.delete('taps', tap.id)
    if ((kept.sheet.session?.on ?? kept.sheet.today) < today) await db.delete('sheets', kept.key)
  }
  const carried = new Set((await sheetsOf(person)).map((s) => s.sheet.horseId))
  for (const kept of await db.getAllFromIndex('answers', 'person', person))
    if (!carried.has(kept.horseId)) await db.delete('answers', kept.key)
}

/** The database takes no reactive things. */
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
