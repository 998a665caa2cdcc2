// Sums the runners' reports: node sum.mjs folder suite… Fails when a test failed or a suite ran nothing.
import { readFileSync } from 'node:fs'

const [folder, ...suites] = process.argv.slice(2)
let passed = 0
let failed = 0
for (const suite of suites) {
  const counts = count(suite)
  if (counts.passed + counts.failed === 0) {
    console.error(`hippodrome: the ${suite} tests ran nothing`)
    counts.failed = 1
  }
  passed += counts.passed
  failed += counts.failed
}
console.log(`${passed} passed, ${failed} failed`)
process.exitCode = failed > 0 ? 1 : 0

function count(suite) {
  let report
  try {
    report = JSON.parse(readFileSync(`${folder}/${suite}.json`, 'utf8'))
  } catch {
    return { passed: 0, failed: 0 }
  }
  // xUnit writes the first form, vitest the second, Playwright the third; a browser test that passed on a second try
  // has not passed, nor has a file of tests that could not be loaded.
  const summary = report.results?.summary
  if (summary) return { passed: summary.passed, failed: summary.failed + (report.results.extra?.errors ?? 0) }
  if ('numTotalTests' in report)
    return { passed: report.numPassedTests, failed: report.numFailedTests + (report.success || report.numFailedTests ? 0 : 1) }
  const { expected, unexpected, flaky } = report.stats
  return { passed: expected, failed: unexpected + flaky }
}
