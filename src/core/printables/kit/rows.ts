import { onDial } from '../../clock'
import { type Item, askInWords, sayAnswer } from '../../teaching'
import { type Wording, say } from '../../wording'

/** One question of a print, for a table or another program. */
export interface ItemRow {
  readonly number: number
  readonly rung: string
  /** The time on the clock, in figures; for a stretch of time, where it begins. */
  readonly shown: string
  /** Where a stretch of time ends; empty for other questions. */
  readonly to: string
  /** What is asked, in words. */
  readonly asked: string
  readonly answer: string
  readonly wrong: string
}

/** The questions of a print as rows, worked out from the very items that were drawn. */
export function itemRows(items: readonly Item[], wording: Wording): ItemRow[] {
  const figures = (minute: number) => say(onDial(minute), { ...wording, form: 'digital' })
  return items.map((item, i) => ({
    number: i + 1,
    rung: item.rung,
    shown: figures(item.shown.minute),
    to: item.shown.as === 'span' ? figures(item.shown.to) : '',
    asked: askInWords(item, wording),
    answer: sayAnswer(item, item.answer, wording),
    wrong: item.lures.map((lure) => sayAnswer(item, lure.value, wording)).join(' | '),
  }))
}
