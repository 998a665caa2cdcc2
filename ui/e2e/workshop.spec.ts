import type { Page } from '@playwright/test'
import { choose, expect, newHorse, openHorse, signIn, test, trainer } from './yard'

/** Takes every other horse of the yard out of the list of who comes: other walks may add theirs meanwhile. */
async function onlyThese(page: Page, names: string[]) {
  const coming = page.locator('.who button[aria-pressed=true]')
  await expect(coming.first()).toBeVisible()
  await expect(async () => {
    for (const name of (await coming.allTextContents()).map((t) => t.trim()))
      if (!names.includes(name) && !name.startsWith('+'))
        await page.locator('.who').getByRole('button', { name, exact: true }).click()
    await expect(page.locator('section[data-on=moves] ol li')).toHaveCount(names.length, { timeout: 1500 })
  }).toPass()
}

test('a grid is built for a horse, stage by stage, and held against the others', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Grey Fifth')
  await openHorse(page, 'Sablewood', 'Set-ups')
  await page.getByRole('link', { name: 'New set-up' }).click()
  await choose(page, 'What stands there', 'Fences: grid or line')
  await expect(page.getByRole('heading', { name: 'Grid of 2, to 60 cm' })).toBeVisible()
  await page.getByRole('button', { name: 'Add an element' }).click()
  await choose(page, 'Element 4', 'Square oxer')
  await expect(page.getByRole('heading', { name: 'Grid of 3, to 60 cm' })).toBeVisible()

  // One thing at a time, an oxer last of all.
  const stages = page.getByRole('listitem').filter({ hasText: 'becomes square oxer' })
  await expect(stages).toHaveCount(1)

  // A bounce into an oxer is refused in words, and nothing typed is lost.
  await choose(page, 'Strides before element 4', 'bounce')
  await expect(page.getByText('An oxer is no part of a bounce', { exact: false }).first()).toBeVisible()
  await choose(page, 'Strides before element 4', '1 stride')
  await expect(page.getByText('An oxer is no part of a bounce', { exact: false })).toHaveCount(0)

  // The same distance in three notations, by keyboard alone.
  const distance = page.getByRole('textbox', { name: 'Distance before element 3' })
  for (const [typed, reads] of [
    ['19\'6"', '5.94 m'],
    ['6.5 paces', '5.94 m'],
    ['5,94', '5.94 m'],
  ] as const) {
    await distance.focus()
    await page.keyboard.press('ControlOrMeta+a')
    await page.keyboard.type(typed)
    await page.keyboard.press('Tab')
    await expect(distance).toHaveValue(reads)
  }
  await distance.fill('far')
  await distance.blur()
  await expect(page.getByText('cannot be read as a distance', { exact: false })).toBeVisible()
  await page.getByRole('button', { name: 'Its own distance before element 3' }).click()

  // The horse that is held does not come; the others do, in an order.
  await expect(page.getByText('held: heat in a leg')).toBeVisible()

  // Five horses through one grid: each once, the first as built, the moves between them told.
  const five = ['Grey Fifth', 'Old Verity', 'Quillan', 'Sablewood', 'Tarn Lark']
  await onlyThese(page, five)
  await expect(page.getByText(/Order that moves it least: \d/)).toBeVisible()
  const order = page.locator('section[data-on=moves] ol li')
  await expect(order).toHaveCount(5)
  await expect(order.first()).toContainText('built for it')
  const said = (await order.locator('strong').allTextContents()).map((t) => t.replace(/^\d\. /, ''))
  expect(said.sort()).toEqual(five)
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByText('Grid of 3, to 60 cm is kept.')).toBeVisible()
})

test('the fit turns as the fence is moved, and the print has the figures of the screen', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Longacre')
  await openHorse(page, 'Longacre', 'Set-ups')
  await page.getByRole('link', { name: 'New set-up' }).click()
  await choose(page, 'What stands there', 'Fences: grid or line')
  await choose(page, 'They are', 'A related line')
  await choose(page, 'Come to in', 'Canter')
  await page.getByRole('button', { name: 'Take element 1 out' }).click()
  await choose(page, 'Strides before element 2', '4 strides')
  const distance = page.getByRole('textbox', { name: 'Distance before element 2' })
  await expect(distance).toHaveValue('17.45 m')
  await distance.fill('19.50')
  await distance.blur()
  await expect(distance).toHaveValue('19.50 m')
  await expect(page.locator('td .fit.forward, td .fit.long').first()).toBeVisible()
  await distance.fill('16.00')
  await distance.blur()
  await expect(page.locator('td .fit.tight, td .fit.tooShort').first()).toBeVisible()
  await expect(page.getByText('it was typed so', { exact: false })).toBeVisible()

  // Two distances typed quickly, the first answered last: the second stands.
  let answer = () => {}
  const held = new Promise<void>((free) => (answer = free))
  await page.route('**/api/distance?text=17.00', async (route) => {
    await held
    await route.continue()
  })
  await distance.fill('17.00')
  await distance.blur()
  await distance.fill('15.50')
  await distance.blur()
  await expect(distance).toHaveValue('15.50 m')
  const late = page.waitForResponse('**/api/distance?text=17.00')
  answer()
  await late
  await expect(distance).toHaveValue('15.50 m')

  // By mouse: the fence dragged further away turns the fit, in steps of the tape; one undo takes the drag back.
  await distance.fill('18.00')
  await distance.blur()
  // The drawing has to have moved before the fence is taken hold of.
  await expect(page.locator('td .fit.tight, td .fit.tooShort')).toHaveCount(0)
  const fence = page.getByRole('button', { name: /^Move Upright 60 cm/ })
  const box = (await fence.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2, { steps: 6 })
  await page.mouse.up()
  await expect(page.locator('td .fit.forward, td .fit.long').first()).toBeVisible()
  // To what a tape can set; read once, since the drag may still be coming to rest.
  const twentieths = Number.parseFloat(await distance.inputValue()) * 20
  expect(twentieths).toBeCloseTo(Math.round(twentieths), 6)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(distance).toHaveValue('18.00 m')
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(distance).not.toHaveValue('18.00 m')
  await page.keyboard.press('ControlOrMeta+z')
  await expect(distance).toHaveValue('18.00 m')

  // By keyboard alone: one step of the tape for each arrow.
  await fence.focus()
  await page.keyboard.press('ArrowRight')
  await expect(distance).toHaveValue('18.05 m')

  await distance.fill('16.00')
  await distance.blur()
  await expect(page.getByRole('cell', { name: '16.00 m' }).first()).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('cell', { name: '16.00 m' }).first()).toBeVisible()
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden()
})

test('a set-up goes out as a file and comes in for another horse, and rubbish is told', async ({ page }) => {
  await signIn(page, trainer)
  await openHorse(page, 'Sablewood', 'Set-ups')
  await page.getByRole('heading', { name: 'Grid of 4, to 80 cm' }).getByRole('link').click()
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'File' }).click()
  const path = await (await download).path()
  await newHorse(page, 'Kestrel')
  await openHorse(page, 'Kestrel', 'Set-ups')
  await page.setInputFiles('input[type=file]', {
    name: 'x.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"recipe"}'),
  })
  await expect(page.getByText('This is a recipe, not a set-up.', { exact: false })).toBeVisible()
  await page.setInputFiles('input[type=file]', path)
  await expect(page.getByText('Grid of 4, to 80 cm is kept, measured for Kestrel.')).toBeVisible()
})

test('the handbook’s grid is built stage by stage by keyboard alone', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Keyes')
  await openHorse(page, 'Keyes', 'Set-ups')
  const press = async (role: 'button' | 'link', name: string) => {
    await page.getByRole(role, { name, exact: true }).focus()
    await page.keyboard.press('Enter')
  }
  // By arrows: a list forgets letters typed too slowly, and a busy machine types slowly.
  const pick = async (label: string, begins: string) => {
    const list = page.getByLabel(label, { exact: true })
    const steps = await list.evaluate(
      (s: HTMLSelectElement, word) =>
        [...s.options].findIndex((o) => o.text.toLowerCase().startsWith(word)) - s.selectedIndex,
      begins.toLowerCase(),
    )
    await list.focus()
    for (let n = 0; n < Math.abs(steps); n++) await page.keyboard.press(steps > 0 ? 'ArrowDown' : 'ArrowUp')
  }
  await press('link', 'New set-up')
  await pick('What stands there', 'Fences')
  await expect(page.getByRole('heading', { name: 'Grid of 2, to 60 cm' })).toBeVisible()

  // A cross-pole to keep straight; a small upright; then an exit, and the exit an oxer: each with its stages.
  await press('button', 'Add an element')
  await expect(page.getByRole('heading', { name: 'Grid of 3, to 60 cm' })).toBeVisible()
  await page.getByLabel('Height of element 4').focus()
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('ArrowUp')
  await expect(page.getByRole('heading', { name: 'Grid of 3, to 70 cm' })).toBeVisible()
  await pick('Element 4', 'Ascending')
  await expect(page.getByText('becomes ascending oxer 70 x 80 cm')).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await expect(page.getByText('becomes square oxer 70 x 80 cm')).toBeVisible()
  await pick('Strides before element 3', 'bounce')
  await expect(page.getByRole('listitem').filter({ hasText: 'upright 50 cm added' })).toHaveCount(2)
  await page.getByLabel('Name of the set-up').focus()
  await page.keyboard.type('By keys')
  await press('button', 'Keep')
  await expect(page.getByText('By keys is kept.')).toBeVisible()

  // A grid that does not fit is told at once, and nothing is lost: here its middle stands before the wall.
  await page.getByLabel('Middle, from A').focus()
  await page.keyboard.press('ControlOrMeta+a')
  await page.keyboard.type('1')
  await page.keyboard.press('Tab')
  await expect(page.getByText('It does not fit here', { exact: false }).first()).toBeVisible()
  await press('button', 'Keep')
  await expect(page.getByText('It does not fit the arena here.', { exact: false }).first()).toBeVisible()
  await press('button', 'Undo')
  await expect(page.getByText('It does not fit here', { exact: false })).toHaveCount(0)
})

test('paper has the figures of the screen: the tape sheet and the moves', async ({ page }) => {
  await signIn(page, trainer)
  await openHorse(page, 'Sablewood', 'Set-ups')
  await page.getByRole('heading', { name: 'Grid of 4, to 80 cm' }).getByRole('link').click()
  const read = page.locator('section[data-on=card] table td:nth-child(2) strong')
  await expect(read).toHaveCount(5)
  const screen = await read.allTextContents()
  await page.evaluate(() => (window.print = () => undefined))

  await page.getByRole('button', { name: 'Tape sheet' }).click()
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('heading', { name: /^Tape sheet: Grid of 4/ })).toBeVisible()
  expect(await page.locator('section[data-on=tape] td:first-child strong').allTextContents()).toEqual(screen)
  await expect(page.getByRole('cell', { name: '4 poles, 4 wings, 6 cups' })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Build it up' })).toBeHidden()

  await page.emulateMedia({ media: 'screen' })
  await onlyThese(page, ['Sablewood', 'Tarn Lark', 'Old Verity'])
  await expect(page.locator('section[data-on=moves] ol li')).toHaveCount(3)
  const first = await page.locator('section[data-on=moves] ol li').first().textContent()
  await page.getByRole('button', { name: 'Print the moves' }).click()
  await page.emulateMedia({ media: 'print' })
  await expect(page.locator('section[data-on=moves] ol li').first()).toHaveText(first!)
  await expect(page.getByRole('heading', { name: /^Tape sheet/ })).toBeHidden()
})
