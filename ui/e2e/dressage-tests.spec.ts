import type { Page } from '@playwright/test'
import { begin } from './recorder'
import { choose, expect, newHorse, openHorse, signIn, test, trainer, typeDay } from './yard'
import { addAim } from './aim'
import { eachGetsItsWord, type Wrong } from './wrong'

/** Dressage tests in a real browser: entered, laid, ridden in pieces, marked; and what is wrong with what is typed. */

const lineOf = (page: Page, at: number) => page.locator('li.line').nth(at)
const openTests = async (page: Page, horse: string) => {
  await openHorse(page, horse, 'Aims')
  await page.getByRole('link', { name: 'Dressage tests' }).click()
}

// The rail has a browser of its own, as in every walk that goes there.
test.describe(() => {
  test.use({ ownBrowser: true })

  test('a test is entered, laid, ridden in pieces and marked', async ({ page }) => {
    await signIn(page, trainer)
    await newHorse(page, 'Tested')
    await openTests(page, 'Tested')
    await page.getByRole('link', { name: 'Enter a test' }).click()
    await page.getByLabel('What it is called').fill('Sunday lines')
    await lineOf(page, 0).getByLabel('In your words').fill('Straight in')
    await expect(page.getByText('It can be ridden from beginning to end.')).toBeVisible()
    // Behind X: to C, along the track to E on the left rein, and a circle.
    await page.getByRole('button', { name: 'Another line' }).click()
    await choose(lineOf(page, 1), 'What is ridden', 'Straight')
    await lineOf(page, 1).getByLabel('To', { exact: true }).fill('C')
    await lineOf(page, 1).getByLabel('In your words').fill('On to C')
    await page.getByRole('button', { name: 'Another line' }).click()
    await lineOf(page, 2).getByLabel('To', { exact: true }).fill('E')
    await lineOf(page, 2).getByLabel('In your words').fill('Left to E')
    await page.getByRole('button', { name: 'Another line' }).click()
    await choose(lineOf(page, 3), 'What is ridden', 'Circle')
    await lineOf(page, 3).getByLabel('In your words').fill('A circle at E')
    // Without a size it is no circle yet, and the page says which line it is.
    await expect(page.getByText('Line 4:')).toBeVisible()
    await lineOf(page, 3).getByLabel('Metres').fill('10')
    await choose(lineOf(page, 3), 'Marked', 'counts twice')
    await expect(page.getByText('It can be ridden from beginning to end.')).toBeVisible()
    await page.getByRole('button', { name: 'Keep the test' }).click()

    await expect(page.getByRole('heading', { name: 'Sunday lines', level: 1 })).toBeVisible()
    const circle = page.getByRole('row', { name: /A circle at E/ })
    await expect(circle).toContainText('31 m')
    await expect(circle).toContainText('x 2')
    // A green horse has not been schooled in it.
    await expect(circle).toContainText('not there yet')
    await page.getByRole('checkbox', { name: /^Piece 3/ }).check()
    await page.getByRole('checkbox', { name: /^Piece 4/ }).check()
    await page.getByRole('link', { name: 'Plan a session with them' }).click()
    await expect(page.getByText('Sunday lines in pieces: 4, 3')).toBeVisible()
    await page.getByRole('button', { name: 'Keep the session' }).click()

    await page
      .getByRole('link', { name: /Pieces of the test/ })
      .first()
      .click()
    await page.getByRole('link', { name: 'To the rail' }).click()
    await begin(page).click()
    await page.getByRole('button', { name: /^Part 4: Sunday lines/ }).click()
    const pieces = page.getByRole('region', { name: 'Pieces of the test' })
    await expect(pieces.getByRole('listitem')).toHaveText(['4 A circle at E', '3 Left to E'])
    await page.getByRole('button', { name: 'Finish' }).click()
    await page.getByRole('button', { name: 'Done' }).click()
    await expect(page.getByRole('heading', { name: 'Review' })).toBeVisible()

    await page.getByRole('link', { name: 'Mark it, movement by movement' }).click()
    // Only what was ridden is asked for.
    await expect(page.getByLabel('Mark of movement 1')).toHaveCount(0)
    await page.getByLabel('Mark of movement 3').fill('6')
    await page.getByLabel('Mark of movement 4').fill('7.5')
    await page.getByRole('button', { name: 'Keep the marks' }).click()
    const ridden = page.getByRole('region', { name: 'As it was ridden' })
    // (6 + 2 x 7.5) / 30.
    await expect(ridden).toContainText('70.000 %')
    await expect(ridden).toContainText('2 movements')
  })
})

test('what is worth schooling is ticked, from the test and from the session', async ({ page }) => {
  await signIn(page, trainer)
  await openTests(page, 'Old Verity')
  await page.getByRole('link', { name: 'Long Meadow' }).click()
  await page.getByRole('button', { name: 'Tick these' }).click()
  // Too quick for it, and then what is marked lowest, once or twice counted.
  await expect(page.getByRole('checkbox', { name: 'Piece 10: Half-pass right to M' })).toBeChecked()
  await expect(page.getByText('Movements 10, 12, 17, 20')).toBeVisible()
  // The test of its next competition is there before anything is chosen.
  await openHorse(page, 'Tarn Lark', 'Season')
  await page.getByRole('link', { name: 'Plan a session', exact: true }).click()
  await page.getByRole('button', { name: 'Pieces of a test' }).click()
  await expect(page.getByLabel('Dressage test')).toHaveText(/Thursday lines/)
  await page.getByRole('button', { name: '5 Show some ground from M to K' }).click()
  await page.getByRole('button', { name: 'Add these pieces' }).click()
  await expect(page.getByText('Thursday lines in pieces: 5')).toBeVisible()
})

test('the whole test twice in a week is told, and its pieces are not', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Drilled')
  await openTests(page, 'Drilled')
  await page.getByRole('link', { name: 'First Frost' }).click()
  await page.getByRole('link', { name: 'Or the whole of it' }).click()
  await expect(page.getByText('The whole of First Frost')).toBeVisible()
  await page.getByRole('button', { name: 'Keep the session' }).click()
  await page.waitForURL('**/season')
  await openTests(page, 'Drilled')
  await page.getByRole('link', { name: 'First Frost' }).click()
  await page.getByRole('link', { name: 'Or the whole of it' }).click()
  await typeDay(page, 'Day', '21 Apr 2026')
  await expect(page.getByText('The whole test was ridden, or is planned, on 18 April.')).toBeVisible()
  await page.getByRole('button', { name: 'Take the whole test out' }).click()
  await expect(page.getByText('The whole test was ridden, or is planned')).toHaveCount(0)
})

test('twelve wrong things on the page of a test get a word and lose nothing', async ({ page }) => {
  await signIn(page, trainer)
  await openTests(page, 'Quillan')
  await page.getByRole('link', { name: 'Long Meadow' }).click()
  await page.getByRole('link', { name: 'Make a copy' }).click()
  await expect(page.getByLabel('What it is called')).toHaveValue('Long Meadow, ours')
  const to = (at: number) => (p: Page) => lineOf(p, at).getByLabel('To', { exact: true })
  const metres = (at: number) => (p: Page) => lineOf(p, at).getByLabel('Metres')
  const words = (at: number) => (p: Page) => lineOf(p, at).getByLabel('In your words')
  const wrong: Wrong[] = [
    { what: 'no name', field: (p) => p.getByLabel('What it is called'), typed: '', says: 'This is empty.' },
    {
      what: 'a long name',
      field: (p) => p.getByLabel('What it is called'),
      typed: 'x'.repeat(81),
      says: '81 characters long',
    },
    {
      what: 'a long level',
      field: (p) => p.getByLabel('Level'),
      typed: 'x'.repeat(61),
      says: '61 characters long',
    },
    { what: 'no such letter', field: to(0), typed: 'Q', says: 'There is no such letter in this arena.' },
    { what: 'no letter', field: to(0), typed: '', says: 'It goes nowhere yet.' },
    { what: 'where it is', field: to(2), typed: 'X', says: 'It is at X already.' },
    { what: 'the track to the middle', field: to(3), typed: 'G', says: 'The track goes along the boards.' },
    { what: 'a circle beyond the boards', field: metres(7), typed: '30', says: '30 m cannot be right.' },
    { what: 'a circle without a size', field: metres(7), typed: '', says: 'This is empty.' },
    {
      what: 'half a circle past X',
      field: metres(10),
      typed: '12',
      says: 'Half this circle ends at no letter.',
    },
    { what: 'half-pass across', field: to(11), typed: 'B', says: 'It has to go forwards and sideways.' },
    {
      what: 'no steps',
      field: (p) => lineOf(p, 14).getByLabel('How many'),
      typed: '1',
      says: '1 steps cannot be right.',
    },
    { what: 'no words', field: words(6), typed: '', says: 'This is empty.' },
  ]
  await eachGetsItsWord(
    page,
    wrong,
    () => page.getByRole('button', { name: 'Keep the test' }).click(),
    () => expect(words(20)(page)).toHaveValue('Medium canter from V to S'),
  )
  await page.getByRole('button', { name: 'Keep the test' }).click()
  await expect(page.getByRole('heading', { name: 'Long Meadow, ours', level: 1 })).toBeVisible()
})

test('twelve wrong marks get a word and lose nothing', async ({ page }) => {
  await signIn(page, trainer)
  await openTests(page, 'Quillan')
  await page.getByRole('link', { name: 'First Frost' }).click()
  await page.getByRole('button', { name: 'Enter marks' }).click()
  const mark = (p: Page) => p.getByLabel('Mark of movement 2', { exact: true })
  const remark = (p: Page) => p.getByLabel('Remark on movement 2', { exact: true })
  const by = (p: Page) => p.getByLabel('Who gave the marks')
  const keep = () => page.getByRole('button', { name: 'Keep the marks' }).click()
  await keep()
  await expect(page.getByText('No movement has a mark yet.')).toBeVisible()
  await page.getByLabel('Mark of movement 1', { exact: true }).fill('6.5')
  const halves = 'Marks go from 0 to 10 in halves.'
  const wrong: Wrong[] = [
    { what: 'eleven', field: mark, typed: '11', says: halves },
    { what: 'ten and a half', field: mark, typed: '10.5', says: halves },
    { what: 'a third', field: mark, typed: '6.3', says: halves },
    { what: 'a quarter', field: mark, typed: '6.25', says: halves },
    { what: 'below nought', field: mark, typed: '-1', says: halves },
    { what: 'a remark without a mark', field: remark, typed: 'crooked', says: halves },
    { what: 'a long remark', field: remark, typed: 'x'.repeat(201), says: '201 characters long' },
    { what: 'a long name', field: by, typed: 'x'.repeat(81), says: '81 characters long' },
  ]
  const stays = () => expect(page.getByLabel('Mark of movement 1', { exact: true })).toHaveValue('6.5')
  await eachGetsItsWord(page, wrong, keep, stays)
  for (const [day, says] of [
    ['1 May 2026', 'That day has not come yet.'],
    ['19 Apr 2026', 'That day has not come yet.'],
    ['2 Jan 2020', 'That is more than five years ago.'],
  ] as const)
    await test.step(day, async () => {
      await typeDay(page, 'Day', day)
      await keep()
      await expect(page.getByText(says)).toBeVisible()
      await stays()
    })
  await typeDay(page, 'Day', '17 Apr 2026')
  await keep()
  await expect(page.getByRole('region', { name: 'As it was ridden' })).toContainText('65.000 %')
})

test('twelve wrong files get a word, and a right one is taken in', async ({ page }) => {
  await signIn(page, trainer)
  await openTests(page, 'Quillan')
  const line = { figure: 'straight', to: 'X', gait: 'trotWorking', words: 'In', coefficient: 1 }
  const json = (test: unknown, more = {}) =>
    JSON.stringify({ format: 'dressage-test', version: 1, test, ...more })
  const named = { name: 'From a file', arena: 'sixtyByTwenty' }
  const head = 'figure,to,gait,words,coefficient\n'
  const files: [name: string, text: string, says: string][] = [
    ['a.json', 'no json', 'It is no JSON.'],
    [
      'a.json',
      json({ ...named, lines: [line] }, { format: 'set-up' }),
      'This is a set-up, not a dressage test.',
    ],
    [
      'a.json',
      json({ ...named, lines: [line] }, { format: undefined }),
      'This does not say that it is a dressage test.',
    ],
    ['a.json', json({ ...named, lines: [line] }, { version: 9 }), 'Version 9 is not known here.'],
    ['a.json', json(null), 'There is no test in it.'],
    ['a.json', json({ ...named, lines: [] }), 'There is nothing in this test yet.'],
    ['a.json', json({ ...named, lines: [{ ...line, to: 'Q' }] }), 'There is no such letter in this arena.'],
    ['a.csv', '', 'There is nothing in it.'],
    ['a.csv', 'figure,to,gait,words\nstraight,X,trotWorking,In\n', 'There is no column “coefficient”.'],
    ['a.csv', `${head}zigzag,X,trotWorking,In,1\n`, 'Line 2: “zigzag” is no figure.'],
    ['a.csv', `${head}straight,X,trotWorking,In,one\n`, 'Line 2: “one” is no whole number.'],
    [
      'a.csv',
      `${head}straight,X,trotWorking,In,1\nstraight,A,trotWorking,Back,1\n`,
      'turn about on the spot',
    ],
  ]
  const input = page.locator('input[type=file]')
  for (const [name, text, says] of files)
    await test.step(says, async () => {
      await input.setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) })
      await expect(page.getByText(says)).toBeVisible()
      await expect(page.getByRole('link', { name: 'Long Meadow', exact: true })).toBeVisible()
    })
  await input.setInputFiles({
    name: 'Table of ours.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`${head}straight,X,trotWorking,In,1\n`),
  })
  await expect(page.getByRole('heading', { name: 'Table of ours', level: 1 })).toBeVisible()
})

test('the marks of a competition are entered from its aim, away and on its day', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Marked away')
  await addAim(page, 'Marked away', {
    name: 'Spring test day',
    day: '11 Apr 2026',
    discipline: 'Dressage',
    scheme: 'British national dressage',
    level: 'Preliminary',
  })
  await page.getByRole('button', { name: 'How it went' }).click()
  await page.getByRole('link', { name: 'Marks of its test, movement by movement' }).click()
  await page.getByRole('link', { name: 'First Frost' }).click()
  await expect(page.getByLabel('Away from home')).toBeChecked()
  await page.getByLabel('Mark of movement 1', { exact: true }).fill('7')
  await page.getByRole('button', { name: 'Keep the marks' }).click()
  const ridden = page.getByRole('region', { name: 'As it was ridden' })
  await expect(ridden).toContainText('Saturday 11 April')
  await expect(ridden).toContainText('away')
})
