// Takes the pictures of docs/screenshots/ from a running demo: node pictures.mjs [address] [folder] [only…]
import { chromium } from '@playwright/test'
import { headless } from './headless.mjs'

const [address = 'http://127.0.0.1:5080', folder = '../docs/screenshots', ...only] = process.argv.slice(2)
const browser = await chromium.launch(headless)
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
page.on(
  'console',
  (m) => ['error', 'warning'].includes(m.type()) && console.log(m.type(), m.text().slice(0, 300)),
)
page.on('pageerror', (e) => console.log('page error', e.message))

await page.goto(`${address}/sign-in`)
await page.getByLabel('E-mail').fill('maren@fernhollow.example')
await page.getByLabel('Password').fill('three odd socks')
const shoot = async (name, size) => {
  if (only.length && !only.includes(name)) return
  if (size) await page.setViewportSize(size)
  await new Promise((done) => setTimeout(done, 700))
  await page.screenshot({ path: `${folder}/${name}.png` })
  if (size) await page.setViewportSize({ width: 1280, height: 800 })
}
await page.getByRole('button', { name: 'Sign in' }).click()
await page.getByRole('link', { name: 'Quillan' }).waitFor()
await shoot('today')
const horse = async (name, step) => {
  await page.goto(address)
  await page.getByRole('link', { name, exact: true }).click()
  await page.getByRole('heading', { name, level: 1 }).waitFor()
  if (step)
    await page
      .getByRole('navigation', { name: `Steps of ${name}` })
      .getByRole('link', { name: step })
      .click()
  await page.waitForTimeout(600)
}
await horse('Old Verity')
await shoot('passport')
await page.getByRole('link', { name: 'What repeats' }).click()
await page.getByRole('heading', { name: 'What it does every time' }).waitFor()
await shoot('what-repeats')
await horse('Old Verity')
await page.getByRole('link', { name: 'Sun 12 Apr' }).first().click()
await page.getByRole('heading', { name: 'Where to start' }).waitFor()
await shoot('assessment')
await horse('Old Verity', 'Aims')
await page.getByRole('link', { name: 'Readiness' }).first().click()
await page.getByRole('heading', { name: 'What could move' }).waitFor()
await shoot('readiness')
await page.getByRole('button', { name: 'Change what it asks' }).click()
await page.getByRole('heading', { name: 'What it asks', exact: true }).waitFor()
await shoot('demands')
await horse('Old Verity', 'Aims')
await page.getByRole('link', { name: 'Dressage tests' }).click()
await page.getByRole('link', { name: 'Long Meadow' }).click()
for (const piece of [8, 10]) await page.getByRole('checkbox', { name: `Piece ${piece}:` }).check()
await page.evaluate(() => window.scrollTo(0, 0))
await shoot('test')
await horse('Sablewood', 'Season')
await page.getByRole('heading', { name: 'Weeks', exact: true }).waitFor()
await shoot('season', { width: 1280, height: 1120 })
await horse('Old Verity')
const then = page.locator('section', { has: page.getByRole('heading', { name: 'Then and now' }) })
await then.evaluate((card) => window.scrollTo(0, card.offsetTop - 24))
await shoot('then-and-now')
await page.goto(`${address}/week`)
await page.getByRole('rowheader', { name: 'Brannoc' }).waitFor()
await shoot('week')
const setUp = async (name, title) => {
  await horse(name, 'Set-ups')
  await page.locator('h2 a').filter({ hasText: title }).first().click()
  await page.getByRole('heading', { name: title, level: 1 }).waitFor()
}
await setUp('Sablewood', 'Grid of 4')
await shoot('set-up-grid')
await page.goto(`${address}/arena`)
await page.getByRole('heading', { name: 'To sort out' }).waitFor()
await shoot('arena')
await page.goto(address)
await page.getByRole('link', { name: 'Tarn Lark', exact: true }).waitFor()
const lark = await page.getByRole('link', { name: 'Tarn Lark', exact: true }).getAttribute('href')
const day = await page.evaluate(async () => (await (await fetch('/api/today')).json()).on)
await page.goto(`${address}${lark.replace('passport', `season/new?on=${day}`)}`)
await page.getByLabel('Work on', { exact: true }).selectOption({ label: 'Poles' })
await page.getByLabel('Someone on the ground').check()
await page.getByRole('button', { name: 'Propose a session' }).click()
await page.getByText('Proposed.').waitFor()
await page.waitForTimeout(1500)
await page.getByRole('button', { name: /^Part 1:/ }).click()
await page.getByLabel('Minutes of part 1', { exact: true }).fill('5')
await page.keyboard.press('Tab')
await page.getByRole('button', { name: /^Part 1:/ }).click()
// Until the note at the foot has gone.
await page.waitForTimeout(13_000)
await shoot('session', { width: 1280, height: 1000 })
await horse('Quillan', 'Review')
await shoot('review', { width: 1280, height: 1300 })
await horse('Tarn Lark')
await page.getByRole('link', { name: 'The ladders' }).click()
await page.waitForTimeout(600)
await shoot('library')
await setUp('Sablewood', 'Course')
await shoot('course')
await page.goto(`${address}/yard-book`)
await page.waitForTimeout(500)
await shoot('yard-book')
// Last, since it begins a ride: Tarn Lark's raised poles at the rail.
const tablet = { width: 820, height: 1180 }
const phone = { width: 390, height: 844 }
await page.goto(address)
await page
  .locator('li', { has: page.getByRole('link', { name: 'Tarn Lark', exact: true }) })
  .getByRole('link', { name: 'To the rail' })
  .click()
await page.clock.install()
await page.getByRole('button', { name: /^Begin/ }).click()
await page.getByRole('button', { name: /Left rein/ }).click()
await page.clock.runFor(10 * 60_000)
for (const [gait, minutes] of [
  ['Trot', 6],
  ['Canter', 8],
  ['Trot', 4],
]) {
  await page.getByRole('button', { name: /^Next:/ }).click()
  await page.getByRole('button', { name: new RegExp(`^${gait}`) }).click()
  await page.clock.runFor(minutes * 60_000)
}
for (let i = 0; i < 4; i++) await page.getByRole('button', { name: /^Clean/ }).click()
await page.getByRole('button', { name: 'Right hind' }).click()
await page.getByRole('button', { name: /^Rushed/ }).click()
await page.getByRole('button', { name: 'Do it' }).waitFor()
await page.clock.runFor(1000)
await page.evaluate(() => window.scrollTo(0, 0))
await shoot('rail-tablet', tablet)
// Done, the poles are rebuilt for walk and the plan says so.
await page.getByRole('button', { name: 'Do it' }).click()
await page.getByText(/^Rebuilt:/).waitFor()
await page.clock.runFor(1000)
await shoot('rail-phone', phone)
await browser.close()
