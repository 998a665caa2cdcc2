import type { BrowserContext, Page } from '@playwright/test'
import { expect, send, signIn, trainer } from './yard'

/** The recorder at the rail, and a session to ride with it. */

export const phone = { width: 390, height: 844 }
export const tablet = { width: 820, height: 1180 }

export interface Made {
  horseId: string
  sessionId: string
  rail: string
}

/** Sends about horses, signed in as whoever the page is open for. */
export const caller = (page: Page) => (method: string, path: string, body: unknown) =>
  send(page, `/api/horses${path ? `/${path}` : ''}`, body, method)

/** A horse with the slice's session for today: walk, trot poles, cross-pole, cool-down. */
export async function session(page: Page, name: string, bouts = {}): Promise<Made> {
  await signIn(page, trainer)
  const call = caller(page)
  const { id: horseId } = await call('POST', '', {
    name,
    foaled: 2018,
    height: '16.1 hh',
    sex: 'mare',
    experience: 'novice',
  })
  const built = { arena: 'sixtyByTwenty', line: 'leftQuarterLine', heading: 'towardsC', middleMetres: 30 }
  const poles = await call('POST', `${horseId}/set-ups`, {
    name: 'Four trot poles',
    entry: { family: 'poleLine', ...built, variant: 'trotWorking', poles: 4, raising: 'ground' },
  })
  const fence = await call('POST', `${horseId}/set-ups`, {
    name: 'Cross-pole',
    entry: { family: 'crossPole', ...built, line: 'rightQuarterLine', heightMetres: 0.5 },
  })
  const part = (phase: string, what: string, gait: string, minutes: number, more = {}) => ({
    phase,
    what,
    gait,
    rein: 'both',
    minutes,
    ...more,
  })
  const kept = await call('POST', `${horseId}/sessions`, {
    on: '2026-04-18',
    emphasis: 'First cross-pole',
    manner: 'ridden',
    helper: true,
    parts: [
      part('warmUp', 'Walk on a long rein', 'walk', 10, bouts),
      part('work', 'Trot poles', 'trot', 12, { setUpId: poles.id, markHopedFor: 7 }),
      part('work', 'Cross-pole from trot', 'trot', 10, { setUpId: fence.id }),
      part('coolDown', 'Walk on a long rein', 'walk', 8),
    ],
  })
  return { horseId, sessionId: kept.id, rail: `/horses/${horseId}/rail/${kept.id}` }
}

export const gait = (page: Page, name: string) =>
  page.getByRole('group', { name: 'Gait' }).getByRole('button', { name: new RegExp(`^${name}`) })
export const begin = (page: Page) => page.getByRole('button', { name: /^Begin/ })
export const next = (page: Page) => page.getByRole('button', { name: /^Next:/ })
export const review = (page: Page, { horseId, sessionId }: Made) =>
  page.evaluate(async (p) => (await fetch(p)).json(), `/api/horses/${horseId}/rides/${sessionId}`)

/** The pages are on the device once the worker has them. */
export const installed = (page: Page) =>
  page.evaluate(async () => {
    await navigator.serviceWorker.ready
    for (let i = 0; i < 600 && !navigator.serviceWorker.controller; i++)
      await new Promise((r) => setTimeout(r, 100))
    return Boolean(navigator.serviceWorker.controller)
  })

/** Advice is spoken once Core stands: after a reload it starts anew, and a slow machine takes its time. */
export const coreStands = (page: Page) =>
  page.waitForFunction(() => performance.getEntriesByName('core stands').length > 0, null, {
    timeout: 120_000,
  })

/** The ride's page on a device that has taken Core along and lost its signal. */
export async function rideAway(page: Page, context: BrowserContext, { rail }: Made) {
  await page.goto('/rail')
  await expect(page.getByText('Advice is ready, also without a signal.')).toBeVisible({ timeout: 120_000 })
  await page.goto(rail)
  await expect(begin(page)).toBeVisible()
  await context.setOffline(true)
  await page.reload()
  await coreStands(page)
}

/** A session to ride on a tablet that has the pages. */
export async function sessionOnTablet(page: Page, name: string) {
  const made = await session(page, name)
  await page.setViewportSize(tablet)
  await page.goto('/')
  expect(await installed(page)).toBe(true)
  return made
}

/** Only the taps are held up, as by a signal that comes and goes. */
export const holdUpTaps = (context: BrowserContext) =>
  context.route('**/taps', (route) =>
    route.request().method() === 'POST' ? route.abort() : route.continue(),
  )
