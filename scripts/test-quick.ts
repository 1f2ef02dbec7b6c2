import { spawn, spawnSync } from 'node:child_process'
import { existsSync, readFileSync } from 'node:fs'
import { relative } from 'node:path'
import { codeFiles, importsOf, stepsTo } from './importers'

/*
 * What a person runs all day: types, lint and the nearest tests of what differs from main, or from a commit that is
 * named. The tests are those with the fewest imports between them and what was changed, as many as fit; properties are
 * tried for a short while only. What was left to `npm test` is said.
 */

/** For all the tests; types are looked at beside them. */
const BUDGET_SECONDS = 30
/** For a file of which no run has told yet. */
const USUAL_SECONDS = 2
/** To start a file in a process of its own. */
const START_SECONDS = 2
const PROPERTY_MS = '200'

const git = (...args: string[]) => spawnSync('git', args, { encoding: 'utf8' }).stdout.trim()

/** The files that differ from where this branch left main, those not yet in git included. */
function changedFiles(): string[] {
  const base = process.argv[2] ?? git('merge-base', 'HEAD', 'main')
  const known = git('diff', '--name-only', '--diff-filter=d', base)
  return [...new Set(`${known}\n${git('ls-files', '--others', '--exclude-standard')}`.split('\n'))].filter(
    (file) => file !== '' && existsSync(file),
  )
}

/** How long each file of tests took when all were last run. */
function knownSeconds(): ReadonlyMap<string, number> {
  const report = 'test-results/unit.json'
  if (!existsSync(report)) return new Map()
  const { testResults } = JSON.parse(readFileSync(report, 'utf8')) as {
    testResults: { name: string; startTime: number; endTime: number }[]
  }
  return new Map(testResults.map(({ name, startTime, endTime }) => [relative('.', name), (endTime - startTime) / 1000]))
}

interface Chosen {
  readonly tests: readonly string[]
  readonly left: number
}

/** The nearest tests that fit; at least one, where there is any. */
function nearestTests(changed: readonly string[]): Chosen {
  const graph = new Map(codeFiles().map((file) => [file, importsOf(file)]))
  const seconds = knownSeconds()
  const near = [...stepsTo(changed, graph)]
    .filter(([file]) => /\.test\.tsx?$/.test(file))
    .sort(([, a], [, b]) => a - b)
    .map(([file]) => file)
  let spent = 0
  const tests = near.filter((file, i) => {
    const cost = START_SECONDS + Math.min(seconds.get(file) ?? USUAL_SECONDS, BUDGET_SECONDS)
    const fits = i === 0 || spent + cost <= BUDGET_SECONDS
    if (fits) spent += cost
    return fits
  })
  return { tests, left: near.length - tests.length }
}

/** Runs a command; what it says is shown where it fails. */
function holds(name: string, command: readonly string[], env: Readonly<Record<string, string>> = {}): Promise<boolean> {
  const began = Date.now()
  const running = spawn('npx', command, { env: { ...process.env, ...env }, stdio: ['ignore', 'pipe', 'pipe'] })
  let said = ''
  for (const stream of [running.stdout, running.stderr])
    stream.on('data', (data: Buffer) => {
      said += data.toString()
    })
  return new Promise((resolve) =>
    running.once('close', (code) => {
      const seconds = ((Date.now() - began) / 1000).toFixed(0)
      console.log(`${code === 0 ? '' : said}── ${name}: ${code === 0 ? 'fine' : 'FAILED'}, ${seconds} s`)
      resolve(code === 0)
    }),
  )
}

const typesOf = (config: string, name: string) =>
  holds(`types ${name}`, ['tsc', '-p', config, '--incremental', '--tsBuildInfoFile', `.cache/${name}.tsbuildinfo`])

/** Types take as long as all else together, so each has one core. */
async function otherThanTypes(changed: readonly string[], tests: readonly string[]): Promise<boolean> {
  const code = changed.filter((file) => /\.(tsx?|js)$/.test(file))
  const isInCore = changed.some((file) => /^src\/core\/.*\.ts$/.test(file))
  const results = [
    tests.length === 0 || (await holds('tests', ['vitest', 'run', '--reporter=dot', ...tests], { PROPERTY_MS })),
    !isInCore || (await typesOf('src/core/tsconfig.json', 'core')),
    code.length === 0 || (await holds('lint', ['eslint', ...code])),
    await holds('format', ['prettier', '--check', '--ignore-unknown', '--log-level', 'warn', ...changed]),
  ]
  return results.every(Boolean)
}

const changed = changedFiles()
if (changed.length === 0) console.log('Nothing differs from main.')
else {
  const { tests, left } = nearestTests(changed)
  console.log(
    `${changed.length} files differ; ${tests.length} files of tests are near enough, ${left} are left to npm test.`,
  )
  const results = await Promise.all([
    !changed.some((file) => /\.tsx?$/.test(file)) || typesOf('tsconfig.json', 'all'),
    otherThanTypes(changed, tests),
  ])
  if (changed.some((file) => /\.astro$|^e2e\//.test(file)))
    console.log('Pages and interface tests are only tried by npm test.')
  process.exitCode = results.every(Boolean) ? 0 : 1
}
