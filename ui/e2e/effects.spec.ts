import type { Page } from '@playwright/test'
import { caller, session } from './recorder'
import { expect, test } from './yard'

/**
 * What accepting a verdict does, one walk for each effect a rule can have (docs/rules.md lists which rule has which): from the
 * verdict to the next session. What "Do it" does at the rail is walked in doit.spec.
 */

const noon = '2026-04-18T12:00:00Z'
const told = (kind: string, more: object) => ({ kind, id: crypto.randomUUID(), at: noon, ...more })
const sign = (name: string) => told('signSeen', { sign: name, rein: null })
const marks = (mark: number) => [
  told('marked', { rein: 'left', mark, about: '' }),
  told('marked', { rein: 'right', mark, about: '' }),
]
const calm = [told('tensionSeen', { tension: 1 }), told('closingTest', { passed: true })]

interface Effect {
  does: string
  /** The verdict's word as the card has it. */
  word: string
  events: object[]
  /** What is said of the next session, or instead of it. */
  says: RegExp
}

const effects: Effect[] = [
  { does: 'the same again', word: 'Repeat quietly', events: [sign('rushedBold')], says: /the same again/ },
  { does: 'vary', word: 'Stay', events: [...marks(7), ...calm], says: /one thing otherwise: a pole more/ },
  { does: 'longer', word: 'Ease', events: [sign('addedStride')], says: /30 cm/ },
  { does: 'shorter', word: 'Ease', events: [sign('flatAndLong')], says: /15 cm/ },
  {
    does: 'back to walk',
    word: 'Ease',
    events: [told('polesPassed', { setUpId: null, rein: 'left', clean: 1, touched: 0, rushed: 1 })],
    says: /back to walk, poles on the ground/,
  },
  {
    does: 'rung back',
    word: 'Ease',
    events: [
      told('efforts', { setUpId: null, rein: 'left', heightMetres: 0.5, outcome: 'runOutLeft', count: 1 }),
    ],
    says: /10 cm down/,
  },
  { does: 'cut work', word: 'Stop that work', events: [sign('tired')], says: /the work cut by 20/ },
  {
    does: 'halve work',
    word: 'Cut the work',
    events: [told('weatherRead', { temperatureC: 34, humidityPercent: 30, simulated: false })],
    says: /the work halved/,
  },
  {
    does: 'walk only',
    word: 'End, call the vet',
    events: [told('fell', { who: 'rider', head: false })],
    says: /walk only/,
  },
  {
    does: 'no ridden work',
    word: 'End, call the vet',
    events: [sign('heatInLeg')],
    says: /no ridden work until a vet has cleared it/,
  },
  {
    does: 'no poles',
    word: 'Hold, have it looked at',
    events: [
      told('polesPassed', { setUpId: null, rein: 'left', clean: 6, touched: 0, rushed: 0 }),
      told('polesPassed', { setUpId: null, rein: 'right', clean: 1, touched: 5, rushed: 0 }),
    ],
    says: /without poles and fences/,
  },
  {
    does: 'no changes',
    word: 'Stop that work',
    events: [
      told('changeRidden', { to: 'left', quality: 'clean', where: 'diagonal' }),
      told('tensionSeen', { tension: 4 }),
    ],
    says: /without flying changes, with them again on/,
  },
]

const lead = (page: Page) => page.locator('.verdict .lead')

for (const effect of effects)
  test(`accepted, the next session: ${effect.does}`, async ({ page }) => {
    const { horseId, sessionId } = await session(page, `Effect ${effect.does}`)
    const { id } = await caller(page)('POST', `${horseId}/rides/${sessionId}/events`, {
      sessionId,
      on: '2026-04-18',
      events: effect.events.map((e) => ({ ...e, id: crypto.randomUUID() })),
    })
    await page.goto(`/horses/${horseId}/review/${id}`)
    await expect(lead(page)).toHaveText(effect.word)
    await page.getByRole('button', { name: /^Accept,/ }).click()
    await expect(page.locator('.verdict')).toContainText(effect.says)
    await expect(page.getByText(/^Accepted by Maren Holt/)).toBeVisible()
  })

for (const { way, mark, word } of [
  { way: 'back', mark: 4, word: 'Go back' },
  { way: 'up', mark: 8, word: 'One rung up' },
])
  test(`accepted ${way}, the rung follows and shows from where to where`, async ({ page }) => {
    const { horseId } = await session(page, `Effect ladder ${way}`)
    const call = caller(page)
    const rungId = 'flatwork/fifteen-metres'
    await call('POST', `${horseId}/ladders/moves`, { strand: 'flatwork', rungId, word: 'seen at the clinic' })
    const part = (phase: string, gait: string, more = {}) => ({
      phase,
      what: gait,
      gait,
      rein: 'both',
      minutes: 12,
      ...more,
    })
    let ride = ''
    // Rides from before the horse came to a rung say nothing of it.
    for (const on of ['2026-04-18', '2026-04-18']) {
      const kept = await call('POST', `${horseId}/sessions`, {
        on,
        emphasis: 'Smaller circles',
        manner: 'ridden',
        parts: [part('warmUp', 'walk'), part('work', 'trot', { rungId }), part('coolDown', 'walk')],
      })
      const sent = await call('POST', `${horseId}/rides/${kept.id}/events`, {
        sessionId: kept.id,
        on,
        events: [...marks(mark), ...calm].map((e) => ({ ...e, id: crypto.randomUUID() })),
      })
      ride = sent.id
    }
    await page.goto(`/horses/${horseId}/review/${ride}`)
    await expect(lead(page)).toHaveText(word)
    await page.getByRole('button', { name: /^Accept,/ }).click()
    await expect(page.locator('.verdict')).toContainText(/Flatwork: .+ → .+/)
    // The ride keeps the word that was answered, although the horse stands on another rung now.
    await page.reload()
    await expect(lead(page)).toHaveText(word)
  })

test('a tired horse’s block comes out with less, before and after, and is taken over', async ({ page }) => {
  const { horseId, sessionId } = await session(page, 'Effect block')
  const call = caller(page)
  const { entry } = await page.evaluate(
    async (p) => (await fetch(p)).json(),
    `/api/horses/${horseId}/blocks/suggestion`,
  )
  const now = { walk: 90, trot: 70, canter: 20, total: 180 }
  await call('POST', `${horseId}/blocks`, { entry: { ...entry, now } })
  const { id } = await call('POST', `${horseId}/rides/${sessionId}/events`, {
    sessionId,
    on: '2026-04-18',
    events: [sign('tired')],
  })
  await page.goto(`/horses/${horseId}/review/${id}`)
  await expect(lead(page)).toHaveText('Stop that work')
  await page.getByRole('button', { name: /^Accept,/ }).click()
  await expect(page.getByRole('heading', { name: /before and after/ })).toBeVisible()
  await expect(page.getByText(/A verdict was accepted/)).toBeVisible()
  await page.getByRole('button', { name: /^Take/ }).click()
  await expect(page.getByText('The plan was changed.')).toBeVisible()
})
