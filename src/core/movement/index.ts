import { RefusedValue, requireInteger } from '../errors'
import { randomFrom } from '../random'
import { chooseAMove } from './games/chooseAMove'
import { armsAsHands, balanceClock, walkTheHours } from './games/clockGames'
import { freeze, laps, threeSpeeds } from './games/runningGames'
import { loadFor, withRests } from './load'
import { filled, laidOut } from './timeline'
import type { Beat, Game, GameId, GameOptions, Timeline } from './types'

export { callerCard } from './card'
export * from './figure'
export { loadFor } from './load'
export { type Playing, atStart, callAt, movedTo, paused, positionAt, resumed, withMoment } from './timeline'
export * from './types'
export { wordsOf } from './words'

/** All games, in the order in which they are shown. */
export const games: Readonly<Record<GameId, Game>> = {
  'walk-the-hours': walkTheHours,
  'arms-as-hands': armsAsHands,
  'balance-clock': balanceClock,
  'three-speeds': threeSpeeds,
  'choose-a-move': chooseAMove,
  freeze,
  laps,
}

const LONGEST_GAME_MINUTES = 30

/** What is usual where nothing else is chosen. */
export const USUAL_GAME = {
  minutes: 6,
  children: 4,
  isSeated: false,
  harder: 0,
  lapMetres: 5,
  think: 25,
  wrong: 'everyone',
  weights: {},
} as const satisfies Partial<GameOptions>

/**
 * A game from its start to its end: warmed up, called, rested and settled, in just as many minutes as were wished.
 * Throws RefusedValue, naming the field, for numbers out of range, a place too small, or minutes too few for a round.
 */
export function makeTimeline(id: GameId, options: GameOptions, seed: number): Timeline {
  const game = games[id]
  if (!game) throw new RefusedValue('game', `one of ${Object.keys(games).join(', ')}`, id)
  const seconds = 60 * requireInteger('minutes', options.minutes, 1, LONGEST_GAME_MINUTES)
  requireInteger('children', options.children, 1, game.mostChildren)
  const script = game.script(options, randomFrom(seed))
  const rounds: (readonly Beat[])[] = []
  // A round takes at least two seconds: more are never needed.
  for (let i = 0, total = 0; total < seconds && i < seconds; i++) {
    const round = script.round(i)
    rounds.push(round)
    total += round.reduce((sum, beat) => sum + beat.seconds, 0)
  }
  return laidOut(id, seed, filled(seconds, script, withRests(rounds, loadFor(options), options)))
}
