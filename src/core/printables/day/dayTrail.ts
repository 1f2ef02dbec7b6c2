import { type Drawing, GOLD, MOSS, type Shape, bodyArea, circle, line } from '../../drawing'
import { type Random, drawUnit, randomFrom, shuffled } from '../../random'
import { languages, told } from '../../wording'
import { MOST_DOINGS, type PrintRow, dayRowsOf, noteHidden } from '../kit/dayRows'
import { figuresOfDay, nameOfRow } from '../kit/rowNames'
import { definePrintable } from '../kit/definePrintable'
import { type Cell, gridCells, leastRoom, onPages } from '../kit/grid'
import { childPage, part } from '../kit/frame'
import { keyFooter, keyTitle, printFooter, titleOr } from '../kit/footers'
import { dialAt } from '../kit/dialPlace'
import { textFrom } from '../kit/wordLists'
import type { PrintOptions } from '../kit/choices'
import { rowItem } from './wallStrip'

/** From row to row of the list above the clocks, mm. */
const LIST_MM = 7
const COLUMNS = 3

/** The clocks of a day all over the page, and the day in its order: join the clocks from thing to thing. */
export const dayTrail = definePrintable({
  id: 'day-trail',
  kind: 'game',
  name: told('Trail through a day'),
  purpose: told('The day stands in its order, its clocks all over the page: find each one and join them'),
  stage: 'pictorial',
  counts: told('How many rows'),
  leastItems: 4,
  mostItems: MOST_DOINGS,
  usualItems: 8,
  timesOn: () => Infinity,
  suits: (rung) => rung === 'timetable',
  takes: ['helps', 'rows'],
  needs: ['pencils', 'ruler'],
  cautions: [],
  play: (_, { count, rows }) => (rows?.length ?? count) - 1,
  notes: (options) => [
    told('Put a finger on the first clock, say what comes next, and draw to its clock.'),
    ...noteHidden(options),
  ],
  make(options, seed) {
    const rows = dayRowsOf(options, seed)
    const random = randomFrom(seed)
    const footer = printFooter(told('Trail through a day'), options, seed)
    const title = titleOr(options, languages[options.wording.language].phrases.findNext)
    const sheets = onPages(rows, options, (count) => roomIn(cellsFor(options, count)[0] as Cell, options))
    const places = sheets.map((onOne) => placed(random, onOne, options))
    const page = (onOne: readonly PlacedRow[], isKey: boolean): Drawing =>
      childPage(
        options,
        isKey ? keyTitle(told('Trail through a day'), options) : title,
        isKey ? keyFooter(footer, options) : footer,
        trailShapes(onOne, rows, options, isKey),
      )
    return {
      items: rows.map((row) => rowItem(row, rows, options)),
      pages: places.map((onOne) => page(onOne, false)),
      key: places.map((onOne) => page(onOne, true)),
    }
  },
})

interface PlacedRow {
  readonly row: PrintRow
  readonly x: number
  readonly y: number
  readonly room: number
}

const listRows = (count: number) => Math.ceil(count / 2)

function cellsFor({ paper }: PrintOptions, count: number): Cell[] {
  const area = bodyArea(paper)
  const top = listRows(count) * LIST_MM + 6
  return gridCells({ ...area, y: area.y + top, height: area.height - top }, COLUMNS, Math.ceil(count / COLUMNS), count)
}

/** Room for a clock in a cell that lets it lie a little off the middle. */
const roomIn = (cell: Cell, options: PrintOptions) =>
  Math.max(
    Math.min(cell.width, cell.height, 54) / 2 - 5,
    Math.min(leastRoom(options), Math.min(cell.width, cell.height) / 2 - 2),
  )

/** The rows of a page in shuffled cells, each a little off its middle, so that it does not look like a table. */
function placed(random: Random, rows: readonly PrintRow[], options: PrintOptions): PlacedRow[] {
  const cells = shuffled(random, cellsFor(options, rows.length))
  return rows.map((row, i) => {
    const cell = cells[i] as Cell
    const room = roomIn(cell, options)
    const off = (free: number) => (drawUnit(random) * 2 - 1) * Math.max(0, free / 2 - room - 1)
    return { row, room, x: cell.x + cell.width / 2 + off(cell.width), y: cell.y + cell.height / 2 + off(cell.height) }
  })
}

function trailShapes(
  onOne: readonly PlacedRow[],
  all: readonly PrintRow[],
  options: PrintOptions,
  isKey: boolean,
): Shape[] {
  const area = bodyArea(options.paper)
  const half = listRows(onOne.length)
  const list = onOne.map(({ row }, i) => {
    const at = { x: area.x + Math.floor(i / half) * (area.width / 2), y: area.y + ((i % half) + 0.8) * LIST_MM }
    const text = `${all.indexOf(row) + 1}. ${figuresOfDay(row.minute, options)} ${nameOfRow(row, options)}`
    return part(`step-${all.indexOf(row)}`, [textFrom(text, at, { width: area.width / 2 - 4, most: 5 })])
  })
  const clocks = onOne.map((place) =>
    part(`clock-${all.indexOf(place.row)}`, [dialAt(place.row.minute, place, options)]),
  )
  const [first] = onOne
  const start = first
    ? [part('start', [circle(first, first.room + 1, { fill: 'none', stroke: GOLD, strokeMm: 1 })])]
    : []
  const joined = onOne.slice(1).map((place, i) => line(onOne[i] as PlacedRow, place, { stroke: MOSS, strokeMm: 1.2 }))
  return [...list, ...start, ...clocks, ...(isKey ? [part('path', joined)] : [])]
}
