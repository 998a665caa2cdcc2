import type { Page } from '@playwright/test'
import { tablet } from './recorder'
import { expect, newHorse, send, signIn, test, trainer } from './yard'

test.use({ ownBrowser: true, hasTouch: true, viewport: tablet })

type At = { x: number; y: number }

const path = (page: Page) => new URL(page.url()).pathname.split('/')[2]!

/** A finger, as the browser feels it: put down, held for a while, moved, and lifted. */
async function finger(page: Page) {
  const device = await page.context().newCDPSession(page)
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: At) =>
    device.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [at] : [] })
  return {
    down: (at: At) => touch('touchStart', at),
    async move(from: At, to: At) {
      for (let i = 1; i <= 8; i++) {
        await touch('touchMove', {
          x: from.x + ((to.x - from.x) * i) / 8,
          y: from.y + ((to.y - from.y) * i) / 8,
        })
        await page.waitForTimeout(30)
      }
    },
    up: () => touch('touchEnd'),
  }
}

const middle = async (page: Page, css: string, text?: string | RegExp): Promise<At> => {
  const box = (await (text ? page.locator(css).filter({ hasText: text }) : page.locator(css))
    .first()
    .boundingBox())!
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 }
}

test('a session is given another day under a finger, and a finger that swipes scrolls the page', async ({
  page,
}) => {
  await signIn(page, trainer)
  await newHorse(page, 'Vetch Finger')
  const horse = path(page)
  const block = await send(page, `/api/horses/${horse}/blocks`, {
    entry: {
      name: 'Under a finger',
      purpose: 'schooling',
      start: '2026-04-20',
      weeks: 4,
      discipline: 'dressage',
      now: { walk: 60, trot: 40, canter: 10 },
      days: ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'],
    },
  })
  const day = (id: string) =>
    page.evaluate(
      async ([horse, block, id]) => {
        const now = await (await fetch(`/api/horses/${horse}/blocks/${block}`)).json()
        return now.plan.weeks
          .flatMap((w: { sessions: { id: string; on: string }[] }) => w.sessions)
          .find((s: { id: string }) => s.id === id).on as string
      },
      [horse, block.id, id],
    )
  const session = block.plan.weeks[0].sessions[0] as { id: string; on: string }
  await page.goto(`/horses/${horse}/season`)
  const options = await page.evaluate(
    async ([horse, block, id]) =>
      (await fetch(`/api/horses/${horse}/blocks/${block}/sessions/${id}/days`)).json(),
    [horse, block.id, session.id],
  )
  const free = (options.days as { on: string; broken: unknown[] }[]).find(
    (d) => d.on !== session.on && d.on >= '2026-04-20' && d.on <= '2026-04-26' && !d.broken.length,
  )!.on
  const label = new Date(`${free}T12:00Z`).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric' })
  const [from, to] = [
    await middle(page, `.placed[aria-label*="${session.on}"]`),
    await middle(page, '.day', label.replace(',', '')),
  ]
  const one = await finger(page)

  // Too short a hold takes nothing up.
  await one.down(from)
  await one.move(from, { x: from.x, y: from.y - 200 })
  await one.up()
  await page.waitForTimeout(300)
  expect(await day(session.id)).toBe(session.on)
  await page.evaluate(() => scrollTo(0, 0))

  const again = await middle(page, `.placed[aria-label*="${session.on}"]`)
  const days = page.waitForResponse((r) => r.url().endsWith('/days'))
  await one.down(again)
  await page.waitForTimeout(400)
  await days
  await one.move(again, { x: to.x + again.x - from.x, y: to.y + again.y - from.y })
  await one.up()
  await expect(page.getByText(/^Moved to/)).toBeVisible()
  expect(await day(session.id)).toBe(free)
  await expect(page.getByRole('dialog')).toBeHidden()
})

test('a part of a session is given another place under a finger', async ({ page }) => {
  await signIn(page, trainer)
  await newHorse(page, 'Vetch Parts')
  await page.goto(`/horses/${path(page)}/season/new?on=2026-04-18`)
  const what = page.getByRole('button', { name: /^Part \d+:/ })
  await expect(what.first()).toBeVisible()
  const said = () => what.evaluateAll((all) => all.map((part) => part.querySelector('strong')!.textContent))
  const before = await said()
  const one = await finger(page)
  const [first, second] = await page.locator('.handle').evaluateAll((all) =>
    all.slice(0, 2).map((h) => {
      const box = h.getBoundingClientRect()
      return { x: box.x + box.width / 2, y: box.y + box.height / 2 }
    }),
  )
  await one.down(first!)
  await page.waitForTimeout(400)
  await one.move(first!, { x: second!.x, y: second!.y + 6 })
  await one.up()
  await expect.poll(said).toEqual([before[1], before[0], ...before.slice(2)])
})
