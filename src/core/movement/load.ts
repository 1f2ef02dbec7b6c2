import { told } from '../wording'
import { RefusedValue, requireInteger, requireNumber } from '../errors'
import type { GameOptions } from './gameOptions'

/** Where no age is told, the careful numbers of five-year-olds hold. */
const CAREFUL_AGE = 5
const OLDER_FROM = 7

/** How much the body is asked to do, by age: our own careful estimates, to be changed by the adult. */
export interface Load {
  /** Hard moving at one go, seconds: 20 at five and six, 30 from seven on. */
  readonly hardAtOnce: number
  /** Hard moving in one game, seconds: three minutes, or four from seven on. */
  readonly hardInAll: number
  /** Running, metres a second: 2.2 at five, 2.8 at seven, in between and beyond along the same line, 1.6 to 3.4. */
  readonly metresASecond: number
  /** Run in one game, metres. */
  readonly mostMetres: number
}

/** What each step easier or harder takes away or adds. */
const STEP = 0.25

/** The load for an age and for what the adult chose: -2 (half of it) to 2 (half as much again). */
export function loadFor({ age = CAREFUL_AGE, harder }: Pick<GameOptions, 'age' | 'harder'>): Load {
  const share = 1 + STEP * requireInteger(told('easier or harder'), harder, -2, 2)
  const isOlder = requireInteger(told('age'), age, 3, 99) >= OLDER_FROM
  const metresASecond = Math.min(3.4, Math.max(1.6, 2.2 + 0.3 * (age - 5)))
  return {
    hardAtOnce: Math.round((isOlder ? 30 : 20) * share),
    hardInAll: Math.round((isOlder ? 240 : 180) * share),
    metresASecond,
    mostMetres: Math.round(((isOlder ? 240 : 180) * metresASecond * share) / 10) * 10,
  }
}

/** There and back between the marks, metres. Throws RefusedValue where once is more than can be run at one go. */
export function lapOf({ lapMetres, isSeated }: GameOptions, { hardAtOnce, metresASecond }: Load): number {
  const field = told('distance of the marks (m)')
  const lap = 2 * requireNumber(field, lapMetres, 0.5, 50)
  const most = Math.floor(hardAtOnce * metresASecond) / 2
  if (lap > 2 * most && !isSeated)
    throw new RefusedValue(field, told('at most {0} at this age, so that one lap is not too long', most), lapMetres)
  return lap
}
