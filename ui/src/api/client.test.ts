import { beforeEach, expect, test, vi } from 'vitest'

/** Requests as the server would see them; each is answered by the next of these. */
const sent: { url: string; creation: string | null; token: string | null }[] = []
let answers: (() => Promise<Response>)[] = []

vi.stubGlobal('location', { origin: 'http://yard.test' })
vi.stubGlobal('fetch', (request: Request) => {
  sent.push({
    url: new URL(request.url).pathname,
    creation: request.headers.get('Hippodrome-Creation'),
    token: request.headers.get('X-Hippodrome-Token'),
  })
  return answers.shift()!()
})
const { ask, client, Problem } = await import('./client')

const json = (status: number, body: object) => () =>
  Promise.resolve(
    new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } }),
  )
const gone = () => Promise.reject(new TypeError('Failed to fetch'))
const add = (name: string) => ask(() => client.POST('/api/horses', { body: { name } }))

beforeEach(() => {
  sent.length = 0
})

test('without a signal it is said so, and nothing typed is given up', async () => {
  answers = [gone]
  await expect(ask(() => client.GET('/api/today'))).rejects.toMatchObject({
    status: 0,
    title: 'No connection.',
  })
})

test('a refusal brings its faults by field', async () => {
  const faults = [{ field: 'name', says: 'A name is missing.', mend: 'Type one.' }]
  answers = [json(400, { title: 'No.', detail: 'A name is missing.', faults })]
  await expect(add('')).rejects.toEqual(new Problem(400, 'No.', 'A name is missing.', faults))
})

test('a page that has grown old gets a new token, and the request goes again by itself', async () => {
  answers = [json(400, { stale: true }), json(200, { token: 'fresh' }), json(200, { name: 'Vetch' })]
  expect(await add('Vetch')).toEqual({ name: 'Vetch' })
  expect(sent.map((s) => s.url)).toEqual(['/api/horses', '/api/sign-in', '/api/horses'])
  expect(sent[2]!.token).toBe('fresh')
})

test('what got no answer is sent again under its own id, changed or not; what was answered is done with', async () => {
  answers = [gone, json(200, {}), json(200, {})]
  await expect(add('Vetch')).rejects.toMatchObject({ status: 0 })
  await add('Vetch the Second')
  await add('Vetch the Second')
  const [lost, again, another] = sent.map((s) => s.creation)
  expect(again).toBe(lost)
  expect(another).not.toBe(again)
})
