import { told, asPart } from '../wording'
import { roundedDay } from '../days'
import type { Drawing } from '../drawing'
import { RefusedValue } from '../errors'
import { type Print, type PrintChoices, printableOf } from '../printables'
import { coverPages, type DayChild, type DayPrintWish } from './dayCover'
import { dayThing, type DayThingId } from './dayThings'

/**
 * The pages of a day: a cover that says who has which times rounded, what is for all, each child's sheets, and the
 * keys. Throws RefusedValue, which names what is wrong, for a day that a thing cannot be made of.
 */
export function dayPrints(wish: DayPrintWish): Drawing[] {
  const { things, children, rows } = wish
  if (things.length === 0)
    throw new RefusedValue(told('things'), told('at least one thing to print'), asPart(told('none')))
  if (rows.length === 0) throw new RefusedValue(told('rows'), told('a day with at least one row'), asPart(told('none')))
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
    wish.children.map((child) => [JSON.stringify(rowsFor(child, wish).rows), { rung: child.rung, name: '' }]),
  )
  return sheets.flatMap((id) => [...kinds.values()].flatMap((child) => made(id, wish, child).key))
}

function made(id: DayThingId, wish: DayPrintWish, child?: DayChild): Print {
  const { printable, rung, choices } = dayThing(id)
  const { paper, wording, lowInk, grey, look, seed } = wish
  const rows = child ? rowsFor(child, wish).rows : wish.rows
  const { usualItems, make } = printableOf(printable)
  return make(
    {
      paper,
      wording,
      rung,
      count: usualItems,
      rows,
      lowInk,
      grey,
      look,
      ...choices,
      ...(child?.name && { owner: child.name }),
      ...pictureFor(wish, child),
    },
    seed,
  )
}

/** The child's picture, or else the first of the day's: what stands in the head of a page. */
function pictureFor({ rows }: DayPrintWish, child?: DayChild): Pick<PrintChoices, 'picture'> {
  const picture = child?.picture ?? rows.find((row) => row.picture)?.picture
  return picture ? { picture } : {}
}

function rowsFor({ rung }: DayChild, { rows, isRounded, order }: DayPrintWish) {
  return isRounded ? roundedDay(rows, rung, order) : { rows, changed: [], left: [] }
}
