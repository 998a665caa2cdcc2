import { begin, caller, installed, phone, review } from './recorder'
import { canBeReadByEveryone, expect, newHorse, signIn, test, trainer } from './yard'

test.use({ ownBrowser: true, serviceWorkers: 'allow' })

/** Most riders have nobody at the rail: the telephone in the pocket reads the sheet, and is written up afterwards. */

declare global {
  // What the stand-in for the device’s voice was given to say.
  var said: string[]
}

test('the sheet is read aloud without a signal, and written up on the same pads', async ({
  page,
  context,
}) => {
  await page.addInitScript(() => {
    globalThis.said = []
    const voice = { lang: 'en-GB', localService: true } as SpeechSynthesisVoice
    Object.assign(globalThis, {
      SpeechSynthesisUtterance: class {
        constructor(readonly text: string) {}
      },
    })
    speechSynthesis.getVoices = () => [voice]
    speechSynthesis.speak = (words) => void globalThis.said.push(words.text)
  })
  await signIn(page, trainer)
  await newHorse(page, 'Lone Linnet')
  const horseId = new URL(page.url()).pathname.split('/')[2]!
  const call = caller(page)
  const part = (phase: string, what: string, gait: string, minutes: number) => ({
    phase,
    what,
    gait,
    rein: 'both',
    minutes,
  })
  const plan = {
    on: '2026-04-18',
    emphasis: 'Steady tempo',
    manner: 'ridden',
    parts: [
      part('warmUp', 'Walk on a long rein', 'walk', 10),
      part('work', 'Large circles', 'trot', 12),
      part('coolDown', 'Walk on a long rein', 'walk', 8),
    ],
  }
  // What the last ride asks of this one stands above, on the session and at the rail.
  const before = await call('POST', `${horseId}/sessions`, { ...plan, on: '2026-04-16' })
  await call('POST', `${horseId}/rides/${before.id}/events`, {
    sessionId: before.id,
    on: '2026-04-16',
    events: [
      {
        kind: 'nextToDo',
        id: crypto.randomUUID(),
        at: '2026-04-16T12:00:00Z',
        text: 'The right rein first.',
      },
    ],
  })
  const kept = await call('POST', `${horseId}/sessions`, plan)
  await page.goto(`/horses/${horseId}/season/${kept.id}`)
  await expect(page.getByRole('region', { name: /Next time, said Maren Holt/ })).toContainText(
    'The right rein first.',
  )

  await page.setViewportSize(phone)
  await page.goto('/')
  expect(await installed(page)).toBe(true)
  await page.goto(`/horses/${horseId}/rail/${kept.id}`)
  await expect(begin(page)).toBeVisible()
  await context.setOffline(true)
  await page.clock.install({ time: new Date('2026-04-18T08:00:00Z') })
  await page.reload()
  await expect(page.getByRole('region', { name: /Next time/ })).toContainText('The right rein first.')
  await page.getByRole('button', { name: 'Riding alone' }).click()
  const black = page.getByRole('region', { name: 'Riding alone' })
  await expect(black).toContainText('Walk on a long rein. Walk, 10 minutes, left rein.')
  await canBeReadByEveryone(page)
  // In the pocket there is nothing to press.
  await expect(black.getByRole('button', { name: /Stop/ })).toBeHidden()
  await page.clock.runFor(5 * 60_000)
  await page.clock.runFor(5 * 60_000)
  await expect(black).toContainText('Large circles. Trot, 12 minutes, right rein.')
  await page.clock.runFor(6 * 60_000)
  await page.clock.runFor(6 * 60_000)
  await page.clock.runFor(4 * 60_000)
  await page.clock.runFor(4 * 60_000)
  expect(await page.evaluate(() => globalThis.said)).toEqual([
    'Walk on a long rein. Walk, 10 minutes, left rein.',
    'The other rein: right.',
    'Large circles. Trot, 12 minutes, right rein.',
    'The other rein: left.',
    'Walk now. Walk on a long rein. Walk, 8 minutes, left rein.',
    'The other rein: right.',
    'That was all. Walk until it is quiet.',
  ])

  // Over: the pads, part by part, then the closing.
  await expect(page.getByText('Write it up: part by part what you saw, then finish.')).toBeVisible()
  await page.getByRole('button', { name: /^Next:/ }).click()
  await page.getByRole('button', { name: /^Give 6/ }).click()
  await page.getByRole('button', { name: 'Keen', exact: true }).click()
  await page.getByRole('button', { name: 'Finish' }).click()
  await page.getByRole('button', { name: 'Yes, passed' }).click()
  await page.getByRole('button', { name: 'Done' }).click()
  await expect(page.getByText(/Kept on this device/)).toBeVisible()

  await context.setOffline(false)
  await page.clock.runFor(60_000)
  await expect(page.getByText('All sent')).toBeVisible()
  const { record } = await review(page, { horseId, sessionId: kept.id, rail: '' })
  const minutes = record.byGait.map((g: { gait: string; left: number; right: number }) => [
    g.gait,
    Math.round(g.left),
    Math.round(g.right),
  ])
  expect(minutes).toEqual([
    ['walk', 9, 9],
    ['trot', 6, 6],
  ])
  expect(record.rail.parts[1].marks.right).not.toBeNull()
})

test('a plan with a fence in it is not read to anybody alone', async ({ page }) => {
  await signIn(page, trainer)
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Sablewood' })
    .getByRole('link', { name: 'To the rail' })
    .click()
  await expect(page.getByText(/Nobody jumps alone: have somebody there/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Riding alone' })).toHaveCount(0)
})
