import { spawnSync } from 'node:child_process'
import { readFileSync, rmSync } from 'node:fs'
import { ROOMS, drawLines, filesOf, folderOf } from './mutation-sample'

/*
 * Mutation tests by Stryker, room after room: a seeded sample of the lines of each, or all of them. Each mutant is tried
 * by the tests of its own room, the kept fingerprints and the examples in comments, since all that reach it take longer.
 * So a share that is printed is the least that die. The words that people read are left alone
 * (StringLiteral in stryker.config.json): a test of every sentence would only repeat it.
 *   npm run mutate                      12 lines of each room, drawn by SEED (1 where it is not set)
 *   npm run mutate -- 40 clock wording  40 lines of each of these rooms
 *   npm run mutate -- whole clock       every line of this room
 * What runs only while a module is loaded, such as a table, is changed by `whole` alone: all tests must run for each of
 * those, since Stryker cannot know which of them it concerns.
 */

interface Mutant {
  readonly status: string
  readonly mutatorName: string
  readonly replacement?: string
  readonly location: { readonly start: { readonly line: number } }
}

interface Report {
  readonly files: Readonly<Record<string, { readonly mutants: readonly Mutant[] }>>
}

const USUAL_LINES = 12
const REPORT = 'test-results/mutation.json'
const DEAD = ['Killed', 'Timeout']
const ALIVE = ['Survived', 'NoCoverage']

/** Tests of a room that need more than the room: the fonts, the documents, every language. */
const TESTS_ELSEWHERE: Readonly<Record<string, readonly string[]>> = {
  drawing: ['tests/outlines.test.ts', 'tests/font-widths.test.ts'],
  teaching: ['tests/teaching-doc.test.ts'],
  wording: ['tests/language.test.ts'],
}

/** What decides whether a mutant of a room dies. */
const testsOf = (room: string) =>
  room.startsWith('server')
    ? ['tests/server/**/*.test.ts']
    : [`${folderOf(room)}/**/*.test.ts`, 'tests/pinned/*.test.ts', 'tests/doc-examples.test.ts'].concat(
        TESTS_ELSEWHERE[room] ?? [],
      )

function runStryker(room: string, mutate: readonly string[], isWhole: boolean): void {
  const options = ['stryker', 'run', ...(isWhole ? [] : ['--ignoreStatic']), '--mutate', mutate.join(',')]
  // Each property is tried for a fifth of a second: a mutant that a longer run would kill may survive, never the reverse.
  const env = { ...process.env, PROPERTY_MS: '200', TESTS: testsOf(room).join(',') }
  const { status } = spawnSync('npx', options, { stdio: 'inherit', env })
  if (status !== 0) throw new Error(`Stryker ended with ${status} in ${room}.`)
}

function mutated(room: string, count: number | 'whole'): string[] {
  rmSync(REPORT, { force: true })
  const seed = Number(process.env.SEED ?? 1)
  runStryker(room, count === 'whole' ? filesOf(room) : drawLines(room, count, seed), count === 'whole')
  const { files } = JSON.parse(readFileSync(REPORT, 'utf8')) as Report
  const all = Object.entries(files).flatMap(([file, { mutants }]) => mutants.map((mutant) => ({ file, ...mutant })))
  const dead = all.filter(({ status }) => DEAD.includes(status)).length
  const alive = all.filter(({ status }) => ALIVE.includes(status))
  const counted = dead + alive.length
  return [
    `${room}: ${dead} of ${counted} died, ${((100 * dead) / Math.max(1, counted)).toFixed(0)} %`,
    ...alive.map(
      ({ file, location, mutatorName, replacement = '' }) =>
        `  lives: ${file}:${location.start.line} ${mutatorName}: ${replacement.slice(0, 80)}`,
    ),
  ]
}

const [first, ...rest] = process.argv.slice(2)
const isCount = first !== undefined && /^\d+$/.test(first)
const named = isCount || first === 'whole' ? rest : process.argv.slice(2)
const count = first === 'whole' ? first : isCount ? Number(first) : USUAL_LINES
const told = (named.length > 0 ? named : ROOMS).flatMap((room) => mutated(room, count))
console.log(told.join('\n'))
