import { Stack, Tabs } from '@mantine/core'
import { useMounted } from '@mantine/hooks'
import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import type { StoriesData } from '../../core/records'
import { App } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { KeptTold } from '../../ui/KeptTold'
import { Loaded } from '../../ui/Loaded'
import { later, useFetchLater } from '../../ui/later'
import { putInAddress } from '../../ui/openKept'
import { storiesQuery } from '../../ui/queries'
import { StoryHead } from './StoryHead'
import { TimesPanel } from './TimesPanel'
import { type StoriesState, useStories } from './useStories'
import './stories.css'

const editor = later(async () => (await import('./StoryEditor')).StoryEditor)
const questions = later(async () => (await import('./QuestionsPanel')).QuestionsPanel)
const maker = later(async () => (await import('./MakerPanel')).MakerPanel)
const print = later(async () => (await import('./StoryPrint')).StoryPrint)
const LATER = [questions, maker, print]

interface Asked {
  /** Which story and which part the address names. */
  readonly story: string | null
  readonly part: string | null
}

export default function StoriesView({ state, ...asked }: Asked & { readonly state: string }) {
  return (
    <App state={state}>
      <StoriesPage {...asked} />
    </App>
  )
}

function StoriesPage(asked: Asked) {
  const query = useQuery(storiesQuery)
  return <Loaded query={query}>{(data) => <StoriesRoom data={data} asked={asked} />}</Loaded>
}

/** A story beside its clocks, its questions and what is made of it. */
function StoriesRoom({ data, asked }: { data: StoriesData; asked: Asked }) {
  const state = useStories(data, asked.story)
  const [lit, setLit] = useState<string | null>(null)
  useFetchLater(LATER)
  return (
    <Stack gap="sm">
      <StoryHead state={state} data={data} />
      <KeptTold state={state.kept} />
      <div className="stories-room">
        <ErrorBoundary what="The text">
          <IfMounted>
            <editor.Part key={state.kept.one?.id ?? 'new'} state={state} lit={lit} onLit={setLit} />
          </IfMounted>
        </ErrorBoundary>
        <Parts state={state} data={data} asked={asked.part} lit={lit} onLit={setLit} />
      </div>
    </Stack>
  )
}

/** The editor lives in the browser only. */
function IfMounted({ children }: { children: ReactNode }) {
  return useMounted() ? children : <div className="sheet stories-text" />
}

const PARTS = { times: 'Clocks', questions: 'Questions', maker: 'Shelf and maker', print: 'Print' } as const
type Part = keyof typeof PARTS

interface PartsProps {
  readonly state: StoriesState
  readonly data: StoriesData
  readonly asked: string | null
  readonly lit: string | null
  readonly onLit: (key: string | null) => void
}

function Parts({ state, data, asked, lit, onLit }: PartsProps) {
  const [part, setPart] = useState<Part>(asked !== null && asked in PARTS ? (asked as Part) : 'times')
  // Parts whose code comes later are shown once the view stands.
  const shown = useMounted() ? part : 'times'
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
        <Tabs.Panel value="times">
          <TimesPanel state={state} data={data} lit={lit} onLit={onLit} />
        </Tabs.Panel>
        <Tabs.Panel value="questions">
          <questions.Part state={state} data={data} />
        </Tabs.Panel>
        <Tabs.Panel value="maker">
          <maker.Part state={state} data={data} />
        </Tabs.Panel>
        <Tabs.Panel value="print">
          <print.Part state={state} data={data} />
        </Tabs.Panel>
      </ErrorBoundary>
    </Tabs>
  )
}
