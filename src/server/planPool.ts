import { Piscina } from 'piscina'
import { RefusedValue } from '../core/errors'
import type { SessionPlan } from '../core/planning'
import type { PlanReply, PlanTask } from './planWorker'
import { workerFile } from './workerFile'

/** A thread that plans is kept so long for the next plan. */
const KEPT_MS = 10 * 60_000

let pool: Piscina<PlanTask, PlanReply> | undefined

/** Begun with the first plan: whoever only prints needs none. One thread, so that the table keeps the other core. */
function planners(): Piscina<PlanTask, PlanReply> {
  pool ??= new Piscina({ filename: workerFile('plan-worker'), minThreads: 0, maxThreads: 1, idleTimeout: KEPT_MS })
  return pool
}

/** Plans a session on a thread of its own. Throws what the planner throws: RefusedValue with its field. */
export async function planApart(task: PlanTask): Promise<SessionPlan> {
  const reply = await planners().run(task)
  if ('plan' in reply) return reply.plan
  const { field, allowed, received } = reply.refused
  throw new RefusedValue(field, allowed, received)
}
