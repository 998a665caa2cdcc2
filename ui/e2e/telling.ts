import type { Locator, Page } from '@playwright/test'
import type { RideRecord } from '../src/api/schema'
import { begin, caller, phone, review } from './recorder'
import { expect, signIn, trainer } from './yard'

/** Rides that tell what a helper sees. */

const place = { arena: 'sixtyByTwenty', line: 'leftQuarterLine', heading: 'towardsC', middleMetres: 30 }
export const part = (phase: string, what: string, gait: string, minutes: number, more = {}) => ({
  phase,
  what,
  gait,
  rein: 'both',
  minutes,
  ...more,
})
export const walk = part('warmUp', 'Walk on a long rein', 'walk', 10)
export const cool = part('coolDown', 'Walk on a long rein', 'walk', 8)

/** A ride that is tapped on a telephone, with the time in the test's hand and the taps counted. */
export class Ride {
  taps = 0
  constructor(
    readonly page: Page,
    readonly horseId: string,
    readonly sessionId: string,
  ) {}

  key = (name: string | RegExp) => this.page.getByRole('button', { name, exact: typeof name === 'string' })
  says = () => this.page.getByRole('alert', { name: 'Advice now' })

  async tap(...what: (string | RegExp | Locator)[]) {
    for (const w of what) {
      this.taps++
      const key = typeof w === 'string' || w instanceof RegExp ? this.key(w).first() : w
      await key.click()
      await this.page.clock.runFor(1500)
    }
  }

  /** So many taps do this. */
  async in(taps: number, ...what: (string | RegExp | Locator)[]) {
    const before = this.taps
    await this.tap(...what)
    expect(this.taps - before).toBe(taps)
  }

  tab = (name: string) => this.page.getByRole('tab', { name }).click()
  to = (part: number) => this.tap(new RegExp(`^Part ${part}:`))
  minutes = async (n: number) => {
    for (let i = 0; i < n; i++) await this.page.clock.fastForward(60_000)
  }

  /** What the server has of it, once all is sent. */
  async told() {
    await expect(this.page.getByText('All sent')).toBeVisible()
    const ride = { ...this, rail: '' }
    // The last tap may still be on its way: what is there has to stay for a while.
    let told = await review(this.page, ride)
    await expect
      .poll(async () => {
        const before = told.log?.length
        await new Promise((done) => setTimeout(done, 400))
        told = await review(this.page, ride)
        return Boolean(told.record) && told.log.length === before
      })
      .toBe(true)
    const { record, verdicts } = told
    return {
      rail: record.rail as RideRecord['rail'],
      record: record as RideRecord,
      rules: (verdicts as { rule: string }[]).map((v) => v.rule),
    }
  }

  repeats = () =>
    this.page.evaluate(async (p) => (await fetch(p)).json(), `/api/horses/${this.horseId}/repeats`)
}

export interface More {
  horse?: object
  setUps?: Record<string, object>
  manner?: string
  helper?: boolean
  place?: string[]
  /** Off at rest up to the day before. */
  restedSince?: string
}

/** A horse with such a plan for today. */
export async function planned(page: Page, name: string, parts: object[], more: More = {}) {
  await signIn(page, trainer)
  const call = caller(page)
  const { id } = await call('POST', '', {
    name,
    foaled: 2016,
    height: '16.1 hh',
    sex: 'mare',
    experience: 'established',
    ...more.horse,
  })
  const setUps: Record<string, string> = {}
  for (const [name, entry] of Object.entries(more.setUps ?? {}))
    setUps[name] = (await call('POST', `${id}/set-ups`, { name, entry: { ...place, ...entry } })).id
  for (const rungId of more.place ?? [])
    await call('POST', `${id}/ladders/moves`, {
      strand: rungId.split('/')[0]!.replace(/-(\w)/, (_, c: string) => c.toUpperCase()),
      rungId,
      word: 'seen elsewhere',
    })
  if (more.restedSince)
    await call('POST', `${id}/time-away`, {
      from: more.restedSince,
      until: '2026-04-17',
      because: 'rest',
      word: 'in the field',
    })
  const entry = {
    on: '2026-04-18',
    emphasis: name,
    manner: more.manner ?? 'ridden',
    helper: more.helper ?? true,
    parts: (parts as { setUpId?: string }[]).map((p) =>
      p.setUpId ? { ...p, setUpId: setUps[p.setUpId] } : p,
    ),
  }
  const kept = await call('POST', `${id}/sessions`, entry)
  expect(kept.id, JSON.stringify(kept.faults ?? kept).slice(0, 600)).toBeTruthy()
  return { id: id as string, sessionId: kept.id as string }
}

/** The rail page of it on a telephone, before it has begun, and the clock in the test's hand. */
export async function atTheRail(page: Page, { id, sessionId }: { id: string; sessionId: string }) {
  await page.setViewportSize(phone)
  await page.clock.install()
  await page.goto(`/horses/${id}/rail/${sessionId}`)
  return new Ride(page, id, sessionId)
}

/** Begun, with Core standing by. */
export async function begun(ride: Ride) {
  const { page } = ride
  await begin(page).click()
  // Its own clock tells when Core stands, and that is the test's.
  await expect(page.getByText('Advice is on its way.')).toBeHidden({ timeout: 120_000 })
  await page.clock.pauseAt(new Date(Date.now() + 60_000))
  return ride
}

export const ridden = async (page: Page, name: string, parts: object[], more: More = {}) =>
  begun(await atTheRail(page, await planned(page, name, parts, more)))
