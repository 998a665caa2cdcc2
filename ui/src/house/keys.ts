import { type QueryClient, type QueryKey, useQueryClient } from '@tanstack/vue-query'

/** What the server knows, by name: from the whole to the part, so that a whole is asked anew with all its parts. */
export const keys = {
  today: ['today'],
  week: (monday?: string) => (monday ? ['week', monday] : ['week']),
  horses: ['horses'],
  people: ['people'],
  kit: ['kit'],
  arena: ['arena'],
  roster: ['roster'],
  weather: ['weather'],
  calendars: ['calendars'],
  overruled: ['overruled'],
  library: ['library'],
  templates: ['session-templates'],
  dressageTests: ['dressage-tests'],
  dressageTest: (testId: string) => ['dressage-tests', testId],
  levels: ['levels'],
  aimLevels: ['aim-levels'],
  approach: (horseId?: string) => ['approach', horseId ?? 'yard'],
  anyHorse: ['horse'],
  horse: (horseId: string) => ['horse', horseId],
  ofHorse: (horseId: string) => ({
    passport: ['horse', horseId, 'passport'],
    carried: ['horse', horseId, 'carried'],
    aims: ['horse', horseId, 'aims'],
    anyTest: ['horse', horseId, 'dressage-test'],
    test: (testId: string) => ['horse', horseId, 'dressage-test', testId],
    readiness: (aimId: string) => ['horse', horseId, 'readiness', aimId],
    setUps: ['horse', horseId, 'set-ups'],
    setUpVersions: (setUpId: string, version: number) => [
      'horse',
      horseId,
      'set-up-versions',
      setUpId,
      version,
    ],
    whoCanRide: (...asked: unknown[]) => ['horse', horseId, 'who-can-ride', ...asked],
    beside: (entry: unknown) => ['horse', horseId, 'beside', entry],
    sessions: (from: string, to: string) => ['horse', horseId, 'sessions', from, to],
    anyPlanFacts: ['horse', horseId, 'plan-facts'],
    planFacts: (on: string) => ['horse', horseId, 'plan-facts', on],
    session: (sessionId: string) => ['horse', horseId, 'session', sessionId],
    rides: ['horse', horseId, 'rides'],
    nextTime: ['horse', horseId, 'next-time'],
    repeats: ['horse', horseId, 'repeats'],
    thenAndNow: ['horse', horseId, 'then-and-now'],
    referrals: ['horse', horseId, 'referrals'],
    referral: (referralId: string) => ['horse', horseId, 'referral', referralId],
    ride: (rideId?: string) => ['horse', horseId, 'ride', rideId],
    ladders: ['horse', horseId, 'ladders'],
    rung: (rungId: string) => ['horse', horseId, 'rung', rungId],
    assessments: ['horse', horseId, 'assessments'],
    assessment: (id: string, beside = '') => ['horse', horseId, 'assessment', id, beside],
    restrictions: ['horse', horseId, 'restrictions'],
    condition: ['horse', horseId, 'condition'],
    care: ['horse', horseId, 'care'],
    tack: ['horse', horseId, 'tack'],
    accordions: ['horse', horseId, 'accordions'],
    load: ['horse', horseId, 'load'],
    sides: ['horse', horseId, 'sides'],
    timeline: ['horse', horseId, 'timeline'],
    blocks: ['horse', horseId, 'blocks'],
    block: (blockId: string) => ['horse', horseId, 'block', blockId],
  }),
}

/**
 * What a change bears upon. The rules hold a horse together, so whatever changes of it is asked anew as a whole, with the
 * pages of the yard that show it, and nothing of any other horse.
 */
export const bearsUpon = {
  horse: (horseId: string): QueryKey[] => [
    keys.horse(horseId),
    keys.approach(horseId),
    keys.today,
    keys.week(),
    keys.horses,
    keys.arena,
  ],
  setUps: (horseId: string): QueryKey[] => [keys.horse(horseId), keys.arena, keys.kit, keys.today],
  /** A test is laid for every horse. */
  dressageTests: [keys.dressageTests, keys.anyHorse],
  ladders: (horseId: string): QueryKey[] => [keys.ofHorse(horseId).ladders],
  kit: [keys.kit, keys.arena],
  /** The yard's own exercises and notes stand beside the catalogue, on the rungs of every horse. */
  library: [keys.library, keys.anyHorse],
  approach: [keys.approach(), keys.anyHorse],
  /** Who is there and what the air is like is asked wherever work is planned. */
  roster: [keys.roster, keys.week(), keys.anyHorse, keys.today],
  weather: [keys.weather, keys.today, keys.anyHorse],
  week: [keys.week(), keys.today, keys.anyHorse],
  people: [keys.people],
  calendars: [keys.calendars],
} satisfies Record<string, QueryKey[] | ((horseId: string) => QueryKey[])>

/** What a question that was under way answers may be of before the change: off the screen it is dropped, on it it is asked anew. */
export const askAnew = (queries: QueryClient, touched: readonly QueryKey[]) =>
  Promise.all(
    touched.map(async (queryKey) => {
      await queries.cancelQueries({ queryKey, type: 'inactive' })
      await queries.invalidateQueries({ queryKey })
    }),
  )

/** Asks anew what a change bears upon, where it is on the screen; the rest when it is looked at. */
export function useChanged() {
  const queries = useQueryClient()
  return (...touched: QueryKey[][]) => askAnew(queries, touched.flat())
}
