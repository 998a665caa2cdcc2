import {
  canBeReadByEveryone,
  choose,
  expect,
  newHorse,
  openHorse,
  openPart,
  rider,
  signIn,
  test,
  trainer,
} from './yard'

test('a rung is climbed on the evidence of its rides, and not before', async ({ page }) => {
  await signIn(page, trainer)
  await openHorse(page, 'Quillan')
  await page.getByRole('link', { name: 'The ladders' }).click()
  await expect(page.getByRole('link', { name: /^Trot poles ?, stands here/ })).toBeVisible()

  // Flatwork is not ready: it says what is missing and offers no way up.
  await page.getByRole('link', { name: /^Trot-canter, three loops, stretch ?, stands here/ }).click()
  await expect(page.getByText('good session', { exact: false }).first()).toBeVisible()
  await expect(page.getByRole('button', { name: 'Go up, as the evidence says' })).toHaveCount(0)

  await page.getByRole('main').getByRole('link', { name: 'Library' }).click()
  await page.getByRole('link', { name: /^Trot poles ?, stands here/ }).click()
  await expect(page.getByText('One rung up, to Fan, clock, zigzag in trot.')).toBeVisible()
  await page.getByRole('button', { name: 'Why this rung?' }).click()
  await expect(page.getByText('2 sessions running on this rung, nothing told against it')).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Go up, as the evidence says' }).click()
  await expect(page.getByText('Quillan has reached it')).toBeVisible()
  await page.getByRole('main').getByRole('link', { name: 'Library' }).click()
  await expect(page.getByRole('link', { name: /^Fan, clock, zigzag in trot ?, stands here/ })).toBeVisible()
})

test('a move by hand wants a word, keeps it, and stops at the age', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Laddergate', 'Green')
  await page.getByRole('link', { name: 'The ladders' }).click()
  await page.getByLabel('Search the rungs').fill('counted lines')
  await page.getByRole('link', { name: /Canter pole, counted lines/ }).click()
  await expect(page.getByText('is not there yet')).toBeVisible()
  await expect(page.getByText('15 m circles', { exact: false }).first()).toBeVisible()
  await page.getByRole('button', { name: 'Place it here' }).click()
  await expect(page.getByText('This is empty.')).toBeVisible()
  await page.getByLabel('Why, in a word').fill('he did these with his last rider')
  await page.getByRole('button', { name: 'Place it here' }).click()
  await expect(page.getByText('he did these with his last rider')).toBeVisible()
  await expect(page.getByText('Laddergate stands here')).toBeVisible()

  // The session that works on it counts as its evidence; a rung that is not open says what comes first.
  await openHorse(page, 'Laddergate', 'Season')
  await page.getByRole('link', { name: 'Plan a session', exact: true }).click()
  await openPart(page, 3)
  await choose(page, 'Rung of part 3', 'Poles: Canter pole, counted lines')
  await expect(page.getByText('Nothing to mend')).toBeVisible()
  await choose(page, 'Rung of part 3', 'Poles: Canter cavaletti, even')
  await expect(page.getByText('wants a helper', { exact: false }).first()).toBeVisible()
})

test('a rider reads the library and moves nothing', async ({ page }) => {
  await signIn(page, rider)
  await openHorse(page, 'Tarn Lark')
  await page.getByRole('link', { name: 'The ladders' }).click()
  await page.getByRole('link', { name: /^Half-pass in trot ?, next/ }).click()
  await expect(page.getByText('Ways to ride it')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Place it here' })).toHaveCount(0)
})

test('a vet rules canter out, and no plan goes round it until it is cleared', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Stillwater')
  await page.getByRole('button', { name: 'Enter one' }).click()
  await page.getByLabel('What for').fill('strain, left fore')
  await page.getByRole('button', { name: 'Enter the restriction' }).click()
  await expect(page.getByText('Nothing is out yet.')).toBeVisible()
  await expect(page.getByLabel('What for')).toHaveValue('strain, left fore')
  await page.getByLabel('Who said so').fill('Iva Sorrel, vet')
  await page
    .getByRole('group', { name: 'Gaits that are out' })
    .getByRole('button', { name: 'Canter' })
    .click()
  await page.getByRole('button', { name: 'Enter the restriction' }).click()
  await expect(page.getByText('no canter', { exact: true })).toBeVisible()

  await openHorse(page, 'Stillwater', 'Season')
  await page.getByRole('link', { name: 'Plan a session', exact: true }).click()
  await page.getByLabel('The one thing of the day').fill('A little canter')
  await openPart(page, 3)
  await choose(page, 'Gait of part 3', 'Canter')
  await page.getByRole('button', { name: 'Keep the session' }).click()
  await expect(
    page.getByText('Stillwater is restricted (strain, left fore): no canter.').first(),
  ).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Plan a session' })).toBeVisible()

  await openHorse(page, 'Stillwater')
  await page.getByRole('button', { name: 'Cleared?' }).click()
  await page.getByLabel('Cleared by').fill('Iva Sorrel')
  await page.getByRole('button', { name: 'Enter the clearance' }).click()
  await expect(page.getByText('cleared Sat 18 Apr by Iva Sorrel')).toBeVisible()
})

test('an exercise of our own stands beside the catalogue, which is hidden or copied and never changed', async ({
  page,
}) => {
  await signIn(page, trainer)
  await openHorse(page, 'Tarn Lark')
  await page.getByRole('link', { name: 'Raised trot poles', exact: true }).click()
  const first = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('button', { name: /^Copy / }) })
    .first()
  const name = (await first.getByRole('heading').innerText()).trim()
  await first.getByRole('button', { name: /^Copy / }).click()
  await page.getByLabel('What it is called').fill('')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText('This is empty.', { exact: false })).toBeVisible()
  await page.getByLabel('What it is called').fill('Ours, from the other end')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText('ours, by Maren Holt')).toBeVisible()
  await page.getByRole('button', { name: `Hide ${name}` }).click()
  await expect(page.getByRole('heading', { name, exact: true })).toHaveCount(0)
  await page.getByRole('button', { name: '1 hidden' }).click()
  await page.getByRole('button', { name: `Show ${name}` }).click()
  await expect(page.getByRole('heading', { name, exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Write one' }).click()
  await page.getByLabel('What we have found').fill('short side only')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText('short side only')).toBeVisible()
})

test('a horse is placed on all twelve ladders on one sheet, with one word', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Twelvesheet', 'Novice')
  await page.getByRole('link', { name: 'Place it on all twelve' }).click()
  await expect(page.getByRole('heading', { name: 'Where it stands' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Nothing changed' })).toBeDisabled()
  await choose(page, 'Stands on, poles', '5. Raised trot poles')
  await choose(page, 'Stands on, lateral', 'not begun')
  await page.getByRole('button', { name: 'Place it on 2 ladders' }).click()
  await expect(page.getByText('This is empty.').first()).toBeVisible()
  await page.getByLabel('How you know').fill('seen on video')
  await canBeReadByEveryone(page)
  await page.getByRole('button', { name: 'Place it on 2 ladders' }).click()
  await expect(page.getByRole('link', { name: 'Raised trot poles' })).toBeVisible()
})
