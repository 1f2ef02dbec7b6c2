import { told, type Told, asPart, inARow } from '../wording'
import { activityOf, STATIONS_ID } from '../activities'
import { RefusedValue, attempt, requireInteger } from '../errors'
import { pathOf, type RungId, rungOf } from '../teaching'
import { newStepId } from './edits'
import { workingRung } from './need'
import { CHANGE_MINUTES } from './rounds'
import { stillMinutes } from './byAge'
import { type PlanStep, type SessionPlan, type Team } from './types'
import type { SessionRequest } from './request'
import { FEWEST_STATIONS, stationsFor, type StationsWish } from './stationsFor'

/* Stations: children at different rungs work at once, in teams of their own rung that go round. */

export const MOST_STATIONS = 4
export const MOST_HELPERS = 3
/** A shorter round has hardly begun. */
export const SHORTEST_ROUND = 4
const SMALLEST_TEAM = 2

/**
 * The plan with stations in the place of what was taught after its opening: everything that is not locked, no break and
 * no check. The minutes stay as they are. Throws RefusedValue where there are too few children or minutes, or too few
 * activities that suit every team without an adult.
 */
export function planWithStations(plan: SessionPlan, request: SessionRequest, wish: StationsWish): SessionPlan {
  requireInteger(told('stations'), wish.count, FEWEST_STATIONS, MOST_STATIONS)
  requireInteger(told('helpers'), wish.helpers, 0, MOST_HELPERS)
  const most = Math.floor(request.children.length / SMALLEST_TEAM)
  if (wish.count > most)
    throw new RefusedValue(
      told('stations'),
      most < FEWEST_STATIONS
        ? told('for {0} children or more: there are {1}', FEWEST_STATIONS * SMALLEST_TEAM, request.children.length)
        : told('{0} at most with {1} children', most, request.children.length),
      wish.count,
    )
  const away = replaced(plan)
  const minutes = away.reduce((sum, step) => sum + step.minutes, 0)
  const least = wish.count * SHORTEST_ROUND + (wish.count - 1) * CHANGE_MINUTES
  if (minutes < least)
    throw new RefusedValue(
      told('minutes'),
      told('enough for {0} minutes of stations after the opening', least),
      minutes,
    )
  const teams = teamsOf(request, wish.count)
  const step: PlanStep = {
    id: newStepId(plan),
    activityId: STATIONS_ID,
    rung: plan.rung,
    minutes,
    why: whyOf(teams),
    stations: {
      teams,
      list: stationsFor(teams, request, { ...wish, minutes, moves: lacksMovement(plan, away, request) }),
    },
  }
  const at = plan.steps.findIndex(({ id }) => id === away[away.length - 1]?.id)
  const steps = plan.steps.flatMap((each, i) => (i === at ? [step] : away.includes(each) ? [] : [each]))
  return { ...plan, steps }
}

/** How many stations can be made of a plan. */
export interface FittingStations {
  /** The numbers that work, the fewest first. */
  readonly counts: readonly number[]
  /** Where none does: why, so that it can be said after a colon. */
  readonly why?: Told
}

/** Tries every number of stations. */
export function stationsThatFit(
  plan: SessionPlan,
  request: SessionRequest,
  wish: Omit<StationsWish, 'count'>,
): FittingStations {
  const tried = Array.from({ length: MOST_STATIONS - FEWEST_STATIONS + 1 }, (_, i) => {
    const count = FEWEST_STATIONS + i
    return { count, ...attempt(() => planWithStations(plan, request, { ...wish, count })) }
  })
  const counts = tried.flatMap(({ count, value }) => (value ? [count] : []))
  const [refusal] = tried.flatMap((each) => each.refusal ?? [])
  return counts.length > 0 || !refusal ? { counts } : { counts, why: WHY_NOT[refusal.field] ?? refusal.allowed }
}

/** Why a session has no stations, by the field that stands against them. */
const WHY_NOT: Readonly<Record<string, Told>> = {
  minutes: told('there are too few minutes after the opening'),
  stations: told('too few activities suit every team here. Try more minutes or another place'),
}

/** What stations take the place of: what is taught after the opening. */
function replaced({ steps }: SessionPlan): PlanStep[] {
  const taught = steps.filter((step) => activityOf(step).role === 'teach')
  const [opening] = taught
  // Stations that there are already are made anew.
  return taught.filter((step) => !step.locked && (step !== opening || step.stations !== undefined))
}

/** Whether nothing moves any more where something must. */
function lacksMovement({ steps }: SessionPlan, away: readonly PlanStep[], request: SessionRequest): boolean {
  const total = steps.reduce((sum, { minutes }) => sum + minutes, 0)
  const kept = steps.filter((step) => !away.includes(step))
  return total > stillMinutes(request) && !kept.some((step) => activityOf(step).energy === 'moving')
}

function whyOf(teams: readonly Team[]): Told {
  const names = [...new Set(teams.map(({ rung }) => rung))].map((rung) => asPart(rungOf(rung).name))
  return names.length === 1
    ? told('Teams that go round: all work on {0}.', inARow(names))
    : told('Teams that go round, each at its own step: {0}.', inARow(names))
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
