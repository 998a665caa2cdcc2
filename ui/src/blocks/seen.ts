import type { BlockPlan } from '../api/schema'

/** A plan as it stands on the screen: what is kept is that, or the server says what has become otherwise. */
export const seenOf = (plan: BlockPlan) =>
  plan.weeks.flatMap((w) => w.sessions).map((s) => ({ on: s.on, kind: s.kind, minutes: s.minutes.total }))
