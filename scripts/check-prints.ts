import { drawnOptions, problemsOf, rungsOf } from '../tests/readback/prints'
import { printables, randomFrom } from '../src/core'

/* Makes each printable from very many seeds, with any options, reads it back, and prints a line a printable: `npm run check:prints -- 10000 trail`.
 * Each of its rungs gets a tenth of the seeds at least, however many rungs there are. */

const [seeds = '10000', ...only] = process.argv.slice(2)
const wished = Number(seeds)
if (!Number.isInteger(wished) || wished < 1) {
  console.error(`The number of seeds must be a whole number of 1 or more, got ${seeds}`)
  process.exit(2)
}

let failed = 0
for (const printable of Object.values(printables)) {
  if (only.length > 0 && !only.includes(printable.id)) continue
  const rungs = rungsOf(printable)
  const count = Math.max(wished, Math.ceil(wished / 10) * rungs.length)
  const started = performance.now()
  const wrong: string[] = []
  for (let seed = 1; seed <= count; seed++) {
    const rung = rungs[seed % rungs.length]
    if (!rung) continue
    const options = drawnOptions(randomFrom(seed), printable, rung)
    const told = (what: string) => wrong.push(`  seed ${seed}: ${what}\n    ${JSON.stringify(options)}`)
    try {
      const [problem] = problemsOf(printable.id, printable.make(options, seed), options)
      if (problem !== undefined) told(problem)
    } catch (error) {
      told(String(error))
    }
  }
  failed += wrong.length
  const seconds = ((performance.now() - started) / 1000).toFixed(1)
  console.log(
    `${printable.id.padEnd(18)} ${count} seeds on ${rungs.length} rungs: ${wrong.length === 0 ? 'all right' : `${wrong.length} wrong`} (${seconds} s)`,
  )
  for (const line of wrong.slice(0, 3)) console.log(line)
}
process.exit(failed === 0 ? 0 : 1)
