import AxeBuilder from '@axe-core/playwright'
import { room } from './room'
import { test as base, expect, type BrowserContext, type Locator, type Page } from '@playwright/test'

/** The demo yard as its people see it, on Saturday 18 April 2026. */

export const password = 'three odd socks'
export const trainer = 'maren@fernhollow.example'
export const rider = 'tam@fernhollow.example'
export const owner = 'odile@fernhollow.example'
export const vet = 'iva@fernhollow.example'

interface Shared {
  context: BrowserContext
  page: Page | null
}

/**
 * Every test also watches that the page asks for nothing elsewhere and breaks nothing. Walks of one worker share a
 * page that has been through the door and has the files and their scripts compiled; a walk that takes the signal away,
 * stops the clock or signs out has a browser of its own.
 */
export const test = base.extend<{ quiet: void; ownBrowser: boolean }, { shared: Shared }>({
  ownBrowser: [false, { option: true }],
  shared: [
    async ({ browser }, use, info) => {
      const context = await browser.newContext({ ...room, baseURL: info.project.use.baseURL })
      await use({ context, page: null })
      await context.close()
    },
    { scope: 'worker' },
  ],
  context: async ({ browser, ownBrowser, shared }, use) => {
    if (!ownBrowser) return use(shared.context)
    const own = await browser.newContext()
    await use(own)
    await own.close()
  },
  page: async ({ context, ownBrowser, shared, viewport, baseURL }, use, info) => {
    if (ownBrowser) return use(await context.newPage())
    const page = shared.page ?? (await context.newPage())
    shared.page = page
    await page.setViewportSize(viewport ?? room.viewport)
    await use(page)
    // What one walk left behind is none of the next one's; after one that went wrong nobody knows what is left.
    if (info.status !== info.expectedStatus) shared.page = null
    for (const other of context.pages()) if (other !== shared.page) await other.close()
    if (!shared.page) return
    page.removeAllListeners()
    await page.unrouteAll()
    await page.emulateMedia({ media: null })
    if (page.url().startsWith(baseURL!)) await page.evaluate(forgetWhatIsKeptHere)
  },
  quiet: [
    async ({ page, baseURL }, use) => {
      const noises: string[] = []
      page.on('pageerror', (e) => noises.push(`page error: ${e.message}`))
      page.on('console', (m) => {
        // A refusal is an answer; the browser writes it down as an error all the same.
        if (m.type() === 'error' && !m.text().startsWith('Failed to load resource')) noises.push(m.text())
      })
      page.on('request', (r) => {
        if (!r.url().startsWith(baseURL!) && !r.url().startsWith('data:')) noises.push(`asked for ${r.url()}`)
      })
      await use()
      expect(noises).toEqual([])
    },
    { auto: true },
  ],
})

export { expect }

/** Empties what the page keeps on the device; the page itself may stay open. */
async function forgetWhatIsKeptHere() {
  localStorage.clear()
  for (const { name } of await indexedDB.databases()) {
    const database = await new Promise<IDBDatabase>((done, failed) => {
      const opening = indexedDB.open(name!)
      opening.onsuccess = () => done(opening.result)
      opening.onerror = () => failed(opening.error)
    })
    const stores = [...database.objectStoreNames]
    await new Promise<void>((done) => {
      if (stores.length === 0) return done()
      const emptying = database.transaction(stores, 'readwrite')
      for (const store of stores) emptying.objectStore(store).clear()
      emptying.oncomplete = () => done()
    })
    database.close()
  }
}

/** Who has been through the door once comes in by the cookie from then on: the door has tests of its own. */
const cookies = new Map<string, Awaited<ReturnType<BrowserContext['cookies']>>>()

/** Who a page is open for. A walk of the same person goes on in it: loading it anew is most of what a short walk costs. */
const openFor = new WeakMap<Page, string>()

export async function signIn(page: Page, email: string) {
  const context = page.context()
  const kept = cookies.get(email)
  if (kept && openFor.get(page) === email && (await goesOn(page))) return
  await context.clearCookies()
  if (kept) {
    await context.addCookies(kept)
    await page.goto('/')
  } else {
    await page.goto('/sign-in')
    await page.getByLabel('E-mail').fill(email)
    await page.getByLabel('Password').fill(password)
    await page.getByRole('button', { name: 'Sign in' }).click()
  }
  await expect(page.getByRole('heading', { name: 'Saturday 18 April' })).toBeVisible()
  if (!kept) cookies.set(email, await context.cookies())
  openFor.set(page, email)
}

/** Back to Today within the page, where nothing that was left open is in the way. */
async function goesOn(page: Page) {
  await page.keyboard.press('Escape')
  try {
    await yardBar(page, 'Today').click({ timeout: 2000 })
    await expect(page.getByRole('heading', { name: 'Saturday 18 April' })).toBeVisible({ timeout: 5000 })
    await page.evaluate(() => localStorage.clear())
    return true
  } catch {
    return false
  }
}

/** Whoever signs out has to go through the door the next time: their cookie opens nothing any more. */
export const signedOut = (email: string) => void cookies.delete(email)

const yardBar = (page: Page, place: string) =>
  page.getByRole('navigation', { name: 'Yard' }).getByRole('link', { name: place, exact: true })

export const openYard = (page: Page, place: string) => yardBar(page, place).click()

/** To Today, by the bar where there is one. */
async function toToday(page: Page) {
  const bar = yardBar(page, 'Today')
  if (await bar.isVisible()) await bar.click()
  else await page.goto('/')
}

export async function openHorse(page: Page, name: string, step?: string) {
  if (new URL(page.url()).pathname !== '/') await toToday(page)
  await page.getByRole('link', { name, exact: true }).click()
  await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible()
  if (step)
    await page
      .getByRole('navigation', { name: `Steps of ${name}` })
      .getByRole('link', { name: step })
      .click()
}

export const choose = (page: Page | Locator, label: string, option: string) =>
  page.getByLabel(label, { exact: true }).selectOption({ label: option })

/** A horse of its own for a test, as the trainer makes it. */
export async function newHorse(page: Page, name: string, far: 'Green' | 'Novice' = 'Novice') {
  if (new URL(page.url()).pathname !== '/') await toToday(page)
  await page.getByRole('link', { name: 'Add a horse' }).first().click()
  await page.getByLabel('Name').fill(name)
  await page.getByLabel('Foaled (year)').fill('2018')
  await page.getByLabel('Height').fill('16.1 hh')
  await choose(page, 'Sex', 'Mare')
  await choose(page, 'How far it has come', far)
  await page.getByRole('button', { name: 'Add the horse' }).click()
  await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible()
}

/** Types a day into a date field, which opens for typing once it is clicked. */
export async function typeDay(page: Page, label: string, day: string) {
  await page.getByLabel(label, { exact: true }).click()
  await page.getByLabel(label, { exact: true }).fill(day)
  await page.keyboard.press('Enter')
}

/** WCAG 2.2 AA as far as a machine can see it. What passes is not listed, nor frames gone through: there are none. */
export async function canBeReadByEveryone(page: Page) {
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode()
    .options({ resultTypes: ['violations'] })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
    .analyze()
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join('; ')}`)).toEqual([])
}

/** Sends as the page would, with its token; long work is asked after until it is done. */
export const send = (page: Page, address: string, body: unknown, method = 'POST') =>
  page.evaluate(
    async ([address, body, method]) => {
      const { token } = await (await fetch('/api/sign-in')).json()
      let answer = await fetch(address, {
        method,
        headers: { 'Content-Type': 'application/json', 'X-Hippodrome-Token': token },
        body,
      })
      const at = answer.headers.get('Location')
      while (answer.status === 202) {
        await new Promise((go) => setTimeout(go, 100))
        answer = await fetch(at!)
      }
      return answer.json()
    },
    [address, JSON.stringify(body), method] as const,
  )

/** Opens a part of the session that is planned, to edit it. */
export async function openPart(page: Page, number: number) {
  await page.getByRole('button', { name: new RegExp(`^Part ${number}:`) }).click()
}
