import { told, type Told, asPart } from '../../wording'
import { type DayRow, MOST_DAY_ROWS, MOST_WHAT_LETTERS, isPictureId, spanText } from '../../days'
import { printable } from '../../drawing'
import { RefusedValue } from '../../errors'
import { MINUTES_PER_DAY } from '../../clock'

/**
 * Checks the rows of the adult's own day. Throws RefusedValue, which names the row, for none or too many, a time that
 * is none, a name that cannot be printed, and a time that comes twice.
 */
export function checkOwnPlan(rows: unknown): asserts rows is readonly DayRow[] {
  if (!Array.isArray(rows)) throw new RefusedValue(told('your own day'), told('a list of rows'), rows)
  if (rows.length < 1 || rows.length > MOST_DAY_ROWS)
    throw new RefusedValue(
      told('your own day'),
      told('of 1 to {0} rows', MOST_DAY_ROWS),
      asPart(told('{0} rows', rows.length)),
    )
  rows.forEach((row: unknown, i) => checkRow(row, told('row {0} of your day', i + 1)))
  const times = (rows as readonly DayRow[]).map(({ minute }) => minute)
  times.forEach((minute, i) => {
    if (times.indexOf(minute) < i)
      throw new RefusedValue(
        told('row {0} of your day', i + 1),
        told('at a time of its own'),
        asPart(told('the time of another row, {0}', spanText({ minute }))),
      )
  })
}

function checkRow(row: unknown, name: Told): void {
  if (typeof row !== 'object' || row === null) throw new RefusedValue(name, told('a row with a time and a name'), row)
  const { minute, to, what, picture } = row as Partial<Record<keyof DayRow, unknown>>
  if (!isMinute(minute)) throw new RefusedValue(name, told('at a whole minute from 0 to 1439'), minute)
  if (to !== undefined && (!isMinute(to) || to === minute))
    throw new RefusedValue(name, told('ended at another whole minute from 0 to 1439'), to)
  if (typeof what !== 'string' || what.length > MOST_WHAT_LETTERS)
    throw new RefusedValue(name, told('called something of {0} letters at most', MOST_WHAT_LETTERS), what)
  if (printable(what).trim() === '') throw new RefusedValue(name, told('called something in Latin letters'), what)
  if (picture !== undefined && !(typeof picture === 'string' && isPictureId(picture)))
    throw new RefusedValue(name, told('with a picture that there is'), picture)
}

const isMinute = (value: unknown): value is number =>
  Number.isInteger(value) && (value as number) >= 0 && (value as number) < MINUTES_PER_DAY
