import { expect, test, vi } from 'vitest'
import { follow, howFar, underWay, type Job } from './jobs'

const job = (more: Partial<Job> = {}): Job => ({
  id: 'a',
  state: 'waiting',
  ahead: 0,
  done: 0,
  ofAll: 0,
  ...more,
})
const accepted = (more: Partial<Job> = {}) => Response.json(job(more), { status: 202 })

test('it is asked after until it is done, and the answer is what the order would have been answered', async () => {
  const seen: string[] = []
  const answers = [accepted({ state: 'working', done: 3, ofAll: 8 }), Response.json({ weeks: [] })]
  const answer = await follow(accepted({ ahead: 2 }), new AbortController().signal, () => {
    seen.push(howFar(underWay.value))
    return Promise.resolve(answers.shift()!)
  })
  expect(await answer.json()).toEqual({ weeks: [] })
  expect(seen).toEqual(['2 plans before it', '3 of 8 weeks'])
  expect(underWay.value).toBeNull()
})

test('a refusal comes back as it is', async () => {
  const refused = () => Promise.resolve(Response.json({ title: 'No.' }, { status: 400 }))
  expect((await follow(accepted(), new AbortController().signal, refused)).status).toBe(400)
})

test('a signal that fails is sat out for ten seconds and no longer', async () => {
  vi.useFakeTimers()
  let asked = 0
  const away = () => {
    asked++
    return Promise.reject(new TypeError('no signal'))
  }
  const followed = expect(follow(accepted(), new AbortController().signal, away)).rejects.toThrow('no signal')
  await vi.advanceTimersByTimeAsync(9_000)
  expect(asked).toBeGreaterThan(8)
  expect(underWay.value).not.toBeNull()
  await vi.advanceTimersByTimeAsync(3_000)
  await followed
  vi.useRealTimers()
})

test('whoever stops waiting is let go at once', async () => {
  const stop = new AbortController()
  const followed = expect(
    follow(accepted(), stop.signal, () => Promise.resolve(accepted())),
  ).rejects.toMatchObject({
    name: 'AbortError',
  })
  stop.abort()
  await followed
  expect(underWay.value).toBeNull()
})
