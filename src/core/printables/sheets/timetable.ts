import { INK, MOSS, type Point, type Shape, bodyArea, textWidth, wrapText } from '../../drawing'
import { pictureShapes } from '../../days'
import { languages, told } from '../../wording'
import { childPage, part, rule } from '../kit/frame'
import { keyFooter, keyTitle, printFooter, titleOr } from '../kit/footers'
import { dialAt } from '../kit/dialPlace'
import { onPages } from '../kit/grid'
import { textFrom } from '../kit/wordLists'
import { type PrintRow, dayRowsOf, noteHidden } from '../kit/dayRows'
import { figuresOfDay, nameOfRow } from '../kit/rowNames'
import { definePrintable } from '../kit/definePrintable'
import { rowItem } from '../day/wallStrip'
import type { PrintOptions } from '../kit/choices'

const MOST_ROWS_A_PAGE = 8
const MOST_ROOM_MM = 26
const NAME_MM = 84
/** Less beside two clocks. */
const NARROW_NAME_MM = 58
const MOST_ROOM_OF_TWO_MM = 22
const PICTURE_MM = 12

/**
 * A plan of a day as rows with times and clocks: the hands are drawn in, or the other way round the times are written.
 */
export const timetable = definePrintable({
  id: 'timetable',
  kind: 'sheet',
  name: told('A plan of the day'),
  purpose: told('Rows with times to show on clocks, or clocks whose times are written into the plan'),
  stage: 'abstract',
  counts: told('How many rows'),
  leastItems: 3,
  mostItems: 8,
  usualItems: 6,
  timesOn: () => Infinity,
  suits: (rung) => rung === 'timetable',
  takes: ['helps', 'reversed', 'drawn', 'rows'],
  needs: ['pencils'],
  cautions: [],
  notes: noteHidden,
  make(options, seed) {
    const rows = dayRowsOf(options, seed)
    const items = rows.map((row) => rowItem(row, rows, options))
    const { phrases } = languages[options.wording.language]
    const footer = printFooter(told('A plan of the day'), options, seed)
    const title = titleOr(options, options.reversed ? phrases.planTimes : phrases.planClocks)
    const sheets = onPages(rows, options, (count) => dialRoom(count, options))
    return {
      items,
      pages: sheets.map((sheet) => childPage(options, title, footer, plan(rows, sheet, options, false))),
      key: sheets.map((sheet) =>
        childPage(
          options,
          keyTitle(told('A plan of the day'), options),
          keyFooter(footer, options),
          plan(rows, sheet, options, true),
        ),
      ),
    }
  },
})

/** The room of each clock on a page of so many rows, mm each way; none where they are too many to write in. */
function dialRoom(rows: number, options: PrintOptions): number {
  const most = clocksOf(options).length > 1 ? MOST_ROOM_OF_TWO_MM : MOST_ROOM_MM
  return rows > MOST_ROWS_A_PAGE ? 0 : Math.min(bodyArea(options.paper).height / rows / 2 - 2, most)
}

interface NameBox extends Point {
  readonly width: number
}

/** What happens, on two lines where it needs them, with its picture before it. */
function nameAt(row: PrintRow, { x, y, width: room }: NameBox, options: PrintOptions): Shape[] {
  const side = row.picture ? PICTURE_MM : 0
  const left = x + (side > 0 ? side + 3 : 0)
  const width = room - (left - x)
  const name = nameOfRow(row, options)
  const lines = textWidth(name, 7) <= width || 'doing' in row ? [name] : wrapText(name, 5.5, width)
  const most = lines.length === 1 ? 7 : 5.5
  return [
    ...(row.picture ? [part('picture', [pictureShapes(row.picture, side, options)], x + side / 2, y)] : []),
    ...lines.map((line, i) =>
      textFrom(line, { x: left, y: y + 2 + (i - (lines.length - 1) / 2) * 7.5 }, { width, most }),
    ),
  ]
}

/** The clocks of a row with the hands that each is to have: two where hours and minutes are drawn apart. */
const CLOCKS = {
  both: [{ given: 'none', due: 'both' }],
  hour: [{ given: 'minute', due: 'both' }],
  minute: [{ given: 'hour', due: 'both' }],
  apart: [
    { given: 'none', due: 'hour' },
    { given: 'none', due: 'minute' },
  ],
} as const

const clocksOf = ({ reversed, drawn = 'both' }: PrintOptions) => CLOCKS[reversed ? 'both' : drawn]

function plan(all: readonly PrintRow[], rows: readonly PrintRow[], options: PrintOptions, isKey: boolean): Shape[] {
  const area = bodyArea(options.paper)
  const height = area.height / rows.length
  const room = dialRoom(rows.length, options)
  const right = area.x + area.width
  const clocks = clocksOf(options)
  const name = clocks.length > 1 ? NARROW_NAME_MM : NAME_MM
  return rows.map((row, i) => {
    const { minute } = row
    const y = area.y + (i + 0.5) * height
    const isWritten = !options.reversed || isKey
    const fill = options.reversed && !options.lowInk ? MOSS : INK
    const timeX = area.x + name + (clocks.length > 1 ? 6 : 12)
    const dials = clocks.map(({ given, due }, at) =>
      dialAt(minute, { x: right - room - 4 - (clocks.length - 1 - at) * (2 * room + 3), y, room }, options, {
        hands: options.reversed || isKey ? due : given,
      }),
    )
    return part(`question-${all.indexOf(row)}`, [
      ...nameAt(row, { x: area.x + 4, y, width: name }, options),
      ...(options.reversed ? [rule(timeX, timeX + 28, y + 3)] : []),
      ...(isWritten
        ? [
            part('time', [
              textFrom(figuresOfDay(minute, options), { x: timeX + 2, y: y + 1.5 }, { width: 30, most: 8, fill }),
            ]),
          ]
        : []),
      ...dials,
      rule(area.x, right, area.y + (i + 1) * height),
    ])
  })
}
