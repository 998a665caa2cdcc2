import type { Page } from '@playwright/test'
import {
  begin,
  caller,
  coreStands,
  gait,
  next,
  review,
  rideAway,
  sessionOnTablet,
  type Made,
} from './recorder'
import { expect, test } from './yard'

test.use({ ownBrowser: true, serviceWorkers: 'allow' })

/** "Do it" changes what follows in this ride: sheet, pads, drawing and record know it from that tap on, without a signal. */

const line = (page: Page) => page.getByRole('alert', { name: 'Advice now' })
const key = (page: Page, name: string | RegExp) => page.getByRole('button', { name })
const doIt = (page: Page) => line(page).getByRole('button', { name: 'Do it' }).click()
/** The ride as the server has it, once it has all that was tapped. */
async function settled(page: Page, made: Made, arrived: (r: Awaited<ReturnType<typeof review>>) => boolean) {
  await expect.poll(async () => arrived(await review(page, made))).toBe(true)
  return review(page, made)
}
const plan = (page: Page) => page.getByRole('region', { name: 'The plan' })

test('what is done at the rail stands from that tap on', async ({ page, context }) => {
  const made = await sessionOnTablet(page, 'Burnet Away')
  await rideAway(page, context, made)
  await begin(page).click()
  await next(page).click()
  await gait(page, 'Trot').click()
  await key(page, /Left rein/).click()

  // Rushed: the poles are rebuilt for walk, on their new tape line.
  await key(page, /^Rushed/).click()
  await doIt(page)
  await key(page, 'Set-up').click()
  await expect(page.getByRole('heading', { name: /Rebuilt: 4 walk poles at 0.95 m/ })).toBeVisible()
  await expect(page.getByRole('cell', { name: '0.95 m' }).first()).toBeVisible()
  await key(page, 'Back to the ride').click()
  await expect(plan(page)).toContainText('Rebuilt: 4 walk poles at 0.95 m')

  // Put off, the line stays in sight until it is done.
  await next(page).click()
  await gait(page, 'Canter').click()
  await page.getByRole('button', { name: 'Stop', exact: true }).click()
  await line(page).getByRole('button', { name: 'Not now' }).click()
  await expect(line(page)).toBeHidden()
  const putOff = page.getByRole('list', { name: 'Not now' })
  await expect(putOff).toContainText('Make it one it can walk over.')
  await putOff.getByRole('button', { name: 'Do it now' }).click()
  await expect(putOff).toBeHidden()

  // Tired: the cool-down begins.
  await page.getByRole('tab', { name: 'Signs' }).click()
  await key(page, 'Tired').click()
  await doIt(page)
  await expect(page.getByText('Part 4 of 4')).toBeVisible()
  await expect(plan(page)).toContainText('Walk on a long rein')

  await context.setOffline(false)
  await expect(page.getByText('All sent')).toBeVisible()
  const { record } = await review(page, made)
  const stood = record.rail.stood.map((s: { part: number; setUp: object }) => [s.part, s.setUp])
  expect(stood).toEqual([
    [1, expect.objectContaining({ family: 'poleLine', variant: 'walkMedium', raising: 'ground' })],
    [2, expect.objectContaining({ family: 'crossPole', heightMetres: 0.2 })],
  ])
})

test('a fall takes the fences out of what is left', async ({ page }) => {
  const made = await sessionOnTablet(page, 'Burnet Down')
  await page.goto(made.rail)
  await coreStands(page)
  await begin(page).click()
  await page.getByRole('button', { name: 'Fall', exact: true }).click()
  await page.getByRole('button', { name: 'Rider', exact: true }).click()
  await line(page).getByRole('button', { name: 'Seen to' }).click()
  await next(page).click()
  await next(page).click()
  await expect(plan(page)).toContainText('Flatwork it does well')
  await expect(page.getByRole('tab', { name: 'Fence' })).toBeHidden()
})

test('a distance is moved, and the budget ends the jumping, all without a signal', async ({
  page,
  context,
}) => {
  const made = await sessionOnTablet(page, 'Burnet Moved')
  await rideAway(page, context, made)
  await begin(page).click()
  await next(page).click()
  await next(page).click()
  // Struggles: a foot more. Long and flat after that: half of it back.
  await page.getByRole('tab', { name: 'Signs' }).click()
  await key(page, 'Struggled, added a stride').click()
  await doIt(page)
  await key(page, 'Long and flat').click()
  await doIt(page)
  await page.getByRole('tab', { name: 'Fence' }).click()
  // A low cross-pole counts half against the budget.
  for (let n = 0; n < 40; n++) {
    if (await line(page).getByText('Enough jumping').isVisible()) break
    if (await line(page).isVisible()) await line(page).getByRole('button', { name: 'Not now' }).click()
    await key(page, /^Clear/).click()
  }
  await expect(line(page)).toContainText('Enough jumping for today.')
  await doIt(page)
  await expect(plan(page)).toContainText('Flatwork it does well')
  await expect(page.getByRole('tab', { name: 'Fence' })).toBeHidden()

  await context.setOffline(false)
  const { record } = await settled(
    page,
    made,
    (r) => r.record?.rail.ended === null && r.record.efforts.left.all > 0,
  )
  expect(record.rail.stood).toEqual([expect.objectContaining({ part: 2, instead: 'flatwork' })])
})

test('all touches on one rein: the poles are out of what is left, without a signal', async ({
  page,
  context,
}) => {
  const made = await sessionOnTablet(page, 'Burnet Touched')
  await rideAway(page, context, made)
  await begin(page).click()
  await next(page).click()
  await gait(page, 'Trot').click()
  await key(page, /Left rein/).click()
  await key(page, /^Clean/).click()
  await key(page, /Right rein/).click()
  for (let n = 0; n < 4; n++) await key(page, /^Touched/).click()
  await expect(line(page)).toContainText('All its touches are on one rein: leave the poles.')
  await doIt(page)
  await expect(plan(page)).toContainText('Flatwork it does well')

  await context.setOffline(false)
  const { record } = await settled(page, made, (r) => r.record?.rail.stood.length === 2)
  expect(record.rail.stood.map((s: { part: number; instead: string }) => [s.part, s.instead])).toEqual([
    [1, 'flatwork'],
    [2, 'flatwork'],
  ])
})

test('changes that boil over become simple changes, without a signal', async ({ page, context }) => {
  const { horseId } = await sessionOnTablet(page, 'Burnet Changes')
  const call = caller(page)
  const rungId = 'changes/single-change'
  await call('POST', `${horseId}/ladders/moves`, { strand: 'changes', rungId, word: 'schooled elsewhere' })
  await call('POST', `${horseId}/ladders/moves`, {
    strand: 'flatwork',
    rungId: 'flatwork/collected-gaits',
    word: 'schooled elsewhere',
  })
  const part = (phase: string, gait: string, more = {}) => ({
    phase,
    what: gait,
    gait,
    rein: 'both',
    minutes: 12,
    ...more,
  })
  const kept = await call('POST', `${horseId}/sessions`, {
    on: '2026-04-18',
    emphasis: 'Single changes',
    manner: 'ridden',
    parts: [
      part('warmUp', 'walk'),
      part('work', 'canter', { what: 'Single changes', rungId }),
      part('coolDown', 'walk'),
    ],
  })
  const made = { horseId, sessionId: kept.id, rail: `/horses/${horseId}/rail/${kept.id}` }
  await rideAway(page, context, made)
  await begin(page).click()
  await next(page).click()
  await gait(page, 'Canter').click()
  await page.getByRole('tab', { name: 'Changes' }).click()
  await key(page, 'To the left: late').click()
  await page.getByRole('tab', { name: 'Marks' }).click()
  await page.getByRole('group', { name: 'Tension' }).getByRole('button').last().click()
  await expect(line(page)).toContainText('Stop that work.')
  await doIt(page)
  await expect(plan(page)).toContainText('Simple changes')

  await context.setOffline(false)
  const { record } = await settled(page, made, (r) => r.record?.rail.stood.length === 1)
  expect(record.rail.stood[0]).toMatchObject({ part: 1, instead: 'simpleChanges' })
})
