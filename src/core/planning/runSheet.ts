import { activityOf } from '../activities'
import { FOLLOW_LOCAL_RULES } from '../make'
import {
  bodyArea,
  type Drawing,
  FAINT,
  fitSize,
  type FlowBlock,
  flowPages,
  INK,
  makePage,
  MOSS,
  type PaperId,
  paragraph,
  path,
  printable,
  rectanglePath,
  stack,
  textAt,
} from '../drawing'
import { rungOf } from '../teaching'
import { barText, isEnglish, listInWords, nameIn, printedAs, say, sayDuration, told } from '../wording'
import { fetchInWords, fetchList } from './fetchList'
import { planCautions, type TimedStep, timeline } from './fetch'
import { childForms, groupNeed } from './need'
import { isAgain, reasonFor } from './reasons'
import { clockAmounts } from './clockAmounts'
import type { PlanStep, SessionPlan } from './types'
import type { SessionRequest } from './request'
import { plannedMinutes } from './lengthChecks'
import { type RunSheetRequest, STAGE_COLOURS, stepBlock } from './runSheetStep'

/** The adult's own pages: what happens when, what to say and look for, what to fetch, what to mind. */
export function runSheetPages(plan: SessionPlan, request: SessionRequest, sheet: RunSheetRequest): Drawing[] {
  const { paper, wording } = sheet
  const steps = timeline(plan, request.start)
  // What was kept is in English: on paper the reason is worked out anew.
  const whyOf = (step: PlanStep) =>
    nameIn(
      wording,
      isEnglish(wording)
        ? step.why
        : reasonFor({ activity: activityOf(step), rung: step.rung, again: isAgain(plan, step) }, request, need),
    )
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
      footer: `Ripe Acorn · ${printedAs('session plan', wording)}`,
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
    printedAs('{0}: {1} {2}', wording, title, pages, nameIn(wording, pages === 1 ? told('page') : told('pages'))),
  )
  const clocks = clockAmounts(request, wording).map(printable)
  if (things.length + clocks.length + prints.length === 0) return stack([])
  const line = (text: string) => paragraph(sheet.paper, `–  ${text}`, { size: 3.8 })
  return stack([
    heading(sheet.paper, printedAs('What you need, and what to print', wording)),
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

function cautionsBlock(plan: SessionPlan, { paper, wording }: RunSheetRequest): FlowBlock {
  const found = planCautions(plan)
  if (found.length === 0) return stack([])
  return stack([
    heading(paper, printedAs('Mind', wording)),
    ...found.map(({ text }) => paragraph(paper, `–  ${nameIn(wording, text)}`, { size: 3.7 })),
    paragraph(paper, nameIn(wording, FOLLOW_LOCAL_RULES), { size: 3.4, fill: FAINT, above: 1 }),
  ])
}
