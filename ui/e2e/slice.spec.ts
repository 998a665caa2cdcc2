import { choose, expect, newHorse, openHorse, signIn, test, trainer, typeDay } from './yard'

test.use({ ownBrowser: true })

test('from a new horse to a ridden, judged session and the next one', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Hazelmere')
  await expect(page.getByText('novice mare, 8 years')).toBeVisible()

  // A stride no horse has is refused with what would be believable, and what was typed stays.
  await page.getByLabel('Strip, metres').fill('30')
  await page.getByLabel('Seconds').fill('8.2')
  await page.getByLabel('Counted').fill('10')
  await page.getByRole('button', { name: 'Add to the card' }).click()
  await expect(page.getByText('trot stride of 6.00 m')).toBeVisible()
  await expect(page.getByText('1.4-4.5 m')).toBeVisible()
  await expect(page.getByLabel('Strip, metres')).toHaveValue('30')
  await page.getByLabel('Counted').fill('21')
  await page.getByRole('button', { name: 'Add to the card' }).click()
  const trot = page.getByRole('row', { name: /Working trot/ })
  await expect(trot).toContainText('2.84 m')
  await expect(trot).toContainText('1 measured')
  await trot.getByRole('button', { name: /Why/ }).click()
  await expect(page.getByText('30 m in 10.5 strides')).toBeVisible()
  await page.keyboard.press('Escape')

  await page.getByRole('link', { name: 'Aims' }).click()
  await page.getByLabel('Competition').fill('Marlwick spring show')
  await typeDay(page, 'Day', '16 May 2026')
  await page.getByLabel('Level').fill('Novice')
  await page.getByLabel('Height, metres').fill('0.9')
  await page.getByRole('button', { name: 'Add the aim' }).click()
  await expect(page.getByText('This is empty.')).toBeVisible()
  await page.getByLabel('Scheme').fill('Marlwick league')
  await page.getByRole('button', { name: 'Add the aim' }).click()
  await expect(page.locator('.aim')).toContainText('28')

  // Poles from this horse's own stride; changing a number redraws at once.
  await page.getByRole('link', { name: 'Set-ups' }).click()
  await page.getByRole('link', { name: 'New set-up' }).click()
  await expect(page.getByRole('heading', { name: '4 trot poles at 1.40 m' })).toBeVisible()
  await page.getByRole('spinbutton', { name: 'Poles' }).fill('3')
  await expect(page.getByRole('heading', { name: '3 trot poles at 1.40 m' })).toBeVisible()
  const sheet = page.getByRole('table').filter({ hasText: 'Tape reads' })
  await expect(sheet.getByRole('row').last()).toContainText('2.80 m')
  await page.getByText('Feet', { exact: true }).click()
  await expect(sheet.getByRole('row').last()).toContainText(`9' 2"`)
  await choose(page, 'What stands there', 'Cross-pole from trot')
  await expect(
    page.getByRole('heading', { name: /Cross-pole 50 cm, placing pole at 2\.\d\d m/ }),
  ).toBeVisible()
  await expect(page.getByText('Never jump alone')).toBeVisible()
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByRole('link', { name: 'Plan a session with it' })).toBeVisible()

  // A fence without a helper cannot be planned.
  await page.getByRole('link', { name: 'Plan a session with it' }).click()
  await page.getByLabel('The one thing of the day').fill('First cross-pole')
  await page.getByRole('button', { name: 'Keep the session' }).click()
  await expect(page.getByText('nobody on the ground').first()).toBeVisible()
  await page.getByLabel('A helper on the ground').check()
  await expect(page.getByRole('heading', { name: 'Nothing to mend' })).toBeVisible()
  await page.getByRole('button', { name: 'Keep the session' }).click()
  await expect(page.getByRole('link', { name: /First cross-pole/ })).toBeVisible()

  // Written up from Today: it ran out to the left once.
  await page.goto('/')
  const row = page.getByRole('listitem').filter({ hasText: 'Hazelmere' }).first()
  await row.getByRole('link', { name: 'Write up' }).click()
  await expect(page.getByLabel('Minutes of walk, left rein')).not.toHaveValue('')
  await page.getByRole('button', { name: 'Clear, left rein, one more' }).click()
  await page.getByRole('button', { name: 'Ran out left, left rein, one more' }).click()
  await page.getByRole('button', { name: 'Clear, right rein, one more' }).dblclick()
  await page.getByLabel('Walk to trot').fill('9')
  await choose(page, '◀ Mark, left rein', '5.5')
  await choose(page, 'Mark, right rein ▶', '7')
  await page.getByRole('button', { name: 'Keen', exact: true }).click()
  await page.getByRole('button', { name: 'Yes, passed' }).click()

  // Closing the page in the middle loses nothing.
  await page.reload()
  await expect(page.getByLabel('Walk to trot')).toHaveValue('9')
  await page.getByRole('button', { name: 'Write it down' }).click()

  await expect(page.getByText('Guide poles on both sides at once')).toBeVisible()
  await expect(page.getByText('ran out once')).toBeVisible()
  await expect(page.getByText('24 % better to the right')).toBeVisible()
  await page.getByRole('button', { name: 'Accept, and make the next session' }).click()
  await expect(page.getByText(/Next session.*Monday 20 April/)).toBeVisible()
  await expect(page.getByText('10 cm down')).toBeVisible()

  // A slip is taken back by another line; both stay to be seen.
  await page.getByText('As it was written down').click()
  const slip = page.getByRole('listitem').filter({ hasText: 'Walk to trot: 9' })
  await slip.getByRole('button', { name: 'Take back' }).click()
  await expect(slip).toContainText('taken back')

  await page.goto('/')
  const today = page.getByRole('listitem').filter({ hasText: 'Hazelmere' }).first()
  await expect(today).toContainText('Next: Mon 20 Apr')
  await expect(today.getByRole('link', { name: 'Review' })).toBeVisible()
})

test('advice is overruled with a word, and both stay', async ({ page }) => {
  await signIn(page, trainer)
  await openHorse(page, 'Brannoc', 'Review')
  await expect(page.getByText('Stop that work').first()).toBeVisible()
  await page.getByRole('button', { name: 'I see it otherwise' }).click()
  await page.getByRole('button', { name: 'Overrule' }).click()
  await expect(page.getByText('A word why is missing.')).toBeVisible()
  await page.getByLabel('Why do you see it otherwise?').fill('The flies, not the work.')
  await page.getByRole('button', { name: 'Overrule' }).click()
  await expect(page.getByText('“The flies, not the work.”')).toBeVisible()
  await expect(page.getByText('Stop that work').first()).toBeVisible()
})

test('a held horse is not planned for, and its hold cannot be overruled', async ({ page }) => {
  await signIn(page, trainer)
  const row = page.getByRole('listitem').filter({ hasText: 'Pipit' }).first()
  await expect(row).toContainText('No work of any kind until a vet clears it')
  await expect(row.getByRole('link', { name: 'Write up' })).toHaveCount(0)
  await openHorse(page, 'Pipit', 'Review')
  await expect(page.getByText('This cannot be overruled')).toBeVisible()
  await expect(page.getByRole('button', { name: 'I see it otherwise' })).toHaveCount(0)
})

test('two people on one horse: the later one sees both and chooses', async ({ page, browser }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Doubled')
  await page.getByRole('button', { name: 'Edit' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Notes').fill('Mine: quick to the left.')

  const other = await (await browser.newContext()).newPage()
  await signIn(other, trainer)
  await openHorse(other, 'Doubled')
  await other.getByRole('button', { name: 'Edit' }).click()
  await other.getByRole('dialog').getByLabel('Notes').fill('Theirs: slow to the right.')
  await other.getByRole('dialog').getByRole('button', { name: 'Keep' }).click()
  await expect(other.getByText('Theirs: slow to the right.')).toBeVisible()

  await dialog.getByRole('button', { name: 'Keep' }).click()
  const choice = page.getByRole('dialog').filter({ hasText: 'Someone else has changed this' })
  await expect(choice).toContainText('Theirs: slow to the right.')
  await expect(choice).toContainText('Mine: quick to the left.')
  await choice.getByRole('button', { name: 'Keep mine' }).click()
  await expect(page.getByText('Mine: quick to the left.').first()).toBeVisible()
  await other.context().close()
})
