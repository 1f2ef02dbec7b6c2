import { activityOf } from '../activities'
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
import { type Wording, say, sayDuration } from '../wording'
import { type TimedStep, fetchInWords, fetchList, planCautions, timeline } from './fetch'
import { childForms, namesInWords } from './need'
import type { SessionPlan, SessionRequest } from './types'
import { plannedMinutes } from './checks'

export interface RunSheetRequest {
  readonly title: string
  readonly paper: PaperId
  readonly wording: Wording
  readonly placeName: string
  /** What else is printed with it, a line each. */
  readonly prints: readonly { readonly title: string; readonly pages: number }[]
}

export const STAGE_COLOURS: Record<Stage, string> = { concrete: OAK, pictorial: MOSS, abstract: SLATE }

/** The adult's own pages: what happens when, what to say and look for, what to fetch, what to mind. */
export function runSheetPages(plan: SessionPlan, request: SessionRequest, sheet: RunSheetRequest): Drawing[] {
  const { paper } = sheet
  const steps = timeline(plan, request.start)
  const clock = (minute: number) => say(minute, { language: sheet.wording.language, form: 'digital' })
  const end = steps[steps.length - 1]?.end ?? request.start
  const blocks: FlowBlock[] = [
    paragraph(
      paper,
      `${clock(request.start)} to ${clock(end)} · ${sayDuration(plannedMinutes(plan))} · ${sheet.placeName} · ${rungOf(plan.rung).name}`,
      { size: 4.4 },
    ),
    strip(paper, steps, plannedMinutes(plan)),
    fetchBlock(plan, request, sheet),
    formsBlock(plan, request, paper),
    ...steps.map((timed) => stepBlock(paper, timed, clock)),
    cautionsBlock(plan, paper),
  ].filter((block) => block.height > 0)
  const bodies = flowPages(paper, blocks)
  return bodies.map((body, i) =>
    makePage({
      paper,
      title: bodies.length > 1 ? `${sheet.title} (${i + 1} of ${bodies.length})` : sheet.title,
      footer: 'Ripe Acorn · run sheet',
      body,
    }),
  )
}

/** The minutes as a strip, each step as wide as it is long. */
function strip(paper: PaperId, steps: readonly TimedStep[], total: number): FlowBlock {
  const scale = total > 0 ? bodyArea(paper).width / total : 0
  let x = 0
  const shapes = steps.flatMap(({ step }) => {
    const activity = activityOf(step.activityId)
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
  const things = fetchList(plan, request).map(
    (entry) => `${printable(fetchInWords(entry))}${entry.toHand ? '' : ' (not to hand)'}`,
  )
  const prints = sheet.prints.map(({ title, pages }) => `${title}: ${pages} ${pages === 1 ? 'page' : 'pages'}`)
  if (things.length + prints.length === 0) return stack([])
  const line = (text: string) => paragraph(sheet.paper, `–  ${text}`, { size: 3.8 })
  return stack([heading(sheet.paper, 'Fetch and print'), ...[...things, ...prints].map(line)])
}

function formsBlock(plan: SessionPlan, request: SessionRequest, paper: PaperId): FlowBlock {
  const forms = childForms(request, plan.rung)
  const line = (form: 'easier' | 'harder') => {
    const names = forms.filter((each) => each.form === form).map((each) => each.child.name)
    return names.length > 0 ? [paragraph(paper, `Take the ${form} form: ${namesInWords(names)}.`, { size: 3.8 })] : []
  }
  return stack([...line('easier'), ...line('harder')])
}

function stepBlock(paper: PaperId, { step, start, end }: TimedStep, clock: (minute: number) => string): FlowBlock {
  const activity = activityOf(step.activityId)
  const small = (text: string, fill = INK) => paragraph(paper, text, { size: 3.7, indent: 5, fill })
  return stack([
    paragraph(paper, `${clock(start)}–${clock(end)}  ${activity.name} (${step.minutes} min)`, {
      size: 4.8,
      weight: 'bold',
      above: 3,
      fill: STAGE_COLOURS[activity.stage],
    }),
    small(step.why, '#6B6158'),
    ...activity.steps.map((text, i) => small(`${i + 1}.  ${text}`)),
    small(`Say: “${activity.say}”`),
    small(`Look for: ${activity.lookFor}`),
    small(`Easier: ${activity.easier}  Harder: ${activity.harder}`),
  ])
}

function cautionsBlock(plan: SessionPlan, paper: PaperId): FlowBlock {
  const found = planCautions(plan)
  if (found.length === 0) return stack([])
  return stack([
    heading(paper, 'Mind'),
    ...found.map(({ text }) => paragraph(paper, `–  ${text}`, { size: 3.7 })),
    paragraph(paper, FOLLOW_LOCAL_RULES, { size: 3.4, fill: FAINT, above: 1 }),
  ])
}
