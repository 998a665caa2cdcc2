import type { Page } from '@playwright/test'
import { anotherBuild } from './builds'
import { begin, gait, holdUpTaps, next, review, session, sessionOnTablet } from './recorder'
import { expect, test } from './yard'

test.use({ ownBrowser: true, serviceWorkers: 'allow' })

/** What becomes of the newer build's worker, once the device has heard of it. */
const becomes = (page: Page) =>
  page.evaluate(async () => {
    const registration = (await navigator.serviceWorker.getRegistration())!
    // The browser looks by itself now and then, and may have found it already.
    let newer = registration.installing
    registration.addEventListener('updatefound', () => (newer = registration.installing))
    while (!newer) {
      await registration.update()
      await new Promise((ok) => setTimeout(ok, 50))
    }
    while (newer.state === 'installing') await new Promise((ok) => setTimeout(ok, 50))
    return newer.state
  })

/** Whether the sheet of this address is on the device. */
const carried = (page: Page, rail: string) =>
  page.evaluate(
    async (session) =>
      // Opened too early it would be made here, and empty.
      (await indexedDB.databases()).some((d) => d.name === 'hippodrome') &&
      new Promise<boolean>((ok, failed) => {
        const opened = indexedDB.open('hippodrome')
        opened.onerror = () => failed(opened.error!)
        opened.onsuccess = () => {
          const keys = opened.result.transaction('sheets').objectStore('sheets').getAllKeys()
          keys.onsuccess = () => ok(keys.result.some((key) => String(key).endsWith(session)))
        }
      }),
    rail.split('/').at(-1)!,
  )

/** The build of the page that is open. */
const build = (page: Page) => page.locator('script[type=module]').getAttribute('src')

test('a newer build waits under an open ride; no tap is lost when it comes, and what is carried is of it', async ({
  page,
  context,
}) => {
  // Of a horse of its own: what other walks left on Today may have been ridden, or be held.
  const { rail } = await session(page, 'Vetch later')
  const made = await sessionOnTablet(page, 'Vetch newer')
  await expect.poll(() => carried(page, rail)).toBe(true)
  await page.goto(made.rail)
  await holdUpTaps(context)
  await begin(page).click()
  await gait(page, 'Trot').click()
  await expect(page.getByText(/3 taps wait, no signal/)).toBeVisible()
  const first = await build(page)

  const putBack = await anotherBuild()
  try {
    expect(await becomes(page), 'the ride is open').toBe('redundant')
    await page.goto('/')
    await expect(page.getByRole('link', { name: '3 waiting' })).toBeVisible()
    expect(await build(page)).toBe(first)
    await page.goto(made.rail)
    await expect(gait(page, 'Trot')).toHaveAttribute('aria-pressed', 'true')

    // The ride is over: the newer build is let in, by itself, with the pages that are opened next.
    for (let part = 0; part < 3; part++) await next(page).click()
    await page.getByRole('button', { name: 'Finish' }).click()
    await page.getByRole('button', { name: 'Yes, passed' }).click()
    await page.getByRole('button', { name: /^Exertion 4/ }).click()
    await page.getByRole('button', { name: 'Done' }).click()
    await expect(page.getByRole('heading', { name: 'On this device' })).toBeVisible()
    await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())!.update())
    await expect
      .poll(() => page.evaluate(async () => (await caches.keys()).filter((k) => k.startsWith('page')).join()))
      .not.toContain(first!.slice(1))

    // The signal goes at once: what was carried is of the newer build already, and can be ridden.
    await context.setOffline(true)
    await page.goto(rail)
    expect(await build(page)).not.toBe(first)
    await expect(begin(page)).toBeVisible()

    // And what waited is still there, and arrives.
    await context.unroute('**/taps')
    await context.setOffline(false)
    await page.goto('/')
    await expect.poll(async () => (await review(page, made)).log?.length).toBeGreaterThanOrEqual(3)
    await expect(page.getByRole('link', { name: /waiting/ })).toBeHidden()
  } finally {
    await putBack()
  }
})
