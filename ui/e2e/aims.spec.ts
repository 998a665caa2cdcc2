import type { Page } from '@playwright/test'
import { choose, expect, newHorse, openHorse, signIn, test, trainer, typeDay } from './yard'
import { addAim, typeAim } from './aim'
import { eachGetsItsWord, type Wrong } from './wrong'

/** Aims in a real browser: what a level asks, whether there is time, a move taken, how it went. */

for (const [discipline, scheme, level, demand] of [
  ['Dressage', 'British national dressage', 'Elementary', 'Shoulder-in'],
  ['Jumping', 'National jumping', '0.90 m', 'A course at its height, 0.90 m'],
  ['Eventing', 'British national eventing', '90', '4.2 minutes at 450 m/min'],
] as const)
  test(`an aim in ${discipline.toLowerCase()} from nothing to readiness to a block`, async ({ page }) => {
    await signIn(page, trainer)
    await newHorse(page, `Aimed at ${discipline}`)
    const aim = { name: 'Marlwick open day', day: '25 Jul 2026', discipline, scheme, level }
    await typeAim(page, `Aimed at ${discipline}`, aim)
    // What the level asks is said before it is kept, and its height comes with it.
    await expect(page.getByText(/It asks \d+ things/)).toBeVisible()
    if (discipline !== 'Dressage') await expect(page.getByLabel('Height, metres')).toHaveValue('0.9')
    await page.getByRole('button', { name: 'Add the aim' }).click()
    await page.getByRole('link', { name: 'Readiness' }).click()
    await expect(page.getByRole('heading', { name: /Not in time|Cannot be told/ })).toBeVisible()
    const row = page.getByRole('row', { name: new RegExp(`^${demand.replaceAll('.', '\\.')}`) })
    await expect(row).toContainText('Not begun')
    await row.getByRole('button').click()
    await expect(page.getByText('No ride of the last twelve weeks tells of it.')).toBeVisible()
    await page.getByRole('button', { name: 'Why that far?' }).click()
    await expect(page.getByText(/in four weeks|asks/).last()).toBeVisible()
    await page.keyboard.press('Escape')

    await openHorse(page, `Aimed at ${discipline}`, 'Season')
    await page.getByRole('link', { name: 'Plan a block' }).click()
    await expect(page.getByLabel('Called')).toHaveValue('To Marlwick open day')
    await page.getByLabel('Walk, minutes a week').fill('90')
    await page.getByLabel('Trot, minutes a week').fill('60')
    await page.getByLabel('Canter, minutes a week').fill('20')
    await page.getByRole('button', { name: 'See the plan' }).click()
    await page.getByRole('button', { name: 'Keep this block' }).click()
    await expect(page.getByRole('heading', { name: 'To Marlwick open day', level: 1 })).toBeVisible()
  })

test('a move is taken and gives what it promised', async ({ page }) => {
  await signIn(page, trainer)
  await openHorse(page, 'Tarn Lark', 'Aims')
  await page
    .locator('.aim')
    .filter({ hasText: 'Marlwick evening league' })
    .getByRole('link', { name: 'Readiness' })
    .click()
  await expect(page.getByRole('heading', { name: 'Tight' })).toBeVisible()
  await expect(page.getByText('Shallow loop in counter-canter').first()).toBeVisible()
  // More work is tried by the planner, and each answer shown as it comes.
  await page.getByRole('button', { name: 'Try more work' }).click()
  await expect(page.getByText(/days a week, .* as well|No day more can be worked/)).toBeVisible()
  const later = page.getByRole('listitem').filter({ hasText: '1 week later' })
  await expect(later).toContainText('In time')
  await later.getByRole('button', { name: 'Take it' }).click()
  await expect(page.getByRole('heading', { name: 'In time' })).toBeVisible()
  await expect(page.getByText('Thursday 28 May')).toBeVisible()
})

test('on paper, upright or lying, readiness has its horse, its sessions and all of the sheet', async ({
  page,
}) => {
  await signIn(page, trainer)
  await openHorse(page, 'Old Verity', 'Aims')
  await page.getByRole('link', { name: 'Readiness' }).first().click()
  await expect(page.getByRole('columnheader', { name: 'Sessions' })).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  // A4 less its margins, at 96 points an inch.
  for (const [width, height] of [
    [718, 1043],
    [1043, 718],
  ] as const) {
    await page.setViewportSize({ width, height })
    await expect(page.getByText('Old Verity, 14 yrs, 16.2 hh')).toBeVisible()
    await expect(page.getByRole('columnheader', { name: 'Sessions' })).toBeVisible()
    await expect(
      page
        .getByRole('button')
        .filter({ visible: true })
        .filter({ hasText: /Why|Print/ }),
    ).toHaveCount(0)
    const table = (await page.getByRole('table').boundingBox())!
    expect(table.width).toBeGreaterThan(0.9 * width)
    expect(table.x + table.width).toBeLessThanOrEqual(width)
  }
})

test('a level of the yard’s own is said line by line, and a wrong line loses nothing', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Aimed at ours')
  await typeAim(page, 'Aimed at ours', {
    name: 'Yard day',
    day: '25 Jul 2026',
    discipline: 'Dressage',
    scheme: 'Ours',
    level: 'Big ring',
  })
  await expect(page.getByText('A level of your own')).toBeVisible()
  await page.getByRole('button', { name: 'Add the aim' }).click()
  await page.getByRole('link', { name: 'Readiness' }).click()
  await expect(page.getByRole('heading', { name: 'Nothing is asked yet' })).toBeVisible()
  await page.getByRole('button', { name: 'Change what it asks' }).click()
  await page.getByRole('button', { name: 'Add it' }).click()
  await page.getByRole('textbox', { name: 'Movement' }).fill('Serpentine in one rhythm')
  await page.getByRole('button', { name: 'Keep what it asks' }).click()
  await expect(page.getByText('Nothing would say whether it can do it.')).toBeVisible()
  await expect(page.getByRole('textbox', { name: 'Movement' })).toHaveValue('Serpentine in one rhythm')
  await choose(page, 'Rung', 'Flatwork: 10 m circles, medium trot, walk-canter')
  await page.getByRole('button', { name: 'Keep what it asks' }).click()
  await expect(page.getByRole('row', { name: /^Serpentine in one rhythm/ })).toBeVisible()
})

test('the test of an aim asks what its level does not, and a lower level drops it', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Aimed at a test')
  await addAim(page, 'Aimed at a test', {
    name: 'Quarter finals',
    day: '25 Jul 2026',
    discipline: 'Dressage',
    scheme: 'British national dressage',
    level: 'Elementary',
    test: 'Long Meadow',
  })
  await expect(page.getByRole('link', { name: 'Long Meadow' })).toBeVisible()
  await page.getByRole('link', { name: 'Readiness' }).click()
  // Elementary asks no half-pass; this test does, to the right.
  const halfPass = page.getByRole('row', { name: /^Half-pass in trot/ })
  await expect(halfPass).toContainText('its test asks it: movement 10')
  await page.getByRole('button', { name: 'Change what it asks' }).click()
  const editor = page.getByRole('form', { name: 'What it asks' })
  await expect(editor.getByText('its test asks it: movement 10')).toBeVisible()
  await page.getByRole('button', { name: 'Leave it' }).click()
  const lower = page.getByRole('listitem').filter({ hasText: 'on that day' })
  await lower.getByRole('button', { name: 'Take it' }).click()
  await expect(page.getByText(/: kept\./)).toBeVisible()
  await expect(page.getByRole('link', { name: 'Long Meadow' })).toBeHidden()
  await expect(halfPass).toBeHidden()
})

test('a goal is said, and how a day went', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Aimed at today')
  await openHorse(page, 'Aimed at today', 'Aims')
  await page.getByRole('button', { name: 'Say its goal' }).click()
  await page.getByLabel('Works towards').fill('Its first season')
  await typeDay(page, 'By', '20 Sep 2026')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByText('Its first season')).toBeVisible()
  await page.getByLabel('Competition').fill('Practice day')
  await typeDay(page, 'Day', '18 Apr 2026')
  await page.getByLabel('Scheme').fill('National jumping')
  await page.getByLabel('Level').fill('0.70 m')
  await page.getByRole('button', { name: 'Add the aim' }).click()
  await page.getByRole('button', { name: 'How it went' }).click()
  await page.getByLabel('Penalties').fill('4')
  const went = page.getByRole('form', { name: 'How Practice day went' })
  await went.getByLabel('Place').fill('9')
  await went.getByLabel('Of', { exact: true }).fill('3')
  await page.getByRole('button', { name: 'Keep how it went' }).click()
  await expect(page.getByText('That is behind the last.')).toBeVisible()
  await went.getByLabel('Of', { exact: true }).fill('12')
  await page.getByLabel('What held').fill('the trot')
  await page.getByRole('button', { name: 'Keep how it went' }).click()
  await expect(page.getByText('4 penalties, place 9 of 12')).toBeVisible()
  await expect(page.getByText('for rest or a walk')).toBeVisible()
})

test('a table of aims is taken in from the yard book, and one with a wrong line is not', async ({ page }) => {
  await signIn(page, trainer)
  await page.getByRole('link', { name: 'Yard book' }).click()
  const input = page.locator('input[type=file][accept*="csv"]')
  const table = (day: string) => ({
    name: 'aims.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      `Horse,Day,Name,Discipline,Scheme,Level\nPipit,${day},Out of a table,Dressage,Ours,Elementary\n`,
    ),
  })
  await input.setInputFiles(table('soon'))
  await expect(page.getByText('“soon” is no day.')).toBeVisible()
  await input.setInputFiles(table('2026-06-20'))
  await expect(page.getByText('1 competition taken in.')).toBeVisible()
  await openHorse(page, 'Pipit', 'Aims')
  await expect(page.getByRole('heading', { name: 'Out of a table' })).toBeVisible()
})

const long = (n: number) => ({ typed: 'x'.repeat(n), says: `This is ${n} characters long.` })

test('twelve wrong things on the page of aims get a word and lose nothing', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Wrongly aimed')
  await openHorse(page, 'Wrongly aimed', 'Aims')
  const form = (label: string) => (p: Page) => p.getByLabel(label, { exact: true })
  await form('Competition')(page).fill('Home day')
  await typeDay(page, 'Day', '18 Apr 2026')
  await form('Scheme')(page).fill('Ours')
  await form('Level')(page).fill('Small')
  await form('Height, metres')(page).fill('0.8')
  await form('Height, metres')(page).blur()
  await form('Place')(page).fill('Home')
  const stays = () => expect(form('Place')(page)).toHaveValue(/^(Home|x+)$/)
  await eachGetsItsWord(
    page,
    [
      { what: 'no name', field: form('Competition'), typed: '', says: 'This is empty.' },
      { what: 'a long name', field: form('Competition'), ...long(81) },
      { what: 'no scheme', field: form('Scheme'), typed: '', says: 'This is empty.' },
      { what: 'no level', field: form('Level'), typed: '', says: 'This is empty.' },
      { what: 'a long level', field: form('Level'), ...long(61) },
      {
        what: 'higher than fences are',
        field: form('Height, metres'),
        typed: '3',
        says: '3 m cannot be right.',
      },
      {
        what: 'lower than fences are',
        field: form('Height, metres'),
        typed: '0.1',
        says: '0.1 m cannot be right.',
      },
      { what: 'a long place', field: form('Place'), ...long(81) },
    ],
    () => page.getByRole('button', { name: 'Add the aim' }).click(),
    stays,
  )
  await typeDay(page, 'Day', '1 Jan 2040')
  await page.getByRole('button', { name: 'Add the aim' }).click()
  await expect(page.getByText('2040-01-01 is too far away.')).toBeVisible()
  await stays()
  await typeDay(page, 'Day', '18 Apr 2026')
  await page.getByRole('button', { name: 'Add the aim' }).click()

  await page.getByRole('button', { name: 'How it went' }).click()
  const went = page.getByRole('form', { name: 'How Home day went' })
  await went.getByLabel('What held').fill('the canter')
  await eachGetsItsWord(
    page,
    [
      {
        what: 'fewer than no penalties',
        field: () => went.getByLabel('Penalties'),
        typed: '-4',
        says: '-4 penalties cannot be right.',
      },
      {
        what: 'a day over time',
        field: () => went.getByLabel('Seconds over time'),
        typed: '90000',
        says: '90000 seconds cannot be right.',
      },
      { what: 'place nought', field: () => went.getByLabel('Place'), typed: '0', says: '0 cannot be right.' },
      {
        what: 'nobody started',
        field: () => went.getByLabel('Of', { exact: true }),
        typed: '0',
        says: '0 starters cannot be right.',
      },
      { what: 'a long word', field: () => went.getByLabel('What did not'), ...long(401) },
    ],
    () => page.getByRole('button', { name: 'Keep how it went' }).click(),
    () => expect(went.getByLabel('What held')).toHaveValue('the canter'),
  )
})

test('twelve wrong things among the demands get a word and lose nothing', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Wrongly asked')
  await addAim(page, 'Wrongly asked', {
    name: 'Autumn league',
    day: '25 Jul 2026',
    discipline: 'Eventing',
    scheme: 'British national eventing',
    level: '100',
  })
  await page.getByRole('link', { name: 'Readiness' }).click()
  await page.getByRole('button', { name: 'Change what it asks' }).click()
  for (const kind of ['Oxer of a spread', 'Changes in sequence', 'Something to look at']) {
    await choose(page, 'Another demand', kind)
    await page.getByRole('button', { name: 'Add it', exact: true }).click()
  }
  const editor = page.getByRole('form', { name: 'What it asks' })
  const first = (label: string) => () => editor.getByLabel(label, { exact: true }).first()
  await editor.getByLabel('Spread, metres').fill('1.1')
  await editor.getByLabel('Every so many strides').fill('4')
  await choose(page, 'What', 'Fillers')
  const keep = () => page.getByRole('button', { name: 'Keep what it asks' }).click()
  const wrong: Wrong[] = [
    { what: 'no name', field: first('Movement'), typed: '', says: 'This is empty.' },
    { what: 'a long name', field: first('Movement'), ...long(81) },
    { what: 'a mark of eleven', field: first('Mark wanted'), typed: '11', says: '11 cannot be right.' },
    { what: 'a mark of two', field: first('Mark wanted'), typed: '2', says: '2 cannot be right.' },
    {
      what: 'slower than a canter',
      field: first('Metres a minute'),
      typed: '100',
      says: '100 m/min cannot be right.',
    },
    {
      what: 'faster than a race',
      field: first('Metres a minute'),
      typed: '900',
      says: '900 m/min cannot be right.',
    },
    { what: 'half an hour of it', field: first('Minutes'), typed: '30', says: '30 minutes cannot be right.' },
    {
      what: 'a fence of three metres',
      field: first('Height, metres'),
      typed: '3',
      says: '3 m cannot be right.',
    },
    {
      what: 'a fence on the ground',
      field: first('Height, metres'),
      typed: '0',
      says: '0 m cannot be right.',
    },
    { what: 'a combination of nine', field: first('Fences'), typed: '9', says: '9 fences cannot be right.' },
    {
      what: 'an oxer of four metres',
      field: first('Spread, metres'),
      typed: '4',
      says: '4 m cannot be right.',
    },
    {
      what: 'changes every ninth stride',
      field: first('Every so many strides'),
      typed: '9',
      says: '9 strides cannot be right.',
    },
  ]
  await eachGetsItsWord(page, wrong, keep, () =>
    expect(editor.getByLabel('Minutes', { exact: true }).first()).not.toHaveValue(''),
  )
  await keep()
  await expect(page.getByRole('row', { name: /^Oxer of a spread/ })).toBeVisible()
})
