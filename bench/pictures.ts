import { pictureFinder, proposePicture } from '../src/core/days'
import { pictureSet, wordsOfSet } from '../scripts/pictures'
import { DOINGS } from '../tests/pictures/doings'

/*
 * Which everyday doings get a fitting picture by themselves, which a wrong one and which none, in each language; and what
 * a proposal costs, beside taking the words apart alone.
 */

const ids = new Set(pictureSet().keys())

for (const language of ['en-GB', 'de', 'fr', 'es'] as const) {
  const finder = pictureFinder(wordsOfSet(language, ids))
  const start = performance.now()
  const proposed = DOINGS.map(({ fitting, said }) => ({
    fitting,
    doing: said[language],
    id: proposePicture(said[language], finder),
  }))
  const ms = performance.now() - start
  const rawStart = performance.now()
  for (const { said } of DOINGS) said[language].toLowerCase().match(/\p{L}+/gu)
  const raw = performance.now() - rawStart
  const wrong = proposed.filter(({ fitting, id }) => id !== undefined && !fitting.includes(id))
  const none = proposed.filter(({ id }) => id === undefined)
  const percent = (count: number) => `${((100 * count) / proposed.length).toFixed(1)} %`
  console.log(
    `${language}, ${proposed.length} doings: ${percent(proposed.length - wrong.length - none.length)} fit, ${percent(wrong.length)} wrong, ${percent(none.length)} without; ${(ms / proposed.length).toFixed(2)} ms each, ${(ms / raw).toFixed(0)} times taking the words apart`,
  )
  console.log(
    `  wrong: ${wrong.map(({ doing, id }) => `${doing} (${id})`).join(', ')}; without: ${none.map(({ doing }) => doing).join(', ')}`,
  )
}
