import { canBeReadByEveryone, expect, openHorse, openYard, signIn, test, trainer } from './yard'

/** WCAG 2.2 AA as far as a machine can see it, on every main screen, at a laptop's and a tablet's size. */
const screens: [string, (page: import('@playwright/test').Page) => Promise<void>][] = [
  ['today', async () => {}],
  ['new horse', (page) => page.getByRole('link', { name: 'Add a horse' }).first().click()],
  ['passport', (page) => openHorse(page, 'Tarn Lark')],
  ['held horse', (page) => openHorse(page, 'Pipit')],
  ['aims', (page) => openHorse(page, 'Sablewood', 'Aims')],
  [
    'readiness',
    async (page) => {
      await openHorse(page, 'Old Verity', 'Aims')
      await page.getByRole('link', { name: 'Readiness' }).first().click()
      await page.getByRole('button', { name: 'Half-pass in canter' }).click()
      await page.getByRole('button', { name: 'Change what it asks' }).click()
      await expect(page.getByRole('form', { name: 'What it asks' })).toBeVisible()
    },
  ],
  ['season', (page) => openHorse(page, 'Quillan', 'Season')],
  [
    'session',
    async (page) => {
      await openHorse(page, 'Quillan', 'Season')
      await page.getByRole('link', { name: 'Plan a session', exact: true }).click()
      await expect(page.getByText('Add a part')).toBeVisible()
    },
  ],
  [
    'season of a return',
    async (page) => {
      await openHorse(page, 'Brannoc', 'Season')
      await page.locator('.placed:not(.missed):not(.done)').first().click()
      await expect(page.getByRole('heading', { name: 'Move to' })).toBeVisible()
    },
  ],
  [
    'block',
    async (page) => {
      await openHorse(page, 'Sablewood', 'Season')
      await page.getByRole('link', { name: 'Inputs' }).click()
      await expect(page.getByRole('heading', { name: 'What for' })).toBeVisible()
    },
  ],
  [
    'week',
    async (page) => {
      await openYard(page, 'Week')
      await page.getByRole('button', { name: 'Who is there' }).click()
      await expect(page.getByRole('heading', { name: 'Who is there in an ordinary week' })).toBeVisible()
    },
  ],
  ['set-ups', (page) => openHorse(page, 'Quillan', 'Set-ups')],
  [
    'set-up',
    async (page) => {
      await openHorse(page, 'Quillan', 'Set-ups')
      await page.getByRole('link', { name: 'New set-up' }).click()
      await expect(page.getByRole('heading', { name: 'To build' })).toBeVisible()
    },
  ],
  [
    'figure',
    async (page) => {
      await openHorse(page, 'Old Verity', 'Set-ups')
      await page.getByRole('heading', { name: '5 changes every fourth stride' }).getByRole('link').click()
      await expect(page.getByRole('heading', { name: 'They fit' })).toBeVisible()
    },
  ],
  [
    'tonight’s arena',
    async (page) => {
      await page.goto('/arena')
      await expect(page.getByRole('heading', { name: 'To sort out' })).toBeVisible()
    },
  ],
  [
    'dressage test',
    async (page) => {
      await openHorse(page, 'Old Verity', 'Aims')
      await page.getByRole('link', { name: 'Dressage tests' }).click()
      await page.getByRole('link', { name: 'Long Meadow' }).click()
      await page.getByRole('button', { name: 'Enter marks' }).click()
      await expect(page.getByText('How it went, movement by movement')).toBeVisible()
    },
  ],
  [
    'dressage test, edited',
    async (page) => {
      await openHorse(page, 'Old Verity', 'Aims')
      await page.getByRole('link', { name: 'Dressage tests' }).click()
      await page.getByRole('link', { name: 'Thursday lines' }).click()
      await page.getByRole('link', { name: 'Edit' }).click()
      await expect(page.getByText('It can be ridden from beginning to end.')).toBeVisible()
    },
  ],
  ['ride', (page) => openHorse(page, 'Sablewood', 'Ride')],
  ['review', (page) => openHorse(page, 'Old Verity', 'Review')],
  [
    'library',
    async (page) => {
      await openHorse(page, 'Tarn Lark')
      await page.getByRole('link', { name: 'The ladders' }).click()
      await expect(page.getByRole('heading', { name: 'Fitness' })).toBeVisible()
    },
  ],
  [
    'rung',
    async (page) => {
      await openHorse(page, 'Tarn Lark')
      await page.getByRole('link', { name: 'Raised trot poles', exact: true }).click()
      await expect(page.getByText('Ways to ride it')).toBeVisible()
    },
  ],
  [
    'assessment',
    async (page) => {
      await openHorse(page, 'Brannoc')
      await page.getByRole('link', { name: 'Take it up again' }).click()
      await expect(page.getByRole('button', { name: 'Finish the sheet' })).toBeVisible()
    },
  ],
  [
    'assessment result',
    async (page) => {
      await openHorse(page, 'Old Verity')
      await page.getByRole('link', { name: 'Sun 12 Apr' }).first().click()
      await expect(page.getByRole('heading', { name: 'Where to start' })).toBeVisible()
    },
  ],
  ['yard book', (page) => openYard(page, 'Yard book')],
]

const atTheRail = ['today', 'set-up', 'ride', 'assessment']

for (const [name, open] of screens) {
  test(`${name} can be read and worked by everyone`, async ({ page }) => {
    await signIn(page, trainer)
    await open(page)
    await expect(page.locator('body[aria-busy=false]')).toBeAttached()
    for (const size of [
      { width: 1280, height: 800 },
      { width: 820, height: 1180 },
      { width: 390, height: 844 },
    ]) {
      await page.setViewportSize(size)
      const wide = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      )
      expect(wide, `nothing hangs over the side of ${size.width}`).toBeLessThanOrEqual(0)
      // What is used at the rail is gone through at a tablet's size as well.
      if (size.width < 800 || (size.width < 1000 && !atTheRail.includes(name))) continue
      await canBeReadByEveryone(page)
    }
  })
}

test('keys lead everywhere', async ({ page }) => {
  await signIn(page, trainer)
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
  await openHorse(page, 'Quillan')
  await page.keyboard.press('g')
  await page.keyboard.press('s')
  await expect(
    page.getByRole('heading', { name: 'Weeks', exact: true }).or(page.getByText('No block under way')),
  ).toBeVisible()
  // Which horse comes next is as the switcher has them: other walks bring horses of their own.
  const horses = await page.getByLabel('Horse', { exact: true }).locator('option').allTextContents()
  const next = horses[horses.indexOf('Quillan') + 1]!
  await page.keyboard.press('j')
  await expect(page.getByRole('navigation', { name: `Steps of ${next}` })).toBeVisible()
  await expect(
    page.getByRole('heading', { name: 'Weeks', exact: true }).or(page.getByText('No block under way')),
  ).toBeVisible()
  await page.keyboard.press('k')
  await expect(page.getByRole('navigation', { name: 'Steps of Quillan' })).toBeVisible()
  await page.keyboard.press('g')
  await page.keyboard.press('t')
  await expect(page.getByRole('heading', { name: 'Saturday 18 April' })).toBeVisible()
})

test('a set-up is drawn and built on paper as on the screen', async ({ page }) => {
  await signIn(page, trainer)
  await openHorse(page, 'Quillan', 'Set-ups')
  await page.getByRole('link', { name: 'New set-up' }).click()
  const sheet = page.getByRole('table').filter({ hasText: 'Tape reads' })
  await expect(sheet.getByRole('row')).toHaveCount(5)
  // The reason of each gap stays on the screen; what is read off the tape is on both.
  const readings = () => sheet.locator('strong, .fit').allInnerTexts()
  const onScreen = await readings()
  expect(onScreen).toHaveLength(7)
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('navigation')).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Print' })).toHaveCount(0)
  expect(await readings()).toEqual(onScreen)
})
