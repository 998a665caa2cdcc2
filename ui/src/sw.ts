/// <reference lib="webworker" />
import { openDB } from 'idb'
import { cleanupOutdatedCaches, precacheAndRoute } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'
import { pocketName } from './rides/rail/pocketName'

/** Keeps the pages on the device. What the server knows is never kept here: the rail has its own pocket for that. */

declare const self: ServiceWorkerGlobalScope

// Pages, files and what they know of the rules are of one build: the page of another build is not on this shelf.
const files = self.__WB_MANIFEST
const shelf = `page ${files
  .map((f) => (typeof f === 'string' ? f : f.url))
  .sort()
  .join(' ')}`

cleanupOutdatedCaches()
precacheAndRoute(files)

// The page carries a style nonce that belongs to its own headers, so page and headers are kept together.
registerRoute(
  new NavigationRoute(
    async ({ request }) => {
      const kept = await caches.open(shelf)
      return (await kept.match('/')) ?? fetch(request)
    },
    { denylist: [/^\/api\//, /^\/health\//, /^\/openapi\//, /^\/calendar\//] },
  ),
)

// Under an open ride nothing changes: a newer build is not let in, and is tried again once the ride is over.
self.addEventListener('install', (e) =>
  e.waitUntil(
    (async () => {
      if (await rideIsOpen()) throw new Error('A ride is open on this device.')
      await (await caches.open(shelf)).add('/')
      await self.skipWaiting()
    })(),
  ),
)
self.addEventListener('activate', (e) =>
  e.waitUntil(
    (async () => {
      const others = (await caches.keys()).filter((name) => name.startsWith('page') && name !== shelf)
      await Promise.all(others.map((name) => caches.delete(name)))
      await self.clients.claim()
    })(),
  ),
)
async function rideIsOpen() {
  // Opened only where it is: asked for by name it would be made, and without its shelves.
  if (!(await indexedDB.databases()).some((d) => d.name === pocketName)) return false
  const db = await openDB(pocketName)
  const sheets = db.objectStoreNames.contains('sheets') ? await db.getAll('sheets') : []
  db.close()
  return sheets.some((s: { open?: boolean }) => s.open)
}
