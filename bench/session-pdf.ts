/**
 * The PDF of a session for 12 children against raw pdfkit drawing the same number of shapes, in the
 * same run. Prints the ratio of the medians; 1.0 would mean that our layout and text cost nothing.
 */
import PDFDocument from 'pdfkit'
import { type Drawing, type PlanChild, type SessionRequest, type Shape, activityOf, materials, planSession, runSheetPages, schools, sessionPrints, standingOf } from '../src/core' // prettier-ignore
import { drawingsToPdf } from '../src/server/pdf'

const ROUNDS = 15
const school = schools['turns-first']
const settings = { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, lowInk: false } as const

const children: PlanChild[] = Array.from({ length: 12 }, (_, i) => ({
  id: `c${i}`,
  name: `Child ${i + 1}`,
  standing: standingOf([], school, 0),
  findings: [],
}))
const request: SessionRequest = { children, minutes: 45, start: 570, place: 'table', materials: Object.keys(materials) as never, lastTime: [], school } // prettier-ignore

/** A plan that prints all there is to print: a clock and a sheet for each child, cards for each table. */
function plan() {
  const planned = planSession(request, undefined, 1)
  const wanted = ['paper-clock', 'match-cards', 'read-dials-sheet']
  const steps = wanted.map((activityId, i) => ({ id: `p${i}`, activityId: activityOf(activityId).id, rung: planned.rung, minutes: 8, why: '' })) // prettier-ignore
  return { ...planned, steps: [...planned.steps.filter((step) => !wanted.includes(step.activityId)), ...steps] }
}

function pages(): Drawing[] {
  const prints = sessionPrints(plan(), request, settings, 7)
  const runSheet = runSheetPages(plan(), request, { title: 'Bench', paper: 'a4', wording: settings.wording, placeName: 'at a table', prints: prints.contents }) // prettier-ignore
  return [...runSheet, ...prints.pages, ...prints.keys]
}

type Counts = Record<'text' | 'path' | 'circle' | 'line', number>

function count(shapes: readonly Shape[], counts: Counts): Counts {
  for (const shape of shapes) {
    if (shape.type === 'group') count(shape.shapes, counts)
    else counts[shape.type]++
  }
  return counts
}

/** As many pages with as many shapes of each kind, drawn straight by pdfkit in a built-in font. */
function raw(perPage: readonly Counts[]): Promise<number> {
  return new Promise((resolve) => {
    const pdf = new PDFDocument({ autoFirstPage: false, margin: 0 })
    let bytes = 0
    pdf.on('data', (chunk: Buffer) => (bytes += chunk.length))
    pdf.on('end', () => resolve(bytes))
    for (const counts of perPage) {
      pdf.addPage({ size: 'A4', margin: 0 }).font('Helvetica').fontSize(12)
      for (let i = 0; i < counts.text; i++) pdf.fillColor('#2B2320').text('quarter to nine', 40 + i, 40 + i, { lineBreak: false })
      for (let i = 0; i < counts.path; i++) pdf.path('M10 10L20 40C20 50 30 50 30 40L40 10Z').fillAndStroke('#8A4B12', '#2B2320')
      for (let i = 0; i < counts.circle; i++) pdf.circle(200, 200, 50 + i).stroke('#2B2320')
      for (let i = 0; i < counts.line; i++) pdf.moveTo(10, i).lineTo(100, i).lineWidth(0.5).stroke('#2B2320')
    }
    pdf.end()
  })
} // prettier-ignore

async function median(work: () => Promise<unknown>): Promise<number> {
  const times: number[] = []
  for (let round = 0; round < ROUNDS; round++) {
    const start = performance.now()
    await work()
    times.push(performance.now() - start)
  }
  return times.sort((a, b) => a - b)[Math.floor(ROUNDS / 2)] ?? NaN
}

const made = pages()
const perPage = made.map((page) => count(page.shapes, { text: 0, path: 0, circle: 0, line: 0 }))
const shapes = perPage.reduce((sum, { text, path, circle, line }) => sum + text + path + circle + line, 0)
await raw(perPage)
await drawingsToPdf(made, 'warm-up')
const rawMs = await median(() => raw(perPage))
const oursMs = await median(() => drawingsToPdf(pages(), 'Bench'))
const drawMs = await median(() => drawingsToPdf(made, 'Bench'))
const megabytes = process.memoryUsage().rss / 1e6
console.log(`session PDF, 12 children: ${made.length} pages, ${shapes} shapes, median of ${ROUNDS}`)
console.log(`  raw pdfkit        ${rawMs.toFixed(0)} ms   1.00`)
console.log(`  our pages drawn   ${drawMs.toFixed(0)} ms   ${(drawMs / rawMs).toFixed(2)}`)
console.log(
  `  planned and drawn ${oursMs.toFixed(0)} ms   ${(oursMs / rawMs).toFixed(2)}   (${megabytes.toFixed(0)} MB resident at the end)`,
)
