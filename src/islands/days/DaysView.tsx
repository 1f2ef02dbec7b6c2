import { saidEach } from '../../words/i18n'
import { told } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { Stack } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { type DaysData, rulesForDay } from '../../core/records'
import { AddressTabs } from '../../ui/AddressTabs'
import { App, type Page } from '../../ui/App'
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
import { useViewTitle } from '../../ui/viewTitle'

const start = later(async () => (await import('./StartPanel')).StartPanel)
const ask = later(async () => (await import('./AskPanel')).AskPanel)
const files = later(async () => (await import('./FilesPanel')).FilesPanel)
const LATER = [start, ask, files]

export default function DaysView(page: Page) {
  return (
    <App {...page}>
      <DaysPage />
    </App>
  )
}

function DaysPage() {
  const query = useQuery(daysQuery)
  return <Loaded query={query}>{(data) => <DaysRoom data={data} />}</Loaded>
}

/** A day as rows beside its picture, and what can be done with it, by the rules of whom it is for. */
function DaysRoom({ data: all }: { data: DaysData }) {
  const state = useDays(all)
  useViewTitle(state.one?.name ?? t`Days`)
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
          <ErrorBoundary what={t`The rows`}>
            <RowList state={state} language={data.settings.language} lit={lit} onLit={setLit} />
          </ErrorBoundary>
          <ErrorBoundary what={t`Adding rows`}>
            <AddRows state={state} language={data.settings.language} />
          </ErrorBoundary>
        </Stack>
        <Stack gap="sm">
          <ErrorBoundary what={t`The picture of the day`}>
            <DayPicture rows={state.body.rows} lit={lit} onLit={setLit} />
          </ErrorBoundary>
          <AddressTabs
            names={saidEach(PARTS)}
            usual="print"
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

const PARTS = {
  print: told('Print'),
  start: told('When must we start?'),
  ask: told('Ask'),
  files: told('Import and export'),
} as const
