import { type Activity } from '../activities'
import { type RungId, type Stage, misreadingOf, rungOf } from '../teaching'
import { type GroupNeed, namesInWords, workingRung } from './need'
import { BREAK_AFTER_MINUTES, type SessionRequest } from './types'

const STAGE_REASONS: Record<Stage, string> = {
  concrete: 'with the hands first',
  pictorial: 'now in pictures',
  abstract: 'now in words and figures',
}

/** Why an activity stands where it stands, for the adult. */
export function reasonFor(
  { activity, rung }: { activity: Activity; rung: RungId },
  request: SessionRequest,
  need: GroupNeed,
): string {
  const sentences: string[] = []
  if (activity.role === 'check')
    sentences.push('Ends with a short check, so that the next session starts where they are.')
  else if (activity.role === 'break')
    sentences.push(`A movement break: the session is over ${BREAK_AFTER_MINUTES} minutes.`)
  else if (rung !== need.rung)
    sentences.push(`${rungOf(rung).name} comes back first: it is firm and has not been met for a while.`)
  else {
    const on = request.children.filter((child) => workingRung(child, request) === rung).map((child) => child.name)
    const who =
      on.length === request.children.length
        ? 'all are on it'
        : `${namesInWords(on)} ${on.length === 1 ? 'is' : 'are'} on it`
    sentences.push(`${rungOf(rung).name}, ${STAGE_REASONS[activity.stage]}: ${who}.`)
  }
  const mended = new Map<string, string[]>()
  for (const child of request.children)
    for (const { misreading } of child.findings) {
      const { does, repair } = misreadingOf(misreading)
      if (repair.activity === activity.id) mended.set(does, [...(mended.get(does) ?? []), child.name])
    }
  for (const [does, names] of mended) sentences.push(`Mends “${does}” (${namesInWords(names)}).`)
  return sentences.join(' ')
}
