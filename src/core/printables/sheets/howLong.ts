import { told } from '../../wording'
import { countJumps } from '../../clock'
import { INK, scaledShape, centredText } from '../../drawing'
import { JUMP_LINE, jumpLine } from '../../faces'
import { type Item, durationOf } from '../../teaching'
import { type PrintRow, dayRowsOf, someOf } from '../kit/dayRows'
import { figuresUnder, nameOfRow } from '../kit/rowNames'
import type { Cell } from '../kit/grid'
import { dialAt } from '../kit/dialPlace'
import { figures, part, rule } from '../kit/frame'
import { wordsIn } from '../kit/wordLists'
import type { PrintOptions } from '../kit/choices'
import { answerOf } from '../kit/answerPlace'
import { sheet } from '../kit/sheet'

/** The most questions that a day of one's own gives. */
const MOST_OWN = 8
/** Under a clock of one's own day, mm: its figures and what happens then. */
const NAMES_MM = 18
/** The middle of the jumps lies so far above the middle of the clocks, mm. */
const JUMPS_ABOVE_MM = 12
/** They end so far below it at the most: above the answer. */
const JUMPS_BELOW_MM = 8

/** Two clocks of one day with an empty line between them, to jump along: the key has the jumps and their sum. */
export const howLong = sheet({
  id: 'how-long',
  name: told('How long is it?'),
  purpose: told('Two clocks and an empty line to jump along; the answers have the jumps'),
  stage: 'pictorial',
  counts: told('How many questions'),
  leastItems: 1,
  mostItems: 5,
  usualItems: 4,
  suits: (rung) => rung === 'elapsed',
  leastRows: 2,
  takes: ['helps', 'rows'],
  needs: ['pencils'],
  cautions: [],
  ask: 'how-long',
  title: (phrases) => phrases.howLongEach,
  columns: () => 1,
  own: ownSpans,
  dialRoom: (cell, _, { rows }) => (rows ? roomOf(cell, NAMES_MM) : Infinity),
  question: ({ item, cell, options, isKey }) => {
    const { shown } = item
    if (shown.as !== 'span') return []
    const { whats } = shown
    const room = roomOf(cell, whats ? NAMES_MM : 0)
    const y = cell.y + (cell.height - (whats ? NAMES_MM : 0)) / 2
    const left = cell.x + 8 + 2 * room + 4
    const right = cell.x + cell.width - 2 * room - 6
    // As wide as there is room for, and no higher than its question: on large paper it would reach into the title.
    const scale = Math.min((right - left) / JUMP_LINE.width, (y + JUMPS_BELOW_MM - cell.y) / JUMP_LINE.height)
    const middle = (left + right) / 2
    // The line is small, but its words are read on paper, so they are as large as there is room for.
    const jumps = jumpLine(shown.minute, shown.to, (minute) => figures(minute, options), { textMm: 10 }).shapes
    const ends = [
      { minute: shown.minute, x: cell.x + 8 + room },
      { minute: shown.to, x: cell.x + cell.width - 3 - room },
    ]
    return [
      ...ends.map(({ minute, x }) => dialAt(minute, { x, y, room }, options)),
      ...(whats
        ? ends.flatMap(({ minute, x }, i) => [
            figuresUnder(minute, { x, y: y + room + 6 }, options),
            part(
              `what-${i}`,
              wordsIn(whats[i] ?? '', { x, y: y + room + 12 }, { width: 2 * room + 6, most: 4.2, height: 10 }),
            ),
          ])
        : []),
      ...(isKey
        ? [
            part(
              'jumps',
              jumps.map((shape) => scaledShape(shape, scale)),
              middle - (JUMP_LINE.width * scale) / 2,
              Math.max(cell.y, y - JUMPS_ABOVE_MM - (JUMP_LINE.height * scale) / 2),
            ),
            part('answer', [
              centredText(answerOf(item, options.wording), { x: middle, y: y + 15 }, { size: 7, fill: INK }),
            ]),
          ]
        : [rule(left, right, y), rule(middle - 22, middle + 22, y + 18)]),
    ]
  },
})

const roomOf = (cell: Cell, below: number) => Math.min(cell.height - 10 - below, cell.width * 0.25) / 2

/** How long each thing of a day lasts where its end is known, and else how long it is until the next. */
function ownSpans(options: PrintOptions, seed: number): Item[] {
  const rows = dayRowsOf(options, seed, 2)
  const spans = rows.flatMap((row, i) => {
    const next = rows[i + 1]
    if (row.to !== undefined) return [spanItem(row, row.to, nameOfRow(row, options), options)]
    return next ? [spanItem(row, next.minute, nameOfRow(next, options), options)] : []
  })
  return someOf(spans, MOST_OWN, seed)
}

function spanItem(row: PrintRow, to: number, then: string, options: PrintOptions): Item {
  const { minute } = row
  return {
    rung: options.rung,
    ask: 'how-long',
    shown: { as: 'span', minute, to, whats: [nameOfRow(row, options), then] },
    answer: durationOf(countJumps(minute, to).minutes),
    lures: [],
  }
}
