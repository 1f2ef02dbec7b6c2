import { type Activity, activityOf, standInFor } from '../../src/core/activities'
import type { PlanCheck, SessionPlan, SessionRequest } from '../../src/core/planning'

/*
 * Judges a plan apart from the planner and its checks: from the minutes, the facts of the catalogue and the request
 * alone. What a session should keep is written down here once more.
 */

type Broken = PlanCheck['id']

const STAGE_PLACES = { concrete: 0, pictorial: 1, abstract: 2 } as const

/** The fewest and the most minutes of an activity, from its own numbers. */
function limits({ duration, tableOf, role }: Activity, players: number): [least: number, most: number] {
  const atOneTable = Math.max(2, tableOf === undefined ? players : Math.min(players, tableOf))
  const turns = duration.turns === 'in-turn' ? atOneTable : 1
  const lasting = (rounds: number) => {
    const minutes = duration.setUpMinutes + duration.clearMinutes + (rounds * turns * duration.turnSeconds) / 60
    return Math.max(role === 'teach' ? 3 : 1, Math.ceil(minutes - 1e-9))
  }
  // A closing check is short, however many there are.
  const longest = role === 'check' ? (players <= 8 ? 4 : 6) : Infinity
  return [Math.min(longest, lasting(duration.rounds.least)), Math.min(longest, lasting(duration.rounds.most))]
}

/** What a plan does not keep. */
export function brokenIn(plan: SessionPlan, request: SessionRequest): Set<Broken> {
  const broken = new Set<Broken>()
  const steps = plan.steps.map((step) => ({ ...step, activity: activityOf(step.activityId) }))
  const players = request.children.length
  if (steps.reduce((sum, { minutes }) => sum + minutes, 0) !== request.minutes) broken.add('time')
  for (const { activity, minutes } of steps) {
    const [least, most] = limits(activity, players)
    if (minutes < least || minutes > most) broken.add('lengths')
    if (!activity.places.includes(request.place)) broken.add('place')
    if (players < activity.players.least || players > activity.players.most) broken.add('players')
    if (activity.role === 'teach' && request.lastTime.includes(activity.id)) broken.add('repeats')
    for (const { material } of activity.needs) {
      const isThere = request.materials.includes(material) || (material === 'clock' && request.hasClocks)
      if (!isThere && standInFor(material) === undefined) broken.add('materials')
    }
  }
  if (steps[steps.length - 1]?.activity.role !== 'check') broken.add('check')
  // Children of four and five move in anything of twelve minutes, the others in anything over twenty.
  const isYoung = request.children.some(({ age }) => age === 4 || age === 5)
  if (request.minutes >= (isYoung ? 12 : 21) && steps.every(({ activity }) => activity.energy !== 'moving'))
    broken.add('movement')
  // The youngest: at four and five eight minutes seated on end, at six and seven twelve; no writing at four, one at five.
  const youngest = Math.min(...request.children.map(({ age }) => age ?? 99))
  let seated = 0
  for (const { activity, minutes } of steps) {
    seated = activity.energy === 'seated' ? seated + minutes : 0
    if (seated > (youngest <= 5 ? 8 : youngest <= 7 ? 12 : Infinity)) broken.add('sitting')
  }
  const written = steps.filter(({ activity }) => activity.writes).length
  if (written > (youngest <= 4 ? 0 : youngest === 5 ? 1 : Infinity)) broken.add('writing')
  const taught = steps.filter(({ activity }) => activity.role === 'teach')
  // Two in five minutes with things where the rung is new to some child, else one in five.
  const known = (child: SessionRequest['children'][number]) =>
    [...child.standing.estimates, ...child.standing.beside].some(
      ({ rung, stages }) => rung === plan.rung && stages.includes('concrete'),
    )
  const minutesOf = (of: typeof taught) => of.reduce((sum, { minutes }) => sum + minutes, 0)
  const withThings = minutesOf(taught.filter(({ activity }) => activity.stage === 'concrete'))
  if (withThings * (request.children.every(known) ? 5 : 2.5) < minutesOf(taught)) broken.add('hands')
  const ids = new Set(taught.map(({ activityId }) => activityId))
  const alike = [...ids].filter((id) => request.beforeLast?.includes(id)).length
  if (alike * 2 > ids.size) broken.add('repeats')
  for (let i = 1; i < taught.length; i++)
    for (let k = 0; k < i; k++) {
      const [before, after] = [taught[k], taught[i]]
      if (!before || !after || before.rung !== after.rung) continue
      if (STAGE_PLACES[after.activity.stage] < STAGE_PLACES[before.activity.stage]) broken.add('order')
    }
  steps.forEach(({ activity }, i) => {
    const three = steps.slice(Math.max(0, i - 2), i + 1)
    if (activity.role !== 'check' && three.length === 3 && three.every((step) => step.activity.energy === 'seated'))
      broken.add('seated')
  })
  return broken
}

/** What is wrong with a plan and its checks: what it breaks without saying so, and what it repeats within itself. */
export function wrongWith(plan: SessionPlan, request: SessionRequest, checks: readonly PlanCheck[]): string[] {
  const told = checks.filter(({ ok }) => !ok).map(({ id }) => id)
  const untold = [...brokenIn(plan, request)].filter((id) => !told.includes(id))
  const ids = plan.steps.map(({ activityId }) => activityId)
  // In a long session an activity may come once more, with others in between.
  const twice = ids.filter((id, i) => {
    const before = ids.slice(0, i)
    const often = before.filter((each) => each === id).length
    return often > (request.minutes >= 60 ? 1 : 0) || ids.slice(Math.max(0, i - 2), i).includes(id)
  })
  const unsuited = plan.steps.filter(({ activityId, rung }) => !activityOf(activityId).rungs.includes(rung))
  return [
    ...untold.map((id) => `breaks ${id} without saying so`),
    ...twice.map((id) => `${id} comes twice`),
    ...unsuited.map(({ activityId, rung }) => `${activityId} is not for ${rung}`),
    // What is nearly known is asked before anything else, or not at all.
    ...(plan.steps.findLastIndex(({ activityId }) => activityOf(activityId).role === 'recall') > 0
      ? ['what is nearly known is asked late']
      : []),
    ...(new Set(plan.steps.map(({ id }) => id)).size < plan.steps.length ? ['two steps have one id'] : []),
  ]
}
