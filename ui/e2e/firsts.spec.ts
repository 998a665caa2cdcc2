import { begin, caller, gait } from './recorder'
import { Ride, atTheRail, begun, cool, part, planned, ridden, walk } from './telling'
import { expect, password, signIn, test } from './yard'

/** What stands before the work: the clocks of a first day, tack, a careful rider, and which of two rails. */

test.describe('before the work', () => {
  test.use({ ownBrowser: true })

  test('a short first day: each work has its clock, and what is remembered is yes, half or no', async ({
    page,
  }) => {
    const ride = await ridden(
      page,
      'Teasel',
      [
        part('warmUp', 'Led in walk', 'walk', 3, { manner: 'inHand' }),
        part('work', 'Long lines', 'walk', 5, { manner: 'longReined' }),
        part('work', 'In the saddle', 'walk', 4, { manner: 'ridden' }),
        part('coolDown', 'Led in walk', 'walk', 4, { manner: 'inHand' }),
      ],
      { restedSince: '2026-02-01' },
    )
    const clocks = page.getByRole('list', { name: 'Left of the first day' })
    await ride.in(1, gait(page, 'Walk'))
    await expect(clocks.getByRole('listitem')).toHaveText([
      /in all/,
      /loose/,
      /5:00\s*on long lines/,
      /5:00\s*ridden/,
    ])
    await ride.to(2)
    await ride.minutes(2)
    await ride.tab('Asked')
    await ride.tap('Others', 'Saddle')
    await expect(ride.key('Pirouette')).toBeHidden()
    await ride.in(1, 'Saddle: Half')
    await expect(clocks).toContainText(/2:\d\d\s*on long lines/)
    await ride.tap('Hips over')
    await ride.in(1, 'Hips over, left leg: No')
    const { rail } = await ride.told()
    expect(rail.attempts.map((a) => [a.movement, a.side, a.word, a.answered, a.good])).toEqual([
      ['saddle', null, 'half', 'reminded', false],
      ['hipsOver', 'left', 'no', 'not', false],
    ])
  })

  test('tack is looked over in full once, and one tap says as last time after that', async ({ page }) => {
    const lunge = [part('work', 'Lunge', 'trot', 10, { manner: 'lunged' })]
    const made = await planned(page, 'Burnet', lunge, { manner: 'lunged' })
    const evening = {
      on: '2026-04-18',
      emphasis: 'Lunge again',
      manner: 'lunged',
      helper: true,
      parts: lunge,
    }
    const { id: again } = await caller(page)('POST', `${made.id}/sessions`, evening)
    const first = await atTheRail(page, made)
    await page.getByLabel('Hole').selectOption('hole 6')
    await first.in(2, /^Girth snug/, 'Looked at')
    await begun(first)
    await expect(first.says()).toContainText('Put the tack right before anything moves.')
    await first.in(1, first.says().getByRole('button', { name: 'Seen to' }))
    const { rail, rules } = await first.told()
    expect(rail.tack).toMatchObject({ girthSnug: false, hole: 6 })
    expect(rules).toContain('TackAmiss')
    // What was amiss is looked at in full again; what was right stands as last time.
    await page.goto(`/horses/${made.id}/rail/${again}`)
    await first.in(1, 'Looked at')
    await begin(page).click()
    const { id: third } = await caller(page)('POST', `${made.id}/sessions`, {
      ...evening,
      emphasis: 'Once more',
    })
    await page.goto(`/horses/${made.id}/rail/${third}`)
    await first.in(1, /^Tack as last time/)
    const last = await new Ride(page, made.id, third).told()
    expect(last.rail.tack).toMatchObject({ asLastTime: true })
  })

  test('a careful rider goes once more before the next stage', async ({ page }) => {
    const grid = {
      family: 'fenceLine',
      kind: 'grid',
      comesIn: 'trot',
      elements: [
        { kind: 'crossPole', heightMetres: 0.4 },
        { kind: 'upright', heightMetres: 0.5, strides: 1 },
      ],
    }
    const made = await planned(
      page,
      'Woad',
      [walk, part('work', 'Grid', 'canter', 12, { setUpId: 'grid' }), cool],
      {
        setUps: { grid },
      },
    )
    const email = 'careful@fernhollow.example'
    const person = { name: 'Wynn Marl', email, password, role: 'rider', horseIds: [made.id] }
    await caller(page)('POST', '../people', person)
    await page.goto('/yard-book')
    await page.getByRole('button', { name: 'Change Wynn Marl' }).click()
    await page.getByLabel(/^A careful rider/).check()
    const form = page.locator('form').filter({ hasText: 'Change Wynn Marl' })
    await form.getByRole('button', { name: 'Keep' }).click()
    await expect(page.getByText('Wynn Marl is in the book.')).toBeVisible()
    await signIn(page, email)
    const ride = await begun(await atTheRail(page, made))
    await ride.to(2)
    await ride.in(2, /^Clear/, /^Clear/)
    await expect(ride.says()).toBeHidden()
    await ride.in(1, /^Clear/)
    await expect(ride.says()).toContainText('Calm: the next stage, or leave it.')
  })

  test('a horse with two sessions on one day has both rails on Today', async ({ page }) => {
    const { id, sessionId } = await planned(page, 'Hound', [walk, part('work', 'Circles', 'trot', 10), cool])
    const second = {
      on: '2026-04-18',
      emphasis: 'Evening hack',
      manner: 'ridden',
      helper: false,
      parts: [walk, cool],
    }
    const { id: other } = await caller(page)('POST', `${id}/sessions`, second)
    await page.goto('/')
    await expect(page.locator(`a[href="/horses/${id}/rail/${sessionId}"]`)).toBeVisible()
    await page.locator(`a[href="/horses/${id}/rail/${other}"]`).click()
    await expect(page).toHaveURL(new RegExp(`/horses/${id}/rail/${other}$`))
    await expect(begin(page)).toBeVisible()
  })
})
