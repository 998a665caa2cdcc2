import type { Page } from '@playwright/test'
import { canBeReadByEveryone, choose, expect, newHorse, openHorse, signIn, test, trainer } from './yard'

/** Courses, the first things of a jumping horse, and a grid built up in the trainer's own order. */

async function workshop(page: Page, horse: string) {
  await signIn(page, trainer)
  await newHorse(page, horse)
  await openHorse(page, horse, 'Set-ups')
  await page.getByRole('link', { name: 'New set-up' }).click()
}
const type = async (page: Page, label: string, value: string) => {
  await page.getByLabel(label, { exact: true }).fill(value)
  await page.getByLabel(label, { exact: true }).blur()
}

test('a course is numbered, ridden on a way and timed, and moves by the keys', async ({ page }) => {
  await workshop(page, 'Larch Round')
  await choose(page, 'What stands there', 'Course')
  await expect(page.getByRole('heading', { name: 'Course of 3 fences, to 60 cm' })).toBeVisible()
  const line = (name: string) => page.getByRole('row', { name: new RegExp(`^${name} `) }).first()
  await expect(line('1 to 2')).toContainText('4 strides')
  await expect(line('2 to 3')).toContainText('to the right')

  // Half a metre nearer by the arrow keys, and the line is shorter by as much.
  await expect(line('1 to 2')).toContainText('18.00')
  await page.getByRole('button', { name: /^Move fence 2/ }).focus()
  await page.keyboard.press('ArrowLeft')
  await expect(line('1 to 2')).toContainText('17.50')
  await page.getByRole('main').getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(line('1 to 2')).toContainText('18.00')

  // The second becomes a part of the first: 1a and 1b.
  await page.getByLabel('Fence 2 belongs to the one before').check()
  await expect(line('1a to 1b')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Course of 2 fences, to 60 cm' })).toBeVisible()

  // Whoever comes rides the same fences in its own count; nothing is moved for anybody.
  await expect(page.getByRole('columnheader', { name: '1a to 1b' })).toBeVisible()
  await expect(page.getByText(/Order that moves it least/)).toBeHidden()
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByText('Course of 2 fences, to 60 cm is kept.')).toBeVisible()
  await canBeReadByEveryone(page)
})

test('a field has its size and its going, and a step out of water counts its depth', async ({ page }) => {
  await workshop(page, 'Larch Water')
  await choose(page, 'What stands there', 'Course')
  await choose(page, 'It stands in', 'a field')
  await choose(page, 'Fence 1', 'Step up')
  await type(page, 'Height of fence 1', '30')
  await type(page, 'Depth of the water at fence 1', '20')
  await page.getByRole('button', { name: 'Take fence 3 out' }).click()
  await page.getByRole('button', { name: 'Take fence 2 out' }).click()
  await expect(page.getByRole('heading', { name: 'Course of 1 fence, to 50 cm' })).toBeVisible()
  await choose(page, 'Going', 'Frozen')
  await expect(page.getByText('no jumping and no fast work on it', { exact: false })).toBeVisible()

  // A log does not stand in an arena: refused in words, and nothing typed is lost.
  await choose(page, 'It stands in', 'the arena, 60 x 20')
  await expect(page.getByText('That does not stand in an arena.', { exact: false }).first()).toBeVisible()
  await choose(page, 'It stands in', 'a field')
  await expect(page.getByRole('heading', { name: 'Course of 1 fence, to 50 cm' })).toBeVisible()
})

test('empty wings first, a cross-pole alone or with its placing pole', async ({ page }) => {
  await workshop(page, 'Larch First')
  await choose(page, 'What stands there', 'Empty wings, pole between')
  await expect(page.getByText('Carry out 1 pole, 2 wings.')).toBeVisible()
  await choose(page, 'What stands there', 'Cross-pole from trot')
  await expect(page.getByRole('heading', { name: 'Cross-pole 50 cm', exact: true })).toBeVisible()
  await choose(page, 'What stands there', 'Cross-pole, placing pole')
  await expect(page.getByRole('heading', { name: /Cross-pole 50 cm, placing pole at/ })).toBeVisible()
  await choose(page, 'Poles of', 'Plastic')
  await choose(page, 'Cups', 'Flat: a rail rolls at a touch')
  await expect(page.getByText(/Carry out 5 plastic poles, 2 wings, 2 flat cups/)).toBeVisible()
})

test('stages are left out and put in another order; one that cannot follow says why', async ({ page }) => {
  await workshop(page, 'Larch Stages')
  await choose(page, 'What stands there', 'Fences: grid or line')
  const card = page.locator('section', { has: page.getByRole('heading', { name: 'Build it up' }) })
  const stages = card.getByRole('listitem')
  await expect(stages).toHaveCount(4)
  await page.getByRole('button', { name: 'Leave stage 4 out' }).click()
  await expect(stages).toHaveCount(3)
  await page.getByRole('button', { name: 'Stage 3 earlier' }).click()
  await expect(page.getByText('there would be no distance to set', { exact: false }).first()).toBeVisible()
  await page.getByRole('main').getByRole('button', { name: 'Undo', exact: true }).click()
  await page.getByRole('button', { name: 'The usual stages again' }).click()
  await expect(stages).toHaveCount(4)
})

test('each pole at its own height, each distance typed', async ({ page }) => {
  await workshop(page, 'Larch Poles')
  await choose(page, 'They lie', 'Both ends raised')
  await page.getByLabel('Each at its own height').check()
  await type(page, 'Pole 3', '15')
  await expect(page.getByRole('heading', { name: /raised 10 to 15 cm/ })).toBeVisible()
  await page.getByLabel('Type each distance').check()
  await type(page, 'From pole 2 to 3', '1.25')
  await expect(page.getByRole('heading', { name: /4 trot poles, 1\.25 m to/ })).toBeVisible()
})
