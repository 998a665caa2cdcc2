import type { BrowserContext, Page } from '@playwright/test'
import { begin, gait, holdUpTaps, next, phone, review, session, tablet } from './recorder'
import { canBeReadByEveryone, expect, test } from './yard'

test.use({ ownBrowser: true })

/** A ride recorded at the rail: to the minute, in few taps, on two devices. */

/** No target of the rail is smaller than 44 px, and those of gait and rein not under 64. */
async function targetsAreLarge(page: Page) {
  const small = await page
    .locator('.rail-key')
    .evaluateAll((all) =>
      all
        .filter((b) => b.getClientRects().length && b.getBoundingClientRect().height < 44)
        .map((b) => b.textContent),
    )
  expect(small).toEqual([])
  for (const name of ['Halt', 'Walk', 'Trot', 'Canter'])
    expect((await gait(page, name).boundingBox())!.height).toBeGreaterThanOrEqual(64)
}

for (const [device, size] of [
  ['phone', phone],
  ['tablet', tablet],
] as const) {
  test(`forty minutes on a ${device} are recorded to the minute, in few taps`, async ({ page }) => {
    const made = await session(page, `Vetch ${device}`)
    await page.setViewportSize(size)
    await page.clock.install()
    await page.goto(made.rail)
    await expect(begin(page)).toBeVisible()
    // From here on time goes by only where the test lets it.
    await page.clock.pauseAt(new Date(Date.now() + 120_000))
    let taps = 0
    const tap = async (what: ReturnType<Page['getByRole']>) => {
      taps++
      await what.click()
    }
    const ride = async (minutes: number) => {
      for (let k = 0; k < minutes; k++) await page.clock.fastForward(60_000)
    }
    await tap(begin(page))
    await tap(page.getByRole('button', { name: /Left rein/ }))
    await targetsAreLarge(page)
    await ride(5)
    await tap(page.getByRole('button', { name: /Right rein/ }))
    await ride(5)
    // The part's time is over, and says so.
    await expect(page.getByText(/^(0:00 left|\+0:0\d over)$/)).toBeVisible()
    await tap(next(page))
    await tap(gait(page, 'Trot'))
    for (let i = 0; i < 3; i++) await page.getByRole('button', { name: /^Clean/ }).click()
    await page.getByRole('button', { name: 'Left hind' }).click()
    await ride(6)
    await tap(page.getByRole('button', { name: /Left rein/ }))
    for (let i = 0; i < 4; i++) await page.getByRole('button', { name: /^Clean/ }).click()
    await ride(6)
    await tap(next(page))
    await ride(4)
    await page.getByRole('button', { name: /^Clear/ }).click()
    await page.getByRole('button', { name: 'Good', exact: true }).click()
    await tap(gait(page, 'Canter'))
    await ride(1)
    await tap(gait(page, 'Trot'))
    await tap(page.getByRole('button', { name: /Right rein/ }))
    await page.getByRole('button', { name: /^Clear/ }).click()
    await ride(5)
    await tap(next(page))
    await tap(gait(page, 'Walk'))
    await ride(8)
    await tap(page.getByRole('button', { name: 'Finish' }))
    await tap(page.getByRole('button', { name: 'Yes, passed' }))
    await tap(page.getByRole('button', { name: /^Exertion 4/ }))
    await tap(page.getByRole('button', { name: 'Done' }))
    await page.clock.resume()
    await expect(page.getByRole('heading', { name: 'Review' })).toBeVisible()
    // Besides marks; at most 25 are wanted.
    expect(taps).toBe(16)

    const { record, parts } = await review(page, made)
    const round = (n: number) => Math.round(n)
    expect(round(record.minutes)).toBe(40)
    expect(record.byGait.map((g: { gait: string; minutes: number }) => [g.gait, round(g.minutes)])).toEqual([
      ['walk', 18],
      ['trot', 21],
      ['canter', 1],
    ])
    expect(parts.map((p: { done: { minutes: number } }) => round(p.done.minutes))).toEqual([10, 12, 10, 8])
    expect(
      record.transitions
        .map((t: { from: string; to: string; count: number }) => `${t.from} ${t.to} ${t.count}`)
        .sort(),
    ).toEqual(['canter trot 1', 'trot canter 1', 'trot walk 1', 'walk trot 1'])
    expect(record.passes).toMatchObject({ right: { clean: 3, touched: 1 }, left: { clean: 4, touched: 0 } })
    expect(record.efforts.left.clear + record.efforts.right.clear).toBe(2)
    expect(record.rail.jumps.good).toBe(1)
    expect(record).toMatchObject({ closingTestPassed: true, exertion: 4 })
    await expect(page.getByRole('heading', { name: 'Part by part' })).toBeVisible()
  })
}

test('undo, a correction where the slip stood, and advice as it happens', async ({ page }) => {
  const made = await session(page, 'Vetch slip')
  await page.setViewportSize(phone)
  await page.clock.install()
  await page.goto(made.rail)
  await begin(page).click()
  await page.clock.runFor(10 * 60_000)
  // A slip seen at once.
  await gait(page, 'Canter').click()
  await page.getByRole('button', { name: /^Undo/ }).click()
  await expect(gait(page, 'Walk')).toHaveAttribute('aria-pressed', 'true')
  // A slip seen later: it was trot, not halt.
  await gait(page, 'Halt').click()
  await page.clock.runFor(5 * 60_000)
  await page.getByRole('button', { name: 'Taps' }).click()
  await page.getByRole('button', { name: 'was trot' }).first().click()
  await page.getByRole('button', { name: 'Back to the ride' }).click()
  await expect(gait(page, 'Trot')).toHaveAttribute('aria-pressed', 'true')
  // Rushed poles: one line, large; not now; and again when it happens again.
  await next(page).click()
  await page.getByRole('button', { name: /^Rushed/ }).click()
  await expect(page.getByText('Back to walk over the poles.')).toBeVisible()
  await page.getByRole('button', { name: 'Not now' }).click()
  await expect(page.getByRole('alert', { name: 'Advice now' })).toBeHidden()
  await expect(page.getByRole('list', { name: 'Not now' })).toContainText('Back to walk over the poles.')
  await page.getByRole('button', { name: /^Rushed/ }).click()
  await page.getByRole('button', { name: 'Do it' }).click()
  // Lameness has no "not now".
  await page.getByRole('tab', { name: 'Signs' }).click()
  await page.getByRole('button', { name: 'Sore back' }).click()
  await expect(page.getByText('Get off and call the vet')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Not now' })).toBeHidden()
  await page.getByRole('button', { name: 'End the ride' }).click()
  await expect(page.getByRole('button', { name: 'Ride on' })).toBeHidden()
  await page.getByRole('button', { name: 'Done' }).click()
  await page.clock.resume()
  await expect(page.getByRole('heading', { name: 'Review' })).toBeVisible()
  const { record } = await review(page, made)
  expect(
    record.byGait.map((g: { gait: string; minutes: number }) => [g.gait, Math.round(g.minutes)]),
  ).toEqual([
    ['walk', 10],
    ['trot', 5],
  ])
  expect(record.takenBack).toBe(2)
  expect(record.rail).toMatchObject({
    adviceLeft: ['RushesPoles'],
    adviceTaken: ['RushesPoles', 'OffOrSore'],
  })
  // The horse is held from here on.
  await page.goto(made.rail)
  await expect(page.getByText('No work until a vet has cleared it')).toBeVisible()
})

test('two devices on one ride see each other and count nothing twice', async ({ page, browser }) => {
  const made = await session(page, 'Vetch two')
  const other: BrowserContext = await browser.newContext({
    viewport: phone,
    serviceWorkers: 'block',
    storageState: await page.context().storageState(),
  })
  const helper = await other.newPage()
  await page.setViewportSize(tablet)
  await page.goto(made.rail)
  await begin(page).click()
  await expect.poll(async () => (await review(page, made)).log?.length).toBe(2)
  await helper.goto(made.rail)
  await expect(gait(helper, 'Walk')).toHaveAttribute('aria-pressed', 'true')
  await gait(helper, 'Trot').click()
  await next(helper).click()
  await helper.getByRole('button', { name: /^Clean/ }).click()
  await expect.poll(async () => (await review(page, made)).log?.length).toBe(5)
  // The first device asks for the others' taps every now and then; a reload asks at once.
  await page.reload()
  await expect(gait(page, 'Trot')).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByRole('button', { name: 'Clean 1' })).toBeVisible()
  await page.getByRole('button', { name: 'Finish' }).click()
  await page.getByRole('button', { name: 'Done' }).click()
  await expect(page.getByRole('heading', { name: 'Review' })).toBeVisible()
  const { record, log } = await review(page, made)
  expect(log.length).toBe(6)
  expect(record.passes.left.all + record.passes.right.all).toBe(1)
  await other.close()
})

test('a full device says so and still sends', async ({ page, context }) => {
  const made = await session(page, 'Vetch full')
  await page.addInitScript(() => {
    const put = IDBObjectStore.prototype.put
    IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...given: Parameters<typeof put>) {
      if (this.name === 'taps') throw new DOMException('full', 'QuotaExceededError')
      return put.apply(this, given)
    }
  })
  await page.setViewportSize(phone)
  await holdUpTaps(context)
  await page.goto(made.rail)
  await begin(page).click()
  await expect(page.getByText('This device is full: 2 taps are only on this page.')).toBeVisible()
  await context.unroute('**/taps')
  await gait(page, 'Trot').click()
  await expect.poll(async () => (await review(page, made)).log?.length).toBe(3)
  await expect(page.getByText('All sent')).toBeVisible()
})

test('bouts are counted down, a break is a break, and a picture comes along', async ({ page }) => {
  const made = await session(page, 'Vetch bouts', { times: 2, boutSeconds: 20, restSeconds: 40 })
  await page.setViewportSize(tablet)
  await page.clock.install()
  await page.goto(made.rail)
  await begin(page).click()
  const bouts = page.getByRole('region', { name: 'Bouts' })
  await bouts.getByRole('button', { name: 'Start 2 × 0:20' }).click()
  await page.clock.runFor(5_000)
  await expect(bouts).toContainText('Bout 1 of 2')
  await page.clock.runFor(20_000)
  await expect(bouts).toContainText('Walk, then bout 2')
  await page.clock.runFor(60_000)
  await expect(bouts).toContainText('All 2 done')
  await page.getByRole('tab', { name: 'More' }).click()
  await page.getByRole('button', { name: 'Girth or tack' }).click()
  await expect(page.getByText('Stopped. Tap a gait to go on.')).toBeVisible()
  await page.clock.runFor(5 * 60_000)
  await page.getByRole('button', { name: 'Tam Birkett' }).click()
  await gait(page, 'Walk').click()
  await page.clock.runFor(2 * 60_000)
  await page.getByRole('button', { name: 'Finish' }).click()
  await page.getByLabel('Add a picture').setInputFiles('public/icon-512.png')
  await page.clock.resume()
  await page.getByRole('button', { name: 'Done' }).click()
  await expect(page.getByRole('heading', { name: 'Review' })).toBeVisible()
  await expect(page.getByText(/Stopped at .* for 5 min: girth or tack/)).toBeVisible()
  await expect(page.getByText('Tam Birkett rode 2 min')).toBeVisible()
  await expect(page.getByRole('img', { name: 'Picture of the ride' })).toBeVisible()
  const { record, photos } = await review(page, made)
  expect(Math.round(record.minutes)).toBe(3)
  expect(photos.length).toBe(1)
})

test('the rail and the composer are accessible', async ({ page }) => {
  const made = await session(page, 'Vetch axe')
  const check = () => canBeReadByEveryone(page)
  await page.goto(`/horses/${made.horseId}/season/${made.sessionId}`)
  await expect(page.getByRole('heading', { name: 'First cross-pole' })).toBeVisible()
  await check()
  await page.setViewportSize(phone)
  await page.goto(made.rail)
  await begin(page).click()
  await next(page).click()
  await page.getByRole('button', { name: /^Rushed/ }).click()
  await check()
  for (const tab of ['Marks', 'Signs', 'More']) {
    await page.getByRole('tab', { name: tab }).click()
    await check()
  }
  await page.getByRole('button', { name: 'Set-up' }).click()
  await check()
  await page.getByRole('button', { name: 'Back to the ride' }).click()
  await page.getByRole('button', { name: 'Finish' }).click()
  await check()
})

test('a fall is kept by one tap, ends the jumping, and can be told more exactly', async ({ page }) => {
  const made = await session(page, 'Tumblegate')
  await page.setViewportSize(phone)
  await page.goto(made.rail)
  await begin(page).click()
  await next(page).click()
  await next(page).click()
  await expect(page.getByRole('button', { name: /^Clear/ })).toBeVisible()
  await page.getByRole('button', { name: 'Fall', exact: true }).click()
  await canBeReadByEveryone(page)
  await page.getByRole('button', { name: 'Both', exact: true }).click()
  await expect(page.getByText('No more jumping today.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Not now' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Seen to' }).click()
  await expect(page.getByText('No more jumping in this ride.')).toBeVisible()
  await expect(page.getByText('All sent')).toBeVisible()
  // Whole, so that a refusal is told as it is and not as a part that is missing.
  expect(await review(page, made)).toMatchObject({
    record: { rail: { falls: [{ who: 'both', head: false }] } },
  })
})
