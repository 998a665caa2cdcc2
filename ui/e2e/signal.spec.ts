import { begin, gait, holdUpTaps, next, phone, review, session, sessionOnTablet } from './recorder'
import { expect, signedOut, test, trainer } from './yard'

test.use({ ownBrowser: true, serviceWorkers: 'allow' })

/** A ride recorded without a signal. */

test('the ride goes on through a reload, a closed page and a new one, and everything arrives once', async ({
  page,
  context,
}) => {
  const made = await sessionOnTablet(page, 'Vetch away')
  await page.goto(made.rail)
  await begin(page).click()
  await expect.poll(async () => (await review(page, made)).log?.length).toBe(2)

  await context.setOffline(true)
  await page.getByRole('button', { name: /Left rein/ }).click()
  await next(page).click()
  await gait(page, 'Trot').click()
  await page.getByRole('button', { name: /^Clean/ }).click()
  await expect(page.getByText(/4 taps wait/)).toBeVisible()
  await page.reload()
  // It stands where it stood.
  await expect(gait(page, 'Trot')).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByRole('button', { name: 'Clean 1' })).toBeVisible()
  await expect(page.getByText(/4 taps wait/)).toBeVisible()
  await page.getByRole('button', { name: /^Clean/ }).click()
  // Shown as counted is kept, though the page closes at that moment.
  await expect(page.getByRole('button', { name: 'Clean 2' })).toBeVisible()
  await page.close()

  const again = await context.newPage()
  await again.goto('/')
  await expect(again.getByRole('heading', { name: 'On this device' })).toBeVisible()
  await again.getByRole('link', { name: /Vetch away/ }).click()
  await again.getByRole('button', { name: /^Clean/ }).click()
  await expect(again.getByText(/6 taps wait/)).toBeVisible()
  await context.setOffline(false)
  await expect.poll(async () => (await review(again, made)).log?.length).toBe(8)
  await expect(again.getByText('All sent')).toBeVisible()
  const { record, log } = await review(again, made)
  expect(record.passes.left.clean).toBe(3)
  const ids = log.map((l: { event: { id: string } }) => l.event.id)
  expect(new Set(ids).size).toBe(ids.length)
  expect(ids.length).toBe(8)
})

test('what waits belongs to the person who tapped it, also when someone else signs in', async ({
  page,
  context,
}) => {
  const made = await session(page, 'Vetch mine')
  await page.setViewportSize(phone)
  await page.goto(made.rail)
  await holdUpTaps(context)
  await begin(page).click()
  await gait(page, 'Trot').click()
  await expect(page.getByText(/3 taps wait, no signal/)).toBeVisible()
  await page.goto('/')
  await expect(page.getByRole('link', { name: '3 waiting' })).toBeVisible()
  await page.getByText('Menu', { exact: true }).click()
  await page.getByRole('button', { name: 'Sign out' }).click()
  signedOut(trainer)
  await expect(page.getByText('3 of your taps wait on this device')).toBeVisible()
  await context.unroute('**/taps')

  await page.getByLabel('E-mail').fill('tam@fernhollow.example')
  await page.getByLabel('Password').fill('three odd socks')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('heading', { name: 'Saturday 18 April' })).toBeVisible()
  await expect(page.getByRole('link', { name: /waiting/ })).toBeHidden()
  await page.getByText('Menu', { exact: true }).click()
  await page.getByRole('button', { name: 'Sign out' }).click()

  await page.getByLabel('E-mail').fill(trainer)
  await page.getByLabel('Password').fill('three odd socks')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('heading', { name: 'Saturday 18 April' })).toBeVisible()
  await expect.poll(async () => (await review(page, made)).log?.length).toBe(3)
})
