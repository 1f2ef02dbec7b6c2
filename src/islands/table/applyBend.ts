import { type Begun, type BendId, type Bent, bendPlan } from '../../core/planning'
import { type Session, type SessionContext, requestOf } from '../../core/records'

/** The session's plan for the minutes that are left. By itself, since the whole planner comes with it. */
export function applyBend(
  context: SessionContext,
  session: Session,
  when: Pick<Begun, 'at' | 'minutesLeft' | 'spentMinutes'>,
  bend: BendId,
): Bent {
  return bendPlan({ plan: session.plan, request: requestOf({ ...context, session }), ...when }, bend)
}
