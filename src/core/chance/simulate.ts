import { told } from '../wording'
import { requireInteger } from '../errors'
import { type Random, drawUnit } from '../random'
import { type Fill, type TurnDistribution, turnsFrom } from './fill'

export interface MatRules {
  /** A turn on something full takes a piece away from it again (dough balls are squashed) instead of being lost. */
  readonly squash: boolean
}

/** Turns of one simulated game on one mat. A game with squashing may be very long, so it ends after 10,000 turns. */
export function simulateFill(random: Random, { chances, cells }: Fill, { squash }: MatRules): number {
  const total = chances.reduce((sum, chance) => sum + chance, 0)
  const left = [...cells]
  let open = cells.reduce((sum, count) => sum + count, 0)
  let turns = 0
  while (open > 0 && turns < 10_000) {
    turns++
    let at = 0
    let point = drawUnit(random) * total - (chances[0] ?? 0)
    while (point >= 0 && at + 1 < chances.length) point -= chances[++at] ?? 0
    if ((left[at] ?? 0) > 0) {
      left[at] = (left[at] ?? 0) - 1
      open--
    } else if (squash && (cells[at] ?? 0) > 0) {
      left[at] = 1
      open++
    }
  }
  return turns
}

export interface SimulatedTurns extends TurnDistribution {
  /** Of the mean: one standard error. */
  readonly error: number
}

/** The turns of many simulated games (2 to 1,000,000), with the error of their mean. */
export function simulateTurns(random: Random, games: number, play: (random: Random) => number): SimulatedTurns {
  requireInteger(told('games'), games, 2, 1_000_000)
  const turns = Array.from({ length: games }, () => play(random))
  const longest = turns.reduce((most, each) => Math.max(most, each), 0)
  const counts = Array.from({ length: longest + 1 }, () => 0)
  for (const each of turns) counts[each] = (counts[each] ?? 0) + 1
  const mean = turns.reduce((sum, each) => sum + each, 0) / games
  const variance = turns.reduce((sum, each) => sum + (each - mean) ** 2, 0) / (games - 1)
  let over = 0
  return { ...turnsFrom(counts.map((count) => (over += count) / games)), mean, error: Math.sqrt(variance / games) }
}
