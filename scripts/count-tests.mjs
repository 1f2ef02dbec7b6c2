/** Prints "passed failed" of one report of Vitest or Playwright; fails where there is none. */
import { readFileSync } from 'node:fs'

const report = JSON.parse(readFileSync(process.argv[2], 'utf8'))
const counts = report.stats
  ? [report.stats.expected, report.stats.unexpected + report.stats.flaky + report.stats.skipped]
  : [report.numPassedTests, report.numFailedTests + report.numPendingTests]
// A file that could not even be loaded has no tests to count.
const broken = report.stats
  ? report.errors.length
  : report.numFailedTestSuites > 0 && report.numFailedTests === 0
    ? 1
    : 0
console.log(counts[0], counts[1] + broken)
