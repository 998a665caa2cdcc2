import { expect, test } from 'vitest'
import type { PartEntry } from '../api/schema'
import { reads } from './reading'

const part = (more: PartEntry): PartEntry => ({
  phase: 'work',
  what: 'Twenty metre circle',
  gait: 'trot',
  rein: 'both',
  minutes: 5,
  ...more,
})

test('a part says its rein, how it is ridden and how often', () => {
  expect(
    reads(part({ rein: 'left', seat: 'rising', outline: 'long', times: 8, markHopedFor: 7 }), 'ridden'),
  ).toEqual(['left rein', 'long and low', 'rising', '8 times', 'for a 7'])
})

test('what its name says already is not said twice', () => {
  expect(reads(part({ what: 'Trot, long and low, both reins', outline: 'long' }), 'ridden')).toEqual([])
})

test('a collected stride says its outline, and level goes without saying', () => {
  expect(reads(part({ outline: 'collected', strideAim: 'trotCollected' }), 'ridden')).toEqual([
    'both reins',
    'collected trot',
  ])
  expect(reads(part({ outline: 'level' }), 'ridden')).toEqual(['both reins'])
})

test('fences have their height, bouts their walk between and their speed', () => {
  expect(reads(part({ efforts: 6, heightMetres: 0.4 }), 'ridden')).toEqual([
    'both reins',
    '6 fences at 40 cm',
  ])
  expect(
    reads(part({ times: 3, boutSeconds: 300, restSeconds: 180, metresPerMinute: 400 }), 'ridden'),
  ).toEqual(['both reins', '3 × 5 min, 3 min walk between', '400 m a minute'])
})

test('work that is not the session’s own is named', () => {
  expect(reads(part({ manner: 'lunged' }), 'ridden')[0]).toBe('on the lunge')
  expect(reads(part({ manner: 'lunged' }), 'lunged')).toEqual(['both reins'])
})
