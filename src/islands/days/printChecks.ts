import { attempt } from '../../core/errors'
import { DAY_THINGS, dayPrints, type DayPrintWish, type DayThingId } from '../../core/planning'
import { printableOf } from '../../core/printables'

/* What must be known before a day is printed. It needs all prints, and so comes once the view stands. */

/** Why a thing cannot be made of the day: it is made once to see. */
export function problemsOf(thing: DayThingId, wish: Omit<DayPrintWish, 'things'>): string[] {
  if (wish.rows.length === 0) return []
  const { refusal } = attempt(() => dayPrints({ ...wish, things: [thing], children: wish.children.slice(0, 1) }))
  return refusal ? [`${DAY_THINGS[thing].name}: ${refusal.message}.`] : []
}

/** What to look out for when these are cut out and played with. */
export const cautionsOf = (things: readonly DayThingId[]) => [
  ...new Set(things.flatMap((id) => printableOf(DAY_THINGS[id].printable).cautions)),
]
