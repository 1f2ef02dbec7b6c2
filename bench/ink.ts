import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { type Print, type PrintOptions, countsOn, printables } from '../src/core/printables'
import { rungs } from '../src/core/teaching'
import { drawingsToPdf } from '../src/server/pdf'

/*
 * How much of each print's pages is inked, in colour and in low ink, as poppler renders them in grey: black counts whole,
 * a light tint little. Low ink is to take 40 % of the ink of what is coloured; black letters and hands stay black.
 */

const DOTS_AN_INCH = 40
const LIMIT = 0.4

/** The mean darkness of the pages of a PDF, 0 to 1. */
function inkOf(pdf: Buffer): number {
  const folder = mkdtempSync(join(tmpdir(), 'ink-'))
  try {
    writeFileSync(join(folder, 'all.pdf'), pdf)
    execFileSync('pdftoppm', ['-gray', '-r', String(DOTS_AN_INCH), join(folder, 'all.pdf'), join(folder, 'page')])
    const pages = readdirSync(folder).filter((name) => name.endsWith('.pgm'))
    const shares = pages.map((name) => darknessOf(readFileSync(join(folder, name))))
    return shares.reduce((sum, each) => sum + each, 0) / shares.length
  } finally {
    rmSync(folder, { recursive: true })
  }
}

/** Of a grey picture in PGM: its head ends with the third line. */
function darknessOf(pgm: Buffer): number {
  let start = 0
  for (let line = 0; line < 3; line++) start = pgm.indexOf(10, start) + 1
  const dots = pgm.subarray(start)
  return dots.reduce((sum, dot) => sum + 255 - dot, 0) / 255 / dots.length
}

const inkOfPrint = async ({ pages }: Print) => inkOf(await drawingsToPdf(pages, 'ink'))
const percent = (share: number) => `${(100 * share).toFixed(1)} %`

for (const printable of Object.values(printables)) {
  const rung = printable.suits('quarters') ? 'quarters' : rungs.find(({ id }) => printable.suits(id))?.id
  if (!rung) throw new Error(`${printable.id} suits no rung`)
  const count = countsOn(printable, rung).usual
  const options: PrintOptions = { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, rung, count }
  const colour = await inkOfPrint(printable.make(options, 1))
  const low = await inkOfPrint(printable.make({ ...options, lowInk: true }, 1))
  const ratio = low / colour
  const verdict = ratio <= LIMIT ? 'within' : 'over'
  console.log(
    `${printable.id.padEnd(18)} in colour ${percent(colour)} of the page, low ink ${percent(low)}: ${percent(ratio)} of it, ${verdict} 40 %`,
  )
}
