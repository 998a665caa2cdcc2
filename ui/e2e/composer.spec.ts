import { choose, expect, newHorse, openPart, signIn, test, trainer } from './yard'

/** A session thought out: proposed, from the trade, copied, mended. */

test('a session is proposed, mended at one stroke, reordered by keys and kept with a word', async ({
  page,
}) => {
  await signIn(page, trainer)
  await newHorse(page, 'Vetch plan')
  const season = page.url().replace('passport', 'season/new?on=2026-04-20')
  await page.goto(season)
  await choose(page, 'Work on', 'Flatwork')
  await page.getByRole('button', { name: 'Propose a session' }).click()
  await expect(page.getByRole('heading', { name: 'Nothing to mend' })).toBeVisible()
  await page.getByRole('button', { name: 'Why this part?' }).first().click()
  await expect(page.getByText('Walk first, loose, both reins')).toBeVisible()
  await page.keyboard.press('Escape')

  await openPart(page, 1)
  await openPart(page, 2)
  const walk = page.getByLabel('Minutes of part 1', { exact: true })
  await walk.fill('4')
  await page.getByRole('button', { name: 'Add 3 minutes of walk first' }).click()
  await expect(walk).toHaveValue('7')
  await expect(page.getByRole('heading', { name: 'Nothing to mend' })).toBeVisible()

  // What is typed as a mend is pressed stays: the mend is of what stands there, and not of what was checked before.
  const trot = page.getByLabel('Minutes of part 2', { exact: true })
  const trotBefore = await trot.inputValue()
  await walk.fill('4')
  const mend = page.getByRole('button', { name: 'Add 3 minutes of walk first' })
  await expect(mend).toBeVisible()
  await trot.fill('6')
  await mend.click()
  await expect(walk).toHaveValue('7')
  await expect(trot).toHaveValue('6')
  await trot.fill(trotBefore)
  await expect(page.getByRole('heading', { name: 'Nothing to mend' })).toBeVisible()

  // Up and down by keys, and the handle keeps the focus.
  const second = await page.getByLabel('What is done in part 2', { exact: true }).inputValue()
  await page.getByLabel(/^Move part 2/).focus()
  await page.keyboard.press('ArrowUp')
  await expect(page.getByLabel('What is done in part 1', { exact: true })).toHaveValue(second)
  await expect(page.getByText('Only 0 minutes of walk come first.')).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await expect(page.getByLabel('What is done in part 2', { exact: true })).toHaveValue(second)

  // A soft fault stays, with a word.
  await walk.fill('5')
  await walk.blur()
  await expect(page.getByText('Only 5 minutes of walk come first.')).toBeVisible()
  await page.getByRole('button', { name: 'It stays' }).click()
  await page.getByLabel('Because').fill('hacked here')
  await page.getByRole('button', { name: 'Keep it so' }).click()
  await expect(page.getByText('Stays: hacked here.')).toBeVisible()
  await page.getByRole('button', { name: 'Keep the session' }).click()
  await expect(page.getByText('Planned for Monday 20 April.')).toBeVisible()
})

test('a session of the trade is started from, made to fit, and copied for another day', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Vetch trade')
  await page.goto(page.url().replace('passport', 'season/new?on=2026-04-18'))
  await page.getByText('One of ours, or of the trade').click()
  await choose(page, 'Session', 'First fences')
  await expect(page.getByText('Poles are easy, canter is calm, someone is there')).toBeVisible()
  await page.getByRole('button', { name: 'Start from it' }).click()
  await expect(page.getByLabel('The one thing of the day')).toHaveValue('One cross-pole, both reins')
  await expect(page.getByLabel('A helper on the ground')).toBeChecked()

  // Without a helper there is no fence; the mend is to have one, or to leave it out.
  await page.getByLabel('A helper on the ground').uncheck()
  await expect(page.getByText('There is a fence in this session and nobody on the ground.')).toBeVisible()
  await page.getByRole('button', { name: 'Take the fences out' }).click()
  await expect(page.getByText('There is a fence in this session')).toBeHidden()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('There is a fence in this session and nobody on the ground.')).toBeVisible()
  await page.getByRole('button', { name: 'Someone will be on the ground' }).click()
  await page.getByRole('button', { name: 'Keep the session' }).click()
  await expect(page.getByText('Planned for Saturday 18 April.')).toBeVisible()

  // What it builds stands ready, and the session can be copied.
  await page.getByRole('link', { name: 'Set-ups' }).click()
  await expect(page.getByRole('heading', { name: 'From trot, both reins' })).toBeVisible()
  await page.goto(page.url().replace('set-ups', 'season/new?on=2026-04-22'))
  await page.getByText('One it has done').click()
  await choose(page, 'Copy', 'Sat 18 Apr: One cross-pole, both reins')
  await expect(page.getByRole('button', { name: /^Part 4: Cross-pole from trot, both reins/ })).toBeVisible()
  await expect(page.getByLabel('Day', { exact: true })).toHaveValue('22 Apr 2026')
})

test('a session worth having again is kept as one of ours, and started from with another horse', async ({
  page,
}) => {
  await signIn(page, trainer)
  await newHorse(page, 'Vetch Ours')
  await page.goto(page.url().replace('passport', 'season/new?on=2026-04-20'))
  await page.getByLabel('The one thing of the day').fill('Quiet circles')
  await page.getByRole('button', { name: 'Keep it as one of ours' }).click()
  await expect(page.getByLabel('What it is called')).toHaveValue('Quiet circles')
  await page.getByLabel('When it is the right one').fill('a windy day')
  await page.getByRole('button', { name: 'Keep it', exact: true }).click()
  await expect(page.getByText(/Quiet circles is one of ours/)).toBeVisible()

  await newHorse(page, 'Vetch Other')
  await page.goto(page.url().replace('passport', 'season/new?on=2026-04-21'))
  await page.getByText('One of ours, or of the trade').click()
  await choose(page, 'Session', 'Quiet circles (ours)')
  await expect(page.getByText('a windy day')).toBeVisible()
  await page.getByRole('button', { name: 'Start from it' }).click()
  await expect(page.getByLabel('The one thing of the day')).toHaveValue('Quiet circles')
  await expect(page.getByLabel('Day', { exact: true })).toHaveValue('21 Apr 2026')
  await page.getByRole('button', { name: 'Take it off the list' }).click()
  await expect(page.getByText('Quiet circles is off the list.')).toBeVisible()
})
