import type { Activity } from '../activities'
import { type RungId, type Stage, mends, misreadingOf, rungOf } from '../teaching'
import { IN_ENGLISH, type PrintedPhrase, type Wording, listInWords, nameIn, printedAs, type Told } from '../wording'
import { type GroupNeed, needsAnswersOnly, workingRung } from './need'
import { stillMinutes } from './byAge'
import type { PlanStep, SessionPlan } from './types'
import type { SessionRequest } from './request'

const STAGE_REASONS = {
  concrete: '{0}, with the hands first',
  pictorial: '{0}, now in pictures',
  abstract: '{0}, now in words and figures',
} as const satisfies Record<Stage, PrintedPhrase>

/** Whose answers alone are missing; after the records have moved on, it may be nobody's any more. */
function recallReason(request: SessionRequest, wording: Wording): string {
  const names = request.children.filter((child) => needsAnswersOnly(child, request)).map(({ name }) => name)
  if (names.length === 0) return printedAs('Begins with what was met before.', wording)
  return printedAs(
    'Begins with what is nearly known: only more right answers are missing ({0}).',
    wording,
    listInWords(names, wording),
  )
}

/** Whether an activity came earlier in the same plan. */
export function isAgain({ steps }: SessionPlan, step: PlanStep): boolean {
  return steps.findIndex(({ activityId }) => activityId === step.activityId) < steps.indexOf(step)
}

/**
 * Why an activity stands where it stands, for the adult: on the screen in English, on paper in the group's language.
 */
export function reasonFor(
  { activity, rung, again = false }: { activity: Activity; rung: RungId; again?: boolean },
  request: SessionRequest,
  need: GroupNeed,
  wording: Wording = IN_ENGLISH,
): string {
  const sentences: string[] = []
  const rungName = nameIn(wording, rungOf(rung).name)
  if (activity.role === 'check')
    sentences.push(printedAs('Ends with a short check, so that the next session starts where they are.', wording))
  else if (activity.role === 'recall') sentences.push(recallReason(request, wording))
  else if (activity.role === 'break')
    sentences.push(printedAs('A movement break: the session is over {0} minutes.', wording, stillMinutes(request)))
  else if (rung === need.side)
    sentences.push(printedAs('{0} comes beside it: all that it needs is known.', wording, rungName))
  else if (rung !== need.rung)
    sentences.push(printedAs('{0} comes back first: it is secure and has not been met for a while.', wording, rungName))
  else {
    const on = request.children.filter((child) => workingRung(child, request) === rung).map((child) => child.name)
    const who =
      on.length === request.children.length
        ? printedAs('all are on it', wording)
        : printedAs(on.length === 1 ? '{0} is on it' : '{0} are on it', wording, listInWords(on, wording))
    const what = printedAs(STAGE_REASONS[activity.stage], wording, rungName)
    // After the records have moved on, nobody may be on it any more.
    sentences.push(on.length === 0 ? `${what}.` : `${printedAs('{0}: {1}', wording, what, who)}.`)
  }
  if (again) sentences.push(printedAs('A second time, now in its harder form.', wording))
  const mended = new Map<Told, string[]>()
  for (const child of request.children)
    for (const { misreading } of child.findings) {
      const { does } = misreadingOf(misreading)
      if (mends(activity.id, misreading)) mended.set(does, [...(mended.get(does) ?? []), child.name])
    }
  for (const [does, names] of mended)
    sentences.push(printedAs('Mends “{0}” ({1}).', wording, nameIn(wording, does), listInWords(names, wording)))
  return sentences.join(' ')
}
