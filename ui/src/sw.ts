/// <reference lib="webworker" />
import { cleanupOutdatedCaches, precacheAndRoute } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'
import { CacheFirst } from 'workbox-strategies'
import { deviceShelf } from './device/files'
import type { AskOfWorker } from './house/takeIn'
import { allSheets } from './rides/rail/pocket'
import { renewSheets } from './rides/rail/renew'

/** Keeps the pages on the device. What the server knows is never kept here: the rail has its own pocket for that. */

declare const self: ServiceWorkerGlobalScope

// Pages, files and what they know of the rules are of one build: the page of another build is not on this shelf.
const files = self.__WB_MANIFEST
const names = files.map((f) => (typeof f === 'string' ? f : f.url)).sort()
const shelf = `page ${names.join(' ')}`
/** As the page itself knows its build: by the name of its first file. */
const build = new URL(
  names.find((n) => /^assets\/index-.*\.js$/.test(n))!,
  self.location.origin,
).href

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

// Core for the device: fetched when a page first asks for it or a sheet is taken along, and kept.
registerRoute(({ url }) => url.pathname.startsWith('/device/'), new CacheFirst({ cacheName: deviceShelf }))

// Under an open ride nothing changes: a newer build is not let in, and is tried again once the ride is over. So it
// is where the signal goes before it has all it needs.
self.addEventListener('install', (e) =>
  e.waitUntil(
    (async () => {
      if (await rideIsOpen()) throw new Error('A ride is open on this device.')
      await (await caches.open(shelf)).add('/')
      await renewSheets(build)
      await self.skipWaiting()
    })(),
  ),
)
self.addEventListener('activate', (e) =>
  e.waitUntil(
    (async () => {
      const others = (await caches.keys()).filter(
        (name) => /^(page|device)/.test(name) && name !== shelf && name !== deviceShelf,
      )
      await Promise.all(others.map((name) => caches.delete(name)))
      await self.clients.claim()
    })(),
  ),
)

// A page that came in while this worker took over may be left without one: it asks to be taken in.
self.addEventListener('message', (e) => {
  if ((e.data as AskOfWorker | null)?.kind === 'takeIn') e.waitUntil(self.clients.claim())
})

const rideIsOpen = async () => (await allSheets()).some((s) => s.open)
