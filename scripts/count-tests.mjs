/**
 * Prints "passed failed" of one report of Vitest or Playwright, and adds the names of what failed to a list; fails where
 * there is no report.
 */
import { appendFileSync, readFileSync } from 'node:fs'

const [, , path, list] = process.argv
const report = JSON.parse(readFileSync(path, 'utf8'))

/** Of a test file that could not even be loaded, the name of the file. */
function failedInVitest() {
  return report.testResults.flatMap(({ name, status, assertionResults, message }) => {
    const failed = assertionResults.filter((test) => test.status !== 'passed')
    if (failed.length === 0 && status === 'failed') return [`${name}: ${message}`]
    return failed.map((test) => `${test.fullName}: ${test.failureMessages.join(' ').slice(0, 500)}`)
  })
}

function failedInPlaywright(suites) {
  return suites.flatMap(({ specs, suites: inner }) => [
    ...specs
      .filter(({ tests }) => tests.some(({ status }) => status !== 'expected'))
      .map(({ file, line, title, tests }) => {
        const message = tests.flatMap(({ results }) => results.map(({ error }) => error?.message ?? '')).join(' ')
        return `${file}:${line} ${title}: ${message.slice(0, 500)}`
      }),
    ...failedInPlaywright(inner ?? []),
  ])
}

const failed = report.stats
  ? [...failedInPlaywright(report.suites), ...report.errors.map(({ message }) => message)]
  : failedInVitest()
const passed = report.stats ? report.stats.expected : report.numPassedTests
appendFileSync(list, failed.map((line) => `${line}\n`).join(''))
console.log(passed, failed.length)
