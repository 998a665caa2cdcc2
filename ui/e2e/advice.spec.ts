import type { Page } from '@playwright/test'
import { begin, gait, next, rideAway, sessionOnTablet } from './recorder'
import { expect, test } from './yard'

test.use({ ownBrowser: true, serviceWorkers: 'allow' })

/** Advice at the rail without a signal, and a rail that has none. */

const line = (page: Page) => page.getByRole('alert', { name: 'Advice now' })
const key = (page: Page, name: string | RegExp) => page.getByRole('button', { name })
const says = async (page: Page, text: string) => {
  await expect(line(page)).toContainText(text)
  await line(page)
    .getByRole('button', { name: /Do it|Seen to/ })
    .click()
  await expect(line(page)).toBeHidden()
}
async function otherPad(page: Page, name: string) {
  await page.getByRole('tab', { name: 'More' }).click()
  await page.getByRole('button', { name, exact: true }).click()
}

test('six kinds of work are advised on without a signal', async ({ page, context }) => {
  const made = await sessionOnTablet(page, 'Sorrel Away')
  await rideAway(page, context, made)
  await begin(page).click()

  // On the flat: tension, and a sign.
  await page.getByRole('group', { name: 'Tension' }).getByRole('button').last().click()
  await says(page, 'Stop that work.')
  await page.getByRole('tab', { name: 'Signs' }).click()
  await key(page, 'Lost the tempo').click()
  await says(page, 'Only a steady tempo until it is back.')
  // Poles: rushed; and the mark hoped for.
  await next(page).click()
  await gait(page, 'Trot').click()
  await key(page, /Left rein/).click()
  await key(page, /^Rushed/).click()
  await says(page, 'Back to walk over the poles.')
  // A fence: out to the side, and landed on the wrong lead.
  await next(page).click()
  await key(page, /^Ran out left/).click()
  await says(page, 'Guide poles back on both sides.')
  await key(page, /^Clear/).click()
  await key(page, 'Landed right').click()
  await says(page, 'Change before the turn.')
  // Changes, and steps to the side.
  await otherPad(page, 'Changes')
  await key(page, 'To the left: clean').click()
  await says(page, 'A good one: praise it.')
  await otherPad(page, 'Sideways')
  await key(page, 'From the left leg: None').click()
  await says(page, 'Two steps, praise, then four.')
  // The time of each part goes on without a signal too.
  await expect(page.getByRole('timer')).not.toHaveText('0:00')
})

test('a rail without Core records, stops for pain and falls, and says that advice comes after the ride', async ({
  page,
  context,
}) => {
  await context.route('**/device/**', (route) => route.abort())
  const made = await sessionOnTablet(page, 'Sorrel Plain')
  await page.goto(made.rail)
  await begin(page).click()
  await expect(page.getByText('it comes after the ride', { exact: false })).toBeVisible()
  await next(page).click()
  await gait(page, 'Trot').click()
  await key(page, /Left rein/).click()
  await key(page, /^Rushed/).click()
  await expect(key(page, 'Rushed 1')).toBeVisible()
  await expect(line(page)).toBeHidden()
  await page.getByRole('button', { name: 'Fall', exact: true }).click()
  await page.getByRole('button', { name: 'Rider', exact: true }).click()
  await says(page, 'No more jumping today.')
  await next(page).click()
  await expect(page.getByText('No more jumping in this ride.')).toBeVisible()
  await page.getByRole('tab', { name: 'Signs' }).click()
  await key(page, 'Heat in a leg').click()
  await expect(line(page)).toContainText('Stop. Get off and call the vet.')
  await key(page, 'End the ride').click()
  await expect(key(page, 'Ride on')).toBeHidden()
  // Afterwards the review says what the rail could not.
  const { horseId, sessionId } = made
  await expect
    .poll(async () => {
      const path = `/api/horses/${horseId}/rides/${sessionId}`
      const review = await page.evaluate(async (p) => (await fetch(p)).json(), path)
      return review.verdicts?.map((v: { rule: string }) => v.rule) ?? []
    })
    .toEqual(expect.arrayContaining(['OffOrSore', 'Fall', 'RushesPoles']))
})
