import { told } from './told'
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64'
import { uniformInt } from 'pure-rand/distribution/uniformInt'
import { mersenne } from 'pure-rand/generator/mersenne'
import type { RandomGenerator } from 'pure-rand/types/RandomGenerator'
import { RefusedValue } from './errors'

/** A stream of random numbers; every draw moves it on. It comes first in every argument list. */
export type Random = RandomGenerator

/**
 * The same whole-number seed gives the same stream on every machine. Mersenne, since its start-up mixes
 * the seed: with xoroshiro the seeds 1, 2, 3 … begin alike.
 */
export function randomFrom(seed: number): Random {
  if (!Number.isSafeInteger(seed)) throw new RefusedValue(told('seed'), told('a whole number'), seed)
  return mersenne(seed)
}

/** A whole number in [low, high], each equally likely. */
export function drawInt(random: Random, low: number, high: number): number {
  return uniformInt(random, low, high)
}

/** A number in [0, 1). */
export function drawUnit(random: Random): number {
  return uniformFloat64(random)
}

/** One of the list, each equally likely; throws RefusedValue for an empty list. */
export function draw<T>(random: Random, from: readonly T[]): T {
  if (from.length === 0) throw new RefusedValue(told('list to draw from'), told('not empty'), '[]')
  return from[drawInt(random, 0, from.length - 1)] as T
}

/** A shuffled copy (Fisher–Yates). */
export function shuffled<T>(random: Random, list: readonly T[]): T[] {
  const copy = [...list]
  for (let i = copy.length - 1; i > 0; i--) {
    const j = drawInt(random, 0, i)
    ;[copy[i], copy[j]] = [copy[j] as T, copy[i] as T]
  }
  return copy
}
