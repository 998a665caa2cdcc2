import { installed, session, tablet } from './recorder'
import { expect, signedOut, test, trainer } from './yard'

test.use({ ownBrowser: true, serviceWorkers: 'allow' })

/** Building in the arena without a signal, from what went along with the sheet. */

test('set-ups, tape sheet and drawing open without a signal, are measured here, and go with whoever signs out', async ({
  page,
  context,
}) => {
  const made = await session(page, 'Teasel Away')
  await page.setViewportSize(tablet)
  await page.goto('/')
  expect(await installed(page)).toBe(true)
  await page.goto(made.rail)
  await expect(page.getByRole('button', { name: /^Begin/ })).toBeVisible()
  await page.goto('/rail')
  await expect(page.getByText('Advice is ready, also without a signal.')).toBeVisible({ timeout: 120_000 })
  const setUps = page
    .getByRole('listitem')
    .filter({ hasText: 'Teasel Away' })
    .getByRole('link', { name: /Set-ups/ })
  await expect(setUps).toBeVisible()

  await context.setOffline(true)
  await page.goto('/rail')
  await setUps.click()
  await expect(page.getByRole('heading', { name: 'Set-ups' })).toBeVisible()
  await page.getByRole('link', { name: 'Four trot poles' }).first().click()
  await expect(page.getByRole('group', { name: /^Arena 60 by 20 metres/ })).toBeVisible()
  await expect(page.getByText('1.35 m').first()).toBeVisible()

  // Five poles: the fifth is measured by the Core that lies here.
  await page.getByLabel('Poles', { exact: true }).fill('5')
  await page.getByLabel('Poles', { exact: true }).press('Enter')
  await expect(page.getByRole('cell', { name: '5.40 m' }).first()).toBeVisible()
  await expect(page.getByRole('alert')).toBeHidden()
  await page.reload()
  await expect(page.getByRole('cell', { name: '4.05 m' }).first()).toBeVisible()

  await context.setOffline(false)
  await page.goto('/')
  await page.getByRole('button', { name: 'Sign out' }).click()
  signedOut(trainer)
  await expect(page.getByLabel('Password')).toBeVisible()
  // The door may open before all is wiped.
  const left = () =>
    page.evaluate(async () => {
      const database = await new Promise<IDBDatabase>((opened) => {
        const opening = indexedDB.open('hippodrome')
        opening.onsuccess = () => opened(opening.result)
      })
      const count = (store: string) =>
        new Promise<number>((counted) => {
          const asked = database.transaction(store).objectStore(store).count()
          asked.onsuccess = () => counted(asked.result)
        })
      return [await count('sheets'), await count('answers')]
    })
  await expect.poll(left).toEqual([0, 0])
})
