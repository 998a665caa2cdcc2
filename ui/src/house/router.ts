import { createRouter, createWebHistory } from 'vue-router'
import { isAway, loadSignIn, recallSignIn, signedIn } from './signIn'

/** The steps of one horse, in the order of the work. */
export const steps = [
  { name: 'passport', word: 'Passport', key: 'p' },
  { name: 'aims', word: 'Aims', key: 'a' },
  { name: 'season', word: 'Season', key: 's' },
  { name: 'set-ups', word: 'Set-ups', key: 'u' },
  { name: 'ride', word: 'Ride', key: 'r' },
  { name: 'review', word: 'Review', key: 'v' },
] as const

/** Waits until the page is long enough to go so far down, for as long as somebody would wait for it. */
async function settled(top: number) {
  for (let waited = 0; waited < 2000; waited += 50) {
    if (document.documentElement.scrollHeight - window.innerHeight >= top) return
    await new Promise((done) => setTimeout(done, 50))
  }
}

export const router = createRouter({
  history: createWebHistory(),
  // A new page opens at its top; Back comes to where one was, once what stood there stands again.
  scrollBehavior: async (to, from, before) => {
    if (to.path === from.path) return
    if (!before) return { top: 0 }
    await settled(before.top)
    return before
  },
  routes: [
    {
      path: '/sign-in',
      name: 'sign-in',
      component: () => import('../people/SignInPage.vue'),
      meta: { open: true },
    },
    { path: '/', name: 'today', component: () => import('../today/TodayPage.vue') },
    {
      path: '/library/:horseId?',
      name: 'library',
      component: () => import('../exercises/LibraryPage.vue'),
      props: true,
      meta: { step: 'library' },
    },
    {
      path: '/library/:horseId/:strand/:rung',
      name: 'rung',
      component: () => import('../exercises/RungPage.vue'),
      props: true,
      meta: { step: 'library' },
    },
    {
      path: '/horses/:horseId/assessments/:assessmentId',
      name: 'assessment',
      component: () => import('../assessments/AssessmentPage.vue'),
      props: true,
      meta: { step: 'passport' },
    },
    {
      path: '/rail',
      name: 'rail-shelf',
      component: () => import('../rides/rail/RailShelfPage.vue'),
      meta: { offline: true },
    },
    {
      path: '/horses/:horseId/rail/:sessionId?',
      name: 'rail',
      component: () => import('../rides/rail/RailPage.vue'),
      props: true,
      meta: { offline: true, bare: true },
    },
    { path: '/week/:monday?', name: 'week', component: () => import('../yards/WeekPage.vue'), props: true },
    { path: '/arena', name: 'arena', component: () => import('../setups/TonightsArenaPage.vue') },
    { path: '/yard-book', name: 'yard-book', component: () => import('../people/YardBookPage.vue') },
    { path: '/horses/new', name: 'new-horse', component: () => import('../horses/NewHorsePage.vue') },
    {
      path: '/horses/:horseId',
      component: () => import('../horses/HorseFrame.vue'),
      props: true,
      children: [
        { path: '', redirect: (to) => ({ name: 'passport', params: to.params }) },
        {
          path: 'passport',
          name: 'passport',
          component: () => import('../horses/PassportPage.vue'),
          props: true,
        },
        {
          path: 'places',
          name: 'places',
          component: () => import('../exercises/PlacesPage.vue'),
          props: true,
          meta: { step: 'passport' },
        },
        {
          path: 'repeats',
          name: 'repeats',
          component: () => import('../horses/RepeatsPage.vue'),
          props: true,
          meta: { step: 'passport' },
        },
        {
          path: 'referrals/:referralId',
          name: 'referral',
          component: () => import('../care/ReferralPage.vue'),
          props: true,
          meta: { step: 'passport' },
        },
        { path: 'aims', name: 'aims', component: () => import('../aims/AimsPage.vue'), props: true },
        {
          path: 'aims/:aimId',
          name: 'readiness',
          component: () => import('../readiness/ReadinessPage.vue'),
          props: true,
          meta: { step: 'aims' },
        },
        {
          path: 'tests',
          name: 'tests',
          component: () => import('../dressageTests/TestsPage.vue'),
          props: true,
          meta: { step: 'aims' },
        },
        {
          path: 'tests/:testId',
          name: 'test',
          component: () => import('../dressageTests/TestPage.vue'),
          props: true,
          meta: { step: 'aims' },
        },
        {
          path: 'tests/:testId/edit',
          name: 'test-edit',
          component: () => import('../dressageTests/TestEditPage.vue'),
          props: true,
          meta: { step: 'aims' },
        },
        {
          path: 'season',
          name: 'season',
          component: () => import('../blocks/SeasonPage.vue'),
          props: true,
        },
        {
          path: 'season/block/:blockId?',
          name: 'block',
          component: () => import('../blocks/BlockPage.vue'),
          props: true,
          meta: { step: 'season' },
        },
        {
          path: 'season/:sessionId',
          name: 'session',
          component: () => import('../sessions/SessionPage.vue'),
          props: true,
          meta: { step: 'season' },
        },
        {
          path: 'set-ups',
          name: 'set-ups',
          component: () => import('../setups/SetUpsPage.vue'),
          props: true,
          meta: { offline: true },
        },
        {
          path: 'set-ups/:setUpId',
          name: 'set-up',
          component: () => import('../setups/SetUpPage.vue'),
          props: true,
          meta: { step: 'set-ups', offline: true },
        },
        { path: 'ride', name: 'ride', component: () => import('../rides/RidePage.vue'), props: true },
        {
          path: 'review/:rideId?',
          name: 'review',
          component: () => import('../rides/ReviewPage.vue'),
          props: true,
        },
      ],
    },
    { path: '/:rest(.*)', component: () => import('./NothingHere.vue') },
  ],
})

router.beforeEach(async (to) => {
  if (!signedIn.value) {
    try {
      await loadSignIn()
    } catch (e) {
      // Without a signal the rail, and the set-ups of a horse whose sheet is carried, still open for whoever was signed in here last.
      if (isAway(e) && recallSignIn()) return to.meta.offline ? true : { name: 'rail-shelf' }
      return to.meta.open ? true : { name: 'sign-in', query: { to: to.fullPath } }
    }
  }
  if (!to.meta.open && !signedIn.value?.me) return { name: 'sign-in', query: { to: to.fullPath } }
  return true
})
