import { onDial } from '../../clock'
import { GOLD, INK, type Shape, path, rectanglePath } from '../../drawing'
import { randomFrom, shuffled } from '../../random'
import type { Item } from '../../teaching'
import { languages, told } from '../../wording'
import { MOST_DOINGS, type PrintRow, dayRowsOf, noteHidden } from '../kit/dayRows'
import { figuresUnder, namedRow } from '../kit/rowNames'
import { definePrintable } from '../kit/definePrintable'
import { type Cell, clockCells, onPages } from '../kit/grid'
import { childPage, numberIn, part } from '../kit/frame'
import { keyFooter, keyTitle, printFooter, titleOr } from '../kit/footers'
import { dialAt } from '../kit/dialPlace'
import type { PrintOptions } from '../kit/choices'

/** The most pairs that a day is asked about. */
const MOST_PAIRS = 8
/** Under each clock, mm: its figures and what happens then. */
const UNDER_MM = 30

type Pair = readonly [PrintRow, PrintRow]

/** Two things of one day side by side: ring what comes first. */
export const whichFirst = definePrintable({
  id: 'which-first',
  kind: 'sheet',
  name: told('Which comes first?'),
  purpose: told('Two things of the day side by side with their clocks, to ring what comes first'),
  stage: 'pictorial',
  counts: told('How many rows'),
  leastItems: 3,
  leastRows: 2,
  mostItems: MOST_DOINGS,
  usualItems: 5,
  timesOn: () => Infinity,
  suits: (rung) => rung === 'timetable',
  takes: ['helps', 'rows'],
  needs: ['pencils'],
  cautions: [],
  notes: noteHidden,
  make(options, seed) {
    const pairs = pairsOf(dayRowsOf(options, seed, 2), seed)
    const footer = printFooter(told('Which comes first?'), options, seed)
    const title = titleOr(options, languages[options.wording.language].phrases.ringFirst)
    const sheets = onPages(pairs, options, (count) => roomIn(pairCells(options, count)[0] as Cell))
    const page = (onOne: readonly Pair[], isKey: boolean) => {
      const cells = pairCells(options, onOne.length)
      const body = onOne.map((pair, i) =>
        part(
          `question-${pairs.indexOf(pair)}`,
          pairShapes(pair, pairs.indexOf(pair), cells[i] as Cell, { options, isKey }),
        ),
      )
      return isKey
        ? childPage(options, keyTitle(told('Which comes first?'), options), keyFooter(footer, options), body)
        : childPage(options, title, footer, body)
    }
    return {
      items: pairs.map((pair) => firstItem(pair, options)),
      pages: sheets.map((onOne) => page(onOne, false)),
      key: sheets.map((onOne) => page(onOne, true)),
    }
  },
})

/** Pairs in which every row comes at least once, no pair twice, and the earlier one is not always on the left. */
function pairsOf(rows: readonly PrintRow[], seed: number): Pair[] {
  const drawn = shuffled(randomFrom(seed), rows)
  return drawn.slice(1, MOST_PAIRS + 1).map((row, i): Pair => [drawn[i] as PrintRow, row])
}

function firstItem([a, b]: Pair, { rung }: PrintOptions): Item {
  const rows = [a, b].sort((one, other) => one.minute - other.minute)
  const minute = Math.min(a.minute, b.minute)
  return {
    rung,
    ask: 'look-up',
    shown: { as: 'rows', minute, rows },
    answer: { kind: 'time', minute: onDial(minute) },
    lures: [],
  }
}

const pairCells = (options: PrintOptions, count: number) => clockCells(options.paper, 1, count)
const roomIn = (cell: Cell) => Math.min((cell.height - UNDER_MM) / 2 - 1, cell.width / 4 - 8, 26)

interface PairLook {
  readonly options: PrintOptions
  readonly isKey: boolean
}

function pairShapes(pair: Pair, place: number, cell: Cell, { options, isKey }: PairLook): Shape[] {
  const first = Math.min(...pair.map(({ minute }) => minute))
  const room = roomIn(cell)
  return [
    numberIn(cell, place),
    ...pair.flatMap((row, i): Shape[] => {
      const width = cell.width / 2 - 10
      const left = cell.x + 8 + i * (width + 4)
      const x = left + width / 2
      const y = cell.y + room + 4
      const under = y + room + 6
      const frame = rectanglePath(left, cell.y + 1, width, cell.height - 4)
      const ringed: Shape[] =
        isKey && row.minute === first
          ? [part('ring', [path(frame, { stroke: GOLD, strokeMm: 1.4, fill: 'none' })])]
          : [path(frame, { stroke: INK, strokeMm: 0.2, fill: 'none' })]
      return [
        part(`side-${i}`, [
          ...ringed,
          dialAt(row.minute, { x, y, room }, options),
          figuresUnder(row.minute, { x, y: under }, options),
          ...namedRow(
            row,
            { x, y: (under + cell.y + cell.height - 1) / 2, width: width - 6, height: UNDER_MM - 12, most: 5.5 },
            options,
          ),
        ]),
      ]
    }),
  ]
}
