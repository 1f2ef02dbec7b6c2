import { Stack, Tabs } from '@mantine/core'
import { useMounted } from '@mantine/hooks'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { DaysData } from '../../core/records'
import { App } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import { KeptTold } from '../../ui/KeptTold'
import { later, useFetchLater } from '../../ui/later'
import { putInAddress } from '../../ui/openKept'
import { daysQuery } from '../../ui/queries'
import { AddRows } from './AddRows'
import { DayHead } from './DayHead'
import { DayPicture } from './DayPicture'
import { PrintPanel } from './PrintPanel'
import { RowList } from './RowList'
import { type DaysState, useDays } from './useDays'
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

/** A day as rows beside its picture, and what can be done with it. */
function DaysRoom({ data, asked }: { data: DaysData; asked: Asked }) {
  const state = useDays(data, asked.day)
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
          <Parts state={state} data={data} asked={asked.part} />
        </Stack>
      </div>
    </Stack>
  )
}

const PARTS = { print: 'Print', start: 'When must we start?', ask: 'Ask', files: 'In and out' } as const
type Part = keyof typeof PARTS

interface PartsProps {
  readonly state: DaysState
  readonly data: DaysData
  readonly asked: string | null
}

function Parts({ state, data, asked }: PartsProps) {
  const [part, setPart] = useState<Part>(asked !== null && asked in PARTS ? (asked as Part) : 'print')
  // Parts whose code comes later are shown once the view stands.
  const shown = useMounted() ? part : 'print'
  const pick = (next: string | null) => {
    if (next === null) return
    setPart(next as Part)
    putInAddress('part', next)
  }
  return (
    <Tabs value={shown} onChange={pick} className="sheet" keepMounted={false}>
      <Tabs.List mb="sm">
        {(Object.keys(PARTS) as Part[]).map((each) => (
          <Tabs.Tab key={each} value={each}>
            {PARTS[each]}
          </Tabs.Tab>
        ))}
      </Tabs.List>
      <ErrorBoundary key={shown} what={PARTS[shown]}>
        <Tabs.Panel value="print">
          <PrintPanel key={state.one?.id} state={state} data={data} />
        </Tabs.Panel>
        <Tabs.Panel value="start">
          <start.Part state={state} data={data} />
        </Tabs.Panel>
        <Tabs.Panel value="ask">
          <ask.Part state={state} data={data} />
        </Tabs.Panel>
        <Tabs.Panel value="files">
          <files.Part state={state} data={data} />
        </Tabs.Panel>
      </ErrorBoundary>
    </Tabs>
  )
}
