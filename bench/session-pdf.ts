import { told } from '../src/core/wording'
import { activityOf, materials } from '../src/core/activities'
import type { Drawing } from '../src/core/drawing'
import { standingOf } from '../src/core/knowing'
import { type PlanChild, type SessionRequest, planSession, runSheetPages, sessionPrints } from '../src/core/planning'
import { schools } from '../src/core/teaching'
import { drawingsToPdf } from '../src/server/pdf'
import { medians, raw, shapeCounts } from './raw'

const school = schools['turns-first']
const settings = { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, lowInk: false } as const

const children: PlanChild[] = Array.from({ length: 12 }, (_, i) => ({
  id: `c${i}`,
  name: `Child ${i + 1}`,
  standing: standingOf([], school, 0),
  findings: [],
}))
const request: SessionRequest = {
  children,
  minutes: 45,
  start: 570,
  place: 'table',
  materials: Object.keys(materials) as never,
  lastTime: [],
  school,
}

/** A plan that prints all there is to print: a clock and a sheet for each child, cards for each table. */
function plan() {
  const planned = planSession(request, { seed: 1 })
  const wanted = ['paper-clock', 'match-cards', 'read-dials-sheet']
  const steps = wanted.map((activityId, i) => ({
    id: `p${i}`,
    activityId: activityOf(activityId).id,
    rung: planned.rung,
    minutes: 8,
    why: told(''),
  }))
  return { ...planned, steps: [...planned.steps.filter((step) => !wanted.includes(step.activityId)), ...steps] }
}

function pages(): Drawing[] {
  const prints = sessionPrints(plan(), request, settings, 7)
  const runSheet = runSheetPages(plan(), request, {
    title: 'Bench',
    paper: 'a4',
    wording: settings.wording,
    placeName: told('at a table'),
    prints: prints.contents,
  })
  return [...runSheet, ...prints.pages, ...prints.keys]
}

const made = pages()
const perPage = shapeCounts(made)
const shapes = perPage.reduce((sum, each) => sum + each.total, 0)
const [rawMs = NaN, oursMs = NaN, drawMs = NaN] = await medians([
  () => raw(perPage),
  () => drawingsToPdf(pages(), 'Bench'),
  () => drawingsToPdf(made, 'Bench'),
])
const megabytes = process.memoryUsage().rss / 1e6
console.log(`session PDF, 12 children: ${made.length} pages, ${shapes} shapes, median of 41`)
console.log(`  raw pdfkit        ${rawMs.toFixed(0)} ms   1.00`)
console.log(`  our pages drawn   ${drawMs.toFixed(0)} ms   ${(drawMs / rawMs).toFixed(2)}`)
console.log(
  `  planned and drawn ${oursMs.toFixed(0)} ms   ${(oursMs / rawMs).toFixed(2)}   (${megabytes.toFixed(0)} MB resident at the end)`,
)
