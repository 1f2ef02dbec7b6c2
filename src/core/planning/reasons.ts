import type { Activity } from '../activities'
import { type RungId, type Stage, mends, misreadingOf, rungOf } from '../teaching'
import { type Filling, type Told, asPart, inAList, inSentences, told } from '../wording'
import { type GroupNeed, needsAnswersOnly, workingRung } from './need'
import { stillMinutes } from './byAge'
import type { PlanStep, SessionPlan } from './types'
import type { SessionRequest } from './request'

function stageReason(stage: Stage, rung: Filling): Told {
  if (stage === 'concrete') return told('{0}, with the hands first', rung)
  return stage === 'pictorial' ? told('{0}, now in pictures', rung) : told('{0}, now in words and figures', rung)
}

/** Whose answers alone are missing; after the records have moved on, it may be nobody's any more. */
function recallReason(request: SessionRequest): Told {
  const names = request.children.filter((child) => needsAnswersOnly(child, request)).map(({ name }) => name)
  return names.length === 0
    ? told('Begins with what was met before.')
    : told('Begins with what is nearly known: only more right answers are missing ({0}).', inAList(names))
}

/** Whether an activity came earlier in the same plan. */
export function isAgain({ steps }: SessionPlan, step: PlanStep): boolean {
  return steps.findIndex(({ activityId }) => activityId === step.activityId) < steps.indexOf(step)
}

/** Why an activity stands where it stands, for the adult: on the screen in their language, on paper in the group's. */
export function reasonFor(
  { activity, rung, again = false }: { activity: Activity; rung: RungId; again?: boolean },
  request: SessionRequest,
  need: GroupNeed,
): Told {
  return inSentences([
    whyHere(activity, rung, request, need),
    ...(again ? [told('A second time, now in its harder form.')] : []),
    ...whatItMends(activity, request),
  ])
}

function whyHere(activity: Activity, rung: RungId, request: SessionRequest, need: GroupNeed): Told {
  const name = asPart(rungOf(rung).name)
  if (activity.role === 'check') return told('Ends with a short check, so that the next session starts where they are.')
  if (activity.role === 'recall') return recallReason(request)
  if (activity.role === 'break')
    return told('A movement break: the session is over {0} minutes.', stillMinutes(request))
  if (rung === need.side) return told('{0} comes beside it: all that it needs is known.', name)
  if (rung !== need.rung) return told('{0} comes back first: it is secure and has not been met for a while.', name)
  const on = request.children.filter((child) => workingRung(child, request) === rung).map((child) => child.name)
  const what = asPart(stageReason(activity.stage, name))
  // After the records have moved on, nobody may be on it any more.
  if (on.length === 0) return told('{0}.', what)
  const isOfAll = on.length === request.children.length
  const who = isOfAll
    ? told('all are on it')
    : on.length === 1
      ? told('{0} is on it', inAList(on))
      : told('{0} are on it', inAList(on))
  return told('{0}.', asPart(told('{0}: {1}', what, asPart(who))))
}

function whatItMends(activity: Activity, { children }: SessionRequest): Told[] {
  const mended = new Map<Told, string[]>()
  for (const child of children)
    for (const { misreading } of child.findings) {
      const { does } = misreadingOf(misreading)
      if (mends(activity.id, misreading)) mended.set(does, [...(mended.get(does) ?? []), child.name])
    }
  return [...mended].map(([does, names]) => told('Mends “{0}” ({1}).', asPart(does), inAList(names)))
}
