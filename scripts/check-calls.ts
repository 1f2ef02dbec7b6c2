import { GAME_IDS } from '../src/core/movement'
import { problemsOfCalls } from '../tests/readback/calls'
import { drawnGame } from '../tests/readback/drawnGames'
import { seedArguments } from './seedArguments'

/*
 * Makes each game from very many seeds, with any options, reads its calls back, and prints a line a game: `npm run
 * check:calls -- 10000 laps`.
 */

const { seeds, wanted } = seedArguments('game', GAME_IDS)

let isRight = true
for (const id of wanted) {
  const started = performance.now()
  const wrong: string[] = []
  for (let seed = 1; seed <= seeds; seed++) {
    const { timeline, options } = drawnGame(id, seed)
    const [problem] = problemsOfCalls(timeline, options)
    if (problem !== undefined) wrong.push(`  seed ${seed}: ${problem}\n    ${JSON.stringify(options)}`)
  }
  const seconds = ((performance.now() - started) / 1000).toFixed(1)
  const found = wrong.length === 0 ? 'all right' : `${wrong.length} wrong`
  console.log([`${id.padEnd(16)} ${seeds} seeds: ${found} (${seconds} s)`, ...wrong.slice(0, 3)].join('\n'))
  isRight = isRight && wrong.length === 0
}
process.exit(isRight ? 0 : 1)
