import { activityOf, activityWords } from '../activities'
import { FOLLOW_LOCAL_RULES } from '../make'
import { rungOf } from '../teaching'
import { type Wording, isEnglish, listInWords, nameIn, printedAs, say, sayDuration, told } from '../wording'
import { plannedMinutes } from './lengthChecks'
import { type TimedStep, planCautions, timeline } from './fetch'
import { fetchInWords, fetchList } from './fetchList'
import { childForms, groupNeed } from './need'
import { isAgain, reasonFor } from './reasons'
import { plainMarkdown } from './plainMarkdown'
import { FORMS } from './runSheet'
import { type RunSheetRequest, formsOf, notesOf } from './runSheetStep'
import { stationLines } from './stationLines'
import { clockAmounts } from './clockAmounts'
import type { SessionPlan } from './types'
import type { SessionRequest } from './request'

type TextRequest = Omit<RunSheetRequest, 'paper'>

/** The run sheet as Markdown, for whoever keeps notes in text: with clock times, in the group's language. */
export function runSheetText(plan: SessionPlan, request: SessionRequest, sheet: TextRequest): string {
  return [
    `# ${plainMarkdown(sheet.title)}`,
    ...headText(plan, request, sheet),
    ...fetchText(plan, request, sheet),
    ...timeline(plan, request.start).flatMap((timed) => stepText(timed, plan, request, sheet)),
    ...cautionsText(plan, sheet),
    '',
  ].join('\n')
}

const clockOf = (wording: Wording) => (minute: number) => say(minute, { language: wording.language, form: 'digital' })

/** When, how long, where and for which rung; then who takes which form. */
function headText(plan: SessionPlan, request: SessionRequest, { wording, placeName }: TextRequest): string[] {
  const clock = clockOf(wording)
  const steps = timeline(plan, request.start)
  const end = steps[steps.length - 1]?.end ?? request.start
  const head = [
    printedAs('{0} to {1}', wording, clock(request.start), clock(end)),
    sayDuration(plannedMinutes(plan)),
    nameIn(wording, placeName),
    nameIn(wording, rungOf(plan.rung).name),
  ].join(' · ')
  const forms = (['easier', 'harder'] as const).flatMap((form) => {
    const takers = childForms(request, plan.rung).filter((each) => each.form === form)
    const names = takers.map(({ child }) => child.name)
    return names.length === 0 ? [] : ['', plainMarkdown(printedAs(FORMS[form], wording, listInWords(names, wording)))]
  })
  return ['', plainMarkdown(head), ...forms]
}

function fetchText(plan: SessionPlan, request: SessionRequest, { wording, prints }: TextRequest): string[] {
  const things = fetchList(plan, request).map((entry) => fetchInWords(entry, wording))
  const pages = prints.map(({ title, pages: count }) =>
    printedAs('{0}: {1} {2}', wording, title, count, nameIn(wording, count === 1 ? told('page') : told('pages'))),
  )
  const list = [...things, ...clockAmounts(request, wording), ...pages].map((line) => `- ${plainMarkdown(line)}`)
  return list.length > 0 ? ['', `## ${printedAs('What you need, and what to print', wording)}`, '', ...list] : []
}

function stepText(
  { step, start, end }: TimedStep,
  plan: SessionPlan,
  request: SessionRequest,
  { wording }: TextRequest,
): string[] {
  const clock = clockOf(wording)
  const activity = activityOf(step)
  const words = activityWords(activity, wording.language, step.rung)
  const lines = stationLines(step, start, request, wording)
  const need = { ...groupNeed(request), rung: plan.rung }
  const again = isAgain(plan, step)
  const why = nameIn(
    wording,
    isEnglish(wording) ? step.why : reasonFor({ activity, rung: step.rung, again }, request, need),
  )
  return [
    '',
    `## ${clock(start)}–${clock(end)} ${plainMarkdown(words.name)} (${step.minutes} min)`,
    '',
    ...(why === '' ? [] : [plainMarkdown(why), '']),
    ...words.steps.map((text, i) => `${i + 1}. ${plainMarkdown(text)}`),
    '',
    ...[...notesOf(step, wording), ...formsOf(step, wording)].map(({ text }) => `- ${plainMarkdown(text)}`),
    ...[...lines.teams, ...lines.rounds].map((line) => `- ${plainMarkdown(line)}`),
    ...lines.stations.flatMap(({ name, steps, say: said }) => [
      '',
      `### ${plainMarkdown(name)}`,
      '',
      ...[...steps, said].map((line) => `- ${plainMarkdown(line)}`),
    ]),
  ]
}

function cautionsText(plan: SessionPlan, { wording }: TextRequest): string[] {
  const cautions = planCautions(plan).map(({ text }) => `- ${plainMarkdown(nameIn(wording, text))}`)
  if (cautions.length === 0) return []
  return [
    '',
    `## ${printedAs('Mind', wording)}`,
    '',
    ...cautions,
    '',
    plainMarkdown(nameIn(wording, FOLLOW_LOCAL_RULES)),
  ]
}
