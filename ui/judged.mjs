// What the judge costs on this device: node judged.mjs [address]
// Five hundred made-up rides, judged by Core in the browser and by the server, one call a ride on each, and a tap at the
// end of a long ride. What runs in a worker is timed unthrottled; the budget of 4x is a quarter of it.
import { readFileSync } from 'node:fs'
import { chromium } from '@playwright/test'
import ts from 'typescript'
import { headless } from './headless.mjs'

const made = ts.transpile(readFileSync('e2e/corpus.ts', 'utf8'), {
  module: ts.ModuleKind.ESNext,
  target: ts.ScriptTarget.ES2022,
})
const { corpus } = await import(`data:text/javascript,${encodeURIComponent(made)}`)
const [address = 'http://127.0.0.1:5080'] = process.argv.slice(2)
const rides = corpus(500).map((made) => made.ride)
const longest = corpus(Number(process.env.N ?? 6)).map((made) => made.ride)
const long = {
  facts: rides[0].facts,
  // Ids of their own and in order of time: one morning after another.
  taps: longest.flatMap(({ taps }, i) =>
    taps
      .filter((e) => e.kind !== 'rideEnded')
      .map((e) => ({ ...e, at: new Date(Date.parse(e.at) + i * 20 * 60_000).toISOString() })),
  ),
}

const browser = await chromium.launch(headless)
const context = await browser.newContext({ serviceWorkers: 'block' })
const page = await context.newPage()
await page.goto(`${address}/sign-in`)
await page.getByLabel('E-mail').fill('maren@fernhollow.example')
await page.getByLabel('Password').fill('three odd socks')
await page.getByRole('button', { name: 'Sign in' }).click()
await page.getByRole('link', { name: 'Quillan', exact: true }).waitFor()
const said = await page.evaluate(
  async ([rides, long]) => {
    const token = (await (await fetch('/api/sign-in')).json()).token
    const worker = (await (await fetch('/sw.js')).text()).match(
      /device (\/device\/\w+\/)|["'`](\/device\/\w+\/)/,
    )
    const began = performance.now()
    const { dotnet } = await import(`${worker[1] ?? worker[2]}dotnet.js`)
    const core = (await (await dotnet.create()).getAssemblyExports('Hippodrome.Device.dll')).Hippodrome.Device
      .OnTheDevice
    const started = performance.now() - began
    const [here, there] = [[], []]
    let differ = 0
    for (const ride of rides) {
      const body = JSON.stringify(ride)
      let t = performance.now()
      const mine = core.JudgeCourse(body)
      here.push(performance.now() - t)
      t = performance.now()
      const theirs = await (
        await fetch('/api/rides/judge', {
          method: 'POST',
          headers: { 'Content-Type': 'application/json', 'X-Hippodrome-Token': token },
          body,
        })
      ).text()
      there.push(performance.now() - t)
      if (mine !== theirs) differ++
    }
    const taps = long.taps.map((e) => JSON.stringify([e]))
    core.Begin(JSON.stringify(long.facts))
    for (const e of taps.slice(0, -30)) core.Judge(e)
    const tap = []
    for (let i = 0; i < 30; i++) {
      const t = performance.now()
      core.Judge(taps[taps.length - 30 + i])
      tap.push(performance.now() - t)
    }
    return { started, here, there, differ, tap, taps: long.taps.length }
  },
  [rides, long],
)
const median = (all) => [...all].sort((a, b) => a - b)[all.length >> 1]
const row = (what, ms) => console.log(`| ${what} | ${ms.toFixed(1)} | ${(4 * ms).toFixed(0)} |`)
console.log(`${rides.length} rides judged on both sides, ${said.differ} told differently\n`)
console.log('| | median ms | at 4x |')
console.log('|---|---|---|')
row('Core fetched and started', said.started)
row('a ride, judged after every tap, on the device', median(said.here))
row('the same at the server, with its request', median(said.there))
row(`a tap of a ride of ${said.taps}`, median(said.tap))
await browser.close()
