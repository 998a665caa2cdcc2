import { expect, test } from 'vitest'
import { inDays, initials, longDay, minutes, shortDay, way } from './format'

test('days are written as riders say them', () => {
  expect(longDay('2026-04-18')).toBe('Saturday 18 April')
  expect(shortDay('2026-04-18')).toBe('Sat 18 Apr')
})

test.each([
  [0, 'today'],
  [1, 'tomorrow'],
  [-3, '3 days ago'],
  [14, 'in 14 days'],
  [15, 'in 2 weeks'],
])('%i days from now is %s', (days, says) => expect(inDays(days)).toBe(says))

test.each([
  [944, '940 m'],
  [1000, '1.0 km'],
  [5640, '5.6 km'],
])('%i metres of way is %s', (metres, says) => expect(way(metres)).toBe(says))

test('minutes have one decimal at most', () =>
  expect([minutes(40), minutes(7.25)]).toEqual(['40 min', '7.3 min']))

test('a name is two letters at most', () =>
  expect([initials('Tam'), initials('Ann Mary Fell')]).toEqual(['T', 'AM']))
