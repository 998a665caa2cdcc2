import { defineConfig } from '@playwright/test'

const port = process.env.E2E_PORT ?? '5099'

export default defineConfig({
  testDir: 'e2e',
  workers: 2,
  // One yard and one database for all: the test that takes the database away has them to itself, at the end.
  projects: [
    { name: 'together', testIgnore: /database/ },
    { name: 'alone', testMatch: /database/, dependencies: ['together'] },
  ],
  // Generous: a slow machine is no fault of the program.
  timeout: 180_000,
  expect: { timeout: 20_000 },
  reporter: process.env.REPORT ? [['list'], ['json', { outputFile: process.env.REPORT }]] : 'list',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    // A worker would answer in place of the server; the tests of the rail without a signal let it.
    serviceWorkers: 'block',
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    // TRACE=1 keeps a trace of every step of what failed.
    trace: process.env.TRACE ? 'retain-on-failure' : 'off',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: `node e2e/server.mjs ${port}`,
    url: `http://127.0.0.1:${port}/health/ready`,
    timeout: 90_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  },
})
