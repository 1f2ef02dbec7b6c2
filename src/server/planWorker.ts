import { attempt } from '../core/errors'
import { type SessionPlan, type SessionRequest, planSession } from '../core/planning'

/* Plans one session off the main thread, so that nobody else waits. */

export interface PlanTask {
  readonly request: SessionRequest
  readonly seed: number
}

/** A refusal goes back field by field: of an error that leaves a thread, only the message would arrive. */
export type PlanReply =
  | { readonly plan: SessionPlan }
  | { readonly refused: { readonly field: string; readonly allowed: string; readonly received: string } }

export default function plan({ request, seed }: PlanTask): PlanReply {
  const { value, refusal } = attempt(() => planSession(request, { seed }))
  if (value) return { plan: value }
  const { field, allowed, received } = refusal
  return { refused: { field, allowed, received: String(received) } }
}
