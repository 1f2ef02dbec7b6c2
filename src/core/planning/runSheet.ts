import { activityOf } from '../activities'
import { FOLLOW_LOCAL_RULES } from '../make'
import {
  bodyArea,
  type Drawing,
  FAINT,
  type FlowBlock,
  flowPages,
  INK,
  makePage,
  MOSS,
  type PaperId,
  paragraph,
  printable,
  textAt,
  wrapText,
} from '../drawing'
import { rungOf } from '../teaching'
import { barText, isEnglish, listInWords, nameIn, printedAs, say, sayDuration, told } from '../wording'
import { fetchInWords, fetchList } from './fetchList'
import { planCautions, timeline } from './fetch'
import { childForms, groupNeed } from './need'
import { isAgain, reasonFor } from './reasons'
import { clockAmounts } from './clockAmounts'
import type { PlanStep, SessionPlan } from './types'
import type { SessionRequest } from './request'
import { plannedMinutes } from './lengthChecks'
import { glanceRows } from './runSheetGlance'
import { iconOf } from './runSheetIcons'
import { type RunSheetRequest, stepBlocks } from './runSheetStep'

/**
 * The adult's own pages: the whole session at a glance, what to fetch and print, what to mind, then each step in
 * full.
 */
export function runSheetPages(plan: SessionPlan, request: SessionRequest, sheet: RunSheetRequest): Drawing[] {
  const { paper, wording } = sheet
  const steps = timeline(plan, request.start)
  const need = { ...groupNeed(request), rung: plan.rung }
  // What was kept is in English: on paper the reason is worked out anew.
  const whyOf = (step: PlanStep) =>
    nameIn(
      wording,
      isEnglish(wording)
        ? step.why
        : reasonFor({ activity: activityOf(step), rung: step.rung, again: isAgain(plan, step) }, request, need),
    )
  const clock = (minute: number) => say(minute, { language: wording.language, form: 'digital' })
  const end = steps[steps.length - 1]?.end ?? request.start
  const about = [
    printedAs('{0} to {1}', wording, clock(request.start), clock(end)),
    sayDuration(plannedMinutes(plan)),
    nameIn(wording, sheet.placeName),
    nameIn(wording, rungOf(plan.rung).name),
  ].join(' · ')
  const head = paragraph(paper, about, { size: 4.4 })
  const glance = glanceRows(steps, { sheet, request, clock, room: bodyArea(paper).height - head.height })
  const blocks: FlowBlock[] = [
    head,
    ...glance,
    ...fetchBlocks(plan, request, sheet),
    ...formsBlocks(plan, request, sheet),
    ...cautionsBlocks(plan, sheet),
    ...steps.flatMap((timed) => stepBlocks(timed, { sheet, request, clock, why: whyOf(timed.step) })),
  ]
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

const heading = (paper: PaperId, text: string): FlowBlock => ({
  ...paragraph(paper, text, { size: 5, weight: 'bold', above: 4, fill: MOSS }),
  goesWithNext: true,
})

/** What to fetch and print, with boxes to tick, in two columns. */
function fetchBlocks(plan: SessionPlan, request: SessionRequest, sheet: RunSheetRequest): FlowBlock[] {
  const { paper, wording } = sheet
  const things = fetchList(plan, request).map((entry) => {
    const thing = printable(fetchInWords(entry, wording))
    return entry.toHand ? thing : printedAs('{0} (not to hand)', wording, thing)
  })
  const prints = sheet.prints.map(({ title, pages }) =>
    printedAs('{0}: {1} {2}', wording, title, pages, nameIn(wording, pages === 1 ? told('page') : told('pages'))),
  )
  const all = [...things, ...clockAmounts(request, wording).map(printable), ...prints]
  if (all.length === 0) return []
  const rows = Array.from({ length: Math.ceil(all.length / 2) }, (_, i) => all.slice(2 * i, 2 * i + 2))
  return [
    heading(paper, printedAs('What you need, and what to print', wording)),
    ...rows.map((row) => tickRow(paper, row)),
  ]
}

const TICK_TEXT = { size: 3.9, x: 6 } as const

function tickRow(paper: PaperId, row: readonly string[]): FlowBlock {
  const half = bodyArea(paper).width / 2
  const lead = TICK_TEXT.size * 1.35
  const columns = row.map((text) => wrapText(text, TICK_TEXT.size, half - TICK_TEXT.x - 3))
  const height = Math.max(...columns.map((lines) => lines.length)) * lead + 1.4
  const shapes = columns.flatMap((lines, column) => [
    iconOf('tick', column * half, 0.6),
    ...lines.map((text, i) =>
      textAt(text, { x: column * half + TICK_TEXT.x, y: 3.8 + i * lead }, { size: TICK_TEXT.size, fill: INK }),
    ),
  ])
  return { height, shapes }
}

export const FORMS = { easier: 'Take the easier form: {0}.', harder: 'Take the harder form: {0}.' } as const

function formsBlocks(plan: SessionPlan, request: SessionRequest, { paper, wording }: RunSheetRequest): FlowBlock[] {
  const forms = childForms(request, plan.rung)
  return (['easier', 'harder'] as const).flatMap((form) => {
    const names = forms.filter((each) => each.form === form).map((each) => each.child.name)
    const said = printedAs(FORMS[form], wording, listInWords(names, wording))
    return names.length > 0 ? [paragraph(paper, said, { size: 3.9, above: 1 })] : []
  })
}

function cautionsBlocks(plan: SessionPlan, { paper, wording }: RunSheetRequest): FlowBlock[] {
  const found = planCautions(plan)
  if (found.length === 0) return []
  return [
    heading(paper, printedAs('Mind', wording)),
    ...found.map(({ text }) => paragraph(paper, `–  ${nameIn(wording, text)}`, { size: 3.8 })),
    paragraph(paper, nameIn(wording, FOLLOW_LOCAL_RULES), { size: 3.4, fill: FAINT, above: 1 }),
  ]
}
