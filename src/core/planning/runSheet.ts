import { activityOf, activityWords } from '../activities'
import { FOLLOW_LOCAL_RULES } from '../make'
import {
  type Drawing,
  FAINT,
  type FlowBlock,
  INK,
  MOSS,
  OAK,
  type PaperId,
  SLATE,
  bodyArea,
  fitSize,
  flowPages,
  makePage,
  paragraph,
  printable,
  rectanglePath,
  stack,
  path,
  textAt,
} from '../drawing'
import { type Stage, rungOf } from '../teaching'
import { type Wording, barText, isEnglish, listInWords, nameIn, printedAs, say, sayDuration } from '../wording'
import { activityNotes } from './activityNotes'
import { type TimedStep, fetchInWords, fetchList, planCautions, timeline } from './fetch'
import { childForms, groupNeed } from './need'
import { reasonFor } from './reasons'
import { stationLines } from './stationLines'
import { clockAmounts } from './clockAmounts'
import type { PlanStep, SessionPlan, SessionRequest } from './types'
import { plannedMinutes } from './checks'

export interface RunSheetRequest {
  readonly title: string
  readonly paper: PaperId
  readonly wording: Wording
  /** In English, as it stands in a sentence. */
  readonly placeName: string
  /** What else is printed with it, a line each. */
  readonly prints: readonly { readonly title: string; readonly pages: number }[]
}

export const STAGE_COLOURS: Record<Stage, string> = { concrete: OAK, pictorial: MOSS, abstract: SLATE }

/** The adult's own pages: what happens when, what to say and look for, what to fetch, what to mind. */
export function runSheetPages(plan: SessionPlan, request: SessionRequest, sheet: RunSheetRequest): Drawing[] {
  const { paper, wording } = sheet
  const steps = timeline(plan, request.start)
  // What was kept is in English: on paper the reason is worked out anew.
  const whyOf = (step: PlanStep) =>
    isEnglish(wording) ? step.why : reasonFor({ activity: activityOf(step), rung: step.rung }, request, need, wording)
  const clock = (minute: number) => say(minute, { language: wording.language, form: 'digital' })
  const need = { ...groupNeed(request), rung: plan.rung }
  const end = steps[steps.length - 1]?.end ?? request.start
  const blocks: FlowBlock[] = [
    paragraph(
      paper,
      [
        printedAs('{0} to {1}', wording, clock(request.start), clock(end)),
        sayDuration(plannedMinutes(plan)),
        nameIn(wording, sheet.placeName),
        nameIn(wording, rungOf(plan.rung).name),
      ].join(' · '),
      { size: 4.4 },
    ),
    strip(paper, steps, plannedMinutes(plan)),
    fetchBlock(plan, request, sheet),
    formsBlock(plan, request, sheet),
    ...steps.map((timed) => stepBlock(timed, { sheet, request, clock, why: whyOf(timed.step) })),
    cautionsBlock(plan, sheet),
  ].filter((block) => block.height > 0)
  const bodies = flowPages(paper, blocks)
  return bodies.map((body, i) =>
    makePage({
      paper,
      title:
        bodies.length > 1 ? printedAs('{0} ({1} of {2})', wording, sheet.title, i + 1, bodies.length) : sheet.title,
      footer: `Ripe Acorn · ${printedAs('run sheet', wording)}`,
      bar: barText(wording),
      body,
    }),
  )
}

/** The minutes as a strip, each step as wide as it is long. */
function strip(paper: PaperId, steps: readonly TimedStep[], total: number): FlowBlock {
  const scale = total > 0 ? bodyArea(paper).width / total : 0
  let x = 0
  const shapes = steps.flatMap(({ step }) => {
    const activity = activityOf(step)
    const width = step.minutes * scale
    const left = x
    x += width
    const label = `${step.minutes}`
    return [
      path(rectanglePath(left, 3, width, 8), { stroke: STAGE_COLOURS[activity.stage], strokeMm: 0.5 }),
      textAt(label, { x: left + width / 2, y: 8.6 }, { size: fitSize(label, 4.5, width), anchor: 'middle', fill: INK }),
    ] as const
  })
  return { height: 14, shapes }
}

function heading(paper: PaperId, text: string): FlowBlock {
  return paragraph(paper, text, { size: 4.8, weight: 'bold', above: 2.5, fill: MOSS })
}

function fetchBlock(plan: SessionPlan, request: SessionRequest, sheet: RunSheetRequest): FlowBlock {
  const { wording } = sheet
  const things = fetchList(plan, request).map((entry) => {
    const thing = printable(fetchInWords(entry, wording))
    return entry.toHand ? thing : printedAs('{0} (not to hand)', wording, thing)
  })
  const prints = sheet.prints.map(({ title, pages }) =>
    printedAs('{0}: {1} {2}', wording, title, pages, nameIn(wording, pages === 1 ? 'page' : 'pages')),
  )
  const clocks = clockAmounts(request, wording).map(printable)
  if (things.length + clocks.length + prints.length === 0) return stack([])
  const line = (text: string) => paragraph(sheet.paper, `–  ${nameIn(wording, text)}`, { size: 3.8 })
  return stack([
    heading(sheet.paper, printedAs('Fetch and print', wording)),
    ...[...things, ...clocks, ...prints].map(line),
  ])
}

export const FORMS = { easier: 'Take the easier form: {0}.', harder: 'Take the harder form: {0}.' } as const

function formsBlock(plan: SessionPlan, request: SessionRequest, { paper, wording }: RunSheetRequest): FlowBlock {
  const forms = childForms(request, plan.rung)
  const line = (form: 'easier' | 'harder') => {
    const names = forms.filter((each) => each.form === form).map((each) => each.child.name)
    const said = printedAs(FORMS[form], wording, listInWords(names, wording))
    return names.length > 0 ? [paragraph(paper, said, { size: 3.8 })] : []
  }
  return stack([...line('easier'), ...line('harder')])
}

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

function stepBlock({ step, start, end }: TimedStep, { sheet, request, clock, why }: StepTold): FlowBlock {
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

function cautionsBlock(plan: SessionPlan, { paper, wording }: RunSheetRequest): FlowBlock {
  const found = planCautions(plan)
  if (found.length === 0) return stack([])
  return stack([
    heading(paper, printedAs('Mind', wording)),
    ...found.map(({ text }) => paragraph(paper, `–  ${nameIn(wording, text)}`, { size: 3.7 })),
    paragraph(paper, nameIn(wording, FOLLOW_LOCAL_RULES), { size: 3.4, fill: FAINT, above: 1 }),
  ])
}
