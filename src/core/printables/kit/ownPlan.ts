import { type DayRow, MOST_DAY_ROWS, MOST_WHAT_LETTERS, isPictureId, spanText } from '../../days'
import { printable } from '../../drawing'
import { RefusedValue } from '../../errors'
import { MINUTES_PER_DAY } from '../../clock'

/**
 * Checks the rows of the adult's own day. Throws RefusedValue, which names the row, for none or too many, a time that
 * is none, a name that cannot be printed, and a time that comes twice.
 */
export function checkOwnPlan(rows: unknown): asserts rows is readonly DayRow[] {
  if (!Array.isArray(rows)) throw new RefusedValue('your own day', 'a list of rows', rows)
  if (rows.length < 1 || rows.length > MOST_DAY_ROWS)
    throw new RefusedValue('your own day', `of 1 to ${MOST_DAY_ROWS} rows`, `${rows.length} rows`)
  rows.forEach((row: unknown, i) => checkRow(row, `row ${i + 1} of your day`))
  const times = (rows as readonly DayRow[]).map(({ minute }) => minute)
  times.forEach((minute, i) => {
    if (times.indexOf(minute) < i)
      throw new RefusedValue(
        `row ${i + 1} of your day`,
        'at a time of its own',
        `the time of another row, ${spanText({ minute })}`,
      )
  })
}

function checkRow(row: unknown, name: string): void {
  if (typeof row !== 'object' || row === null) throw new RefusedValue(name, 'a row with a time and a name', row)
  const { minute, to, what, picture } = row as Partial<Record<keyof DayRow, unknown>>
  if (!isMinute(minute)) throw new RefusedValue(name, 'at a whole minute from 0 to 1439', minute)
  if (to !== undefined && (!isMinute(to) || to === minute))
    throw new RefusedValue(name, 'ended at another whole minute from 0 to 1439', to)
  if (typeof what !== 'string' || what.length > MOST_WHAT_LETTERS)
    throw new RefusedValue(name, `called something of ${MOST_WHAT_LETTERS} letters at most`, what)
  if (printable(what).trim() === '') throw new RefusedValue(name, 'called something in Latin letters', what)
  if (picture !== undefined && !(typeof picture === 'string' && isPictureId(picture)))
    throw new RefusedValue(name, 'with a picture that there is', picture)
}

const isMinute = (value: unknown): value is number =>
  Number.isInteger(value) && (value as number) >= 0 && (value as number) < MINUTES_PER_DAY
