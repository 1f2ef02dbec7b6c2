import { countJumps, minutesPast, onDial } from '../clock'
import { RefusedValue } from '../errors'
import { type Item, type RungId, askInWords, durationOf, rungOf } from '../teaching'
import { capital, type Wording, say, told } from '../wording'
import { inOrder } from './order'
import { type RoundedDay, roundedDay } from './rounding'
import type { DayRow } from './types'

/** What can be asked about the rows of a day, as the adult chooses it. */
export const DAY_ASKS = {
  set: told('Show me: set the clock'),
  read: told('Read the clock'),
  'how-long': told('How long until the next'),
  half: told('Morning or afternoon'),
  'write-24': told('In 24 hours'),
} as const
export type DayAsk = keyof typeof DAY_ASKS

/** A question about a row of a day, and how it is put: "lunch: show me twenty to one". */
export interface DayQuestion {
  readonly row: DayRow
  readonly item: Item
  readonly says: string
  /** The true time, where the row was rounded for the child. */
  readonly rounded?: number
}

export interface DayQuestionsWish {
  readonly rows: readonly DayRow[]
  readonly ask: DayAsk
  /** The rung that the child works on, and the order that it stands in. */
  readonly rung: RungId
  readonly order: readonly RungId[]
  /** Whether times that are too hard are rounded, or left as they are. */
  readonly isRounded: boolean
  readonly wording: Wording
}

/** The questions that a day gives a child, in the order of the day. */
export function dayQuestions(wish: DayQuestionsWish): DayQuestion[] {
  const { rows, rung, order, isRounded } = wish
  const day: RoundedDay = isRounded ? roundedDay(rows, rung, order) : { rows: inOrder(rows), changed: [], left: [] }
  return day.rows.flatMap((row, i) => {
    const item = itemOf(row, day.rows[i + 1], wish)
    if (!item) return []
    const changed = day.changed.find((each) => each.minute === row.minute)
    const says = `${capital(row.what)}: ${questionText(item, wish)}`
    return [{ row, item, says, ...(changed && { rounded: changed.row.minute }) }]
  })
}

function questionText(item: Item, { wording }: DayQuestionsWish): string {
  // "Lunch: show me twenty to one." The row is named already, so the question does not name it again.
  if (item.shown.as === 'doing') return say(item.shown.minute, { ...wording, form: 'digital' })
  return askInWords(item, wording)
}

/** The child's own rung where a time can be asked on it, else the first of the order on which it can. */
function rungOfTime(minute: number, { rung, order }: Pick<DayQuestionsWish, 'rung' | 'order'>): RungId {
  const fits = [rung, ...order].find((id) => {
    const { dial } = rungOf(id)
    return dial?.hands === 'both' && dial.minutes.includes(minutesPast(minute))
  })
  if (!fits) throw new RefusedValue(told('order'), told('one with a step for every minute'), order.join(', '))
  return fits
}

function itemOf(row: DayRow, next: DayRow | undefined, wish: DayQuestionsWish): Item | undefined {
  const { minute, what } = row
  const dial = onDial(minute)
  const open = { lures: [] }
  switch (wish.ask) {
    case 'set':
      return {
        rung: rungOfTime(dial, wish),
        ask: 'set',
        shown: { as: 'words', minute: dial },
        answer: { kind: 'time', minute: dial },
        ...open,
      }
    case 'read':
      return {
        rung: rungOfTime(dial, wish),
        ask: 'read',
        shown: { as: 'dial', minute: dial, hands: 'both' },
        answer: { kind: 'time', minute: dial },
        ...open,
      }
    case 'how-long':
      return spanOf(row, next)
    case 'half':
      return {
        rung: 'day-halves',
        ask: 'half-of-day',
        shown: { as: 'doing', minute, what },
        answer: { kind: 'day', minute },
        ...open,
      }
    case 'write-24':
      return { rung: 'day-24', ask: 'write-24', shown: { as: 'day', minute }, answer: { kind: 'day', minute }, ...open }
  }
}

function spanOf(row: DayRow, next: DayRow | undefined): Item | undefined {
  const to = row.to ?? next?.minute
  if (to === undefined || to <= row.minute) return undefined
  const then = row.to === undefined && next ? next.what : row.what
  return {
    rung: 'elapsed',
    ask: 'how-long',
    shown: { as: 'span', minute: row.minute, to, whats: [row.what, then] },
    answer: durationOf(countJumps(row.minute, to).minutes),
    lures: [],
  }
}
