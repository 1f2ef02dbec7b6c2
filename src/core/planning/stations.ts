import { type Activity, STATIONS_ID, activityOf, asStep } from '../activities'
import { RefusedValue, requireInteger } from '../errors'
import { drawUnit, randomFrom } from '../random'
import { type RungId, pathOf, rungOf } from '../teaching'
import { newStepId } from './edits'
import { workingRung } from './need'
import { CHANGE_MINUTES } from './rounds'
import { offeredActivities } from './offer'
import { pacedRange } from './pace'
import { repairs } from './worth'
import { missingMaterials } from './toHand'
import {
  BREAK_AFTER_MINUTES,
  type PlanStep,
  type SessionPlan,
  type SessionRequest,
  type Station,
  type Team,
} from './types'

/* Stations: children at different rungs work at once, in teams of their own rung that go round. */

export const FEWEST_STATIONS = 2
export const MOST_STATIONS = 4
export const MOST_HELPERS = 3
/** A shorter round has hardly begun. */
export const SHORTEST_ROUND = 4
const SMALLEST_TEAM = 2

export interface StationsWish {
  /** 2 to 4 at once. */
  readonly count: number
  /** Adults beside the one who leads, 0 to 3. */
  readonly helpers: number
  /** Decides between equals. */
  readonly seed: number
}

/**
 * The plan with stations in the place of what was taught after its opening: everything that is not locked, no break and
 * no check. The minutes stay as they are. Throws RefusedValue where there are too few children or minutes, or too few
 * activities that suit every team without an adult.
 */
export function planWithStations(plan: SessionPlan, request: SessionRequest, wish: StationsWish): SessionPlan {
  requireInteger('stations', wish.count, FEWEST_STATIONS, MOST_STATIONS)
  requireInteger('helpers', wish.helpers, 0, MOST_HELPERS)
  const most = Math.floor(request.children.length / SMALLEST_TEAM)
  if (wish.count > most)
    throw new RefusedValue(
      'stations',
      most < FEWEST_STATIONS
        ? `for ${FEWEST_STATIONS * SMALLEST_TEAM} children or more: there are ${request.children.length}`
        : `${most} at most with ${request.children.length} children`,
      wish.count,
    )
  const away = replaced(plan)
  const minutes = away.reduce((sum, step) => sum + step.minutes, 0)
  const least = wish.count * SHORTEST_ROUND + (wish.count - 1) * CHANGE_MINUTES
  if (minutes < least)
    throw new RefusedValue('minutes', `enough for ${least} minutes of stations after the opening`, minutes)
  const teams = teamsOf(request, wish.count)
  const step: PlanStep = {
    id: newStepId(plan),
    activityId: STATIONS_ID,
    rung: plan.rung,
    minutes,
    why: whyOf(teams),
    stations: { teams, list: stationsFor(teams, request, { ...wish, minutes, moves: lacksMovement(plan, away) }) },
  }
  const at = plan.steps.findIndex(({ id }) => id === away[away.length - 1]?.id)
  const steps = plan.steps.flatMap((each, i) => (i === at ? [step] : away.includes(each) ? [] : [each]))
  return { ...plan, steps }
}

/** What stations take the place of: what is taught after the opening. */
function replaced({ steps }: SessionPlan): PlanStep[] {
  const taught = steps.filter((step) => activityOf(step).role === 'teach')
  const [opening] = taught
  // Stations that there are already are made anew.
  return taught.filter((step) => !step.locked && (step !== opening || step.stations !== undefined))
}

/** Whether nothing moves any more where something must. */
function lacksMovement({ steps }: SessionPlan, away: readonly PlanStep[]): boolean {
  const total = steps.reduce((sum, { minutes }) => sum + minutes, 0)
  const kept = steps.filter((step) => !away.includes(step))
  return total > BREAK_AFTER_MINUTES && !kept.some((step) => activityOf(step).energy === 'moving')
}

function whyOf(teams: readonly Team[]): string {
  const names = [...new Set(teams.map(({ rung }) => rungOf(rung).name))]
  return names.length === 1
    ? `Teams that go round: all work on ${names[0]}.`
    : `Teams that go round, each at its own rung: ${names.join(', ')}.`
}

/** Children of about the same rung together, in teams that differ by one child at most. */
export function teamsOf(request: Pick<SessionRequest, 'children' | 'school'>, count: number): Team[] {
  const path = pathOf(request.school)
  const placed = request.children
    .map((child) => ({ id: child.id, rung: workingRung(child, request) }))
    .sort((a, b) => path.indexOf(a.rung) - path.indexOf(b.rung))
  return Array.from({ length: count }, (_, team) => {
    const from = Math.round((team * placed.length) / count)
    const members = placed.slice(from, Math.round(((team + 1) * placed.length) / count))
    return { childIds: members.map(({ id }) => id), rung: mostIn(members.map(({ rung }) => rung)) }
  })
}

/** The rung that most of a team need; of two, the easier one. */
function mostIn(sorted: readonly RungId[]): RungId {
  const times = (rung: RungId) => sorted.filter((each) => each === rung).length
  return sorted.reduce((best, rung) => (times(rung) > times(best) ? rung : best))
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

/**
 * Whether somebody has to call or show something all the time. What has pages goes on by itself once it is explained;
 * so does what a team makes or moves with things of its own.
 */
export function needsAdult({ prints, game, needs }: Activity): boolean {
  return game !== undefined || (prints === 'none' && needs.length === 0)
}

interface Sought extends StationsWish {
  readonly minutes: number
  /** One of the stations has to be moved at. */
  readonly moves: boolean
}

function stationsFor(teams: readonly Team[], request: SessionRequest, sought: Sought): Station[] {
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
      'stations',
      chosen.length < FEWEST_STATIONS
        ? 'where activities for all teams fit: try more minutes, another place or fewer stations'
        : `${chosen.length} at most here: no more activities suit every team, with ${led} to lead them`,
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
