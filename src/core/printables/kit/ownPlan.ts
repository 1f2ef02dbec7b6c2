import { type DayRow, inOrder, isListIn24Hours, readDayLine, spanText } from '../../days'
import { RefusedValue } from '../../errors'
import { type LanguageId, say } from '../../wording'
import { PRINT_OPTIONS } from './options'

/** The longest plan that a family or a class can give. */
const MOST_PLAN_ROWS = PRINT_OPTIONS.rows.most

/**
 * The rows of a plan as they were typed, in their order of the day.
 * Throws RefusedValue, which names the row, where there is no time, its half of the day cannot be told, there is no
 * name, or the same time comes twice.
 *
 * ownPlan(['7:30 breakfast', 'lights out 20:00'], 'en-GB')
 * //=> [{ minute: 450, what: 'breakfast' }, { minute: 1200, what: 'lights out' }]
 * ownPlan(['9:30 maths', '1:15 story'], 'en-GB')
 * //=> [{ minute: 570, what: 'maths' }, { minute: 795, what: 'story' }]
 */
export function ownPlan(lines: readonly string[], language: LanguageId): DayRow[] {
  const written = lines.filter((line) => line.trim() !== '')
  if (written.length < 1 || written.length > MOST_PLAN_ROWS)
    throw new RefusedValue('your own day', `of 1 to ${MOST_PLAN_ROWS} rows`, `${written.length} rows`)
  const isIn24Hours = isListIn24Hours(written)
  const rows: DayRow[] = []
  for (const [i, line] of written.entries())
    rows.push(rowOf(line, { name: `row ${i + 1} of your day`, language, before: rows[i - 1]?.minute, isIn24Hours }))
  rows.forEach(({ minute }, i) => {
    if (rows.findIndex((row) => row.minute === minute) < i)
      throw new RefusedValue(
        `row ${i + 1} of your day`,
        'at a time of its own',
        `the time of another row: ${written[i]}`,
      )
  })
  return inOrder(rows)
}

interface RowPlace {
  readonly name: string
  readonly language: LanguageId
  /** When the row before it is, minutes since midnight. */
  readonly before: number | undefined
  readonly isIn24Hours: boolean
}

function rowOf(line: string, { name, ...place }: RowPlace): DayRow {
  const { language } = place
  const read = readDayLine(line, place)
  if (read.kind === 'row') return read.row
  if (read.kind === 'none') throw new RefusedValue(name, read.wants, line)
  const times = read.choices.map((row) =>
    row.to === undefined ? say(row.minute, { language, form: 'digital', options: { dayHalf: true } }) : spanText(row),
  )
  throw new RefusedValue(name, `at ${times.join(' or at ')}: write it so, for both could be meant`, line)
}
