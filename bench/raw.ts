import PDFDocument from 'pdfkit'
import type { Drawing, Shape } from '../src/core/drawing'

export interface Counts {
  text: number
  path: number
  circle: number
  line: number
  total: number
}

/** How many shapes of each kind each page has, groups looked into. */
export function shapeCounts(pages: readonly Drawing[]): Counts[] {
  return pages.map((page) => {
    const counts: Counts = { text: 0, path: 0, circle: 0, line: 0, total: 0 }
    const look = (shape: Shape): void => {
      if (shape.type === 'group') return shape.shapes.forEach(look)
      if (shape.type !== 'picture') counts[shape.type]++
      counts.total++
    }
    page.shapes.forEach(look)
    return counts
  })
}

/** As many pages with as many shapes of each kind, drawn straight by pdfkit in a built-in font. */
export function raw(perPage: readonly Counts[]): Promise<number> {
  return new Promise((resolve) => {
    const pdf = new PDFDocument({ autoFirstPage: false, margin: 0 })
    let bytes = 0
    pdf.on('data', (chunk: Buffer) => (bytes += chunk.length))
    pdf.on('end', () => resolve(bytes))
    for (const counts of perPage) {
      pdf.addPage({ size: 'A4', margin: 0 }).font('Helvetica').fontSize(12)
      for (let i = 0; i < counts.text; i++)
        pdf.fillColor('#2B2320').text('quarter to nine', 40 + i, 40 + i, { lineBreak: false })
      for (let i = 0; i < counts.path; i++)
        pdf.path('M10 10L20 40C20 50 30 50 30 40L40 10Z').fillAndStroke('#8A4B12', '#2B2320')
      for (let i = 0; i < counts.circle; i++) pdf.circle(200, 200, 50 + i).stroke('#2B2320')
      for (let i = 0; i < counts.line; i++) pdf.moveTo(10, i).lineTo(100, i).lineWidth(0.5).stroke('#2B2320')
    }
    pdf.end()
  })
}

/** The middle of some times. */
function middle(times: readonly number[]): number {
  return [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN
}

/**
 * The median times of several pieces of work, ms: each run in turn, round by round, so that a busy moment
 * of the machine falls on all alike; the first rounds, in which the code is still being compiled, do not count.
 */
export async function medians(works: readonly (() => Promise<unknown>)[], rounds = 41, warmUp = 8): Promise<number[]> {
  const times: number[][] = works.map(() => [])
  for (let round = 0; round < rounds + warmUp; round++)
    for (const [i, work] of works.entries()) {
      const start = performance.now()
      await work()
      if (round >= warmUp) times[i]?.push(performance.now() - start)
    }
  return times.map(middle)
}
