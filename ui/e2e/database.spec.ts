import { expect, newHorse, openHorse, signIn, test, trainer, typeDay } from './yard'

test.use({ ownBrowser: true })

const control = (
  word: 'cut' | 'mend',
  request: { post: (url: string) => Promise<unknown> },
  baseURL: string,
) => request.post(`${baseURL.replace(/:(\d+)$/, (_, port) => `:${Number(port) + 1}`)}/${word}`)

test('the database goes away for ten seconds: typed input stays, and work goes on', async ({
  page,
  request,
  baseURL,
}) => {
  await signIn(page, trainer)
  await newHorse(page, 'Patience')
  await page.getByRole('link', { name: 'Aims' }).click()
  await page.getByLabel('Competition').fill('The long wait')
  await page.getByLabel('Scheme').fill('League')
  await page.getByLabel('Level').fill('Novice')
  await typeDay(page, 'Day', '16 May 2026')

  await control('cut', request, baseURL!)
  await page.getByRole('button', { name: 'Add the aim' }).click()
  await expect(
    page
      .getByText('The yard’s book cannot be reached')
      .or(page.getByText("The yard's book cannot be reached")),
  ).toBeVisible()
  await expect(page.getByLabel('Competition')).toHaveValue('The long wait')
  expect((await request.get('/health/live')).status()).toBe(200)
  expect((await request.get('/health/ready')).status()).toBe(503)
  await page.waitForTimeout(10_000)
  await expect(page.getByLabel('Competition')).toHaveValue('The long wait')

  await control('mend', request, baseURL!)
  await expect(async () => {
    await page.getByRole('button', { name: 'Add the aim' }).click()
    await expect(page.locator('.aim')).toContainText('The long wait', { timeout: 2000 })
  }).toPass({ timeout: 20_000 })
  await openHorse(page, 'Patience', 'Aims')
  await expect(page.locator('.aim')).toHaveCount(1)
})
