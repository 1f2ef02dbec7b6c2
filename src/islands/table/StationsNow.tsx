import { type PlanStep, roundStarts, timeline } from '../../core/planning'
import { type Session, type SessionContext, requestOf } from '../../core/records'
import { StationsShown } from '../../ui/StationsShown'

interface Props {
  readonly step: PlanStep
  readonly session: Session
  readonly context: SessionContext
  readonly spentSeconds: number
}

/** The stations of the step that is held, with the round that is on by its time. */
export function StationsNow({ step, session, context, spentSeconds }: Props) {
  const { plan, start } = session
  const at = timeline(plan, start).find((timed) => timed.step.id === step.id)
  const round = roundStarts(step).findLastIndex((from) => from * 60 <= spentSeconds)
  const request = requestOf({ ...context, session })
  return <StationsShown step={step} start={at?.start ?? start} request={request} round={round} />
}
