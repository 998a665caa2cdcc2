import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { ask, client } from '../api/client'
import { keys } from './keys'
import { orCarried } from '../rides/rail/carried'
import { signedIn } from './signIn'

/** What the server knows, asked for once and shared between screens. */

export const useHorses = () =>
  useQuery({
    queryKey: keys.horses,
    queryFn: () => ask(() => client.GET('/api/horses')),
    // The keys ask for horses on every page, the door included.
    enabled: () => Boolean(signedIn.value?.me),
  })

export const useToday = () =>
  useQuery({
    queryKey: keys.today,
    queryFn: () => ask(() => client.GET('/api/today')),
    refetchInterval: 120_000,
  })

export const usePassport = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).passport),
    queryFn: () =>
      orCarried(`/api/horses/${horseId()}`, () =>
        ask(() => client.GET('/api/horses/{horseId}', { params: { path: { horseId: horseId() } } })),
      ),
    networkMode: 'always',
  })

/** What a horse works towards: its goal, and its competitions on the way. */
export const useGoalAndAims = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).aims),
    queryFn: () =>
      ask(() => client.GET('/api/horses/{horseId}/aims', { params: { path: { horseId: horseId() } } })),
  })

export const useAims = (horseId: () => string) => {
  const asked = useGoalAndAims(horseId)
  return { ...asked, data: computed(() => asked.data.value?.aims) }
}

export const useReadiness = (horseId: () => string, aimId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).readiness(aimId())),
    queryFn: () =>
      ask(() =>
        client.GET('/api/horses/{horseId}/aims/{aimId}/readiness', {
          params: { path: { horseId: horseId(), aimId: aimId() } },
        }),
      ),
  })

/** Dressage tests: the yard's own first, then those that ship. */
export const useDressageTests = () =>
  useQuery({
    queryKey: keys.dressageTests,
    queryFn: () => ask(() => client.GET('/api/dressage-tests')),
  })

/** A test as one horse rides it, with its marks. */
export const useTestOfHorse = (horseId: () => string, testId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).test(testId())),
    enabled: () => testId() !== '',
    queryFn: () =>
      ask(() =>
        client.GET('/api/horses/{horseId}/dressage-tests/{testId}', {
          params: { path: { horseId: horseId(), testId: testId() } },
        }),
      ),
  })

/** Levels of the schemes with what they ask. */
export const useAimLevels = () =>
  useQuery({
    queryKey: keys.aimLevels,
    queryFn: () => ask(() => client.GET('/api/aims/levels')),
    // They come with the program and change with nothing else.
    staleTime: Infinity,
  })

export const useSetUps = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).setUps),
    queryFn: () =>
      orCarried(`/api/horses/${horseId()}/set-ups`, () =>
        ask(() => client.GET('/api/horses/{horseId}/set-ups', { params: { path: { horseId: horseId() } } })),
      ),
    networkMode: 'always',
  })

/** What Core on the device measures this horse's set-ups against. */
export const useCarried = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).carried),
    queryFn: () =>
      orCarried(`/api/horses/${horseId()}/carried`, () =>
        ask(() => client.GET('/api/horses/{horseId}/carried', { params: { path: { horseId: horseId() } } })),
      ),
    networkMode: 'always',
  })

export const useSessions = (horseId: () => string, from: () => string, to: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).sessions(from(), to())),
    queryFn: () =>
      ask(() =>
        client.GET('/api/horses/{horseId}/sessions', {
          params: { path: { horseId: horseId() }, query: { from: from(), to: to() } },
        }),
      ),
  })

export const useRides = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).rides),
    queryFn: () =>
      ask(() =>
        client.GET('/api/horses/{horseId}/rides', {
          params: { path: { horseId: horseId() }, query: { most: 40 } },
        }),
      ),
  })

/** What the last ride asks of the next one. */
export const useNextTime = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).nextTime),
    queryFn: () =>
      ask(() => client.GET('/api/horses/{horseId}/next-time', { params: { path: { horseId: horseId() } } })),
  })

export const useReferrals = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).referrals),
    queryFn: () =>
      ask(() => client.GET('/api/horses/{horseId}/referrals', { params: { path: { horseId: horseId() } } })),
  })

export const useLibrary = () =>
  useQuery({
    queryKey: keys.library,
    queryFn: () => ask(() => client.GET('/api/library')),
    // The catalogue comes with the program and changes with nothing else.
    staleTime: Infinity,
  })

export const useLadders = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).ladders),
    queryFn: () =>
      ask(() => client.GET('/api/horses/{horseId}/ladders', { params: { path: { horseId: horseId() } } })),
    enabled: () => Boolean(horseId()),
  })

export const useRung = (horseId: () => string, rungId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).rung(rungId())),
    enabled: () => rungId() !== '',
    queryFn: () => {
      const [strand, rung] = rungId().split('/')
      return ask(() =>
        client.GET('/api/horses/{horseId}/ladders/{strand}/{rung}', {
          params: { path: { horseId: horseId(), strand: strand!, rung: rung! } },
        }),
      )
    },
  })

export const useRestrictions = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).restrictions),
    queryFn: () =>
      ask(() =>
        client.GET('/api/horses/{horseId}/restrictions', { params: { path: { horseId: horseId() } } }),
      ),
  })

export const useSides = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).sides),
    queryFn: () =>
      ask(() => client.GET('/api/horses/{horseId}/sides', { params: { path: { horseId: horseId() } } })),
  })

export const useCondition = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).condition),
    queryFn: () =>
      ask(() => client.GET('/api/horses/{horseId}/condition', { params: { path: { horseId: horseId() } } })),
  })

export const useWeather = () =>
  useQuery({ queryKey: keys.weather, queryFn: () => ask(() => client.GET('/api/weather')) })

export const useCare = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).care),
    queryFn: () =>
      ask(() => client.GET('/api/horses/{horseId}/care', { params: { path: { horseId: horseId() } } })),
  })

export const useTack = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).tack),
    queryFn: () =>
      ask(() => client.GET('/api/horses/{horseId}/tack', { params: { path: { horseId: horseId() } } })),
  })

export const useAdjustability = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).accordions),
    queryFn: () =>
      ask(() => client.GET('/api/horses/{horseId}/accordions', { params: { path: { horseId: horseId() } } })),
  })

/** The approach with a horse, or the yard's where none is named. */
export const useApproach = (horseId: () => string | undefined) =>
  useQuery({
    queryKey: computed(() => keys.approach(horseId())),
    queryFn: () => {
      const id = horseId()
      return id
        ? ask(() => client.GET('/api/horses/{horseId}/approach', { params: { path: { horseId: id } } }))
        : ask(() => client.GET('/api/approach'))
    },
  })

export const useTimeline = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).timeline),
    queryFn: () =>
      ask(() => client.GET('/api/horses/{horseId}/timeline', { params: { path: { horseId: horseId() } } })),
  })

export const useAssessments = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).assessments),
    queryFn: () =>
      ask(() =>
        client.GET('/api/horses/{horseId}/assessments', { params: { path: { horseId: horseId() } } }),
      ),
  })

export const useAssessment = (
  horseId: () => string,
  assessmentId: () => string,
  beside: () => string | undefined,
) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).assessment(assessmentId(), beside())),
    queryFn: () =>
      ask(() =>
        client.GET('/api/horses/{horseId}/assessments/{assessmentId}', {
          params: { path: { horseId: horseId(), assessmentId: assessmentId() }, query: { beside: beside() } },
        }),
      ),
  })

export const useLoad = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).load),
    queryFn: () =>
      ask(() => client.GET('/api/horses/{horseId}/load', { params: { path: { horseId: horseId() } } })),
  })

export const useBlocks = (horseId: () => string) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).blocks),
    queryFn: () =>
      ask(() => client.GET('/api/horses/{horseId}/blocks', { params: { path: { horseId: horseId() } } })),
  })

export const useBlock = (horseId: () => string, blockId: () => string | undefined) =>
  useQuery({
    queryKey: computed(() => keys.ofHorse(horseId()).block(blockId() ?? '')),
    enabled: () => Boolean(blockId()),
    queryFn: () =>
      ask(() =>
        client.GET('/api/horses/{horseId}/blocks/{blockId}', {
          params: { path: { horseId: horseId(), blockId: blockId()! } },
        }),
      ),
  })

export const useWeek = (monday: () => string) =>
  useQuery({
    queryKey: computed(() => keys.week(monday())),
    queryFn: () => ask(() => client.GET('/api/week', { params: { query: { monday: monday() } } })),
  })

export const useRoster = () =>
  useQuery({ queryKey: keys.roster, queryFn: () => ask(() => client.GET('/api/roster')) })

export const useCalendars = () =>
  useQuery({ queryKey: keys.calendars, queryFn: () => ask(() => client.GET('/api/me/calendars')) })

export const useLevels = () =>
  useQuery({
    queryKey: keys.levels,
    queryFn: () => ask(() => client.GET('/api/levels')),
    // They come with the program.
    staleTime: Infinity,
  })
