import { type DayRow, inOrder } from '../days'
import { RefusedValue } from '../errors'
import { type Random, shuffled } from '../random'
import { type RungId, rungOf } from '../teaching'
import { type Wording, told, asPart } from '../wording'
import { EVENT_IDS } from './words'
import { isPlain, type Planned, timeWithin, USUAL } from './usualTimes'

export const LEAST_EVENTS = 3

export interface StoryWish {
  readonly rung: RungId
  readonly wording: Wording
  /** Who is in it, 1 to 4 of them. */
  readonly names: readonly string[]
  /** How many things happen. */
  readonly count: number
  /** A day of one's own; left out, things of a usual day are drawn. */
  readonly rows?: readonly DayRow[]
  readonly seed: number
}

/** The minutes past the hour that a story on a rung tells. */
export function storyMinutes(rung: RungId): readonly number[] {
  const { dial } = rungOf(rung)
  if (dial?.hands === 'both') return rung === 'oclock' || rung === 'minute' ? dial.minutes : [0, ...dial.minutes]
  if (dial || rung === 'parts') return [0]
  return Array.from({ length: 12 }, (_, i) => i * 5)
}

/** Things of a usual day at times of the rung, each after the one before it. */
export function usualEvents(random: Random, { count, rung }: StoryWish): Planned[] {
  for (let tries = 0; tries < 500; tries++) {
    const ids = shuffled(random, EVENT_IDS).slice(0, count)
    const planned = ids
      .map((id): Planned => ({ id, minute: timeWithin(random, USUAL[id], storyMinutes(rung)) }))
      .sort((a, b) => a.minute - b.minute)
    if (isPlain(planned)) return planned
  }
  throw new RefusedValue(told('count of things that happen'), told('fewer of them on this step'), count)
}

/** The rows of a day of one's own, as many as are wanted, with their own times. */
export function ownEvents(random: Random, rows: readonly DayRow[], { count }: StoryWish): Planned[] {
  const apart = inOrder(rows).filter(({ minute }, i, all) => i === 0 || minute > (all[i - 1]?.minute ?? -1))
  if (apart.length < LEAST_EVENTS)
    throw new RefusedValue(told('rows'), told('{0} rows at least', LEAST_EVENTS), apart.length)
  for (let tries = 0; tries < 500; tries++) {
    const places = shuffled(random, [...apart.keys()])
      .slice(0, count)
      .sort((a, b) => a - b)
    const planned = places.map((place) => apart[place] as DayRow).map(({ minute, what }): Planned => ({ minute, what }))
    if (isPlain(planned)) return planned
  }
  throw new RefusedValue(
    told('rows'),
    told('rows with ten minutes to eight hours between them'),
    asPart(told('{0} others', apart.length)),
  )
}
