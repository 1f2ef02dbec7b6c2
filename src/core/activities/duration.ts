import { requireInteger } from '../errors'
import type { Activity } from './types'

export interface DurationRange {
  readonly least: number
  readonly usual: number
  readonly most: number
}

/**
 * Whole minutes that an activity takes with so many players (1 to 60), at its least, usual and most rounds:
 * set-up + rounds × turn (× the players at a table, where they take turns) + clearing, rounded up.
 */
export function durationRange(activity: Activity, players: number): DurationRange {
  requireInteger('players', players, 1, 60)
  const { setUpMinutes, clearMinutes, turnSeconds, turns, rounds } = activity.duration
  const waiting = turns === 'in-turn' ? Math.min(players, activity.tableOf ?? players) : 1
  const roundMinutes = (turnSeconds * waiting) / 60
  const minutes = (count: number) => Math.ceil(setUpMinutes + count * roundMinutes + clearMinutes)
  return { least: minutes(rounds.least), usual: minutes(rounds.usual), most: minutes(rounds.most) }
}
