import type { BrowserContextOptions } from '@playwright/test'

/** What the browser of a walk is like, unless the walk says otherwise. */
export const room = {
  viewport: { width: 1280, height: 800 },
  // A worker would answer in place of the server; the tests of the rail without a signal let it.
  serviceWorkers: 'block',
  locale: 'en-GB',
  timezoneId: 'Europe/London',
} satisfies BrowserContextOptions
