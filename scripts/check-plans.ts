import { activityOf } from '../src/core/activities'
import { RefusedValue, attempt } from '../src/core/errors'
import {
  BENDS,
  type BendId,
  type SessionPlan,
  type SessionRequest,
  bendPlan,
  checkPlan,
  minutesLeftAt,
  planSession,
  plannedMinutes,
} from '../src/core/planning'
import { type Random, draw, drawInt, randomFrom } from '../src/core/random'
import { someRequest } from '../tests/readback/planRequests'
import { otherPlan } from '../tests/readback/otherPlan'
import { wrongWith } from '../tests/readback/plans'

/*
 * Plans sessions of every kind and judges them apart from the planner: npm run check:plans [-- COUNT]. Every plan keeps
 * all that a session should keep, or says what it gives up; what cannot be planned is refused with what would fit; a
 * session that is bent while it is held never gets more minutes than are left; and ten sessions in a row differ.
 */

const COUNT = Number(process.argv[2] ?? 3000)
if (!Number.isInteger(COUNT) || COUNT < 1) {
  console.error(`The number of requests must be a whole number of 1 or more, got ${process.argv[2]}`)
  process.exit(2)
}
const BENDS_EACH = 5
const IN_A_ROW = 10
let wrong = 0

function report(where: string, problems: readonly string[]): void {
  if (problems.length > 0 && wrong++ < 20) console.log(`WRONG  ${where}: ${problems.join('; ')}`)
}

/* One plan after the other. */

const times: number[] = []
const gaveUp = new Map<string, number>()
const shares = new Map<string, number[]>()
let refused = 0

/** Minutes that are taught with things, in 100 of those taught, by how long the session is. */
function countShares(plan: SessionPlan, { minutes }: SessionRequest): void {
  const taught = plan.steps.filter((step) => activityOf(step).role === 'teach')
  const sum = (of: typeof taught) => of.reduce((total, step) => total + step.minutes, 0)
  if (taught.length === 0) return
  const length = minutes < 45 ? 'under 45 min' : minutes < 75 ? '45 to 74 min' : '75 min and more'
  const share = (100 * sum(taught.filter((step) => activityOf(step).stage === 'concrete'))) / sum(taught)
  shares.set(length, [...(shares.get(length) ?? []), share])
}

function planOne(seed: number): void {
  const request = someRequest(randomFrom(seed))
  const began = performance.now()
  try {
    const plan = planSession(request, { seed })
    times.push(performance.now() - began)
    const checks = checkPlan(plan, request)
    for (const { id, ok } of checks) if (!ok) gaveUp.set(id, (gaveUp.get(id) ?? 0) + 1)
    countShares(plan, request)
    report(`seed ${seed}`, wrongWith(plan, request, checks))
    if (seed % BENDS_EACH === 0) bendOne(plan, request, seed)
  } catch (error) {
    times.push(performance.now() - began)
    if (!(error instanceof RefusedValue)) throw error
    refused++
    if (!/such as \d|at most for/.test(error.message))
      report(`seed ${seed}`, [`refused without what would fit: ${error.message}`])
  }
}

/* A session that has begun. */

let bends = 0

function bendOne(plan: SessionPlan, request: SessionRequest, seed: number): void {
  const random: Random = randomFrom(seed)
  const at = drawInt(random, 0, plan.steps.length - 1)
  const held = plan.steps[at]
  if (!held) return
  const spentMinutes = drawInt(random, 0, held.minutes + 5)
  const minutesLeft = Math.max(1, minutesLeftAt(plan, held.id) - spentMinutes - drawInt(random, 0, 15))
  const bend = draw(random, Object.keys(BENDS) as BendId[])
  const { steps } = bendPlan({ plan, request, at: held.id, minutesLeft, spentMinutes }, bend).plan
  const ahead = plannedMinutes({ ...plan, steps: steps.slice(at) })
  bends++
  report(`seed ${seed}, ${bend}`, [
    ...(ahead > minutesLeft + spentMinutes ? [`${ahead} min for the ${minutesLeft + spentMinutes} there are`] : []),
    ...(steps[at]?.id !== held.id ? ['the step that is held is gone'] : []),
  ])
}

/* Sessions of one group in a row. */

const pairs = { all: 0, alike: 0, open: 0 }

/** A plan like one of the two before it is right only where the catalogue has no other. */
function reportOther(where: string, wish: Parameters<typeof otherPlan>[0]): void {
  const other = otherPlan(wish)
  if (other === 'open') pairs.open++
  else if (other !== 'none')
    report(where, [
      `like one before it, though this was possible: ${other.plan.steps.map((s) => s.activityId).join(', ')}`,
    ])
}

function planInARow(seed: number): void {
  const { children, place, materials, school } = someRequest(randomFrom(seed))
  const minutes = drawInt(randomFrom(seed), 15, 45)
  const held: Set<string>[] = []
  let before: [string[], string[]] = [[], []]
  for (let session = 1; session <= IN_A_ROW; session++) {
    const [lastTime, beforeLast] = before
    const start = 570
    const hasClocks = session > 1
    const request = { children, place, materials, school, minutes, start, hasClocks, lastTime, beforeLast }
    const { value: plan } = attempt(() => planSession(request, { seed: seed + session }))
    if (!plan) return
    report(`ten in a row from ${seed}, session ${session}`, wrongWith(plan, request, checkPlan(plan, request)))
    const taught = new Set(
      plan.steps.filter((step) => activityOf(step).role === 'teach').map((step) => step.activityId),
    )
    const earlier = held.slice(-2)
    const alike = earlier.filter((ids) => [...taught].filter((id) => ids.has(id)).length * 2 > taught.size)
    pairs.all += earlier.length
    pairs.alike += alike.length
    if (alike.length > 0)
      reportOther(`ten in a row from ${seed}, session ${session}`, { request, rung: plan.rung, earlier })
    held.push(taught)
    before = [plan.steps.map(({ activityId }) => activityId), lastTime]
  }
}

for (let seed = 1; seed <= COUNT; seed++) planOne(seed)
for (let seed = 1; seed <= Math.ceil(COUNT / 50); seed++) planInARow(seed)

times.sort((a, b) => a - b)
const at = (share: number) => Math.round(times[Math.min(times.length - 1, Math.floor(times.length * share))] ?? 0)
const given = [...gaveUp].map(([id, count]) => `${id} ${count}`).join(', ') || 'nothing'
const mean = (all: readonly number[]) => Math.round(all.reduce((sum, each) => sum + each, 0) / all.length)
console.log(`${COUNT} requests: ${COUNT - refused} planned, ${refused} refused with what would fit.`)
console.log(`Given up and said so: ${given}.`)
console.log(
  `Taught with things, in 100: ${[...shares]
    .map(([length, all]) => `${mean(all)} (${length}, ${all.length} plans)`)
    .sort()
    .join(', ')}.`,
)
console.log(
  `Bent while held: ${bends}. Sessions in a row: ${pairs.alike} of ${pairs.all} pairs within three share more than half, because there is no other plan; ${pairs.open} sessions were too many to try all.`,
)
console.log(`Took ${at(0.5)} ms at the median, ${at(0.95)} ms at the 95th, ${at(1)} ms at most.`)
console.log(wrong === 0 ? 'Every plan is right.' : `${wrong} are wrong.`)
process.exit(wrong === 0 ? 0 : 1)
