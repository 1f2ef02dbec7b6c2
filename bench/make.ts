import { handAngles } from '../src/core/clock'
import { shapeSvg } from '../src/core/drawing'
import { assembledShapes, checkRecipe, recipePages, recipePagesFor, solveRecipe, usualRecipe } from '../src/core/make'
import { drawingsToPdf } from '../src/server/pdf'
import { medians, raw, shapeCounts } from './raw'

const recipe = { ...usualRecipe('card'), children: 30 }
const owners = Array.from({ length: 30 }, (_, i) => `Child ${i + 1}`)
const perPage = shapeCounts(recipePagesFor(recipe, owners))
await raw(perPage)
await drawingsToPdf(recipePages(recipe), 'warm-up')
global.gc?.()
const before = process.memoryUsage().rss
const [rawMs = NaN, oursMs = NaN] = await medians([
  () => raw(perPage),
  () => drawingsToPdf(recipePagesFor(recipe, owners), 'Bench'),
])
const grown = (process.memoryUsage().rss - before) / 1e6
console.log(
  `30 children's clocks: ${perPage.length} pages, ${perPage.reduce((sum, each) => sum + each.total, 0)} shapes`,
)
console.log(`  raw pdfkit       ${rawMs.toFixed(0)} ms   1.00`)
console.log(
  `  laid out, drawn  ${oursMs.toFixed(0)} ms   ${(oursMs / rawMs).toFixed(2)}   (memory grew by ${grown.toFixed(0)} MB)`,
)

let face = 100
const [keystroke = NaN] = await medians(
  [
    () => {
      face = face === 100 ? 101 : 100
      const typed = { ...recipe, fixed: { faceMm: face } }
      const measures = solveRecipe(typed)
      checkRecipe(typed, measures)
      return Promise.resolve(assembledShapes(typed, measures, handAngles(608)).map(shapeSvg).join('').length)
    },
  ],
  201,
)
console.log(
  `keystroke at the bench: solve, check and draw in ${keystroke.toFixed(2)} ms at the median (a frame is 16.7)`,
)
