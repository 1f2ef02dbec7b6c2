import { said } from '#words'
import { t } from '@lingui/core/macro'
import { Button, Group, Text } from '@mantine/core'
import { type DayCheck, dayChecks, dayLine, type DayRow, inOrder } from '../../core/days'
import type { LanguageId } from '../../core/wording'
import type { DaysState } from './useDays'
import { RowFields } from './RowFields'

interface Props {
  readonly state: DaysState
  readonly language: LanguageId
  readonly lit: number | undefined
  readonly onLit: (row: number | undefined) => void
}

/** The rows of the day, each to be changed in its place, with what is odd about it said at the row. */
export function RowList({ state, language, lit, onLit }: Props) {
  const { rows } = state.body
  const checks = dayChecks(rows)
  if (rows.length === 0)
    return (
      <section className="sheet" aria-label={t`Rows`}>
        <Text fw={600}>{t`This day is empty.`}</Text>
        <Text
          size="sm"
          className="quiet"
        >{t`Type its rows below, paste a timetable, or read a calendar under “Import and export”.`}</Text>
      </section>
    )
  const put = (place: number, row: DayRow) =>
    state.change({ rows: inOrder(rows.map((each, i) => (i === place ? row : each))) })
  return (
    <section className="sheet days-rows" aria-label={t`Rows`}>
      <ol>
        {rows.map((row, i) => (
          <li
            key={`${i} ${dayLine(row)}`}
            data-lit={i === lit || undefined}
            onPointerEnter={() => onLit(i)}
            onPointerLeave={() => onLit(undefined)}
          >
            <RowFields
              row={row}
              place={i}
              language={language}
              onPut={(next) => put(i, next)}
              onRemove={() => state.change({ rows: rows.filter((_, at) => at !== i) })}
            />
            {checks
              .filter((check) => check.row === i)
              .map((check) => (
                <Odd key={check.kind} check={check} onMend={(mended) => state.change({ rows: mended })} />
              ))}
          </li>
        ))}
      </ol>
    </section>
  )
}

function Odd({ check, onMend }: { check: DayCheck; onMend: (rows: readonly DayRow[]) => void }) {
  const { mended } = check
  return (
    <Group gap={6} className="days-odd">
      <Text size="xs">{said(check.says)}</Text>
      {mended && <Button size="compact-xs" variant="default" onClick={() => onMend(mended)}>{t`Do that`}</Button>}
    </Group>
  )
}
