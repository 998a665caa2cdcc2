// What a person waits for on a slow device over a slow line: node throttled.mjs [address]
// "4G" is 9 Mbit/s down, 1.5 up, 170 ms; "4x" is the browser's own slowing of the page. Median of nine.
import { chromium } from '@playwright/test'
import { headless } from './headless.mjs'

const [address = 'http://127.0.0.1:5080'] = process.argv.slice(2)
const rounds = 9
const median = (all) => [...all].sort((a, b) => a - b)[all.length >> 1]
const say = (what, all, unit = 'ms') => console.log(`| ${what} | ${median(all).toFixed(0)} ${unit} |`)

const browser = await chromium.launch(headless)

async function slow(page) {
  const device = await page.context().newCDPSession(page)
  await device.send('Network.enable')
  await device.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: 170,
    downloadThroughput: 9e6 / 8,
    uploadThroughput: 1.5e6 / 8,
  })
  await device.send('Emulation.setCPUThrottlingRate', { rate: 4 })
  return device
}

/** Signed in once; each round begins with an empty cache and the same cookies. */
const first = await browser.newContext({ viewport: { width: 1280, height: 800 } })
const door = await first.newPage()
await door.goto(`${address}/sign-in`)
await door.getByLabel('E-mail').fill('maren@fernhollow.example')
await door.getByLabel('Password').fill('three odd socks')
await door.getByRole('button', { name: 'Sign in' }).click()
await door.getByRole('link', { name: 'Quillan', exact: true }).waitFor()
const horse = new URL(
  await door.getByRole('link', { name: 'Sablewood', exact: true }).getAttribute('href'),
  address,
).pathname.split('/')[2]
const setUps = await door.evaluate(
  async (horse) => (await fetch(`/api/horses/${horse}/set-ups`)).json(),
  horse,
)
const cookies = await first.cookies()
await first.close()

console.log('| over 4G, at 4x, median of nine | |')
console.log('|---|---|')

const bytes = []
const requests = []
const seen = []
for (let i = 0; i < rounds; i++) {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  })
  await context.addCookies(cookies)
  const page = await context.newPage()
  const device = await slow(page)
  let loaded = 0
  let asked = 0
  device.on('Network.loadingFinished', (e) => {
    loaded += e.encodedDataLength
    asked++
  })
  const began = performance.now()
  await page.goto(address, { waitUntil: 'commit' })
  await page.getByRole('link', { name: 'Quillan', exact: true }).waitFor()
  seen.push(performance.now() - began)
  bytes.push(loaded / 1000)
  requests.push(asked)
  await context.close()
}
say('first horse visible', seen)
say('over the wire until then', bytes, 'kB')
say('requests until then', requests, '')

/** Under a drag: from one step to the figures of it, and never two requests under way. */
const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
await context.addCookies(cookies)
const page = await context.newPage()
await page.goto(`${address}/horses/${horse}/set-ups/${setUps.find((s) => s.entry.family === 'fenceLine').id}`)
const handle = page.locator('g.movable').first()
await handle.waitFor()
const device = await slow(page)
let open = 0
let most = 0
let sent = 0
let aborted = 0
device.on('Network.requestWillBeSent', (e) => {
  if (!e.request.url.endsWith('/measure')) return
  sent++
  most = Math.max(most, ++open)
  const end = (x) => {
    if (x.requestId !== e.requestId) return
    open--
    if (x.canceled) aborted++
    device.off('Network.loadingFinished', end)
    device.off('Network.loadingFailed', end)
  }
  device.on('Network.loadingFinished', end)
  device.on('Network.loadingFailed', end)
})
const box = await handle.boundingBox()
await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
await page.mouse.down()
for (let i = 1; i <= 60; i++) {
  await page.mouse.move(box.x + box.width / 2 + i * 2, box.y + box.height / 2)
  await page.waitForTimeout(16)
}
await page.mouse.up()
await page.waitForTimeout(1500)
console.log(`| a drag of sixty steps: requests sent, aborted, most at once | ${sent}, ${aborted}, ${most} |`)

/** On the device, once Core stands there: from a step to the figures of it. */
await page.reload()
await handle.waitFor()
await page.waitForFunction(() => performance.getEntriesByName('core stands').length)
say('Core stands on the device, from opening the page', [
  await page.evaluate(() => performance.getEntriesByName('core stands')[0].startTime),
])
await slow(page)
await page.evaluate(() => {
  window.stepped = []
  const distances = () =>
    [...document.querySelectorAll('input[aria-label^="Distance before"]')].map((f) => f.value).join()
  const onKey = () => {
    const [was, began] = [distances(), performance.now()]
    const look = () =>
      distances() === was ? requestAnimationFrame(look) : window.stepped.push(performance.now() - began)
    look()
  }
  addEventListener('keydown', onKey, true)
})
for (let i = 0; i < rounds; i++) {
  await handle.press(i % 2 ? 'ArrowLeft' : 'ArrowRight')
  await page.waitForFunction((n) => window.stepped.length > n, i, { timeout: 10_000 })
}
const stepped = await page.evaluate(() => window.stepped)
say('a step on the device, to its figures', stepped)

/** From a press to the next paint, at 4x. */
const painted = []
await page.goto(`${address}/horses/${horse}/season`)
await page.locator('.placed').first().waitFor()
for (let i = 0; i < rounds; i++) {
  painted.push(
    await page.evaluate(
      (nth) =>
        new Promise((ok) => {
          const began = performance.now()
          document.querySelectorAll('.placed')[nth % 2].click()
          requestAnimationFrame(() => setTimeout(() => ok(performance.now() - began)))
        }),
      i,
    ),
  )
  await page.waitForTimeout(300)
}
say('a session of the season opened, to the next paint', painted)
await browser.close()
