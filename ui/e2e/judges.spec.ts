import { readFileSync } from 'node:fs'
import type { JudgedTap } from '../src/api/schema'
import { corpus } from './corpus'
import { expect, signIn, test, trainer } from './yard'

/** One judge in two places: what Core says on the device it says on the server, to the byte. */

/** Every rule of a ride, from the page that is made from the code. */
const rules = readFileSync('../docs/rules.md', 'utf8')
  .split('## Of rides')[1]!
  .split('## Of plans')[0]!
  .split('\n')
  .flatMap((line) => /^\| (\w+) \|/.exec(line)?.[1] ?? [])
  .filter((name) => name !== 'kept')

test('ninety-six rides are judged alike here and there, and every rule speaks and is silent in them', async ({
  page,
}) => {
  test.setTimeout(240_000)
  await signIn(page, trainer)
  await page.goto('/arena')
  const rides = corpus(96).map((made) => made.ride)
  const [answers, differ] = await page.evaluate(async (rides) => {
    const token = (await (await fetch('/api/sign-in')).json()).token
    const worker = (await (await fetch('/sw.js')).text()).match(
      /device (\/device\/\w+\/)|["'`](\/device\/\w+\/)/,
    )!
    const { dotnet } = await import(/* @vite-ignore */ `${worker[1] ?? worker[2]}dotnet.js`)
    const core = (await (await dotnet.create()).getAssemblyExports('Hippodrome.Device.dll')).Hippodrome.Device
      .OnTheDevice
    // The demo's own rides too, with what its sheets know of their horses.
    for (const horse of await (await fetch('/api/horses')).json()) {
      const sheet = await fetch(`/api/horses/${horse.id}/rail`)
      const list = (await (await fetch(`/api/horses/${horse.id}/rides`)).json()) as { id: string }[]
      if (!sheet.ok || !list[0]) continue
      const { facts } = await sheet.json()
      const taps = await (await fetch(`/api/horses/${horse.id}/rides/${list[0].id}/taps`)).json()
      if (taps.length) rides.push({ facts, taps, earlier: [], rung: null })
    }
    const answers: string[] = []
    const differ: string[] = []
    for (const ride of rides) {
      const body = JSON.stringify(ride)
      const there = await (
        await fetch('/api/rides/judge', {
          method: 'POST',
          headers: { 'Content-Type': 'application/json', 'X-Hippodrome-Token': token },
          body,
        })
      ).text()
      const here: string = core.JudgeCourse(body)
      answers.push(there)
      if (here === there) continue
      const at = [...there].findIndex((c, i) => c !== here[i])
      differ.push(`here …${here.slice(at - 60, at + 60)}…, there …${there.slice(at - 60, at + 60)}…`)
    }
    return [answers, differ] as const
  }, rides)
  expect(differ).toEqual([])
  expect(answers.length).toBeGreaterThan(96)

  // One tap away: silent after one, speaking after the next.
  const turned = new Map<string, number>()
  for (const answer of answers) {
    const said = (JSON.parse(answer) as JudgedTap[]).map(
      ({ rail, review }) =>
        new Set([...(rail.advice ? [rail.advice.rule] : []), ...review.map((v) => v.rule)]),
    )
    for (const rule of rules)
      if (said.some((now, i) => i > 0 && now.has(rule) && !said[i - 1]!.has(rule)))
        turned.set(rule, (turned.get(rule) ?? 0) + 1)
  }
  expect(rules.length).toBeGreaterThan(70)
  expect(rules.filter((rule) => (turned.get(rule) ?? 0) < 3)).toEqual([])
})
