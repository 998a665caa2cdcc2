import { defineConfig } from 'vitest/config'

/** Pure TypeScript, without a browser; what needs a page is walked in e2e. */
export default defineConfig({
  test: { include: ['src/**/*.test.ts'], environment: 'node' },
})
