import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { newest } from './newest'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

/** A line that answers after so many milliseconds, and tells what went over it. */
function line(ms: number) {
  const asked: number[] = []
  const aborted: number[] = []
  const heard: string[] = []
  let open = 0
  let most = 0
  const ask = newest(
    (input: number, signal: AbortSignal) => {
      asked.push(input)
      most = Math.max(most, ++open)
      return new Promise<string>((ok, no) => {
        const timer = setTimeout(() => {
          open--
          ok(`answer ${input}`)
        }, ms)
        signal.addEventListener('abort', () => {
          clearTimeout(timer)
          open--
          aborted.push(input)
          no(new DOMException('', 'AbortError'))
        })
      })
    },
    (answer) => heard.push(answer),
    (e) => heard.push(String(e)),
  )
  return { ask, asked, aborted, heard, most: () => most }
}

async function drag(ask: (input: number) => void, steps: number) {
  for (let i = 1; i <= steps; i++) {
    ask(i)
    await vi.advanceTimersByTimeAsync(16)
  }
  await vi.advanceTimersByTimeAsync(2000)
}

test('on a quick line each step of a drag is answered', async () => {
  const near = line(5)
  await drag(near.ask, 10)
  expect(near.heard).toHaveLength(10)
  expect(near.most()).toBe(1)
})

test('on a slow line one request is under way, and the last step has the last word', async () => {
  const slow = line(180)
  await drag(slow.ask, 60)
  expect(slow.most()).toBe(1)
  expect(slow.aborted).toEqual([])
  expect(slow.asked.length).toBeLessThan(8)
  expect(slow.heard.length).toBeGreaterThan(3)
  expect(slow.heard.at(-1)).toBe('answer 60')
})

test('an answer that stays away is waited for no more once there is something newer', async () => {
  const stuck = line(10_000)
  stuck.ask(1)
  await vi.advanceTimersByTimeAsync(100)
  stuck.ask(2)
  stuck.ask(3)
  await vi.advanceTimersByTimeAsync(200)
  expect(stuck.aborted).toEqual([1])
  expect(stuck.asked).toEqual([1, 3])
  expect(stuck.most()).toBe(1)
  await vi.advanceTimersByTimeAsync(10_000)
  expect(stuck.heard).toEqual(['answer 3'])
})

test('with nothing newer a slow answer is waited for', async () => {
  const slow = line(3000)
  slow.ask(1)
  await vi.advanceTimersByTimeAsync(3000)
  expect(slow.heard).toEqual(['answer 1'])
})
