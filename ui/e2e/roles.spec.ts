import { expect, openHorse, owner, rider, signIn, test, vet } from './yard'

test('a rider records rides of the horses given to them, and plans nothing', async ({ page }) => {
  await signIn(page, rider)
  await expect(page.getByRole('link', { name: 'Quillan', exact: true })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Sablewood', exact: true })).toHaveCount(0)
  await expect(page.getByRole('link', { name: 'Add a horse' })).toHaveCount(0)
  await expect(page.getByRole('link', { name: 'Write up' }).first()).toBeVisible()

  await openHorse(page, 'Quillan')
  await expect(page.getByRole('button', { name: 'Edit' })).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Add to the card' })).toHaveCount(0)
  const id = /horses\/([0-9a-f-]+)/.exec(page.url())![1]

  // The season bears the name of the block under way.
  for (const [step, heading, button] of [
    ['Aims', 'Aims', 'Add the aim'],
    ['Season', 'Spring: first poles to the young horse day', 'Plan a session'],
    ['Set-ups', 'Set-ups', 'New set-up'],
  ] as const) {
    await page.getByRole('link', { name: step, exact: true }).click()
    await expect(page.getByRole('heading', { name: heading, level: 1 })).toBeVisible()
    await expect(page.getByText(button, { exact: true })).toHaveCount(0)
  }
  await page.getByRole('link', { name: 'Review', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Why this verdict?' })).toBeVisible()
  await expect(page.getByRole('button', { name: /Accept/ })).toHaveCount(0)

  // What is not on the screen is refused at the door as well.
  const answers = await page.evaluate(async (horse) => {
    const { token } = await (await fetch('/api/sign-in')).json()
    const post = (address: string, body: object) =>
      fetch(address, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', 'X-Hippodrome-Token': token },
        body: JSON.stringify(body),
      }).then((r) => r.status)
    return [
      await post(`/api/horses/${horse}/sessions`, {}),
      await post(`/api/horses/${horse}/aims`, {}),
      await post('/api/horses', {}),
      await post('/api/people', {}),
    ]
  }, id)
  expect(answers).toEqual([403, 403, 403, 403])
})

test('an owner reads the horse given to them and records nothing', async ({ page }) => {
  await signIn(page, owner)
  await expect(page.getByRole('link', { name: 'Old Verity', exact: true })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Brannoc', exact: true })).toHaveCount(0)
  await expect(page.getByRole('link', { name: 'Write up' })).toHaveCount(0)
  await openHorse(page, 'Old Verity')
  const steps = page.getByRole('navigation', { name: 'Steps of Old Verity' })
  await expect(steps.getByRole('link', { name: 'Ride' })).toHaveCount(0)
  await steps.getByRole('link', { name: 'Review' }).click()
  await expect(page.getByText('Planned and done')).toBeVisible()

  const id = /horses\/([0-9a-f-]+)/.exec(page.url())![1]
  const status = await page.evaluate(async (horse) => {
    const { token } = await (await fetch('/api/sign-in')).json()
    const answer = await fetch(`/api/horses/${horse}/rides/${crypto.randomUUID()}/events`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', 'X-Hippodrome-Token': token },
      body: JSON.stringify({
        events: [{ kind: 'tensionSeen', id: crypto.randomUUID(), at: '2026-04-18T09:00:00Z', tension: 1 }],
      }),
    })
    return answer.status
  }, id)
  expect(status).toBe(403)
})

test('a vet sees the horses given to them and no one else’s', async ({ page }) => {
  await signIn(page, vet)
  await expect(page.getByRole('link', { name: 'Brannoc', exact: true })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Pipit', exact: true })).toHaveCount(0)
})

test('a rider sees what stands for the horses given to them, and moves none of it', async ({ page }) => {
  await signIn(page, rider)
  await page.getByRole('link', { name: 'Arena', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Tonight’s arena' })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Tarn Lark' })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Sablewood' })).toHaveCount(0)
  for (const box of await page.getByRole('checkbox').all()) await expect(box).toBeDisabled()

  // A set-up can be looked at closely and printed, and not changed.
  await page.getByRole('link', { name: /^Open Fan of 4/ }).click()
  await expect(page.getByRole('heading', { name: /^Fan of 4/ })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Print', exact: true })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Keep', exact: true })).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Other rein' })).toHaveCount(0)
})

test.describe('at the door', () => {
  test.use({ ownBrowser: true })

  test('nobody gets past the door, and comes to where they wanted once signed in', async ({ page }) => {
    await page.goto('/yard-book')
    await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible()
    await page.getByLabel('E-mail').fill(owner)
    await page.getByLabel('Password').fill('not the password')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await expect(page.getByText('do not belong together')).toBeVisible()
    await expect(page.getByLabel('E-mail')).toHaveValue(owner)
    await page.getByLabel('Password').fill('three odd socks')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await expect(page.getByRole('heading', { name: 'Yard book' })).toBeVisible()
    await page.getByRole('button', { name: 'Sign out' }).click()
    await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible()
  })
})
