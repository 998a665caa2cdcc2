import { QueryClient } from '@tanstack/vue-query'
import { expect, test } from 'vitest'
import { askAnew, bearsUpon, keys } from './keys'

/** Every page's question, of two horses; answers which of them are asked anew. */
function after(touched: readonly (readonly unknown[])[]) {
  const queries = new QueryClient()
  const asked = {
    today: keys.today,
    week: keys.week('2026-04-13'),
    horses: keys.horses,
    library: keys.library,
    people: keys.people,
    'its passport': keys.ofHorse('a').passport,
    'its ride': keys.ofHorse('a').ride('r'),
    'its block': keys.ofHorse('a').block('b'),
    'its ladders': keys.ofHorse('a').ladders,
    'another passport': keys.ofHorse('b').passport,
    'another ladders': keys.ofHorse('b').ladders,
  }
  for (const key of Object.values(asked)) queries.setQueryData(key, 'known')
  for (const queryKey of touched) void queries.invalidateQueries({ queryKey })
  return Object.entries(asked)
    .filter(([, key]) => queries.getQueryState(key)!.isInvalidated)
    .map(([name]) => name)
}

test('what changes of a horse bears upon all of it, and the pages of the yard that show it, and on no other horse', () =>
  expect(after(bearsUpon.horse('a'))).toEqual([
    'today',
    'week',
    'horses',
    'its passport',
    'its ride',
    'its block',
    'its ladders',
  ]))

test('a ladder by itself bears upon nothing else', () =>
  expect(after(bearsUpon.ladders('a'))).toEqual(['its ladders']))

test('the yard’s own library stands on the ladders of every horse', () =>
  expect(after(bearsUpon.library)).toEqual(
    expect.arrayContaining(['library', 'its ladders', 'another ladders']),
  ))

test('people are nobody’s ride', () => expect(after(bearsUpon.people)).toEqual(['people']))

test('an answer of before a change, still under way off the screen, is not taken for what is there now', async () => {
  const queries = new QueryClient()
  let answer: (all: string[]) => void = () => undefined
  const slow = queries.prefetchQuery({
    queryKey: keys.today,
    queryFn: () => new Promise<string[]>((done) => (answer = done)),
  })
  const changed = askAnew(queries, [keys.today])
  answer(['of before'])
  await Promise.all([slow, changed])
  expect(queries.getQueryData(keys.today)).toBeUndefined()

  // Known and asked again: what was known stays, marked to be asked anew.
  queries.setQueryData(keys.today, ['known'])
  const again = queries.prefetchQuery({
    queryKey: keys.today,
    queryFn: () => new Promise<string[]>((done) => (answer = done)),
  })
  const once = askAnew(queries, [keys.today])
  answer(['of before'])
  await Promise.all([again, once])
  expect(queries.getQueryState(keys.today)).toMatchObject({ data: ['known'], isInvalidated: true })
})
