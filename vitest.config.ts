import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: {
    // Mutation tests try each mutant by the tests of its own room (scripts/mutate.ts).
    include: process.env.TESTS?.split(',') ?? ['src/**/*.test.ts', 'src/**/*.test.tsx', 'tests/**/*.test.ts'],
    globalSetup: ['tests/seed.ts', 'tests/workers.ts'],
    setupFiles: 'tests/pinSeed.ts',
    pool: 'forks',
    // Left to itself it keeps one core free, which on two cores means one file after the other.
    maxWorkers: '100%',
    // Instrumented for mutation testing, the tests take several times as long.
    testTimeout: process.env.PROPERTY_MS === undefined ? 30_000 : 180_000,
  },
})
