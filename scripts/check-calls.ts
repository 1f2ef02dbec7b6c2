import { GAME_IDS, type GameId } from '../src/core/movement'
import { problemsOfCalls } from '../tests/readback/calls'
import { drawnGame } from '../tests/readback/drawnGames'

/* Makes each game from very many seeds, with any options, reads its calls back, and prints a line a game: `npm run check:calls -- 10000 laps`. */

const [seeds = '10000', ...only] = process.argv.slice(2)
const wished = Number(seeds)
if (!Number.isInteger(wished) || wished < 1) {
  console.error(`The number of seeds must be a whole number of 1 or more, got ${seeds}`)
  process.exit(2)
}
const unknown = only.find((id) => !(GAME_IDS as readonly string[]).includes(id))
if (unknown !== undefined) {
  console.error(`A game must be one of ${GAME_IDS.join(', ')}, got ${unknown}`)
  process.exit(2)
}

let isRight = true
for (const id of GAME_IDS.filter((each): each is GameId => only.length === 0 || only.includes(each))) {
  const started = performance.now()
  const wrong: string[] = []
  for (let seed = 1; seed <= wished; seed++) {
    const { timeline, options } = drawnGame(id, seed)
    const [problem] = problemsOfCalls(timeline, options)
    if (problem !== undefined) wrong.push(`  seed ${seed}: ${problem}\n    ${JSON.stringify(options)}`)
  }
  const seconds = ((performance.now() - started) / 1000).toFixed(1)
  const found = wrong.length === 0 ? 'all right' : `${wrong.length} wrong`
  console.log([`${id.padEnd(16)} ${wished} seeds: ${found} (${seconds} s)`, ...wrong.slice(0, 3)].join('\n'))
  isRight = isRight && wrong.length === 0
}
process.exit(isRight ? 0 : 1)
