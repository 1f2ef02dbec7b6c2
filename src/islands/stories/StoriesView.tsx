import { saidEach } from '../../words/i18n'
import { told } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { Stack } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { StoriesData } from '../../core/records'
import { AddressTabs } from '../../ui/AddressTabs'
import { App, type Page } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { KeptTold } from '../../ui/KeptTold'
import { Loaded } from '../../ui/Loaded'
import { later, useFetchLater } from '../../ui/later'
import { storiesQuery } from '../../ui/queries'
import { StoryHead } from './StoryHead'
import { StoryText, editor } from './StoryText'
import { TimesPanel } from './TimesPanel'
import { useStories } from './useStories'
import './stories.css'
import { useViewTitle } from '../../ui/viewTitle'

const questions = later(async () => (await import('./QuestionsPanel')).QuestionsPanel)
const maker = later(async () => (await import('./MakerPanel')).MakerPanel)
const print = later(async () => (await import('./StoryPrint')).StoryPrint)
const LATER = [editor, questions, maker, print]

export default function StoriesView(page: Page) {
  return (
    <App {...page}>
      <StoriesPage />
    </App>
  )
}

function StoriesPage() {
  const query = useQuery(storiesQuery)
  return <Loaded query={query}>{(data) => <StoriesRoom data={data} />}</Loaded>
}

/** A story beside its clocks, its questions and what is made of it. */
function StoriesRoom({ data }: { data: StoriesData }) {
  const state = useStories(data)
  useViewTitle(state.kept.one?.name ?? t`Stories`)
  const [lit, setLit] = useState<string | null>(null)
  const [isWritten, setWritten] = useState(false)
  useFetchLater(LATER)
  return (
    <Stack gap="sm">
      <StoryHead state={state} data={data} />
      <KeptTold state={state.kept} />
      <div className="stories-room">
        <ErrorBoundary what={t`The text`}>
          <StoryText
            key={state.kept.one?.id ?? 'new'}
            state={state}
            lit={lit}
            onLit={setLit}
            isWritten={isWritten}
            onWrite={() => setWritten(true)}
          />
        </ErrorBoundary>
        <AddressTabs
          names={saidEach(PARTS)}
          usual="times"
          panels={{
            times: <TimesPanel state={state} data={data} lit={lit} onLit={setLit} />,
            questions: <questions.Part state={state} data={data} />,
            maker: <maker.Part state={state} data={data} />,
            print: <print.Part state={state} data={data} />,
          }}
        />
      </div>
    </Stack>
  )
}

const PARTS = {
  times: told('Clocks'),
  questions: told('Questions'),
  maker: told('Stories and maker'),
  print: told('Print'),
} as const
