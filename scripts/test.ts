import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { headlessChromium } from './chromium'
import { type Counts, playwrightCounts, vitestCounts } from './counts'

/*
 * Runs all that must hold. The last line is "N passed, N failed", summed over all parts; before it stand how long each
 * part took, and what failed once more, where it is seen.
 */

interface Part {
  readonly name: string
  readonly command: readonly string[]
  /** Where a runner of tests writes what it found; without one, the command holds or does not. */
  readonly report?: { readonly file: string; readonly counts: (report: string) => Counts }
}

interface Ran extends Counts {
  readonly name: string
  readonly seconds: number
}

const RESULTS = 'test-results'

/** Two turns, each of which keeps one core busy for about as long as the other. */
const TYPES_AND_LINT: readonly Part[] = [
  { name: 'types', command: ['npm', 'run', '--silent', 'types:all'] },
  { name: 'lint', command: ['npx', 'eslint', '.'] },
  { name: 'unused code', command: ['npx', 'knip'] },
]

const BUILD: Part = { name: 'build', command: ['npm', 'run', '--silent', 'build'] }

const BUILD_AND_FORMAT: readonly Part[] = [
  BUILD,
  { name: 'types of the core', command: ['npm', 'run', '--silent', 'types:core'] },
  { name: 'format', command: ['npx', 'prettier', '--check', '--log-level', 'warn', '.'] },
]

const UNIT: Part = {
  name: 'unit tests',
  command: ['npx', 'vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${RESULTS}/unit.json`],
  report: { file: `${RESULTS}/unit.json`, counts: vitestCounts },
}

const INTERFACE: Part = {
  name: 'interface tests',
  command: ['npx', 'playwright', 'test'],
  report: { file: `${RESULTS}/e2e.json`, counts: playwrightCounts },
}

/** Runs a command; what it says is shown at once, or once it has ended and failed. */
function run([name = '', ...args]: readonly string[], isShown: boolean): Promise<boolean> {
  let said = ''
  const running = spawn(name, args, { stdio: ['ignore', isShown ? 'inherit' : 'pipe', isShown ? 'inherit' : 'pipe'] })
  for (const stream of [running.stdout, running.stderr])
    stream?.on('data', (data: Buffer) => {
      said += data.toString()
    })
  return new Promise((resolve) => {
    running.once('error', () => resolve(false))
    running.once('close', (code) => {
      if (code !== 0) process.stdout.write(said)
      resolve(code === 0)
    })
  })
}

/** What a part found. One that left no report has failed once. */
function found({ name, report }: Part, isFine: boolean): Counts {
  if (!report) return isFine ? { passed: 1, failed: [] } : { passed: 0, failed: [name] }
  if (!existsSync(report.file)) return { passed: 0, failed: [`${name}: no report`] }
  const counts = report.counts(readFileSync(report.file, 'utf8'))
  return isFine || counts.failed.length > 0 ? counts : { ...counts, failed: [`${name}: ended with an error`] }
}

async function ran(part: Part): Promise<Ran> {
  const began = Date.now()
  console.log(`── ${part.name}`)
  if (part.report) rmSync(part.report.file, { force: true })
  const counts = found(part, await run(part.command, part.report !== undefined))
  const seconds = (Date.now() - began) / 1000
  console.log(`── ${part.name}: ${counts.failed.length === 0 ? 'fine' : 'FAILED'}, ${seconds.toFixed(0)} s`)
  return { name: part.name, seconds, ...counts }
}

/** One part after the other. */
async function inTurn(parts: readonly Part[]): Promise<Ran[]> {
  const all: Ran[] = []
  for (const part of parts) all.push(await ran(part))
  return all
}

const notRun = (name: string, why: string): Ran => ({ name, seconds: 0, passed: 0, failed: [`${name}: ${why}`] })

/** The interface is tried as it was built, in a browser. */
function interfaceTests(isBuilt: boolean): Promise<Ran> {
  if (!isBuilt) return Promise.resolve(notRun(INTERFACE.name, 'not run, since the build failed'))
  if (!existsSync(headlessChromium.executablePath))
    return Promise.resolve(notRun(INTERFACE.name, 'not run, since there is no Chromium: apt-get install chromium'))
  return ran(INTERFACE)
}

mkdirSync(RESULTS, { recursive: true })
const began = Date.now()
const checks = (await Promise.all([inTurn(TYPES_AND_LINT), inTurn(BUILD_AND_FORMAT)])).flat()
const isBuilt = checks.some(({ name, failed: bad }) => name === BUILD.name && bad.length === 0)
const unit = await ran(UNIT)
const all = [...checks, unit, await interfaceTests(isBuilt)]

const passed = all.reduce((sum, part) => sum + part.passed, 0)
const failed = all.flatMap((part) => part.failed)
const row = (name: string, seconds: number, tests: number) =>
  `${name.padEnd(20)}${seconds.toFixed(0).padStart(8)}${String(tests).padStart(8)}`
console.log('\npart                 seconds   tests')
for (const part of all) console.log(row(part.name, part.seconds, part.passed + part.failed.length))
console.log(row('all, by the clock', (Date.now() - began) / 1000, passed + failed.length))
if (failed.length > 0) console.log(`\n── what failed\n${failed.join('\n')}`)
console.log(`${passed} passed, ${failed.length} failed`)
process.exitCode = failed.length === 0 ? 0 : 1
