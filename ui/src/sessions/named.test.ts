import { expect, test } from 'vitest'
import type { SessionEntry } from '../api/schema'
import { named, unnamed } from './named'

const session = (emphasis: string, ...parts: string[]) =>
  ({ on: '2026-04-18', emphasis, parts: parts.map((what) => ({ what, minutes: 5 })) }) as SessionEntry

test('what is not named yet is checked under a dash, and comes back without', () => {
  const typed = session(' ', 'Walk', '')
  expect(named(typed)).toEqual(session('–', 'Walk', '–'))
  expect(unnamed(named(typed), typed)).toEqual(session(' ', 'Walk', ''))
})

test('a name that was given stays, and so does what a mend has changed', () => {
  const typed = session('Straightness', 'Walk', '')
  const mended = session('Straightness', 'More walk', 'Walk', '–')
  expect(unnamed(mended, typed)).toEqual(session('Straightness', 'More walk', 'Walk', ''))
})
