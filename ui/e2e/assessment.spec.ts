import type { Page } from '@playwright/test'
import { choose, expect, newHorse, openHorse, owner, rider, signedOut, signIn, test, trainer } from './yard'

/** The size of a tablet in a helper's hand. */
test.use({ viewport: { width: 820, height: 1180 } })

const pad = (page: Page, side: string) => page.getByRole('region', { name: side })

/** Marks both sides of the line in hand, and goes on to the next. */
async function mark(page: Page, line: string, sides: [string, string], left: string, right: string) {
  await expect(page.getByRole('heading', { name: line, level: 2 })).toBeVisible()
  await pad(page, sides[0]).getByRole('button', { name: left, exact: true }).first().click()
  await pad(page, sides[1]).getByRole('button', { name: right, exact: true }).first().click()
}
const reins: [string, string] = ['left rein', 'right rein']
const legs: [string, string] = ['from the left leg', 'from the right leg']
const leads: [string, string] = ['left lead', 'right lead']

test('an assessment ride from the first step to the stiff side and the rungs to start on', async ({
  page,
  context,
}) => {
  await signIn(page, trainer)
  await newHorse(page, 'Thornwick')
  await page.getByRole('button', { name: 'Begin one' }).click()
  await page.getByLabel('Weeks off before it').fill('-3')
  await page.getByRole('button', { name: 'Begin the ride' }).click()
  await expect(page.getByText('Give a number from 0 to 520 weeks.')).toBeVisible()
  await page.getByLabel('Weeks off before it').fill('0')
  await page.getByLabel('What others say of it').fill('stiff, they say')
  await page.getByRole('button', { name: 'Begin the ride' }).click()

  await mark(page, 'Walk, both reins', reins, '7', '7')
  await page.getByRole('button', { name: 'Next: Yield from a light leg' }).click()
  await mark(page, 'Yield from a light leg', legs, '7', '6')
  await page.getByRole('button', { name: 'Next:' }).click()
  await mark(page, 'Shoulder-in posture in walk', reins, '7', '6')

  // The signal goes; what is tapped waits on the device, and is there when it comes back.
  await context.setOffline(true)
  await page.getByRole('button', { name: 'Next:' }).click()
  await mark(page, 'Trot, 20 m circle', reins, '7', '6')
  await pad(page, 'right rein').getByRole('button', { name: 'Falls in' }).click()
  await expect(page.getByText('answers wait to be sent')).toBeVisible()
  await context.setOffline(false)
  await expect(page.getByText('Everything is kept')).toBeVisible({ timeout: 15_000 })

  // Left for later and taken up again where it was.
  await page.getByRole('link', { name: 'Leave it for later' }).click()
  await expect(page.getByText('8 marked')).toBeVisible()
  await page.getByRole('link', { name: 'Take it up again' }).click()
  await mark(page, 'Spiral in, yield out', reins, '7', '6')
  await page.getByRole('button', { name: 'Trot to walk and back' }).click()
  await mark(page, 'Trot to walk and back', reins, '7', '7')
  await page.getByRole('button', { name: 'Canter on both leads' }).click()
  await mark(page, 'Canter on both leads', leads, '6', '7')
  await pad(page, 'left lead').getByRole('button', { name: 'Late depart' }).click()
  await pad(page, 'left lead').getByRole('button', { name: 'Tires' }).click()
  await pad(page, 'left lead').getByRole('button', { name: 'A minute later, ◀ left lead' }).click()
  await page.getByRole('button', { name: 'Next: Stretch' }).click()
  await mark(page, 'Stretch', reins, '7', '7')
  await page.getByRole('button', { name: 'Dropped rein' }).click()
  await page.getByRole('button', { name: 'Down and out: passed' }).click()
  await page.getByRole('button', { name: 'Finish the sheet' }).click()

  await expect(page.getByText('Stiff right, hollow left')).toBeVisible()
  await expect(
    page.getByText('Trot, 20 m circle, right rein: falls in over the right shoulder'),
  ).toBeVisible()
  await expect(page.getByText('The left lead', { exact: true })).toBeVisible()
  await expect(page.getByText('Trot-canter, three loops, stretch')).toBeVisible()
  await page.getByRole('button', { name: 'Why flatwork?' }).click()
  await expect(
    page.getByText('Canter on both leads: 6 on the lower side, 6 asked', { exact: false }),
  ).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: /Start on these \d rungs/ }).click()
  await expect(page.getByText('It stands as the ride showed.')).toBeVisible()

  await openHorse(page, 'Thornwick')
  await expect(page.getByText('Stiff right, hollow left')).toBeVisible()
  await expect(page.getByRole('link', { name: 'Trot-canter, three loops, stretch' })).toBeVisible()
})

test('a sign of lameness on the sheet ends the ride and holds the horse', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Fallowfield')
  await page.getByRole('button', { name: 'Begin one' }).click()
  await page.getByRole('button', { name: 'Begin the ride' }).click()
  await pad(page, 'left rein').getByRole('button', { name: 'Off or unlevel' }).click()
  await expect(page.getByText('End the ride and call the vet.')).toBeVisible()
  await expect(page.getByText('Everything is kept')).toBeVisible()
  await openHorse(page, 'Fallowfield')
  await expect(page.getByText('Rest until a vet clears it')).toBeVisible()
})

test('a sign of lameness reaches the yard though the sheet was closed before it could be sent', async ({
  page,
}) => {
  await signIn(page, trainer)
  await newHorse(page, 'Fallowbank')
  await page.getByRole('button', { name: 'Begin one' }).click()
  await page.getByRole('button', { name: 'Begin the ride' }).click()
  await page.route('**/answers', (route) => route.abort())
  await pad(page, 'left rein').getByRole('button', { name: 'Off or unlevel' }).click()
  await expect(page.getByText('1 answer waits to be sent')).toBeVisible()
  const horse = new URL(page.url()).pathname.split('/')[2]
  await page.unroute('**/answers')
  await page.goto('/')
  // By whichever page it is sent, the yard knows it.
  const holds = () =>
    page.evaluate(
      async (id) => ((await (await fetch(`/api/horses/${id}`)).json()) as { holds: unknown[] }).holds.length,
      horse,
    )
  await expect.poll(holds).toBe(1)
  await openHorse(page, 'Fallowbank')
  await expect(page.getByText('Rest until a vet clears it')).toBeVisible()
})

test('a later ride lies beside the baseline, and contradicting evidence is shown', async ({ page }) => {
  await signIn(page, trainer)
  await openHorse(page, 'Old Verity')
  await page.getByRole('link', { name: 'Sun 12 Apr' }).first().click()
  await expect(page.getByRole('heading', { name: 'Beside Mon 9 Feb' })).toBeVisible()
  await expect(
    page.getByRole('row', { name: /Spiral in, yield out left rein 5, falls in 6.5 \+1.5/ }),
  ).toBeVisible()
  await openHorse(page, 'Tarn Lark')
  await page.getByRole('link', { name: /^assessment of/ }).click()
  await expect(page.getByText('the evidence contradicts itself').first()).toBeVisible()
})

test('an owner looks at it, and a rider taps but moves no rung', async ({ page }) => {
  await signIn(page, owner)
  await openHorse(page, 'Old Verity')
  await expect(page.getByRole('button', { name: 'Begin one' })).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Enter one' })).toHaveCount(0)
  await page.getByRole('link', { name: 'Sun 12 Apr' }).first().click()
  await expect(page.getByRole('heading', { name: 'Assessment ride' })).toBeVisible()
  await expect(page.getByText('Stiff left, hollow right', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Sign out' }).click()
  signedOut(owner)
  await signIn(page, rider)
  await openHorse(page, 'Brannoc')
  await page.getByRole('link', { name: 'Take it up again' }).click()
  await page.getByRole('button', { name: 'Canter on both leads, not today' }).click()
  await expect(page.getByText('ruled out by Iva Sorrel', { exact: false })).toBeVisible()
  await page.getByRole('button', { name: 'What it says so far' }).click()
  await expect(page.getByRole('button', { name: /^Start on/ })).toHaveCount(0)
})

test('care, tack and approach are kept, and a plan in the wrong bit says so', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Oakshaw')
  await page.getByRole('button', { name: 'Someone was here' }).click()
  await page.getByLabel('Who came').fill('Jory Penhale')
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByText('Due on 30 May.')).toBeVisible()
  await page.getByRole('button', { name: 'Why feet?' }).click()
  await expect(page.getByText('every 6 weeks')).toBeVisible()
  await page.keyboard.press('Escape')

  await page.getByRole('button', { name: 'Measured', exact: true }).click()
  await page.getByLabel('Girth, cm').fill('190')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByText('Weight needs girth and length.', { exact: false })).toBeVisible()
  await page.getByLabel('Length, cm').fill('165')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByText('502 kg')).toBeVisible()

  await page.getByRole('button', { name: 'Ridden an accordion' }).click()
  await page.getByLabel('Fewest strides').fill('2')
  await page.getByLabel('Most strides').fill('4')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByText('10 m in 2 to 4: 2.00 to 3.33 m')).toBeVisible()

  await page.getByRole('button', { name: 'Add a piece' }).click()
  await page.getByLabel('What it is called').fill('Jumping bit')
  await page.getByRole('group', { name: 'Only for' }).getByRole('button', { name: 'Jumping' }).click()
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByText('for jumping', { exact: true })).toBeVisible()

  await page.getByRole('button', { name: 'Bold', exact: true }).click()
  await page.getByRole('button', { name: 'All questions' }).click()
  await expect(page.getByText('for a bold horse').first()).toBeVisible()
  await choose(page, 'First poles', 'Trot and canter soon')
  await expect(page.getByText('its own:', { exact: false })).toBeVisible()

  await openHorse(page, 'Oakshaw', 'Season')
  await page.getByRole('link', { name: 'Plan a session', exact: true }).click()
  await page.getByRole('group', { name: 'Ridden in' }).getByRole('button', { name: 'Jumping bit' }).click()
  await expect(page.getByText('Jumping bit is not for flatwork.')).toBeVisible()
})
