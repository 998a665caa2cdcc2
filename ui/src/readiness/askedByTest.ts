import type { ReadinessView } from '../api/schema'

/** Where the aim's own test asks it beyond its level; nothing where it does not. */
export function askedByTest(page: ReadinessView, id: string) {
  const at = page.standard.find((d) => d.id === id)?.inTest ?? []
  return at.length ? `its test asks it: ${at.length === 1 ? 'movement' : 'movements'} ${at.join(', ')}` : ''
}
