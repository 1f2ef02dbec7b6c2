import { type PackWish, makePack } from '../src/core/planning'
import { rungs, schools } from '../src/core/teaching'
import { drawingsToPdf } from '../src/server/pdf'

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
    weights: {},
  })),
  things: [{ printable: 'read-dials' }, { printable: 'true-false' }, { printable: 'spot-same' }],
}

const { cover, pages, keys } = makePack(wish)
const pdf = await drawingsToPdf([...cover, ...pages, ...keys], 'Bench')
const most = process.resourceUsage().maxRSS / 1024
console.log(
  `memory of a pack: ${most.toFixed(0)} MB at most, node itself among it; the PDF has ${(pdf.length / 1e6).toFixed(1)} MB`,
)
