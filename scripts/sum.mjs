// Sums the runners' reports: node sum.mjs folder suite… Names what failed. Fails when a test failed or a suite ran nothing.
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
  for (const { name, message } of counts.names ?? [])
    console.log(`failed, ${suite}: ${name}\n  ${`${message ?? ''}`.split('\n').slice(0, 12).join('\n  ')}`)
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
  if (summary)
    return {
      passed: summary.passed,
      failed: summary.failed + (report.results.extra?.errors ?? 0),
      names: report.results.tests.filter(test => test.status === 'failed'),
    }
  if ('numTotalTests' in report)
    return {
      passed: report.numPassedTests,
      failed: report.numFailedTests + (report.success || report.numFailedTests ? 0 : 1),
      names: report.testResults
        .flatMap(file => file.assertionResults)
        .filter(test => test.status === 'failed')
        .map(test => ({ name: test.fullName, message: test.failureMessages[0] })),
    }
  const { expected, unexpected, flaky } = report.stats
  return { passed: expected, failed: unexpected + flaky, names: report.suites.flatMap(failedWalks) }
}

function failedWalks(suite) {
  const own = (suite.specs ?? []).filter(spec => spec.tests.some(test => ['unexpected', 'flaky'].includes(test.status)))
  return [
    ...own.map(spec => ({
      name: `${spec.file}: ${spec.title}`,
      message: spec.tests.flatMap(test => test.results).find(result => result.error)?.error.message,
    })),
    ...(suite.suites ?? []).flatMap(failedWalks),
  ]
}
