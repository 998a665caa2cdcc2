import {
  canBeReadByEveryone,
  choose,
  expect,
  newHorse,
  openPart,
  openHorse,
  signIn,
  test,
  trainer,
  typeDay,
} from './yard'

/** The cautions, met by a trainer in a browser. */

test('a fence typed as a number asks for a height and a helper, and a skipped rung can be placed', async ({
  page,
}) => {
  await signIn(page, trainer)
  await newHorse(page, 'Skiplark', 'Green')
  const horseId = new URL(page.url()).pathname.split('/')[2]!
  await page.goto(`/horses/${horseId}/season/new`)
  await openPart(page, 3)
  await page.getByLabel('Fences, part 3').fill('4')
  await page.getByLabel('Fences, part 3').press('Tab')
  await expect(page.getByText('There is a fence in this session and nobody on the ground.')).toBeVisible()
  await expect(page.getByText(/fences without a height/)).toBeVisible()
  await page.getByLabel('Height, cm, part 3').fill('40')
  await page.getByLabel('Height, cm, part 3').press('Tab')
  await expect(page.getByText(/fences without a height/)).toHaveCount(0)
  await page.getByRole('button', { name: 'It is further on than that' }).first().click()
  await page.getByLabel(/^Place it on/).fill('jumped courses all winter')
  await page.getByRole('button', { name: 'Place it there' }).click()
  await expect(page.getByText(/rungs above its place/)).toHaveCount(0)
  await choose(page, 'Work, part 3', 'On the lunge')
  await expect(
    page.getByRole('button', { name: /^Part 3: .*on the lunge, both reins, 4 fences at 40 cm/ }),
  ).toBeVisible()
  await canBeReadByEveryone(page)
})

test('days off are told in the passport, bind its plans, and end with a word', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Restharrow')
  await expect(page.getByText('Nothing: full work, as far as its ladders are open.')).toBeVisible()
  await page.getByRole('button', { name: 'It was off' }).click()
  await page.getByRole('button', { name: 'Rest or holiday' }).click()
  await typeDay(page, 'First day off', '1 Mar 2026')
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByText('Coming back to work')).toBeVisible()
  await canBeReadByEveryone(page)
  await page.getByRole('button', { name: 'It is back in full work' }).click()
  await page.getByLabel('Why its return is over').fill('ridden elsewhere all spring')
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByText('Coming back to work')).toHaveCount(0)
})

test('the air is typed on Today, and the horse keeps a heat limit of its own', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Sunmere')
  await page.getByRole('button', { name: 'Edit' }).click()
  await page.getByLabel('Its own heat limit, °C').fill('24')
  await choose(page, 'Or the level it goes at', 'Eventing, 80 cm')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await openHorse(page, 'Sunmere')
  await page.getByRole('button', { name: 'Edit' }).click()
  await expect(page.getByLabel('Its own heat limit, °C')).toHaveValue('24')
})
