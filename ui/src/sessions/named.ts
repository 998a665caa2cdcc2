import type { SessionEntry } from '../api/schema'

const dash = '–'

/** A check does not wait for names: what is not named yet is checked under a dash. */
export const named = (entry: SessionEntry): SessionEntry => ({
  ...entry,
  emphasis: entry.emphasis?.trim() || dash,
  parts: entry.parts?.map((p) => ({ ...p, what: p.what?.trim() || dash })),
})

/** What came back from a check without the dashes that went there. */
export const unnamed = (checked: SessionEntry, typed: SessionEntry): SessionEntry => ({
  ...checked,
  emphasis: checked.emphasis === dash && !typed.emphasis?.trim() ? typed.emphasis : checked.emphasis,
  parts: checked.parts?.map((p) => (p.what === dash ? { ...p, what: '' } : p)),
})
