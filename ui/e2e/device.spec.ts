import type { Page } from '@playwright/test'
import { room } from './room'
import { choose, expect, newHorse, openHorse, openPart, signIn, test, trainer } from './yard'

/** Core on the device: it answers as the server does, keeps up with a drag, and is not missed where it does not come. */

const askedToMeasure = (page: Page) => {
  const asked = { times: 0 }
  page.on('request', (r) => r.url().endsWith('/set-ups/measure') && asked.times++)
  return asked
}

async function aLine(page: Page, horse: string) {
  await newHorse(page, horse)
  await openHorse(page, horse, 'Set-ups')
  await page.getByRole('link', { name: 'New set-up' }).click()
  await choose(page, 'What stands there', 'Fences: grid or line')
  await choose(page, 'They are', 'A related line')
  await page.getByRole('button', { name: 'Take element 1 out' }).click()
  await choose(page, 'Strides before element 2', '4 strides')
  const distance = page.getByRole('textbox', { name: 'Distance before element 2' })
  await expect(distance).toHaveValue('16.90 m')
  return distance
}

test('every set-up of the yard measures the same here and at the server, to the byte', async ({ page }) => {
  await signIn(page, trainer)
  await page.goto('/arena')
  const said = await page.evaluate(async () => {
    const get = async (path: string) => (await fetch(path)).json()
    const token = (await get('/api/sign-in')).token
    const post = (path: string, body: string) =>
      fetch(path, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', 'X-Hippodrome-Token': token },
        body,
      })
    const worker = (await (await fetch('/sw.js')).text()).match(
      /device (\/device\/\w+\/)|["'`](\/device\/\w+\/)/,
    )!
    const { dotnet } = await import(/* @vite-ignore */ `${worker[1] ?? worker[2]}dotnet.js`)
    const core = (await (await dotnet.create()).getAssemblyExports('Hippodrome.Device.dll')).Hippodrome.Device
      .OnTheDevice
    const families = new Set<string>()
    const differ: string[] = []
    let n = 0
    for (const horse of await get('/api/horses')) {
      const carried = await (await fetch(`/api/horses/${horse.id}/carried`)).text()
      for (const setUp of await get(`/api/horses/${horse.id}/set-ups`))
        for (const arena of ['sixtyByTwenty', 'fortyByTwenty'])
          for (const turnedDegrees of [null, 30, -15]) {
            const entry = JSON.stringify({ ...setUp.entry, arena, turnedDegrees })
            const answer = await post(`/api/horses/${horse.id}/set-ups/measure`, entry)
            const there = await answer.text()
            const here: string = core.Measure(carried, entry)
            const wanted = answer.ok
              ? `{"answer":${there},"faults":[]}`
              : `{"answer":null,"faults":${JSON.stringify(JSON.parse(there).faults)}}`
            n++
            families.add(setUp.entry.family)
            if (here === wanted) continue
            const at = [...wanted].findIndex((c, i) => c !== here[i])
            const around = (answer: string) => answer.slice(at - 40, at + 40)
            differ.push(
              `${horse.name}, ${setUp.name}, ${arena}, turned ${turnedDegrees}: ` +
                `here …${around(here)}…, there …${around(wanted)}…`,
            )
          }
    }
    return { n, families: [...families].sort(), differ }
  })
  expect(said.differ).toEqual([])
  expect(said.n).toBeGreaterThan(60)
  // The square of poles and the corridor stand in no horse's book of the demo.
  expect(said.families.length).toBeGreaterThan(4)
})

test('every session of the yard, also as it is changed, is checked the same here and at the server, to the byte', async ({
  page,
}) => {
  await signIn(page, trainer)
  await page.goto('/arena')
  const said = await page.evaluate(async () => {
    const get = async (path: string) => (await fetch(path)).json()
    const token = (await get('/api/sign-in')).token
    const worker = (await (await fetch('/sw.js')).text()).match(
      /device (\/device\/\w+\/)|["'`](\/device\/\w+\/)/,
    )!
    const { dotnet } = await import(/* @vite-ignore */ `${worker[1] ?? worker[2]}dotnet.js`)
    const core = (await (await dotnet.create()).getAssemblyExports('Hippodrome.Device.dll')).Hippodrome.Device
      .OnTheDevice
    const rules = new Set<string>()
    const differ: string[] = []
    let n = 0
    for (const horse of await get('/api/horses')) {
      const of = `/api/horses/${horse.id}/sessions`
      for (const kept of await get(`${of}?from=2026-04-08&to=2026-05-02`)) {
        const { on, emphasis, manner, helper, parts, notes, place, tackIds, keptFaults, startsAt } = kept
        const plain = { on, emphasis, manner, helper, parts, notes, place, tackIds, keptFaults, startsAt }
        const alone = { ...plain, helper: false, keptFaults: [] }
        const backwards = { ...alone, parts: [...parts].reverse() }
        const long = { ...alone, parts: parts.map((p: { minutes: number }) => ({ ...p, minutes: 40 })) }
        const wrong = { ...alone, parts: [] }
        core.Plan(await (await fetch(`${of}/facts?on=${on}`)).text())
        for (const body of [plain, alone, backwards, long, wrong]) {
          const entry = JSON.stringify(body)
          const answer = await fetch(`${of}/check?sessionId=${kept.id}`, {
            method: 'POST',
            headers: { 'Content-Type': 'application/json', 'X-Hippodrome-Token': token },
            body: entry,
          })
          const there = await answer.text()
          const here: string = core.CheckSession(kept.id, entry)
          const wanted = answer.ok
            ? `{"answer":${there},"faults":[]}`
            : `{"answer":null,"faults":${JSON.stringify(JSON.parse(there).faults)}}`
          n++
          if (answer.ok)
            for (const fault of JSON.parse(there).faults as { rule: string }[]) rules.add(fault.rule)
          if (here === wanted) continue
          const at = [...wanted].findIndex((c, i) => c !== here[i])
          differ.push(
            `${horse.name}, ${on}: here …${here.slice(at - 60, at + 60)}…, there …${wanted.slice(at - 60, at + 60)}…`,
          )
        }
      }
    }
    return { n, rules: [...rules].sort(), differ }
  })
  expect(said.differ).toEqual([])
  expect(said.n).toBeGreaterThan(120)
  expect(said.rules.length, said.rules.join(', ')).toBeGreaterThan(12)
})

test('a session is checked on the device as it is typed', async ({ page }) => {
  await signIn(page, trainer)
  await openHorse(page, 'Quillan', 'Season')
  let asked = 0
  page.on('request', (r) => r.url().includes('/sessions/check') && asked++)
  await page.getByRole('link', { name: 'Plan a session' }).first().click()
  await page.waitForFunction(() => performance.getEntriesByName('core stands').length)
  await page.waitForLoadState('networkidle')
  asked = 0
  await openPart(page, 1)
  await page.getByLabel('Minutes of part 1').fill('3')
  await expect(page.getByText(/walk first/i).first()).toBeVisible()
  expect(asked).toBe(0)
})

test('a drag is measured on the device, also once the signal is gone', async ({ page, context }) => {
  await signIn(page, trainer)
  const distance = await aLine(page, 'Sedge Nearby')
  await page.waitForFunction(() => performance.getEntriesByName('core stands').length)
  const fence = page.getByRole('button', { name: /^Move Upright 60 cm/ })
  const asked = askedToMeasure(page)
  await context.setOffline(true)
  try {
    const from = Number.parseFloat(await distance.inputValue())
    for (let i = 0; i < 4; i++) await fence.press('ArrowRight')
    await expect(distance).toHaveValue(`${(from + 0.2).toFixed(2)} m`)
    expect(asked.times).toBe(0)
  } finally {
    await context.setOffline(false)
  }
})

test('where it cannot come, the server measures', async ({ browser, baseURL }) => {
  const context = await browser.newContext({ ...room, baseURL })
  const page = await context.newPage()
  await context.route('**/device/**', (route) => route.abort())
  await signIn(page, trainer)
  const asked = askedToMeasure(page)
  const distance = await aLine(page, 'Sedge Farther')
  const before = asked.times
  await page.getByRole('button', { name: /^Move Upright 60 cm/ }).press('ArrowRight')
  await expect(distance).toHaveValue('16.95 m')
  expect(asked.times).toBeGreaterThan(before)
  await context.close()
})
