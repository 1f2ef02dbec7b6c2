import { saidAll } from '../../words/i18n'
import type { Told } from '../../core/wording'
import { dateInWords } from '../../words/adult'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import { type Day, dayLine, type DayOn, type DayRow, illustrated, inOrder, MOST_DAY_ROWS } from '../../core/days'
import type { ReadCalendar } from '../../workers/calendar/read'
import { Choice } from '../../ui/Choice'
import { settingsQuery } from '../../ui/queries'
import { dayInWords, today } from '../../ui/dates'
import { Picture } from '../../ui/pictures/Picture'
import { pictureWordsQuery } from '../../ui/pictures/pictureWords'
import type { DaysState } from './useDays'

/** What came out of a file, to be looked at before it is taken. */
export type Came =
  | { readonly kind: 'calendar'; readonly calendar: ReadCalendar }
  | { readonly kind: 'rows'; readonly rows: readonly DayRow[]; readonly notes: readonly Told[] }
  | { readonly kind: 'day'; readonly name: string; readonly day: Day }
  | { readonly kind: 'wrong'; readonly why: string }

interface CameProps {
  readonly came: Came
  readonly state: DaysState
  readonly onDone: () => void
  readonly onRefused: (error: Error) => void
}

export function CameIn(props: CameProps) {
  const { came, state, onDone } = props
  if (came.kind === 'wrong')
    return (
      <Text size="sm" role="alert" className="sheet sheet-attention anywhere">
        {came.why}
      </Text>
    )
  if (came.kind === 'rows')
    return <RowsIn rows={came.rows} notes={came.notes} state={state} onDone={onDone} name={t`From a table`} />
  if (came.kind === 'calendar') return <CalendarIn calendar={came.calendar} state={state} onDone={onDone} />
  return (
    <Group gap="xs" className="sheet">
      <Text size="sm" className="anywhere">
        {came.name}
      </Text>
      <Button
        onClick={() => state.addFromFile(came.name, came.day).then(onDone, props.onRefused)}
      >{t`Add this day`}</Button>
    </Group>
  )
}

type DoneProps = Pick<CameProps, 'state' | 'onDone'>

/** A calendar has many days: one of them is looked at and taken. */
function CalendarIn({ calendar, state, onDone }: DoneProps & { readonly calendar: ReadCalendar }) {
  const [date, setDate] = useState(() => nearestDate(calendar))
  const rows = calendar.days.find((each) => each.date === date)?.rows ?? []
  return (
    <RowsIn
      rows={rows}
      notes={calendar.notes}
      state={state}
      onDone={onDone}
      name={dayInWords(date)}
      on={{ kind: 'date', date }}
    >
      <Choice
        label={t`Which day`}
        value={date}
        onChange={setDate}
        data={calendar.days.map((each) => ({
          value: each.date,
          label: `${dateInWords(each.date, { year: true })} (${each.rows.length})`,
        }))}
      />
    </RowsIn>
  )
}

interface RowsInProps extends DoneProps {
  readonly rows: readonly DayRow[]
  readonly notes: readonly Told[]
  /** What a new day of them is called. */
  readonly name: string
  readonly on?: DayOn
  readonly children?: ReactNode
}

const ON_WEEKDAYS: DayOn = { kind: 'weekdays', days: [0, 1, 2, 3, 4] }

/** Rows with the pictures that are proposed for them, as soon as those are known. */
function useIllustrated(rows: readonly DayRow[]): readonly DayRow[] {
  const { data: settings } = useQuery(settingsQuery)
  const { data: pictures } = useQuery({
    ...pictureWordsQuery(settings?.language ?? 'en-GB'),
    enabled: settings !== undefined,
  })
  return pictures ? rows.map((row) => illustrated(row, pictures.finder)) : rows
}

/** Rows from a file as they will stand in the day, and what was left out. */
function RowsIn({ rows, notes, state, onDone, name, on = ON_WEEKDAYS, children }: RowsInProps) {
  const taken = useIllustrated(rows.slice(0, MOST_DAY_ROWS))
  const asNew = () => {
    state.add(name, { on, whose: { kind: 'everybody' }, rows: inOrder(taken), starts: [] })
    onDone()
  }
  const into = () => {
    state.change({ rows: inOrder([...state.body.rows, ...taken]) })
    onDone()
  }
  return (
    <Stack gap={6} className="sheet">
      {children}
      <ol className="days-read" aria-label={t`Rows in the file`}>
        {taken.map((row, i) => (
          <li key={`${i} ${dayLine(row)}`} className="anywhere">
            {dayLine({ ...row, picture: undefined })}
            {row.picture && <Picture id={row.picture} />}
          </li>
        ))}
      </ol>
      {rows.length > MOST_DAY_ROWS && (
        <Text size="sm" className="days-odd">
          <Trans>
            A day has at most {MOST_DAY_ROWS} rows: {rows.length - MOST_DAY_ROWS} later ones are left out.
          </Trans>
        </Text>
      )}
      {saidAll(notes).map((note) => (
        <Text key={note} size="sm" className="quiet anywhere">
          {note}
        </Text>
      ))}
      <Group gap="xs">
        <Button onClick={asNew}>{t`As a new day`}</Button>
        {state.one && (
          <Button
            variant="default"
            disabled={state.body.rows.length + taken.length > MOST_DAY_ROWS}
            onClick={into}
            className="anywhere"
          >
            <Trans>Into {state.one.name}</Trans>
          </Button>
        )}
      </Group>
    </Stack>
  )
}

/** The first date from today on, or the last one before. */
function nearestDate({ days }: ReadCalendar): string {
  const from = today()
  return (days.find(({ date }) => date >= from) ?? days[days.length - 1])?.date ?? ''
}
