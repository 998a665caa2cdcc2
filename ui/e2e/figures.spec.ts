import { choose, expect, newHorse, openHorse, signIn, test, trainer } from './yard'

async function begin(page: import('@playwright/test').Page, horse: string) {
  await signIn(page, trainer)
  await newHorse(page, horse)
  await openHorse(page, horse, 'Set-ups')
  await page.getByRole('link', { name: 'New set-up' }).click()
}

test('a figure is measured: nine twos fit a working canter, eleven do not', async ({ page }) => {
  await begin(page, 'Tempest')
  await choose(page, 'What stands there', 'Figure of the school')
  await expect(page.getByRole('heading', { name: 'Circle of 20 m, working trot' })).toBeVisible()
  await expect(page.getByText('62.8 m')).toBeVisible()
  await expect(page.getByText('19 mm')).toBeVisible()

  await choose(page, 'Figure', 'Changes in sequence')
  await choose(page, 'Ridden in', 'Working canter')
  for (const [changes, says] of [
    ['9', 'They fit'],
    ['11', 'They do not fit'],
  ] as const) {
    await page.getByLabel('Changes', { exact: true }).fill(changes)
    await page.getByLabel('Every so many strides').fill('2')
    await page.getByLabel('Every so many strides').blur()
    await expect(page.getByRole('heading', { name: says, exact: true })).toBeVisible()
  }

  // The other rein begins at F instead of K; undo takes it back.
  await expect(page.getByRole('cell', { name: 'Begins at K' })).toBeVisible()
  await page.getByRole('button', { name: 'Other rein' }).click()
  await expect(page.getByRole('cell', { name: 'Begins at F' })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('cell', { name: 'Begins at K' })).toBeVisible()
})

test('a bending line tells the ridden way and the straight tape, and turns with the keys', async ({
  page,
}) => {
  await begin(page, 'Willow Bend')
  await choose(page, 'What stands there', 'Fences: grid or line')
  await choose(page, 'They are', 'A related line')
  await choose(page, 'Come to in', 'Canter')
  await page.getByRole('button', { name: 'Take element 1 out' }).click()
  await choose(page, 'Strides before element 2', '5 strides')
  await choose(page, 'Line', 'Centre line')
  await page.getByLabel('Bends by, degrees').fill('45')
  await page.getByLabel('Bends by, degrees').blur()
  await expect(page.getByRole('heading', { name: 'Along the curve' })).toBeVisible()
  await expect(page.getByRole('row', { name: /a metre inside/ })).toBeVisible()

  // As a whole by the arrow keys: a half metre along, a line across.
  const whole = page.getByRole('button', { name: /^Move Bending line .* in the arena/ })
  await whole.focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByLabel('Middle, from A')).toHaveValue('30.50 m')
  await page.keyboard.press('ArrowDown')
  await expect(page.getByLabel('Line', { exact: true }).locator('option:checked')).toHaveText(
    'Quarter line, F side',
  )

  // Closer and back by the keys of the drawing.
  const drawing = page.getByRole('group', { name: /^Drawing: plus and minus/ }).first()
  const box = () => drawing.locator('svg').first().getAttribute('viewBox')
  const far = await box()
  await drawing.focus()
  await page.keyboard.press('+')
  expect(await box()).not.toBe(far)
  await page.keyboard.press('0')
  expect(await box()).toBe(far)
})

test('what stands tonight is checked together, and the kit against the yard’s', async ({ page }) => {
  await signIn(page, trainer)
  await page.goto('/')
  await page.getByRole('link', { name: 'Arena', exact: true }).click()
  await expect(page.getByText('stands in the way to or from', { exact: false })).toHaveCount(3)
  await expect(page.getByText('Short in this yard', { exact: false })).toBeVisible()
  const corridor = page.getByRole('checkbox', { name: /Corridor of 3/ })
  await corridor.click()
  await expect(page.getByText('They stand clear of one another', { exact: false })).toBeVisible()
  await corridor.click()
  await expect(page.getByText('stands in the way to or from', { exact: false })).toHaveCount(3)

  await page.goto('/yard-book')
  await page.getByLabel('Wings', { exact: true }).fill('30')
  await page.getByLabel('Wings', { exact: true }).blur()
  await page.getByRole('button', { name: 'Keep the kit' }).click()
  await expect(page.getByText('The kit is written down.')).toBeVisible()
  await page.goto('/arena')
  await expect(page.getByText('Short in this yard: 4 poles.', { exact: false })).toBeVisible()
})

test('a zigzag, a corridor and a copy: poles laid other ways', async ({ page }) => {
  await begin(page, 'Alder')
  await choose(page, 'Laid', 'In a zigzag')
  await expect(page.getByText('the ends meet', { exact: false })).toBeVisible()
  await page.getByLabel('Distance', { exact: true }).fill('4\'6"')
  await page.getByLabel('Distance', { exact: true }).blur()
  await expect(page.getByLabel('Distance', { exact: true })).toHaveValue('1.35 m')
  await choose(page, 'What stands there', 'Corridor of poles')
  await expect(page.getByRole('cell', { name: /^Halt 1, after \d steps; 3 back/ })).toBeVisible()
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByText(/Corridor of 2, .* is kept/)).toBeVisible()

  // A second version, and the first brought back.
  await page.getByLabel('Poles on each side').fill('4')
  await page.getByLabel('Poles on each side').blur()
  await expect(page.getByRole('heading', { name: /^Corridor of 4/ })).toBeVisible()
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await page.getByRole('button', { name: 'Bring back' }).click()
  await expect(page.getByRole('heading', { name: /^Corridor of 2/ })).toBeVisible()
})

test('a square of poles is set in whole steps and ridden three ways', async ({ page }) => {
  await begin(page, 'Quince')
  await choose(page, 'What stands there', 'Square of poles')
  await expect(
    page.getByRole('heading', { name: 'Square of four poles, 3 steps a side, straight through' }),
  ).toBeVisible()
  const drawing = page.getByRole('group', { name: /Square of four poles/ })
  const side = Number(/[\d.]+/.exec((await drawing.getByText('from pole to pole').textContent())!)![0])
  await choose(page, 'The way', 'On the diagonal')
  await expect(page.getByRole('heading', { name: /on the diagonal/ })).toBeVisible()
  // Pythagoras: side times the root of two.
  await expect(drawing.getByText(`${(side * Math.SQRT2).toFixed(2)} m in`)).toBeVisible()
  await choose(page, 'The way', 'Round a corner')
  await expect(page.getByRole('cell', { name: /^Second pole, .* to the right/ })).toBeVisible()
  await page.getByRole('button', { name: 'Other rein' }).click()
  await expect(page.getByRole('cell', { name: /^Second pole, .* to the left/ })).toBeVisible()
  await page.getByRole('spinbutton', { name: 'Steps a side' }).fill('1')
  await page.getByRole('spinbutton', { name: 'Steps a side' }).blur()
  await expect(page.getByText('1 step would leave no open corner: it is set for 3 steps.')).toBeVisible()
})

test('the rider of a fan is dragged between its ends: the step shortens towards the centre', async ({
  page,
}) => {
  await signIn(page, trainer)
  await openHorse(page, 'Tarn Lark', 'Set-ups')
  await page
    .getByRole('heading', { name: /^Fan of 4/ })
    .getByRole('link')
    .click()
  const where = page.getByRole('slider', { name: 'Ridden from the centre, in the drawing' })
  await expect(where).toHaveAttribute('aria-valuenow', '8')
  await where.focus()
  for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowDown')
  await expect(where).toHaveAttribute('aria-valuetext', /^6\.50 m: step .* too short$/)

  // By mouse to the outer ends of the poles, where the step is long.
  const rider = (await where.locator('circle').boundingBox())!
  await page.mouse.move(rider.x + rider.width / 2, rider.y + rider.height / 2)
  await page.mouse.down()
  await page.mouse.move(rider.x + rider.width / 2, rider.y - 300, { steps: 5 })
  await page.mouse.up()
  await expect(where).toHaveAttribute('aria-valuetext', /^9\.50 m: step .* long$/)
})

test('a set-up is dragged in the arena to another line, and the wheel looks closer once it is held', async ({
  page,
}) => {
  await begin(page, 'Drover')
  const whole = page.getByRole('button', { name: /^Move 4 trot poles .* in the arena/ })
  await whole.scrollIntoViewIfNeeded()
  const arena = (await page.locator('svg.arena').boundingBox())!
  // From the quarter line on the K side to the one on the F side: ten of the drawing's metres.
  const metre = arena.width / 66.8
  const [x, y] = [arena.x + (30 + 3.4) * metre, arena.y + (5 + 3.4) * metre]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x + 6 * metre, y + 10 * metre, { steps: 5 })
  await page.mouse.up()
  await expect(page.getByLabel('Line', { exact: true }).locator('option:checked')).toHaveText(
    'Quarter line, F side',
  )
  await expect(page.getByLabel('Middle, from A')).toHaveValue('36.00 m')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('Middle, from A')).toHaveValue('30.00 m')

  const box = () => page.locator('svg.arena').getAttribute('viewBox')
  const far = await box()
  await whole.focus()
  await page.mouse.move(arena.x + arena.width / 2, arena.y + arena.height / 2)
  await page.mouse.wheel(0, -200)
  await expect.poll(box).not.toBe(far)
})

test('what the vet has ruled out is said at once, while a set-up is still being thought about', async ({
  page,
}) => {
  await signIn(page, trainer)
  await openHorse(page, 'Brannoc', 'Set-ups')
  await page.getByRole('link', { name: 'New set-up' }).click()
  await expect(page.getByRole('heading', { name: /trot poles/ })).toBeVisible()
  await expect(page.getByText('Brannoc does not come to this', { exact: false })).toHaveCount(0)
  await choose(page, 'What stands there', 'Fences: grid or line')
  await expect(page.getByText(/^Brannoc does not come to this: Iva Sorrel, vet: no canter/)).toBeVisible()
})
