import { type DayRow, dayLine, roundedDay } from '../days'
import { type Drawing, type FlowBlock, flowPages, makePage, paragraph, stack } from '../drawing'
import { RefusedValue } from '../errors'
import { type Print, type PrintChoices, type PrintOptions, type PrintableId, printableOf } from '../printables'
import { type RungId, rungOf } from '../teaching'
import { barText, listInWords, nameIn, nameWithin, printedAs, say } from '../wording'

/** Something that is made of the rows of a day. */
interface DayThing {
  readonly name: string
  readonly printable: PrintableId
  readonly rung: RungId
  readonly choices?: PrintChoices
  /** A sheet comes for each child, at the child's rung; everything else once. */
  readonly isForEach?: true
}

/** All that a day makes, in the order in which it is offered. */
export const DAY_THINGS = {
  'wall-strip': { name: 'Strip of clocks for the wall', printable: 'wall-strip', rung: 'timetable' },
  'order-cards': {
    name: 'Cards to lay in order',
    printable: 'order-cards',
    rung: 'timetable',
    choices: { backs: 'long-edge' },
  },
  'draw-hands': { name: 'Draw both hands', printable: 'timetable', rung: 'timetable', isForEach: true },
  'draw-apart': {
    name: 'Draw hours on one clock, minutes on another',
    printable: 'timetable',
    rung: 'timetable',
    choices: { drawn: 'apart' },
    isForEach: true,
  },
  'draw-hour': {
    name: 'Draw the hour hand only',
    printable: 'timetable',
    rung: 'timetable',
    choices: { drawn: 'hour' },
    isForEach: true,
  },
  'write-times': {
    name: 'Read the clocks, write the times',
    printable: 'timetable',
    rung: 'timetable',
    choices: { reversed: true },
    isForEach: true,
  },
  'which-first': { name: 'Which comes first?', printable: 'which-first', rung: 'timetable', isForEach: true },
  'how-long': { name: 'How long is it?', printable: 'how-long', rung: 'elapsed', isForEach: true },
  'work-back': { name: 'When must you start?', printable: 'work-back-sheet', rung: 'work-back', isForEach: true },
  'day-halves': { name: 'Cards for a.m. and p.m.', printable: 'day-halves-cards', rung: 'day-halves' },
  'day-24': { name: 'Cards in 24 hours', printable: 'day-24-cards', rung: 'day-24', choices: { backs: 'long-edge' } },
  trail: { name: 'Trail through the day', printable: 'day-trail', rung: 'timetable', isForEach: true },
  bingo: { name: 'Bingo with the day’s clocks', printable: 'day-bingo', rung: 'timetable' },
} as const satisfies Record<string, DayThing>

export type DayThingId = keyof typeof DAY_THINGS
export const DAY_THING_IDS = Object.keys(DAY_THINGS) as readonly DayThingId[]
export const dayThing = (id: DayThingId): DayThing => DAY_THINGS[id]

interface DayChild {
  readonly name: string
  readonly rung: RungId
}

export interface DayPrintWish extends Pick<PrintOptions, 'paper' | 'wording'> {
  readonly title: string
  readonly rows: readonly DayRow[]
  readonly things: readonly DayThingId[]
  /** For whom the sheets are; nobody means one of each. */
  readonly children: readonly DayChild[]
  /** Whether times that are too hard for a child are rounded on that child's sheets. */
  readonly isRounded: boolean
  readonly order: readonly RungId[]
  readonly lowInk: boolean
  readonly seed: number
}

/**
 * The pages of a day: a cover that says who has which times rounded, what is for all, each child's sheets, and the
 * keys. Throws RefusedValue, which names what is wrong, for a day that a thing cannot be made of.
 */
export function dayPrints(wish: DayPrintWish): Drawing[] {
  const { things, children, rows } = wish
  if (things.length === 0) throw new RefusedValue('things', 'at least one thing to print', 'none')
  if (rows.length === 0) throw new RefusedValue('rows', 'a day with at least one row', 'none')
  const shared = things.filter((id) => !dayThing(id).isForEach || children.length === 0).map((id) => made(id, wish))
  const sheets = things.filter((id) => dayThing(id).isForEach)
  const own = children.flatMap((child) => sheets.map((id) => made(id, wish, child).pages))
  const cover = children.length > 0 && sheets.length > 0 ? coverPages(wish) : []
  return [
    ...cover,
    ...shared.flatMap(({ pages }) => pages),
    ...own.flat(),
    ...shared.flatMap(({ key }) => key),
    ...keysOfSheets(sheets, wish),
  ]
}

/** The keys of the sheets, each once: children whose times are the same have the same sheet. */
function keysOfSheets(sheets: readonly DayThingId[], wish: DayPrintWish): Drawing[] {
  const kinds = new Map(
    wish.children.map((child) => [JSON.stringify(rowsFor(child, wish).rows.map(dayLine)), { ...child, name: '' }]),
  )
  return sheets.flatMap((id) => [...kinds.values()].flatMap((child) => made(id, wish, child).key))
}

function made(id: DayThingId, wish: DayPrintWish, child?: DayChild): Print {
  const { printable, rung, choices } = dayThing(id)
  const { paper, wording, lowInk, seed } = wish
  const rows = child ? rowsFor(child, wish).rows : wish.rows
  const { usualItems, make } = printableOf(printable)
  return make(
    {
      paper,
      wording,
      rung,
      count: usualItems,
      rows: rows.map(dayLine),
      lowInk,
      ...choices,
      ...(child?.name && { owner: child.name }),
    },
    seed,
  )
}

function rowsFor({ rung }: DayChild, { rows, isRounded, order }: DayPrintWish) {
  return isRounded ? roundedDay(rows, rung, order) : { rows, changed: [], left: [] }
}

/** For each child the times that were rounded, or that are still too hard. */
export function roundedInWords(child: DayChild, wish: Omit<DayPrintWish, 'things'>): string[] {
  const { wording, isRounded } = wish
  const clock = (minute: number) => say(minute, { ...wording, form: 'day-24' })
  const { changed, left } = roundedDay(wish.rows, child.rung, wish.order)
  if (changed.length + left.length === 0) return [printedAs('every time as it is', wording)]
  const times = changed.map(({ row, minute }) => printedAs('{0} as {1}', wording, clock(row.minute), clock(minute)))
  if (!isRounded)
    return [
      printedAs(
        'still too hard: {0}',
        wording,
        listInWords(
          [...changed.map(({ row }) => clock(row.minute)), ...left.map(({ minute }) => clock(minute))],
          wording,
        ),
      ),
    ]
  return [
    ...(times.length > 0 ? [printedAs('rounded: {0}', wording, times.join(', '))] : []),
    ...(left.length > 0
      ? [
          printedAs(
            'left out, since two would be at one time: {0}',
            wording,
            left.map(({ minute, what }) => `${clock(minute)} ${what}`).join(', '),
          ),
        ]
      : []),
  ]
}

function coverPages(wish: DayPrintWish): Drawing[] {
  const { paper, wording, title, children } = wish
  const blocks = children.map((child): FlowBlock => {
    const name = `${child.name}, ${nameWithin(wording, rungOf(child.rung).name)}`
    const heading = paragraph(paper, name, { size: 5, weight: 'bold', above: 3 })
    return stack([
      heading,
      ...roundedInWords(child, wish).map((text) => paragraph(paper, text, { size: 4.2, indent: 6 })),
    ])
  })
  return flowPages(paper, blocks).map((body) =>
    makePage({
      paper,
      title: printedAs('Who gets what: {0}', wording, title),
      footer: `Ripe Acorn · ${nameIn(wording, 'A plan of the day')}`,
      bar: barText(wording),
      body,
    }),
  )
}
