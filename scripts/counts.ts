/* What the reports of the runners say: how many tests passed, and the names of those that did not. */

export interface Counts {
  readonly passed: number
  /** By name, with the beginning of why. */
  readonly failed: readonly string[]
}

const LONGEST = 500

interface VitestReport {
  readonly numPassedTests: number
  readonly testResults: readonly {
    readonly name: string
    readonly status: string
    readonly message: string
    readonly assertionResults: readonly {
      readonly fullName: string
      readonly status: string
      readonly failureMessages: readonly string[]
    }[]
  }[]
}

/** Of a test file that could not even be loaded, the name of the file. */
export function vitestCounts(text: string): Counts {
  const report = JSON.parse(text) as VitestReport
  const failed = report.testResults.flatMap(({ name, status, assertionResults, message }) => {
    const bad = assertionResults.filter((test) => test.status !== 'passed')
    if (bad.length === 0 && status === 'failed') return [`${name}: ${message}`]
    return bad.map((test) => `${test.fullName}: ${test.failureMessages.join(' ').slice(0, LONGEST)}`)
  })
  return { passed: report.numPassedTests, failed }
}

interface PlaywrightSuite {
  readonly suites?: readonly PlaywrightSuite[]
  readonly specs: readonly {
    readonly file: string
    readonly line: number
    readonly title: string
    readonly tests: readonly {
      readonly status: string
      readonly results: readonly { readonly error?: { readonly message?: string } }[]
    }[]
  }[]
}

interface PlaywrightReport {
  readonly stats: { readonly expected: number }
  readonly suites: readonly PlaywrightSuite[]
  readonly errors: readonly { readonly message: string }[]
}

/** Skipped tests and those that passed at a second try only count as failed. */
export function playwrightCounts(text: string): Counts {
  const { stats, suites, errors } = JSON.parse(text) as PlaywrightReport
  return { passed: stats.expected, failed: [...suites.flatMap(failedIn), ...errors.map(({ message }) => message)] }
}

function failedIn({ specs, suites = [] }: PlaywrightSuite): string[] {
  const bad = specs.filter(({ tests }) => tests.some(({ status }) => status !== 'expected'))
  const told = bad.map(({ file, line, title, tests }) => {
    const why = tests.flatMap(({ results }) => results.map(({ error }) => error?.message ?? '')).join(' ')
    return `${file}:${line} ${title}: ${why.slice(0, LONGEST)}`
  })
  return [...told, ...suites.flatMap(failedIn)]
}
