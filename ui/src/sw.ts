/// <reference lib="webworker" />
import { cleanupOutdatedCaches, precacheAndRoute } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'

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

self.addEventListener('install', (e) => e.waitUntil(caches.open(shelf).then((kept) => kept.add('/'))))
self.addEventListener('activate', (e) =>
  e.waitUntil(
    (async () => {
      const others = (await caches.keys()).filter((name) => name.startsWith('page') && name !== shelf)
      await Promise.all(others.map((name) => caches.delete(name)))
      await self.clients.claim()
    })(),
  ),
)
// A newer build waits until the page says that no ride is open.
self.addEventListener('message', (e) => {
  if (e.data === 'take over') void self.skipWaiting()
})
