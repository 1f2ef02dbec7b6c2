import { told } from '../wording'
import { RefusedValue, requireInteger, requireNumber } from '../errors'
import { randomFrom } from '../random'
import { chooseAMove } from './games/chooseAMove'
import { armsAsHands, balanceClock, walkTheHours } from './games/clockGames'
import { beTheHands } from './games/handsWalk'
import { jumpTheDay } from './games/floorGames'
import { findYourTime } from './games/findYourTime'
import { hourRelay } from './games/groupGames'
import { freeze, laps, threeSpeeds } from './games/runningGames'
import { loadFor } from './load'
import { withRests } from './rests'
import { filled, laidOut } from './timeline'
import type { Beat, Game, GameId, Timeline } from './types'
import type { GameOptions } from './gameOptions'

export { callerPages } from './card'
export * from './figure'
export { type Arm, armsBetween } from './person'
export * from './movePoses'
export * from './pose'
export * from './place'
export * from './walkShapes'
export { whoInWords } from './games/inWords'
export { loadFor } from './load'
export { type Playing, atStart, gameLeft, movedTo, paused, positionAt, resumed } from './playing'
export { callAt, withMoment } from './timeline'
export { lastAsked, shownAt } from './taken'
export * from './types'
export * from './gameOptions'
export * from './calls'
export * from './moves'
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
  'jump-the-day': jumpTheDay,
  'be-the-hands': beTheHands,
  'hour-relay': hourRelay,
  'find-your-time': findYourTime,
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
  facing: 'twelve',
  names: [],
  weights: {},
} as const satisfies Partial<GameOptions>

const LARGEST_SEED = 2_147_483_647

/** The largest hall that is asked about, metres. */
const LARGEST_ROOM_METRES = 100

/** Refuses a floor that is too small for so many children; seated they need their chairs alone. */
function requireRoom({ roomFor }: Game, { children, isSeated }: GameOptions, metres: number): void {
  requireNumber(told('room across (m)'), metres, 0.5, LARGEST_ROOM_METRES)
  const wanted = roomFor(children)
  if (isSeated || metres >= wanted) return
  throw new RefusedValue(
    told('room across (m)'),
    told('at least {0} for {1} children, or the seated form', wanted, children),
    metres,
  )
}

/**
 * A game from its start to its end: warmed up, called, rested and settled, in just as many minutes as were wished.
 * Throws RefusedValue, naming the field, for numbers out of range, a place too small, or minutes too few for a round.
 */
export function makeTimeline(id: GameId, options: GameOptions, seed: number): Timeline {
  const game = games[id]
  if (!game) throw new RefusedValue(told('game'), told('one of {0}', Object.keys(games).join(', ')), id)
  const seconds = 60 * requireInteger(told('minutes'), options.minutes, 1, LONGEST_GAME_MINUTES)
  requireInteger(told('game number'), seed, 0, LARGEST_SEED)
  requireInteger(told('children'), options.children, game.leastChildren, game.mostChildren)
  if (options.roomMetres !== undefined) requireRoom(game, options, options.roomMetres)
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
