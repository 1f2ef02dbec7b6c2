import { activityOf, activityWords } from '../activities'
import { type FlowBlock, INK, MOSS, OAK, type PaperId, paragraph, SLATE, stack } from '../drawing'
import type { Stage } from '../teaching'
import { nameIn, printedAs, type Wording, type Told } from '../wording'
import { activityNotes } from './activityNotes'
import type { TimedStep } from './fetch'
import { stationLines } from './stationLines'
import type { PlanStep } from './types'
import type { SessionRequest } from './request'

export interface RunSheetRequest {
  readonly title: string
  readonly paper: PaperId
  readonly wording: Wording
  /** In English, as it stands in a sentence. */
  readonly placeName: Told
  /** What else is printed with it, a line each. */
  readonly prints: readonly { readonly title: string; readonly pages: number }[]
}

export const STAGE_COLOURS: Record<Stage, string> = { concrete: OAK, pictorial: MOSS, abstract: SLATE }

/** What to say and ask, what to look for and what may go wrong; a movement break teaches nothing. */
export function notesOf(step: PlanStep, wording: Wording): string[] {
  const activity = activityOf(step)
  const words = activityWords(activity, wording.language, step.rung)
  const spoken = [printedAs('Say: “{0}”', wording, words.say), printedAs('Look for: {0}', wording, words.lookFor)]
  if (activity.role !== 'teach' || step.stations) return spoken
  const { objective, questions, wrong } = activityNotes(activity, step.rung, wording, step.minutes)
  return [
    objective,
    ...spoken,
    printedAs('Ask: {0}', wording, questions.join(' ')),
    ...(wrong.length > 0
      ? [printedAs('May go wrong: {0}.', wording, wrong.map(({ does }) => nameIn(wording, does)).join('; '))]
      : []),
  ]
}

interface StepTold {
  readonly sheet: RunSheetRequest
  readonly request: SessionRequest
  readonly clock: (minute: number) => string
  readonly why: string
}

/** One step on the run sheet: when, what, with what, and why. */
export function stepBlock({ step, start, end }: TimedStep, { sheet, request, clock, why }: StepTold): FlowBlock {
  const { paper, wording } = sheet
  const activity = activityOf(step)
  const words = activityWords(activity, wording.language, step.rung)
  const lines = stationLines(step, start, request, wording)
  const small = (text: string, fill = INK) => paragraph(paper, text, { size: 3.7, indent: 5, fill })
  return stack([
    paragraph(paper, `${clock(start)}–${clock(end)}  ${words.name} (${step.minutes} min)`, {
      size: 4.8,
      weight: 'bold',
      above: 3,
      fill: STAGE_COLOURS[activity.stage],
    }),
    small(why, '#6B6158'),
    ...words.steps.map((text, i) => small(`${i + 1}.  ${text}`)),
    ...notesOf(step, wording).map((line) => small(line)),
    small(`${printedAs('Easier: {0}', wording, words.easier)}  ${printedAs('Harder: {0}', wording, words.harder)}`),
    ...[...lines.teams, ...lines.rounds].map((line) => small(line)),
    ...lines.stations.flatMap(({ name, steps, say: said }) => [
      paragraph(paper, name, { size: 4.2, weight: 'bold', indent: 5, above: 1.5 }),
      ...[...steps, said].map((line) => small(line)),
    ]),
  ])
}
