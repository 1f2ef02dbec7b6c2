import { sentences, unmarked } from '../tests/stories/sentences'
import { type Score, scoreOf } from '../tests/stories/scoring'
import { drawnStory, problemsOfStory } from '../tests/stories/madeStories'
import { type Lists, laterOf, lists, timesOf, trapsOf } from '../tests/stories/lists'
import { findTimes } from '../src/core/stories'
import type { LanguageId } from '../src/core/wording'

/* How many of the marked times are found, and how many of those found are right, per language; then made stories and
 * their questions are read back: `npm run check:stories -- 10000`. `--held-back` scores the second set too. */

const FOUND_WANTED = 97
const RIGHT_WANTED = 98
/** The most traps that may be taken for times, per cent. */
const TRAPS_TAKEN = 2

const percent = (part: number, whole: number) => (whole === 0 ? 100 : (100 * part) / whole)

function told(name: string, { marks, found, given, right, wrong }: Score): boolean {
  const [foundShare, rightShare] = [percent(found, marks), percent(right, given)]
  console.log(
    `${name.padEnd(22)} ${marks} times: found ${foundShare.toFixed(1)} %, right of those given ${rightShare.toFixed(1)} %`,
  )
  if (process.argv.includes('--all')) for (const each of wrong) console.log(`    ${each}`)
  return foundShare >= FOUND_WANTED && rightShare >= RIGHT_WANTED
}

let isRight = true
const all = Object.entries(sentences) as [LanguageId, { written: readonly string[]; heldBack: readonly string[] }][]
for (const [language, { written }] of all) {
  if (written.some((each) => unmarked(each).text.includes('{'))) throw new Error(`a mark of ${language} is broken`)
  isRight = told(`${language}, ${written.length} sentences`, scoreOf(written, language)) && isRight
}
if (process.argv.includes('--held-back'))
  for (const [language, { heldBack }] of all)
    told(`${language}, held back ${heldBack.length}`, scoreOf(heldBack, language))
for (const [language, each] of Object.entries(lists) as [LanguageId, Lists][]) {
  const traps = trapsOf(each)
  const taken = traps.filter((trap) => findTimes(trap, language).length > 0)
  const lengths = laterOf(each)
  const missed = lengths.filter(({ text, by }) => {
    const says = findTimes(text, language)[1]?.says
    return says?.kind !== 'later' || says.by !== by
  })
  isRight = told(`${language}, lists`, scoreOf(timesOf(each), language)) && isRight
  console.log(
    `${''.padEnd(22)} ${traps.length} traps: ${percent(taken.length, traps.length).toFixed(1)} % taken for times; ${lengths.length} lengths: ${missed.length} wrong`,
  )
  isRight &&= percent(taken.length, traps.length) <= TRAPS_TAKEN && missed.length === 0
}
const made = Number(/^\d+$/.exec(process.argv[2] ?? '')?.[0] ?? 10_000)
const wrong: string[] = []
for (let seed = 1; seed <= made; seed++) {
  const [problem] = problemsOfStory(drawnStory(seed))
  if (problem !== undefined) wrong.push(`    seed ${seed}: ${problem}`)
}
console.log(
  [`${made} made stories: ${wrong.length === 0 ? 'all right' : `${wrong.length} wrong`}`, ...wrong.slice(0, 5)].join(
    '\n',
  ),
)
process.exit(isRight && wrong.length === 0 ? 0 : 1)
