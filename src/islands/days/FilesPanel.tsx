import { type Told, asPart, told } from '../../core/wording'
import { saidAll } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Button, FileButton, Group, Stack, Text } from '@mantine/core'
import { IconDownload, IconUpload } from '@tabler/icons-react'
import { useState } from 'react'
import { type ReadLine, readDayLines } from '../../core/days'
import type { DaysData } from '../../core/records'
import { readFile } from './readers'
import type { DaysState } from './useDays'
import { type Came, CameIn } from './CameIn'

interface Props {
  readonly state: DaysState
  readonly data: DaysData
}

/** More than these are only counted. */
const MOST_TOLD = 5

/** Days from calendars, tables and files of Ripe Acorn, and this day as such a file. */
export function FilesPanel({ state, data }: Props) {
  const [came, setCame] = useState<Came | null>(null)
  const [isReading, setReading] = useState(false)
  const take = async (file: File | null) => {
    if (!file) return
    setReading(true)
    setCame(await cameFrom(file, data))
    setReading(false)
  }
  const { one: day } = state
  return (
    <Stack gap="sm">
      <Group gap="xs">
        <FileButton onChange={(file) => void take(file)} accept=".ics,.ical,.csv,.tsv,.txt,.json">
          {(props) => (
            <Button
              {...props}
              variant="light"
              loading={isReading}
              leftSection={<IconUpload size={17} />}
            >{t`Read a file`}</Button>
          )}
        </FileButton>
        <Text size="sm" className="quiet">{t`iCalendar (.ics), a table (.csv) or a day of Ripe Acorn (.json)`}</Text>
      </Group>
      {came && (
        <CameIn
          key={JSON.stringify(came).slice(0, 200)}
          came={came}
          state={state}
          onDone={() => setCame(null)}
          onRefused={(error) => setCame({ kind: 'wrong', why: error.message })}
        />
      )}
      {day && (
        <Group gap="xs" aria-label={t`Take it elsewhere`} role="group">
          {(['ics', 'csv', 'json'] as const).map((as) => (
            <Button
              key={as}
              variant="default"
              component="a"
              href={`/api/days/${day.id}/export?as=${as}`}
              download={`${day.name}.${as}`}
              leftSection={<IconDownload size={17} />}
            >
              {{ ics: 'iCalendar', csv: 'CSV', json: 'JSON' }[as]}
            </Button>
          ))}
        </Group>
      )}
    </Stack>
  )
}

async function cameFrom(file: File, { settings }: DaysData): Promise<Came> {
  try {
    const read = await readFile(file)
    switch (read.kind) {
      case 'calendar': {
        const { days, notes } = read.calendar
        if (days.length === 0) return { kind: 'wrong', why: t`No event with a time is near today. ${notes.join(' ')}` }
        return read
      }
      case 'day':
        return read
      case 'rows':
        return read.rows.length > 0
          ? read
          : { kind: 'wrong', why: t`No row of it can be read. ${saidAll(read.notes).join(' ')}` }
      case 'lines': {
        const lines = readDayLines(read.lines.join('\n'), settings.language)
        const rows = lines.flatMap((line) => (line.kind === 'row' ? [line.row] : []))
        if (rows.length === 0) return { kind: 'wrong', why: t`No line of it says one time and what happens.` }
        return { kind: 'rows', rows, notes: notTakenIn(lines) }
      }
    }
  } catch (error) {
    return { kind: 'wrong', why: error instanceof Error ? error.message : String(error) }
  }
}

/** Lines of which no row was made, each with why, as far as they are not too many to be read. */
function notTakenIn(lines: readonly ReadLine[]): Told[] {
  const left = lines.filter((line) => line.kind !== 'row')
  const shown = left.slice(0, MOST_TOLD).map(({ text, why }) => told('“{0}”: {1}', text.slice(0, 40), asPart(why)))
  return left.length > MOST_TOLD ? [...shown, told('{0} more lines are no rows.', left.length - MOST_TOLD)] : shown
}
