import { told } from '../../wording'
import {
  fillTurns,
  playersTurns,
  refilledTurns,
  type SimulatedTurns,
  simulateFill,
  simulateTurns,
  type TurnDistribution,
} from '../../chance'
import { RefusedValue, requireInteger } from '../../errors'
import { type Random, randomFrom } from '../../random'
import type { PrintOptions } from './choices'
import type { PrintableOf } from './types'

/** How the mats are shared out: one for all, or one each, until the first is full or until all are. */
export const MATS = {
  shared: told('one mat for all'),
  'first-full': told('a mat each, to the first that is full'),
  'all-full': told('a mat each, until all are full'),
} as const

export type Mats = keyof typeof MATS

export interface GameRules {
  readonly mats: Mats
  /** A turn on a time that is full takes a piece away again, instead of being lost. */
  readonly squash: boolean
  /** How often a full mat is cleared and filled anew, 0 to 4. */
  readonly refills: number
}

export const USUAL_RULES: GameRules = { mats: 'shared', squash: false, refills: 0 }

/** Whether the turns of a game can be worked out exactly. Otherwise they are simulated. */
export function isExact(printable: PrintableOf, { squash }: GameRules): boolean {
  return printable.fill !== undefined && !squash
}

/**
 * Turns of all players together, exact. Throws RefusedValue for a game that can only be simulated, and for players
 * that are none.
 */
export function gameTurns(
  printable: PrintableOf,
  options: PrintOptions,
  players: number,
  rules: GameRules = USUAL_RULES,
): TurnDistribution {
  if (!printable.fill || rules.squash)
    throw new RefusedValue(told('printable'), told('a game on a mat, without squashing'), printable.id)
  requireInteger(told('players'), players, 1, 60)
  const one = refilledTurns(fillTurns(printable.fill(options)), rules.refills)
  return rules.mats === 'shared' ? one : playersTurns(one, players, rules.mats)
}

/** The pieces that a game on a mat needs in all, each refill of the mat counted; 0 where there is no mat. */
export function piecesOn({ fill }: PrintableOf, options: PrintOptions, { refills }: GameRules): number {
  const cells = fill?.(options).cells ?? []
  return cells.reduce((sum, each) => sum + each, 0) * (refills + 1)
}

/** Who plays by which rules, how many games, and the seed of the first. */
export interface Simulation {
  readonly players: number
  readonly rules: GameRules
  readonly games: number
  readonly seed: number
}

/** Turns of all players together in simulated games (2 to 1,000,000). Throws RefusedValue for what is no game. */
export function simulatedTurns(
  printable: PrintableOf,
  options: PrintOptions,
  { players, rules, games, seed }: Simulation,
): SimulatedTurns {
  requireInteger(told('players'), players, 1, 60)
  printable.check(options)
  return simulateTurns(randomFrom(seed), games, playOf(printable, options, players, rules))
}

function playOf(
  printable: PrintableOf,
  options: PrintOptions,
  players: number,
  { mats, squash, refills }: GameRules,
): (random: Random) => number {
  const { fill, play } = printable
  if (play) return (random) => play(random, options, players)
  if (!fill) throw new RefusedValue(told('printable'), told('a game'), printable.id)
  const chances = fill(options)
  const own = (random: Random) =>
    Array.from({ length: refills + 1 }, () => simulateFill(random, chances, { squash })).reduce((a, b) => a + b)
  if (mats === 'shared') return own
  // Players take turns in rotation: the r-th turn of player p is turn (r − 1) n + p of all.
  return (random) => {
    const ends = Array.from({ length: players }, (_, player) => (own(random) - 1) * players + player + 1)
    return mats === 'first-full' ? Math.min(...ends) : Math.max(...ends)
  }
}

/**
 * Seconds that a child takes over one question on a sheet, or one set of cards that is put together: our estimates,
 * for finding what fits.
 */
const SECONDS_A_QUESTION = 40
const SECONDS_A_SET = 25
const TRIED_GAMES = 60

/**
 * About how many minutes a print keeps so many players busy, for finding what fits the time; games at so many seconds
 * a turn, the median.
 */
export function aboutMinutes(
  printable: PrintableOf,
  options: PrintOptions,
  players: number,
  secondsATurn: number,
): number {
  const { kind, fill, play } = printable
  if (kind !== 'game') return (options.count * (kind === 'sheet' ? SECONDS_A_QUESTION : SECONDS_A_SET)) / 60
  const turns = fill
    ? gameTurns(printable, options, players)
    : play
      ? simulatedTurns(printable, options, { players, rules: USUAL_RULES, games: TRIED_GAMES, seed: 1 })
      : undefined
  return ((turns?.quantile(0.5) ?? 0) * secondsATurn) / 60
}
