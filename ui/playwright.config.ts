import { defineConfig } from '@playwright/test'
import { room } from './e2e/room'

const port = process.env.E2E_PORT ?? '5099'

export default defineConfig({
  testDir: 'e2e',
  workers: 2,
  // One yard and one database for all: tests that take the database away, or put other pages in the place of these,
  // have them to themselves, at the end.
  projects: [
    { name: 'together', testIgnore: /database|update/ },
    { name: 'alone', testMatch: /database|update/, workers: 1, dependencies: ['together'] },
  ],
  // Generous: a slow machine is no fault of the program.
  timeout: 300_000,
  expect: { timeout: 45_000 },
  reporter: process.env.REPORT ? [['list'], ['json', { outputFile: process.env.REPORT }]] : 'list',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    ...room,
    // TRACE=1 keeps a trace of every step of what failed.
    trace: process.env.TRACE ? 'retain-on-failure' : 'off',
    launchOptions: {
      // Debian's headless shell: the same engine, with no browser around it to start and paint.
      executablePath: '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // A page of a walk lives for seconds: code is not worth optimising for longer.
        '--js-flags=--no-opt,--always-sparkplug',
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
