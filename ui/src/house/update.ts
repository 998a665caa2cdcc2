import { router } from './router'
import type { AskOfWorker } from './takeIn'

/**
 * A newer build of the pages is not let in while a ride is open on this device: its worker looks into the pocket
 * and gives up. It is tried again with the next pages that are opened. Once it is in, the next page that is opened
 * is the first of the new build, so that nothing typed is lost.
 */

let newer = false

export async function keepPagesOnDevice() {
  const registration = await navigator.serviceWorker.register('/sw.js')
  // The first worker of all brings no newer build: it keeps the one that is open.
  let had = navigator.serviceWorker.controller !== null
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    newer = had
    had = true
  })
  void navigator.serviceWorker.ready.then(({ active }) => {
    if (!navigator.serviceWorker.controller) active?.postMessage({ kind: 'takeIn' } satisfies AskOfWorker)
  })
  let givenUp = false
  registration.addEventListener('updatefound', () => {
    const worker = registration.installing
    worker?.addEventListener('statechange', () => (givenUp = worker.state === 'redundant'))
  })
  router.afterEach(() => {
    if (givenUp) void registration.update().catch(() => undefined)
  })
}

router.beforeEach((to) => {
  if (!newer) return true
  location.assign(to.fullPath)
  return false
})
