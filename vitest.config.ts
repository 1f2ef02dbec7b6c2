import { type ViteUserConfig, defineConfig } from 'vitest/config'
import { messages } from './scripts/words/macros'

type Tests = NonNullable<ViteUserConfig['test']>

/** One seed for all property tests of a run: printed, and pinned by `SEED=123 npm run unit`. */
const seed = process.env.SEED ?? String(Math.floor(Math.random() * 2 ** 31))
if (!/^\d{1,10}$/.test(seed)) throw new Error(`SEED must be a whole number, got ${seed}`)
if (process.env.SEED === undefined) process.stdout.write(`Property tests run with SEED=${seed}\n`)
process.env.SEED = seed

/** Views and their workers show times of the place; they, and what the server makes of days, run in both zones. */
const WITH_ZONE = [
  'src/{ui,islands,workers}/**/*.test.{ts,tsx}',
  'tests/server/{days,db,endpoints,planning,sessionFiles,sessions}.test.ts',
]
/** The rest of the server asks no zone, which lint holds: once is enough, in one whose day is not the day of UTC. */
const SERVER = ['src/server/**/*.test.ts', 'tests/server/**/*.test.ts']
/** Of the server's, what only makes files. */
const FILES = ['tests/server/{pdf,woff}.test.ts']

/**
 * 26 hours apart, so that they are never on the same day, and one of them is always on another day than UTC. What was
 * made in one and is read in the other by a mistake is off by a day at any hour at which the tests run.
 */
const ZONES = { east: 'Pacific/Kiritimati', west: 'Etc/GMT+12' } as const

const inZone = (name: keyof typeof ZONES, include: string[]): Tests => ({
  name,
  include,
  exclude: FILES,
  globalSetup: 'tests/workers.ts',
  setupFiles: ['tests/pinSeed.ts', 'tests/asWritten.ts', 'tests/server/ownData.ts'],
  env: { TZ: ZONES[name] },
})

/** The core has no clock and no zone. */
const pure: Tests = {
  name: 'pure',
  include: ['src/core/**/*.test.ts', 'src/words/**/*.test.ts', 'tests/*.test.ts', 'tests/pinned/*.test.ts', ...FILES],
}

const isMutating = process.env.TESTS !== undefined

export default defineConfig({
  plugins: [messages],
  test: {
    setupFiles: ['tests/pinSeed.ts', 'tests/asWritten.ts'],
    pool: 'forks',
    // Most of the time would go into loading the same files anew for each file of tests.
    isolate: false,
    // By what is in them: whatever has not changed is compiled once for all projects and runs.
    experimental: { fsModuleCache: true, fsModuleCachePath: '.cache/vitest' },
    // Left to itself it keeps one core free, which on two cores means one file after the other.
    maxWorkers: '100%',
    // Instrumented for mutation testing, the tests take several times as long.
    testTimeout: process.env.PROPERTY_MS === undefined ? 30_000 : 180_000,
    // Mutation tests try each mutant by the tests of its own room (scripts/mutate.ts).
    ...(isMutating
      ? { ...inZone('east', process.env.TESTS?.split(',') ?? []), exclude: [] }
      : {
          projects: [pure, inZone('east', [...WITH_ZONE, ...SERVER]), inZone('west', WITH_ZONE)].map((test) => ({
            extends: true as const,
            test,
          })),
        }),
  },
})
