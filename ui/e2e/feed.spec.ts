import { expect, newHorse, openHorse, signIn, test, trainer } from './yard'

test('what a horse is fed, has met and is saddled with stands in its passport', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Sorrel Fed', 'Green')
  await openHorse(page, 'Sorrel Fed')
  const feed = page.locator('section', { has: page.getByRole('heading', { name: 'Feed', exact: true }) })
  const write = async (kg: string) => {
    await feed.getByRole('button', { name: 'Changed' }).click()
    await feed.getByLabel('Forage').fill('Hay as it likes')
    await feed.getByLabel('Hard feed, kg a day').fill(kg)
    await feed.getByRole('button', { name: 'Write it down' }).click()
    await expect(feed.getByRole('button', { name: 'Changed' })).toBeVisible()
  }
  await write('1')
  await expect(feed.getByText('1 kg of hard feed a day')).toBeVisible()
  // Twice as much at once: told, with the reason.
  await write('2')
  await expect(feed.getByText('Hard feed rose by more than a quarter at once.')).toBeVisible()
  await feed.getByRole('button', { name: /^Take off the feed/ }).click()
  await expect(feed.getByText('Hard feed rose by more than a quarter at once.')).toBeHidden()

  // A shim is in since today, and is looked at again.
  const care = page.locator('section', { has: page.getByRole('heading', { name: 'Care', exact: true }) })
  await care.getByRole('button', { name: 'Someone was here' }).click()
  await care.getByRole('button', { name: 'Saddle', exact: true }).click()
  await care.getByRole('button', { name: 'Shim in' }).click()
  await care.getByRole('button', { name: 'Write it down' }).click()
  await expect(care.getByText(/shim in since Sat 18 Apr; look again by Sat 16 May/)).toBeVisible()

  // New to fillers: a plan with a wall says so until the passport knows better.
  await page.getByRole('button', { name: 'Edit', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Wooden poles' })).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'Fillers' }).click()
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await page.getByRole('button', { name: 'Edit', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Fillers' })).toHaveAttribute('aria-pressed', 'true')
})

test('a reported problem is judged by what the ride shows, and the walk comes first', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Sorrel Told')
  await expect(page.getByText('New here: the assessment ride comes first.')).toBeHidden()
  await openHorse(page, 'Sorrel Told')
  await page.getByRole('button', { name: 'Begin one' }).click()
  await page.getByRole('button', { name: 'Falls in', exact: true }).click()
  await page.getByRole('button', { name: 'Late depart', exact: true }).click()
  await page.getByRole('button', { name: 'Begin the ride' }).click()
  await page.getByRole('button', { name: /^Trot, 20 m circle/ }).click()
  await expect(page.getByText(/Walk first: 0 of 7 minutes/)).toBeVisible()
  await page.getByRole('button', { name: 'Falls in', exact: true }).first().click()
  await expect(page.getByText('Everything is kept')).toBeVisible()
  await page.getByRole('button', { name: 'What it says so far' }).click()
  const told = page.locator('section', { has: page.getByRole('heading', { name: 'What was reported' }) })
  await expect(told.getByText('Felt')).toBeVisible()
  await expect(told.getByText('Not asked yet')).toBeVisible()
  await expect(page.getByText(/Only 0 minutes of walk before Trot/)).toBeVisible()
})
