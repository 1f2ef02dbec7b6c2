import type { RungId } from '../teaching'
import { told } from '../wording'
import { type Activity, type DurationModel, type Place, withTexts } from './types'

/* What the entries of the catalogue share. */

export const ANYWHERE: readonly Place[] = ['table', 'floor', 'hall', 'outdoors']
export const ROOM_TO_MOVE: readonly Place[] = ['floor', 'hall', 'outdoors']
export const SITTING_DOWN: readonly Place[] = ['table', 'floor']

/** Rungs with a clock of two hands. */
export const TWO_HANDS: readonly RungId[] = [
  'oclock',
  'half',
  'quarters',
  'past-fives',
  'to-fives',
  'minute',
  'digital',
]
/** Rungs that are read off a dial, those with one hand among them. */
export const ON_A_DIAL: readonly RungId[] = ['hour-hand', 'fives', ...TWO_HANDS]
/** Rungs on which minutes are moved on by, added up or rounded. */
export const RECKONING: readonly RungId[] = ['rounding', 'later', 'elapsed', 'work-back']
/** Rungs on which the parts of a day are told apart. */
export const THE_DAY: readonly RungId[] = ['day-halves', 'day-24', 'timetable']
export const EVERY_RUNG: readonly RungId[] = ['parts', ...ON_A_DIAL, ...RECKONING, ...THE_DAY]

/** Rounds of an activity: the fewest, what is usual, the most. */
type Rounds = readonly [least: number, usual: number, most: number]

/** All have their turn at once; a turn is `seconds` long. */
export function together(seconds: number, rounds: Rounds, setUpMinutes = 1, clearMinutes = 0): DurationModel {
  return { ...lasting(seconds, rounds, setUpMinutes, clearMinutes), turns: 'together' }
}

/** One child after the other; a turn is `seconds` long. */
export function inTurn(seconds: number, rounds: Rounds, setUpMinutes = 1, clearMinutes = 0): DurationModel {
  return { ...lasting(seconds, rounds, setUpMinutes, clearMinutes), turns: 'in-turn' }
}

function lasting(turnSeconds: number, [least, usual, most]: Rounds, setUpMinutes: number, clearMinutes: number) {
  return { setUpMinutes, clearMinutes, turnSeconds, rounds: { least, usual, most } }
}

type Usual = 'role' | 'players' | 'needs' | 'prints' | 'tableMode' | 'cautions'

/** An entry of the catalogue; what it does not say is as with most: taught, for any number, with nothing needed. */
export function entry(facts: Omit<Activity<string>, Usual> & Partial<Pick<Activity, Usual>>): Activity {
  const whole: Activity<string> = {
    role: 'teach',
    players: { least: 1, most: 30 },
    needs: [],
    prints: 'none',
    tableMode: 'show-clock',
    cautions: [],
    ...facts,
  }
  return toldEntry(whole)
}

/** Entries of the catalogue that say everything themselves. */
export const entries = (list: readonly Activity<string>[]): Activity[] => list.map(toldEntry)

/** Its other languages stand in `words`, from where they come into the catalogues of messages. */
const toldEntry = (whole: Activity<string>): Activity => withTexts(whole, (text: string) => told(text))
