import { router } from './router'

/**
 * A newer build of the pages waits until no ride is open on this device: under a ride, nothing changes. Then it
 * takes over, and the next page that is opened is the first of the new build, so that nothing typed is lost.
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
  registration.addEventListener('updatefound', () =>
    registration.installing?.addEventListener('statechange', () => void takeOver(registration)),
  )
  router.afterEach(() => void takeOver(registration))
  await takeOver(registration)
}

router.beforeEach((to) => {
  if (!newer) return true
  location.assign(to.fullPath)
  return false
})

async function takeOver(registration: ServiceWorkerRegistration) {
  if (!registration.waiting || router.currentRoute.value.name === 'rail') return
  const { anyOpen } = await import('../rides/rail/pocket')
  if (!(await anyOpen())) registration.waiting?.postMessage('take over')
}
