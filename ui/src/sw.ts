/// <reference lib="webworker" />
import { cleanupOutdatedCaches, precacheAndRoute } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'

/** Keeps the pages on the device. What the server knows is never kept here: the rail has its own pocket for that. */

declare const self: ServiceWorkerGlobalScope

const shelf = 'page'
/** A field's signal that takes longer than this counts as none. */
const patience = 4000

cleanupOutdatedCaches()
precacheAndRoute(self.__WB_MANIFEST)

// The page carries a style nonce that belongs to its own headers, so page and headers are kept together.
registerRoute(
  new NavigationRoute(
    async ({ request }) => {
      const kept = await caches.open(shelf)
      try {
        const fresh = await fetch(request, { signal: AbortSignal.timeout(patience) })
        if (fresh.ok) await kept.put('/', fresh.clone())
        return fresh.status < 500 ? fresh : ((await kept.match('/')) ?? fresh)
      } catch {
        return (await kept.match('/')) ?? Response.error()
      }
    },
    { denylist: [/^\/api\//, /^\/health\//, /^\/openapi\//] },
  ),
)

self.addEventListener('install', (e) => {
  void self.skipWaiting()
  e.waitUntil(caches.open(shelf).then((kept) => kept.add('/')))
})
self.addEventListener('activate', (e) => e.waitUntil(self.clients.claim()))
