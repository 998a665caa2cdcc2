import ICAL from 'ical.js'
import type { Page } from '@playwright/test'
import { choose, expect, newHorse, openHorse, rider, send, signIn, test, trainer, typeDay, vet } from './yard'

/** Blocks in a real browser: from nothing to an aim, a move refused, missed days, a failed gate, a vet's hold, the yard's week. */

const path = (page: Page) => new URL(page.url()).pathname.split('/')[2]!

/** What the server keeps, asked from inside the page, where the sign-in is. */
const get = <T>(page: Page, address: string) =>
  page.evaluate(async (a) => (await (await fetch(a)).json()) as T, address)

const six = ['tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday']
const block = (more: object) => ({
  entry: {
    name: 'A block',
    purpose: 'schooling',
    start: '2026-04-18',
    weeks: 5,
    discipline: 'jumping',
    focus: ['poles', 'flatwork'],
    now: { walk: 60, trot: 50, canter: 12 },
    days: six,
    helperDays: ['tuesday', 'thursday', 'saturday'],
    arenaDays: six,
    openGroundDays: ['wednesday', 'sunday'],
    ...more,
  },
})

interface Placed {
  id: string
  on: string
  kind: string
  minutes: { walk: number; total: number }
}
interface Block {
  id: string
  number: number
  plan: { weeks: { sessions: Placed[]; cause: { held: { until: string } | null } }[] }
}
const sessions = (b: Block) => b.plan.weeks.flatMap((w) => w.sessions)

test('a block from nothing to an aim', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Vetch Season')
  await openHorse(page, 'Vetch Season', 'Aims')
  await page.getByLabel('Competition').fill('Marlwick one-day')
  await typeDay(page, 'Day', '20 Jun 2026')
  await page.getByLabel('Scheme').fill('League')
  await page.getByLabel('Level').fill('90')
  await page.getByRole('button', { name: 'Add the aim' }).click()
  await expect(page.getByRole('heading', { name: 'Marlwick one-day' })).toBeVisible()

  await openHorse(page, 'Vetch Season', 'Season')
  await page.getByRole('link', { name: 'Plan a block' }).click()
  // Nothing is known of what it does: that is asked, and the rest is proposed.
  await expect(page.getByLabel('Called')).toHaveValue('To Marlwick one-day')
  await page.getByLabel('Walk, minutes a week').fill('90')
  await page.getByLabel('Trot, minutes a week').fill('60')
  await page.getByLabel('Canter, minutes a week').fill('20')
  await page.getByRole('button', { name: 'See the plan' }).click()
  await expect(page.getByText('Run-in', { exact: true }).last()).toBeVisible()
  await page.getByRole('button', { name: 'Keep this block' }).click()
  await expect(page.getByRole('heading', { name: 'To Marlwick one-day', level: 1 })).toBeVisible()
  await expect(page.getByText('Build the base')).toBeVisible()

  await page.getByRole('button', { name: /^Why this phase, Build the base/ }).click()
  await expect(page.getByText('The base comes first')).toBeVisible()
  await page.keyboard.press('Escape')

  // A session is one click from its content.
  await page.locator('.placed:not(.missed)').first().click()
  await page.getByRole('button', { name: 'Draw the session up' }).click()
  await expect(page.getByText('Add a part')).toBeVisible()
})

test('a drop that breaks a rule is refused by name, and the day that is offered is taken', async ({
  page,
}) => {
  await signIn(page, trainer)
  await newHorse(page, 'Vetch Drag')
  const horse = path(page)
  const kept = (await send(
    page,
    `/api/horses/${horse}/blocks`,
    block({ asked: [{ kind: 'poles', aWeek: 1 }], arenaDays: ['tuesday', 'thursday', 'saturday'] }),
  )) as Block
  const poles = sessions(kept).find((s) => s.kind === 'poles' && s.on > '2026-04-20')!
  await page.goto(`/horses/${horse}/season`)
  const card = page.getByRole('button', { name: new RegExp(`^Poles, .*${poles.on}`) })
  await expect(card).toBeVisible()
  // Wednesday has no arena.
  const wednesday = page.locator('.day').filter({ hasText: 'Wed 22' })
  const days = page.waitForResponse((r) => r.url().endsWith('/days'))
  await card.hover()
  await page.mouse.down()
  await wednesday.hover()
  await days
  await wednesday.hover()
  await expect(page.getByRole('status').filter({ hasText: 'no arena on Wednesday' })).toBeVisible()
  await page.mouse.up()
  await expect(page.getByRole('alert').filter({ hasText: 'no arena on Wednesday' })).toBeVisible()
  await page.getByRole('button', { name: 'Move it there' }).click()
  await expect(page.getByText(/^Moved to/)).toBeVisible()
  const now = sessions(await get<Block>(page, `/api/horses/${horse}/blocks/${kept.id}`)).find(
    (s) => s.id === poles.id,
  )!
  expect(now.on).not.toBe(poles.on)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect
    .poll(
      async () =>
        sessions(await get<Block>(page, `/api/horses/${horse}/blocks/${kept.id}`)).find(
          (s) => s.id === poles.id,
        )!.on,
    )
    .toBe(poles.on)
})

test('four days missed and planned again', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Vetch Missed')
  const horse = path(page)
  const kept = (await send(
    page,
    `/api/horses/${horse}/blocks`,
    block({ start: '2026-04-13', weeks: 4, days: ['tuesday', 'saturday', 'sunday'] }),
  )) as Block
  // Planned since Tuesday and not ridden: four days ago.
  expect(sessions(kept)[0]!.on).toBe('2026-04-14')
  await page.goto(`/horses/${horse}/season`)
  await page.getByRole('button', { name: 'Plan again from today' }).click()
  await expect(page.getByText('4 days missed')).toBeVisible()
  await expect(
    page.getByText('What was missed is not caught up').or(page.getByText('lighter')).first(),
  ).toBeVisible()
})

test('a gate that fails repeats the week', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Vetch Return')
  const horse = path(page)
  const kept = (await send(
    page,
    `/api/horses/${horse}/blocks`,
    block({
      purpose: 'return',
      start: '2026-04-13',
      weeks: 8,
      now: null,
      return: { weeksOff: 8, because: 'rest' },
    }),
  )) as Block
  const walk = (b: Block) => b.plan.weeks.map((w) => w.sessions.at(-1)?.minutes.walk)
  expect(walk(kept).slice(0, 3)).toEqual([10, 20, 30])
  await page.goto(`/horses/${horse}/season`)
  await page.getByRole('button', { name: 'Closing test passed, week 1: no' }).click()
  await expect(page.getByRole('button', { name: 'Closing test passed, week 1: no' })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  await page.getByRole('button', { name: 'Plan again from today' }).click()
  await expect(page.getByText('closing test').first()).toBeVisible()
  await page.getByRole('button', { name: /^Take/ }).click()
  await expect(page.getByText('Repeated so far: week 2')).toBeVisible()
  expect(walk(await get<Block>(page, `/api/horses/${horse}/blocks/${kept.id}`)).slice(0, 3)).toEqual([
    10, 10, 20,
  ])
})

test('a vet’s hold stops it and says until what', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Vetch Hold')
  const horse = path(page)
  const kept = (await send(page, `/api/horses/${horse}/blocks`, block({}))) as Block
  await send(page, `/api/horses/${horse}/rides/${crypto.randomUUID()}/events`, {
    sessionId: null,
    on: '2026-04-18',
    events: [
      {
        kind: 'signSeen',
        id: crypto.randomUUID(),
        at: '2026-04-18T08:00:00Z',
        sign: 'offOrUnlevel',
        rein: null,
      },
    ],
  })
  await page.goto(`/horses/${horse}/season`)
  await expect(page.getByText('The plan does not know of it yet.')).toBeVisible()
  await page.getByRole('button', { name: 'See what changes' }).click()
  await page.getByRole('button', { name: /^Take/ }).click()
  await expect(page.getByText('The plan was changed.')).toBeVisible()
  await expect(page.getByText(/held until .*a vet has cleared it/).first()).toBeVisible()
  const now = await get<Block>(page, `/api/horses/${horse}/blocks/${kept.id}`)
  expect(sessions(now).filter((s) => s.on > '2026-04-18')).toEqual([])
})

test('the yard’s week is shared out among its riders', async ({ page }) => {
  await signIn(page, trainer)
  await page.goto('/week/2026-04-20')
  await expect(page.getByRole('rowheader', { name: 'Tarn Lark' })).toBeVisible()
  await page.getByRole('button', { name: 'Share the week out' }).click()
  await expect(page.getByRole('button', { name: 'Keep it' })).toBeVisible()
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText('The week is shared out')).toBeVisible()
  await expect(page.getByText(/^\d+ min$/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Tue', exact: true }).click()
  await expect(page.getByText(/about 07:30/).first()).toBeVisible()

  // A rider sees the week of the horses given, and shares nothing out.
  await signIn(page, rider)
  await page.goto('/week/2026-04-20')
  await expect(page.getByRole('rowheader', { name: 'Tarn Lark' })).toBeVisible()
  await expect(page.getByRole('rowheader', { name: 'Sablewood' })).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Share the week out' })).toHaveCount(0)
})

test('a calendar made here is read by another parser, and not after it is revoked', async ({
  page,
  request,
}) => {
  await signIn(page, vet)
  await page.goto('/yard-book')
  await page.getByLabel('An address to subscribe to, for').fill('vet’s telephone')
  await page.getByRole('button', { name: 'Make one' }).click()
  const address = (await page.locator('code').textContent())!
  const file = await (await request.get(address)).text()
  const calendar = new ICAL.Component(ICAL.parse(file))
  const events = calendar.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e))
  expect(events.length).toBeGreaterThan(20)
  // Each once, on a whole day, with a name of its own.
  expect(new Set(events.map((e) => e.uid)).size).toBe(events.length)
  expect(events.every((e) => e.startDate.isDate && /^(Brannoc|Old Verity): /.test(e.summary))).toBe(true)
  expect(
    events.some(
      (e) => e.summary === 'Old Verity: Winter gala, Lindhurst' && e.startDate.toString() === '2026-05-21',
    ),
  ).toBe(true)

  await page.getByRole('button', { name: 'Revoke vet’s telephone' }).click()
  await expect(page.getByRole('button', { name: 'Revoke vet’s telephone' })).toHaveCount(0)
  expect((await request.get(address)).status()).toBe(404)
})

test('inputs that cannot hold say which to change', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Vetch Tight')
  await openHorse(page, 'Vetch Tight', 'Season')
  await page.getByRole('link', { name: 'Plan a block' }).click()
  await page.getByLabel('Trot, minutes a week').fill('80')
  const days = page.getByRole('group', { name: 'Days it can work' })
  for (const day of ['Wed', 'Fri', 'Sat', 'Sun']) await days.getByRole('button', { name: day }).click()
  await page.getByText('So many of a kind, whatever the mix says').click()
  await page.getByLabel('Jumping a week').fill('5')
  await page.getByRole('button', { name: 'See the plan' }).click()
  const told = page.getByRole('alert').first()
  await expect(told).toContainText('jumping 5 times')
  await expect(told).toContainText('Ask for fewer')
  await choose(page, 'Leads to', 'None')
})
