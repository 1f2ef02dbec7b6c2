import { told } from '../wording'
import { requireInteger } from '../errors'
import { type TurnDistribution, turnsFrom } from './fill'

/** What ends a game of several players, each with a mat of their own. */
export type Ending = 'first-full' | 'all-full'

/**
 * Turns of all players together, each with a mat alike and a turn in rotation, until the first has
 * a full mat or until all have. A player who is full goes on taking turns that are lost, so that nobody waits.
 *
 * playersTurns(fillTurns({ chances: [1, 1], cells: [1, 0] }), 1, 'all-full').mean //=> 2
 */
export function playersTurns(one: TurnDistribution, players: number, ending: Ending): TurnDistribution {
  requireInteger(told('players'), players, 1, 60)
  const turns = one.over.length * players
  const own = (rounds: number) => one.over[Math.min(rounds, one.over.length - 1)] ?? 1
  const over = Array.from({ length: turns + 1 }, (_, t) => {
    // After t turns of all, the first (t mod n) players have had one more than the others.
    const rounds = Math.floor(t / players)
    const ahead = t % players
    if (ending === 'all-full') return own(rounds + 1) ** ahead * own(rounds) ** (players - ahead)
    return 1 - (1 - own(rounds + 1)) ** ahead * (1 - own(rounds)) ** (players - ahead)
  })
  return turnsFrom(over)
}

/**
 * Turns when a full mat is cleared and filled anew so many times (0 to 4): the fillings follow each other, so their
 * chances are folded.
 */
export function refilledTurns(one: TurnDistribution, refills: number): TurnDistribution {
  requireInteger(told('refills'), refills, 0, 4)
  const chances = one.over.map((chance, t) => chance - (one.over[t - 1] ?? 0))
  let sum = chances
  for (let i = 0; i < refills; i++) {
    const next = Array.from({ length: sum.length + chances.length - 1 }, () => 0)
    sum.forEach((a, t) => chances.forEach((b, u) => (next[t + u] = (next[t + u] ?? 0) + a * b)))
    sum = next
  }
  let total = 0
  return turnsFrom(sum.map((chance) => Math.min(1, (total += chance))))
}
