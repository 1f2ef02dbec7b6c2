import { type PackWish, makePack } from '../src/core/planning'
import { USUAL_RULES, gameTurns, printables, simulatedTurns } from '../src/core/printables'
import { rungs, schools } from '../src/core/teaching'
import { drawingsToPdf } from '../src/server/pdf'
import { medians, raw, shapeCounts } from './raw'

const wish: PackWish = {
  title: 'Bench',
  paper: 'a4',
  lowInk: false,
  wording: { language: 'en-GB', form: 'turns' },
  order: schools['turns-first'].order,
  seed: 1,
  answersOnPaper: 'whole',
  children: Array.from({ length: 30 }, (_, i) => ({
    name: `Child ${i + 1}`,
    rung: rungs[2 + (i % 6)]?.id ?? 'half',
    weights: { 'next-hour': 6 },
  })),
  things: [{ printable: 'read-dials' }, { printable: 'true-false' }, { printable: 'spot-same' }],
}

const pages = () => {
  const { cover, pages: sheets, keys } = makePack(wish)
  return [...cover, ...sheets, ...keys]
}
const made = pages()
const perPage = shapeCounts(made)
const shapes = perPage.reduce((sum, { total }) => sum + total, 0)
// A pack takes seconds: fewer rounds tell enough.
const [rawMs = NaN, drawMs = NaN, oursMs = NaN] = await medians(
  [() => raw(perPage), () => drawingsToPdf(made, 'Bench'), () => drawingsToPdf(pages(), 'Bench')],
  7,
  2,
)
console.log(`pack, 30 children × 3 sheets and keys: ${made.length} pages, ${shapes} shapes, median of 7`)
console.log(`  raw pdfkit        ${rawMs.toFixed(0)} ms   1.00`)
console.log(`  our pages drawn   ${drawMs.toFixed(0)} ms   ${(drawMs / rawMs).toFixed(2)}`)
console.log(`  made and drawn    ${oursMs.toFixed(0)} ms   ${(oursMs / rawMs).toFixed(2)}`)

const middle = (times: readonly number[]) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN
const later = { paper: 'a4', wording: wish.wording, rung: 'later', count: 12 } as const
const trails = Array.from({ length: 500 }, (_, seed) => {
  const start = performance.now()
  printables.trail.make(later, seed)
  return performance.now() - start
}).slice(50)
console.log(
  `trail of 12 clocks and its key: ${middle(trails).toFixed(1)} ms at the median, ${Math.max(...trails).toFixed(1)} ms at most, of 450`,
)

const toss = printables['toss-and-fill']
const die = { paper: 'a4', wording: wish.wording, rung: 'half', count: 6, cells: 3 } as const
const [exactMs = NaN, playedMs = NaN] = await medians(
  [
    async () => gameTurns(toss, die, 3),
    async () => simulatedTurns(toss, die, { players: 3, rules: USUAL_RULES, games: 100_000, seed: 1 }),
  ],
  5,
  2,
)
console.log(
  `turns of six times × 3, exact ${exactMs.toFixed(2)} ms, 100,000 games ${playedMs.toFixed(0)} ms: 1/${(playedMs / exactMs).toFixed(0)}`,
)
