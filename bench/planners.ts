import { told } from '../src/core/wording'
import { type Activity, type Place, catalogue, durationRange } from '../src/core/activities'
import { type SessionPlan, type SessionRequest, planSession, workingRung } from '../src/core/planning'
import { draw, drawInt, randomFrom, shuffled } from '../src/core/random'
import { type RungId, STAGES, schools } from '../src/core/teaching'
import { LessonWorld } from '../tests/readback/lessonWorld'

/*
 * How many minutes simulated children (tests/readback/lessonWorld.ts) need until they are secure on four rungs, with the
 * planner and with two simple ones: activities at random that fit the place, the rung and the minutes; and a fixed
 * sequence, which gives each rung so many sessions, hands, pictures and signs in turn, whatever the records say. All
 * three end with the check, which asks five questions whoever planned it; so the minutes of a child who knows the rung
 * already, and has too few answers that say so, are alike for all but the planner, which asks such children at the
 * beginning too. Those in which it had still to learn are apart.
 * Run with: npx tsx bench/planners.ts [groups] [place]
 */

const GROUPS = Number(process.argv[2] ?? 40)
const PLACE = (process.argv[3] ?? 'floor') as Place
const CHILDREN = 4
const MINUTES = 30
const MOST_SESSIONS = 60
const SESSIONS_A_RUNG = 2
const school = schools['turns-first']
const RUNGS = school.order.slice(0, 4)

type Plan = (request: SessionRequest, session: number, seed: number) => SessionPlan

const suits = (activity: Activity, rung: RungId, { place, children }: SessionRequest) =>
  activity.rungs.includes(rung) &&
  activity.places.includes(place) &&
  children.length >= activity.players.least &&
  children.length <= activity.players.most

const check = (rung: RungId, request: SessionRequest) =>
  catalogue.find((each) => each.role === 'check' && suits(each, rung, request)) as Activity

/** Activities one after the other until the minutes are over, each at its usual length, and the check. */
function filled(activities: readonly Activity[], rung: RungId, request: SessionRequest): SessionPlan {
  const last = check(rung, request)
  let left = request.minutes - durationRange(last, request.children.length).usual
  const chosen: { activity: Activity; minutes: number }[] = []
  for (const activity of activities) {
    const { usual } = durationRange(activity, request.children.length)
    if (usual > left) continue
    chosen.push({ activity, minutes: usual })
    left -= usual
  }
  const steps = [
    ...chosen,
    { activity: last, minutes: request.minutes - chosen.reduce((sum, each) => sum + each.minutes, 0) },
  ]
  return {
    rung,
    steps: steps.map(({ activity, minutes }, i) => ({
      id: `step-${i}`,
      activityId: activity.id,
      rung,
      minutes,
      why: told(''),
    })),
  }
}

/** The rung of a child drawn at random: nobody counts what most need. */
const atRandom: Plan = (request, _, seed) => {
  const random = randomFrom(seed)
  const rung = workingRung(draw(random, request.children), request)
  const fitting = catalogue.filter(
    (each) => each.role !== 'check' && each.role !== 'recall' && suits(each, rung, request),
  )
  return filled(shuffled(random, fitting), rung, request)
}

const inSequence: Plan = (request, session) => {
  const rung = RUNGS[Math.floor(session / SESSIONS_A_RUNG) % RUNGS.length] as RungId
  const fitting = catalogue.filter((each) => each.role === 'teach' && suits(each, rung, request))
  // The first of each stage, then the second of each.
  const ordered = [0, 1, 2].flatMap((at) =>
    STAGES.flatMap((stage) => fitting.filter((each) => each.stage === stage)[at] ?? []),
  )
  return filled(ordered, rung, request)
}

const ours: Plan = (request, _, seed) => planSession(request, { seed })

interface Needed {
  /** Minutes of sessions until the child was secure on all four rungs; those of all sessions where it never is. */
  secure: number
  /** Of them, those of sessions in which it did not know yet what it worked on. */
  learning: number
}

function minutesNeeded(plan: Plan, group: number): Needed[] {
  const world = new LessonWorld(randomFrom(7000 + group), school, { size: CHILDREN })
  const needed = world.pupils.map((): Needed & { done: boolean } => ({ secure: 0, learning: 0, done: false }))
  const reached = world.pupils.map(() => new Set<RungId>())
  let lastTime: string[] = []
  let hasClocks = false
  for (let session = 0; session < MOST_SESSIONS && needed.some(({ done }) => !done); session++) {
    const day = 20_000 + 7 * session
    const request: SessionRequest = {
      children: world.told(day),
      minutes: MINUTES,
      start: 570,
      place: PLACE,
      materials: ['paper', 'card', 'scissors', 'fasteners', 'crayons', 'slates', 'circles', 'chalk'],
      lastTime,
      school,
      hasClocks,
    }
    const made = plan(request, session, 1 + group * MOST_SESSIONS + session + drawInt(randomFrom(group), 0, 9))
    const learning = world.stillToLearn(day)
    world.hold(made, day, lastTime)
    lastTime = made.steps.map(({ activityId }) => activityId)
    hasClocks ||= lastTime.includes('paper-clock')
    world.firmOn(day + 1).forEach((firm, i) => {
      const child = needed[i]
      if (!child || child.done) return
      child.secure += MINUTES
      if (learning[i]) child.learning += MINUTES
      for (const rung of firm) reached[i]?.add(rung)
      child.done = RUNGS.every((rung) => reached[i]?.has(rung))
    })
  }
  return needed
}

const mean = (plan: Plan): Needed => {
  const all = Array.from({ length: GROUPS }, (_, group) => minutesNeeded(plan, group)).flat()
  const of = (what: keyof Needed) => all.reduce((sum, each) => sum + each[what], 0) / all.length
  return { secure: of('secure'), learning: of('learning') }
}

const [mine, random, fixed] = [mean(ours), mean(atRandom), mean(inSequence)]
const fewer = (other: Needed, what: keyof Needed) => `${(100 * (1 - mine[what] / other[what])).toFixed(0)} % fewer`
const line = (what: keyof Needed, said: string) =>
  `${said}: ours ${mine[what].toFixed(0)} min; at random ${random[what].toFixed(0)} (${fewer(random, what)}); ` +
  `fixed sequence ${fixed[what].toFixed(0)} (${fewer(fixed, what)})\n`
process.stdout.write(
  `${PLACE}, ${RUNGS.length} rungs, ${GROUPS * CHILDREN} children\n` +
    line('secure', 'until secure') +
    line('learning', 'of sessions in which a child had still to learn'),
)
