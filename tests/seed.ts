import type { TestProject } from 'vitest/node'

declare module 'vitest' {
  export interface ProvidedContext {
    readonly seed: number
  }
}

/** One seed for all property tests of a run: printed, and pinned by `SEED=123 npm run unit`. */
export default function drawSeed(project: TestProject): void {
  const pinned = process.env.SEED
  const seed = pinned === undefined ? Math.floor(Math.random() * 2 ** 31) : Number(pinned)
  if (!Number.isInteger(seed)) throw new Error(`SEED must be a whole number, got ${pinned}`)
  process.stdout.write(`Property tests run with SEED=${seed}\n`)
  project.provide('seed', seed)
}
