import { type DayRow, type PictureId, roundedDay } from '../days'
import { type Drawing, type FlowBlock, flowPages, paragraph, stack } from '../drawing'
import { framedPage, type PrintLooks, type PrintOptions } from '../printables'
import { type RungId, rungOf } from '../teaching'
import { listInWords, nameIn, nameWithin, printedAs, say, told } from '../wording'
import type { DayThingId } from './dayThings'

export interface DayChild {
  readonly picture?: PictureId
  readonly name: string
  readonly rung: RungId
}

export interface DayPrintWish extends Pick<PrintOptions, 'paper' | 'wording' | keyof PrintLooks> {
  readonly title: string
  readonly rows: readonly DayRow[]
  readonly things: readonly DayThingId[]
  /** For whom the sheets are; nobody means one of each. */
  readonly children: readonly DayChild[]
  /** Whether times that are too hard for a child are rounded on that child's sheets. */
  readonly isRounded: boolean
  readonly order: readonly RungId[]
  readonly seed: number
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

/** The cover of a day’s prints: for whom they are, and what was rounded for whom. */
export function coverPages(wish: DayPrintWish): Drawing[] {
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
    framedPage(wish, {
      title: printedAs('Who gets what: {0}', wording, title),
      footer: `Ripe Acorn · ${nameIn(wording, told('A plan of the day'))}`,
      body,
    }),
  )
}
