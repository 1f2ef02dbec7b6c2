import { RefusedValue } from '../src/core/errors'
import { checkPlan, planSession } from '../src/core/planning'
import { randomFrom } from '../src/core/random'
import { someRequest } from '../tests/readback/planRequests'
import { wrongWith } from '../tests/readback/plans'

/*
 * Plans sessions of every kind and judges them apart from the planner: npm run check:plans [-- COUNT]. Every plan keeps
 * all that a session should keep, or says what it gives up; what cannot be planned is refused with what would fit.
 */

const COUNT = Number(process.argv[2] ?? 2000)
if (!Number.isInteger(COUNT) || COUNT < 1) {
  console.error(`The number of requests must be a whole number of 1 or more, got ${process.argv[2]}`)
  process.exit(2)
}
const times: number[] = []
const gaveUp = new Map<string, number>()
let refused = 0
let wrong = 0

for (let seed = 1; seed <= COUNT; seed++) {
  const request = someRequest(randomFrom(seed))
  const began = performance.now()
  try {
    const plan = planSession(request, { seed })
    times.push(performance.now() - began)
    const checks = checkPlan(plan, request)
    for (const { id, ok } of checks) if (!ok) gaveUp.set(id, (gaveUp.get(id) ?? 0) + 1)
    const problems = wrongWith(plan, request, checks)
    if (problems.length > 0 && wrong++ < 20) console.log(`WRONG  seed ${seed}: ${problems.join('; ')}`)
  } catch (error) {
    times.push(performance.now() - began)
    if (!(error instanceof RefusedValue)) throw error
    refused++
    if (!/such as \d|at most for/.test(error.message) && wrong++ < 20)
      console.log(`WRONG  seed ${seed}: refused without what would fit: ${error.message}`)
  }
}

times.sort((a, b) => a - b)
const at = (share: number) => Math.round(times[Math.min(times.length - 1, Math.floor(times.length * share))] ?? 0)
const given = [...gaveUp].map(([id, count]) => `${id} ${count}`).join(', ') || 'nothing'
console.log(`${COUNT} requests: ${COUNT - refused} planned, ${refused} refused with what would fit.`)
console.log(`Given up and said so: ${given}.`)
console.log(`Took ${at(0.5)} ms at the median, ${at(0.95)} ms at the 95th, ${at(1)} ms at most.`)
console.log(wrong === 0 ? 'Every plan is right.' : `${wrong} are wrong.`)
process.exit(wrong === 0 ? 0 : 1)
