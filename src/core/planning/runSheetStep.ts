import { activityOf, activityWords } from '../activities'
import { type FlowBlock, INK, MOSS, OAK, type PaperId, paragraph, type Shape, SLATE } from '../drawing'
import type { Stage } from '../teaching'
import { nameIn, printedAs, type Wording, type Told } from '../wording'
import { activityNotes } from './activityNotes'
import type { TimedStep } from './fetch'
import { stationLines } from './stationLines'
import { iconOf, type LineKind } from './runSheetIcons'
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

export interface SheetNote {
  readonly kind: LineKind
  readonly text: string
}

/** What to say and ask, what to look for and what may go wrong; a movement break teaches nothing. */
export function notesOf(step: PlanStep, wording: Wording): SheetNote[] {
  const activity = activityOf(step)
  const words = activityWords(activity, wording.language, step.rung)
  const spoken: SheetNote[] = [
    { kind: 'say', text: printedAs('Say: “{0}”', wording, words.say) },
    { kind: 'look', text: printedAs('Look for: {0}', wording, words.lookFor) },
  ]
  if (activity.role !== 'teach' || step.stations) return spoken
  const { objective, questions, wrong } = activityNotes(activity, step.rung, wording, step.minutes)
  const faults = wrong.map(({ does }) => nameIn(wording, does)).join('; ')
  return [
    { kind: 'goal', text: objective },
    ...spoken,
    { kind: 'ask', text: printedAs('Ask: {0}', wording, questions.join(' ')) },
    ...(wrong.length > 0 ? [{ kind: 'wrong', text: printedAs('May go wrong: {0}.', wording, faults) } as const] : []),
  ]
}

/** How a step is made easier or harder. */
export function formsOf(step: PlanStep, wording: Wording): SheetNote[] {
  const { easier, harder } = activityWords(activityOf(step), wording.language, step.rung)
  return [
    { kind: 'easier', text: printedAs('Easier: {0}', wording, easier) },
    { kind: 'harder', text: printedAs('Harder: {0}', wording, harder) },
  ]
}

interface StepTold {
  readonly sheet: RunSheetRequest
  readonly request: SessionRequest
  readonly clock: (minute: number) => string
  readonly why: string
}

const TEXT_MM = 3.8
const ICON_X = 5
const TEXT_X = 11

/** One step in full, line by line: when, what, why, what is done, and what to say, ask and look for. */
export function stepBlocks({ step, start, end }: TimedStep, { sheet, request, clock, why }: StepTold): FlowBlock[] {
  const { paper, wording } = sheet
  const activity = activityOf(step)
  const words = activityWords(activity, wording.language, step.rung)
  const lines = stationLines(step, start, request, wording)
  const small = (text: string, fill = INK) => paragraph(paper, text, { size: TEXT_MM, indent: TEXT_X, fill })
  const numbered = (text: string, i: number): FlowBlock =>
    withMark(small(text), paragraph(paper, `${i + 1}.`, { size: TEXT_MM, indent: ICON_X }).shapes)
  const noted = ({ kind, text }: SheetNote): FlowBlock => withMark(small(text), [iconOf(kind, ICON_X, 0.6)])
  const head = paragraph(paper, `${clock(start)}–${clock(end)}  ${words.name} (${step.minutes} min)`, {
    size: 5,
    weight: 'bold',
    above: 4,
    fill: STAGE_COLOURS[activity.stage],
  })
  return [
    { ...head, goesWithNext: true },
    ...(why === '' ? [] : [{ ...small(why, '#6B6158'), goesWithNext: true }]),
    ...words.steps.map(numbered),
    ...notesOf(step, wording).map(noted),
    ...formsOf(step, wording).map(noted),
    ...[...lines.teams, ...lines.rounds].map((text) => noted({ kind: 'team', text })),
    ...lines.stations.flatMap(({ name, steps, say: said }): FlowBlock[] => [
      { ...paragraph(paper, name, { size: 4.2, weight: 'bold', indent: ICON_X, above: 1.5 }), goesWithNext: true },
      ...steps.map(numbered),
      noted({ kind: 'say', text: said }),
    ]),
  ]
}

/** A line with what stands before it. */
const withMark = ({ height, shapes }: FlowBlock, mark: readonly Shape[]): FlowBlock => ({
  height,
  shapes: [...mark, ...shapes],
})
