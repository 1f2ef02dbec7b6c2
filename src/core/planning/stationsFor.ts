import { told } from '../wording'
import { type Activity, asStep } from '../activities'
import { RefusedValue } from '../errors'
import { drawUnit, randomFrom } from '../random'
import { pathOf, type RungId } from '../teaching'
import { CHANGE_MINUTES } from './rounds'
import { offeredActivities } from './offer'
import { pacedRange } from './pace'
import { repairs } from './worth'
import { missingMaterials } from './toHand'
import type { SessionRequest } from './request'
import type { Station, Team } from './types'

export const FEWEST_STATIONS = 2

export interface StationsWish {
  /** 2 to 4 at once. */
  readonly count: number
  /** Adults beside the one who leads, 0 to 3. */
  readonly helpers: number
  /** Decides between equals. */
  readonly seed: number
}

/**
 * The rung at which a team does an activity: its own, or the hardest before it that the activity is for; undefined
 * where there is none.
 */
export function rungAtStation(activity: Activity, rung: RungId, school: SessionRequest['school']): RungId | undefined {
  const path = pathOf(school)
  return path
    .slice(0, path.indexOf(rung) + 1)
    .reverse()
    .find((each) => activity.rungs.includes(each))
}

/** Whether an adult has to call, show or ask something all the time. */
export function needsAdult({ leads = 'adult' }: Activity): boolean {
  return leads === 'adult'
}

interface Sought extends StationsWish {
  readonly minutes: number
  /** One of the stations has to be moved at. */
  readonly moves: boolean
}

/** A station for each round, so that every team can do each of them. Refuses `stations` where fewer fit. */
export function stationsFor(teams: readonly Team[], request: SessionRequest, sought: Sought): Station[] {
  const random = randomFrom(sought.seed)
  const led = 1 + sought.helpers
  const scored = offeredActivities(request)
    .filter((activity) => suitsStations(activity, teams, request, sought))
    .map((activity) => ({ activity, points: pointsOf(activity, teams, request) + drawUnit(random) }))
    .sort((a, b) => b.points - a.points)
  const first = sought.moves ? scored.find(({ activity }) => activity.energy === 'moving')?.activity : undefined
  const chosen: Activity[] = first ? [first] : []
  for (const { activity } of scored) {
    if (chosen.length === sought.count) break
    const isTaken = chosen.some(
      ({ id, prints }) => id === activity.id || (prints !== 'none' && prints === activity.prints),
    )
    const isTooMuch = needsAdult(activity) && chosen.filter(needsAdult).length >= led
    if (!isTaken && !isTooMuch) chosen.push(activity)
  }
  if (chosen.length < sought.count)
    throw new RefusedValue(
      told('stations'),
      chosen.length < FEWEST_STATIONS
        ? told('where activities for all teams fit: try more minutes, another place or fewer stations')
        : told('{0} at most here: no more activities suit every team, with {1} to lead them', chosen.length, led),
      sought.count,
    )
  return withLeaders(chosen, sought.helpers)
}

/**
 * Taught here, by every team at its own rung or an easier one, in the minutes of a round, and never before it was met.
 */
function suitsStations(
  activity: Activity,
  teams: readonly Team[],
  request: SessionRequest,
  { count, minutes }: Sought,
): boolean {
  const round = Math.floor((minutes - (count - 1) * CHANGE_MINUTES) / count)
  const sizes = teams.map(({ childIds }) => childIds.length)
  const { least, most } = activity.players
  return (
    activity.role === 'teach' &&
    activity.stage !== 'abstract' &&
    activity.prints !== 'paper-clock' &&
    activity.places.includes(request.place) &&
    Math.min(...sizes) >= least &&
    Math.max(...sizes) <= most &&
    missingMaterials(activity, request).every(({ standIn }) => standIn !== undefined) &&
    teams.every(({ rung }) => rungAtStation(activity, rung, request.school) !== undefined) &&
    [...new Set(sizes)].every((size) => {
      const range = pacedRange(activity, size, request.pace)
      return range.least <= round && round <= range.most
    })
  )
}

function pointsOf(activity: Activity, teams: readonly Team[], request: SessionRequest): number {
  const own = teams.filter(({ rung }) => activity.rungs.includes(rung)).length
  return (
    2 * own +
    (activity.stage === 'pictorial' ? 1 : 0) +
    2 * Math.min(2, repairs(activity, request).length) +
    (request.favourites?.includes(activity.id) ? 1 : 0) -
    (request.lastTime.includes(activity.id) ? 3 : 0) -
    missingMaterials(activity, request).length
  )
}

/** The adult stands at the one that needs one most; helpers at the next; the others go on by themselves. */
function withLeaders(chosen: readonly Activity[], helpers: number): Station[] {
  const order = [...chosen].sort((a, b) => Number(needsAdult(b)) - Number(needsAdult(a)))
  return order.map((activity, i) => ({
    ...asStep(activity),
    led: i === 0 ? 'adult' : i <= helpers ? 'helper' : 'alone',
  }))
}
