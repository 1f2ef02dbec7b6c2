import { type Told, asPart, told } from '../../wording'
import { DAYS_PER_WEEK } from '../../clock'
import { type SchoolId, schools } from '../../teaching'
import type { TermWish } from './wish'

/** What could be done otherwise. */
export interface WhatIf {
  readonly id: string
  /** In words, as it stands on a button. */
  readonly name: Told
  readonly wish: TermWish
}

const HOME_MINUTES = 10

/** What one change of a term could be: meeting once more a week, some minutes at home, another school's order. */
export function whatIfs(wish: TermWish): WhatIf[] {
  const { weekdays, homeMinutes, school } = wish
  const more = weekdays.length < DAYS_PER_WEEK ? [...weekdays, freeDay(weekdays)] : weekdays
  const others = (Object.keys(schools) as SchoolId[]).filter((id) => id !== school)
  return [
    ...(more.length > weekdays.length
      ? [{ id: 'more', name: timesInWords(more.length), wish: { ...wish, weekdays: more } }]
      : []),
    ...(homeMinutes < HOME_MINUTES
      ? [{ id: 'home', name: told('Ten minutes at home each day'), wish: { ...wish, homeMinutes: HOME_MINUTES } }]
      : []),
    ...others.map((id) => ({
      id,
      name: told('The order “{0}”', asPart(schools[id].name)),
      wish: { ...wish, school: id },
    })),
  ]
}

function timesInWords(times: number): Told {
  return times === 2 ? told('Meet twice a week') : told('Meet {0} times a week', times)
}

/** The day that lies furthest from those on which they meet: the earliest such in the week. */
function freeDay(weekdays: readonly number[]): number {
  const apart = (a: number, b: number) => Math.min(Math.abs(a - b), DAYS_PER_WEEK - Math.abs(a - b))
  const nearest = (day: number) => Math.min(...weekdays.map((each) => apart(day, each)))
  const days = Array.from({ length: DAYS_PER_WEEK }, (_, i) => i)
  return days.reduce((best, day) => (nearest(day) > nearest(best) ? day : best))
}
