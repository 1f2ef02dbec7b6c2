import { INK, MOSS, type Shape, bodyArea, textWidth, wrapText } from '../../drawing'
import { handsHidden, onDial } from '../../clock'
import { RefusedValue, requireInteger } from '../../errors'
import { draw, drawInt, randomFrom, shuffled } from '../../random'
import { DOING_TIMES, type Item, type PlanRow, rowName } from '../../teaching'
import { type DoingId, type Phrases, languages, say } from '../../wording'
import {
  childPage,
  dialAt,
  keyFooter,
  keyTitle,
  onPages,
  part,
  printFooter,
  rule,
  textFrom,
  titleOr,
} from '../kit/frame'
import { ownPlan } from '../kit/ownPlan'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/options'

const MOST_ROWS_A_PAGE = 8
const MOST_ROOM_MM = 26
const NAME_MM = 84

/**
 * A plan of a day as rows with times and clocks: the hands are drawn in, or the other way round the times are written.
 */
export const timetable = definePrintable({
  id: 'timetable',
  kind: 'sheet',
  name: 'A plan of the day',
  purpose: 'Rows with times to show on clocks, or clocks whose times are written into the plan',
  stage: 'abstract',
  counts: 'rows',
  leastItems: 3,
  mostItems: 8,
  usualItems: 6,
  timesOn: () => Infinity,
  suits: (rung) => rung === 'timetable',
  takes: ['helps', 'reversed', 'rows'],
  needs: ['pencils'],
  cautions: [],
  notes: (options) => (options.rows ? noteHidden(ownPlan(options.rows, options.wording.language), options) : []),
  make(options, seed) {
    const rows = options.rows ? ownPlan(options.rows, options.wording.language) : plannedDay(options.count, seed)
    const items = rows.map(({ minute }): Item => ({
      rung: options.rung,
      ask: 'look-up',
      shown: { as: 'rows', minute, rows },
      answer: { kind: 'time', minute: onDial(minute) },
      lures: [],
    }))
    const { phrases } = languages[options.wording.language]
    const footer = printFooter('A plan of the day', options, seed)
    const title = titleOr(options, options.reversed ? phrases.planTimes : phrases.planClocks)
    const sheets = onPages(rows, options, (count) => dialRoom(count, options))
    return {
      items,
      pages: sheets.map((sheet) => childPage(options, title, footer, plan(rows, sheet, options, false))),
      key: sheets.map((sheet) =>
        childPage(
          options,
          keyTitle('A plan of the day', options),
          keyFooter(footer, options),
          plan(rows, sheet, options, true),
        ),
      ),
    }
  },
})

/** Doings at different times of one day, in their order, no two at the same place on the dial. */
function plannedDay(count: number, seed: number): PlanRow[] {
  const random = randomFrom(seed)
  const all = Object.keys(DOING_TIMES) as DoingId[]
  requireInteger('count of rows', count, 1, all.length)
  for (let tries = 0; tries < 500; tries++) {
    const rows = shuffled(random, all)
      .slice(0, count)
      .map((doing) => ({ doing, minute: draw(random, DOING_TIMES[doing]) + drawInt(random, 0, 2) * 5 }))
      .sort((a, b) => a.minute - b.minute)
    const isClear = rows.every(({ minute }) => !handsHidden(onDial(minute)))
    if (isClear && new Set(rows.map(({ minute }) => onDial(minute))).size === count) return rows
  }
  throw new RefusedValue('seed', 'one with which a day can be planned: shuffle', seed)
}

/** The room of each clock on a page of so many rows, mm each way; none where they are too many to write in. */
function dialRoom(rows: number, { paper }: PrintOptions): number {
  return rows > MOST_ROWS_A_PAGE ? 0 : Math.min(bodyArea(paper).height / rows / 2 - 2, MOST_ROOM_MM)
}

/** A family's own day may have noon in it, where one hand hides the other. It is printed, with a note for the adult. */
function noteHidden(rows: readonly PlanRow[], { wording }: PrintOptions): string[] {
  return rows
    .filter(({ minute }) => handsHidden(onDial(minute)))
    .map(
      ({ minute }) =>
        `At ${say(minute, { ...wording, form: 'day-24' })} one hand lies over the other: show it on a clock first.`,
    )
}

/** The known names are short. A family's own name takes a second line before it is made smaller. */
function nameOf(row: PlanRow, x: number, y: number, phrases: Phrases): Shape[] {
  const name = rowName(row, phrases)
  const isOne = 'doing' in row || textWidth(name, 7) <= NAME_MM
  if (isOne) return [textFrom(name, { x, y: y + 2 }, { width: NAME_MM, most: 7 })]
  const lines = wrapText(name, 5.5, NAME_MM)
  return lines.map((line, i) =>
    textFrom(line, { x, y: y + 2 + (i - (lines.length - 1) / 2) * 7.5 }, { width: NAME_MM, most: 5.5 }),
  )
}

function plan(all: readonly PlanRow[], rows: readonly PlanRow[], options: PrintOptions, isKey: boolean): Shape[] {
  const area = bodyArea(options.paper)
  const { phrases } = languages[options.wording.language]
  const height = area.height / rows.length
  const room = dialRoom(rows.length, options)
  return rows.map((row, i) => {
    const { minute } = row
    const y = area.y + (i + 0.5) * height
    const right = area.x + area.width
    const time = say(minute, { ...options.wording, form: 'day-24' })
    const isWritten = !options.reversed || isKey
    const fill = options.reversed && !options.lowInk ? MOSS : INK
    const timeX = area.x + 96
    return part(`question-${all.indexOf(row)}`, [
      ...nameOf(row, area.x + 4, y, phrases),
      ...(options.reversed ? [rule(timeX, timeX + 28, y + 3)] : []),
      ...(isWritten
        ? [part('time', [textFrom(time, { x: timeX + 2, y: y + 1.5 }, { width: 30, most: 8, fill })])]
        : []),
      dialAt(minute, { x: right - room - 4, y, room }, options, { hands: options.reversed || isKey ? 'both' : 'none' }),
      rule(area.x, right, area.y + (i + 1) * height),
    ])
  })
}
