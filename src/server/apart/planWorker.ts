import { type SessionRequest, planSession } from '../../core/planning'
import { replying } from './reply'

/* Plans one session off the main thread, so that nobody else waits. */

export interface PlanTask {
  readonly request: SessionRequest
  readonly seed: number
}

export default replying(({ request, seed }: PlanTask) => planSession(request, { seed }))
