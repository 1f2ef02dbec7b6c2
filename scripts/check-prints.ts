import { spawn } from 'node:child_process'
import { availableParallelism } from 'node:os'
import { drawnOptions, problemsOf, rungsOf } from '../tests/readback/prints'
import { PRINTABLE_IDS, type PrintableId, printableOf } from '../src/core/printables'
import { randomFrom } from '../src/core/random'
import { seedArguments } from './seedArguments'

/* Makes each printable from very many seeds, with any options, reads it back, and prints a line a printable: `npm run check:prints -- 10000 trail`.
 * Each of its rungs gets a tenth of the seeds at least, however many rungs there are. Printables are shared out over
 * the processors. */

const { seeds: wished, wanted: ids } = seedArguments('printable', PRINTABLE_IDS)

/** Whether nothing is wrong with one printable. */
function check(id: PrintableId): boolean {
  const printable = printableOf(id)
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
      const [problem] = problemsOf(id, printable.make(options, seed), options)
      if (problem !== undefined) told(problem)
    } catch (error) {
      told(String(error))
    }
  }
  const seconds = ((performance.now() - started) / 1000).toFixed(1)
  const found = wrong.length === 0 ? 'all right' : `${wrong.length} wrong`
  console.log(
    [`${id.padEnd(18)} ${count} seeds on ${rungs.length} rungs: ${found} (${seconds} s)`, ...wrong.slice(0, 3)].join(
      '\n',
    ),
  )
  return wrong.length === 0
}

/** The same in a process of its own. */
function checkApart(id: PrintableId): Promise<boolean> {
  const child = spawn(process.execPath, [...process.execArgv, process.argv[1] ?? '', String(wished), id], {
    stdio: 'inherit',
  })
  return new Promise((resolve) => child.on('exit', (code) => resolve(code === 0)))
}

async function checkAll(waiting: PrintableId[]): Promise<boolean> {
  let isRight = true
  const lane = async () => {
    for (let id = waiting.shift(); id; id = waiting.shift()) isRight = (await checkApart(id)) && isRight
  }
  await Promise.all(Array.from({ length: availableParallelism() }, lane))
  return isRight
}

const [first, ...others] = ids
const isRight = first && others.length === 0 ? check(first) : await checkAll(ids)
process.exit(isRight ? 0 : 1)
