import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { attempt } from '../../core/errors'
import { type SessionRequest, groupNeed, planSession } from '../../core/planning'
import { type SessionContext, requestOf } from '../../core/records'
import type { RungId } from '../../core/teaching'
import { LONG_MS, tell } from '../../ui/notices'
import { useEdits } from './useEdits'

/** A session that is being planned: its edits, what the planner is asked for it, and other plans. */
export function usePlan(context: SessionContext) {
  const edits = useEdits(context)
  const { session, changes, change } = edits
  const request = requestFor({ ...context, session })

  /** Another plan; what is locked stays. Where none fits, it is said why, and the plan stays as it is. */
  function build(wanted: SessionRequest) {
    const locked = session.plan.steps.filter((step) => step.locked)
    const seed = session.seed + changes + 1
    const { value: plan, refusal } = attempt(() => planSession(wanted, { seed, locked }))
    if (plan) change({ ...session, plan })
    else
      void tell({ title: t`No session fits`, message: refusal && said(refusal.says), color: 'oak', autoClose: LONG_MS })
  }

  return {
    ...edits,
    request,
    /** Another plan for the minutes, the place and the materials as they are now; undone like any change. */
    rebuild: () => build(request),
    /** A plan for another rung; what is locked stays. */
    planFor: (rung: RungId) => build({ ...request, rung }),
  }
}

/** What the planner is asked. Where the plan is for another rung than most need, the adult chose it. */
function requestFor(context: SessionContext): SessionRequest {
  const request = requestOf(context)
  const { rung } = context.session.plan
  return request.children.length > 0 && groupNeed(request).rung !== rung ? { ...request, rung } : request
}

export type PlanState = ReturnType<typeof usePlan>
