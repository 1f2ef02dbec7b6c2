import { told } from '../wording'
import { requireInteger } from '../errors'
import type { Activity } from './types'

export interface DurationRange {
  readonly least: number
  readonly usual: number
  readonly most: number
}

/** Shorter than this, nothing is taught: it has hardly begun. */
const SHORTEST_TAUGHT_MINUTES = 3
/** A child alone takes turns with the adult. */
const FEWEST_TURNS = 2

/** The closing check is short: where not all can be asked, those are who need it most, and the others next time. */
const CHECK_MINUTES = { few: 4, many: 6 } as const
const FEW_CHILDREN = 8

/** The longest that a closing check lasts with so many children. */
export function longestCheck(players: number): number {
  return players <= FEW_CHILDREN ? CHECK_MINUTES.few : CHECK_MINUTES.many
}

/**
 * Whole minutes that an activity takes with so many players (1 to 60), at its least, usual and most rounds:
 * set-up + rounds × turn (× the players at a table, where they take turns, two at least) + clearing, rounded up; three
 * minutes at least where something is taught, and no more than a closing check may last.
 */
export function durationRange(activity: Activity, players: number): DurationRange {
  requireInteger(told('players'), players, 1, 60)
  const { setUpMinutes, clearMinutes, turnSeconds, turns, rounds } = activity.duration
  const waiting = turns === 'in-turn' ? Math.max(FEWEST_TURNS, Math.min(players, activity.tableOf ?? players)) : 1
  const roundMinutes = (turnSeconds * waiting) / 60
  const shortest = activity.role === 'teach' ? SHORTEST_TAUGHT_MINUTES : 1
  const longest = activity.role === 'check' ? longestCheck(players) : Infinity
  const minutes = (count: number) =>
    Math.min(longest, Math.max(shortest, Math.ceil(setUpMinutes + count * roundMinutes + clearMinutes)))
  return { least: minutes(rounds.least), usual: minutes(rounds.usual), most: minutes(rounds.most) }
}

/** How many tables an activity is played at with so many children, and how many play at the fullest. */
export function tablesFor({ tableOf }: Activity, children: number): { tables: number; players: number } {
  const tables = Math.max(1, Math.ceil(children / (tableOf ?? Math.max(1, children))))
  return { tables, players: Math.max(1, Math.ceil(children / tables)) }
}
