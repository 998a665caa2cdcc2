import { caller, session } from './recorder'
import { canBeReadByEveryone, expect, openHorse, signIn, test, trainer } from './yard'

/** A horse shown to somebody: from the verdict to the paper, and to what came of it. */

test('accepted, it makes the paper; poles wait until somebody has looked', async ({ page }) => {
  const { horseId, sessionId } = await session(page, 'Referred')
  const passes = (rein: string, clean: number, touched: number, more = {}) => ({
    kind: 'polesPassed',
    id: crypto.randomUUID(),
    at: '2026-04-18T12:00:00Z',
    setUpId: null,
    rein,
    clean,
    touched,
    rushed: 0,
    ...more,
  })
  const { id } = await caller(page)('POST', `${horseId}/rides/${sessionId}/events`, {
    sessionId,
    on: '2026-04-18',
    events: [passes('left', 6, 0), passes('right', 1, 3, { leg: 'rightHind' }), passes('right', 0, 2)],
  })
  await page.goto(`/horses/${horseId}/review/${id}`)
  await page.getByLabel('Shown to').selectOption({ label: 'Vet' })
  await page.getByRole('button', { name: 'Accept, refer, and make the next session' }).click()
  await page.getByRole('link', { name: 'For the vet' }).click()

  // Reason, counts by leg and rein, the day with its ride.
  await expect(page.getByRole('heading', { name: 'For the vet' })).toBeVisible()
  await expect(page.getByText('Touched only on the right rein: left 0 of 6, right 5 of 6.')).toBeVisible()
  await expect(page.getByRole('img', { name: /right hind 3/ })).toBeVisible()
  await expect(page.getByRole('row', { name: /Sat 18 Apr/ })).toContainText('right hind 3')
  await canBeReadByEveryone(page)

  // Sent by the device’s own share sheet, as text that stands by itself.
  await page.evaluate(() => {
    navigator.share = (what) => {
      ;(globalThis as { shared?: ShareData }).shared = what
      return Promise.resolve()
    }
  })
  await page.getByRole('button', { name: 'Send' }).click()
  const sent = await page.evaluate(() => (globalThis as { shared?: ShareData }).shared!.text)
  expect(sent).toContain('Why: touched only on the right rein')
  expect(sent).toContain('no poles and fences')
  // On paper there is nothing to press.
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: 'Send' })).toBeHidden()
  await expect(page.getByLabel('What came of it')).toBeHidden()
  await expect(page.getByRole('img', { name: /right hind 3/ })).toBeVisible()
  await page.emulateMedia({ media: null })

  // Today tells it with its age; a plan with poles is refused by it.
  await page.goto('/')
  const row = page.getByRole('listitem').filter({ hasText: 'Referred' }).first()
  await expect(row).toContainText('For the vet, since today')
  const setUps = await page.evaluate(async (p) => (await fetch(p)).json(), `/api/horses/${horseId}/set-ups`)
  const poles = setUps.find((s: { name: string }) => s.name === 'Four trot poles').id
  await page.goto(`/horses/${horseId}/season/new?setUp=${poles}`)
  await expect(page.getByText(/write what came of the referral/)).toBeVisible()

  // One word, and they are open again.
  await page.goto('/')
  await row.getByRole('link', { name: /For the vet/ }).click()
  await page.getByRole('button', { name: 'That is what came of it' }).click()
  await expect(page.getByText('This is empty.')).toBeVisible()
  await page.getByLabel('What came of it').fill('A sore muscle behind, massaged.')
  await page.getByRole('button', { name: 'That is what came of it' }).click()
  await expect(page.getByText('“A sore muscle behind, massaged.”')).toBeVisible()
  await page.goto(`/horses/${horseId}/season/new?setUp=${poles}`)
  await expect(page.getByLabel('The one thing of the day')).toBeVisible()
  await expect(page.getByText(/write what came of the referral/)).toBeHidden()
})

test('by hand, from the passport; a horse then and now; patience on a rung', async ({ page }) => {
  await signIn(page, trainer)
  await openHorse(page, 'Old Verity')
  const then = page.getByRole('heading', { name: 'Then and now' }).locator('../..')
  await expect(then).toContainText('Schooling pirouette')
  await expect(then).toContainText('Half pirouette')
  await expect(then.getByRole('img', { name: 'Left 5, right 7' })).toBeVisible()
  await page.getByRole('button', { name: 'Refer', exact: true }).click()
  await page.getByRole('button', { name: 'Make the paper' }).click()
  await expect(page.getByText('This is empty.')).toBeVisible()
  await page.getByLabel('Why', { exact: true }).fill('short steps on the hard road')
  await page.getByLabel('Who is asked to look').selectOption({ label: 'Farrier' })
  await page.getByRole('button', { name: 'Make the paper' }).click()
  await expect(page.getByRole('heading', { name: 'For the farrier' })).toBeVisible()
  await expect(page.getByText('Short steps on the hard road.')).toBeVisible()
  await page.getByLabel('What came of it').fill('Flat feet; pads in front.')
  await page.getByRole('button', { name: 'That is what came of it' }).click()
  await expect(page.getByText('“Flat feet; pads in front.”')).toBeVisible()

  const horseId = new URL(page.url()).pathname.split('/')[2]!
  await page.goto(`/library/${horseId}/poles/trot-poles`)
  // Another walk lets a fourth horse go on from it.
  await expect(page.getByText(/Your own horses took [35] to 14 weeks here \([34] horses\)\./)).toBeVisible()
})
