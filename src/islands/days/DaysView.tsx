import { Stack } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { type DaysData, rulesForDay } from '../../core/records'
import { AddressTabs } from '../../ui/AddressTabs'
import { App } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import { KeptTold } from '../../ui/KeptTold'
import { later, useFetchLater } from '../../ui/later'
import { daysQuery } from '../../ui/queries'
import { AddRows } from './AddRows'
import { DayHead } from './DayHead'
import { DayPicture } from './DayPicture'
import { PrintPanel } from './PrintPanel'
import { RowList } from './RowList'
import { useDays } from './useDays'
import './days.css'

const start = later(async () => (await import('./StartPanel')).StartPanel)
const ask = later(async () => (await import('./AskPanel')).AskPanel)
const files = later(async () => (await import('./FilesPanel')).FilesPanel)
const LATER = [start, ask, files]

interface Asked {
  /** Which day and which part the address names. */
  readonly day: string | null
  readonly part: string | null
}

export default function DaysView({ state, ...asked }: Asked & { readonly state: string }) {
  return (
    <App state={state}>
      <DaysPage {...asked} />
    </App>
  )
}

function DaysPage(asked: Asked) {
  const query = useQuery(daysQuery)
  return <Loaded query={query}>{(data) => <DaysRoom data={data} asked={asked} />}</Loaded>
}

/** A day as rows beside its picture, and what can be done with it, by the rules of whom it is for. */
function DaysRoom({ data: all, asked }: { data: DaysData; asked: Asked }) {
  const state = useDays(all, asked.day)
  const { whose } = state.body
  const data = useMemo(() => ({ ...all, settings: rulesForDay(all.settings, all.groups, whose) }), [all, whose])
  const [lit, setLit] = useState<number | undefined>(undefined)
  useFetchLater(LATER)
  return (
    <Stack gap="sm">
      <DayHead state={state} data={data} />
      <KeptTold state={state} />
      <div className="days-room">
        <Stack gap="sm">
          <ErrorBoundary what="The rows">
            <RowList state={state} language={data.settings.language} lit={lit} onLit={setLit} />
          </ErrorBoundary>
          <ErrorBoundary what="Adding rows">
            <AddRows state={state} language={data.settings.language} />
          </ErrorBoundary>
        </Stack>
        <Stack gap="sm">
          <ErrorBoundary what="The picture of the day">
            <DayPicture rows={state.body.rows} lit={lit} onLit={setLit} />
          </ErrorBoundary>
          <AddressTabs
            names={PARTS}
            usual="print"
            asked={asked.part}
            panels={{
              print: <PrintPanel key={state.one?.id} state={state} data={all} />,
              start: <start.Part state={state} data={data} />,
              ask: <ask.Part state={state} data={data} />,
              files: <files.Part state={state} data={data} />,
            }}
          />
        </Stack>
      </div>
    </Stack>
  )
}

const PARTS = { print: 'Print', start: 'When must we start?', ask: 'Ask', files: 'Import and export' } as const
