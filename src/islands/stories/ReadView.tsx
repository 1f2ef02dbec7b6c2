import { Button, Group, Text, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { StoriesData } from '../../core/records'
import { App } from '../../ui/App'
import { Loaded } from '../../ui/Loaded'
import { storiesQuery } from '../../ui/queries'
import { ReadQuestions } from './ReadQuestions'
import { useStories } from './useStories'
import { Segments } from '../../ui/Segments'
import { Reading } from './Reading'
import './stories.css'

/** `story` is the id that the address asks for. */
export default function ReadView({ state, story }: { state: string; story: string | null }) {
  return (
    <App state={state}>
      <ReadPage asked={story} />
    </App>
  )
}

function ReadPage({ asked }: { asked: string | null }) {
  const query = useQuery(storiesQuery)
  return <Loaded query={query}>{(data) => <ReadRoom data={data} asked={asked} />}</Loaded>
}

/** A story read at the table: large, a sentence lit at a touch, times to ring, the clock beside it moved by them. */
function ReadRoom({ data, asked }: { data: StoriesData; asked: string | null }) {
  const state = useStories(data, asked)
  const [mode, setMode] = useState('read')
  const one = state.kept.one
  if (!one || state.story.text.trim() === '')
    return (
      <div style={{ padding: 30 }}>
        <Title order={1}>No story is open</Title>
        <Text my="md">Write one in Stories, or take one from the shelf.</Text>
        <Button component="a" href="/stories?part=maker">
          To Stories
        </Button>
      </div>
    )
  return (
    <div className="read-room">
      <Group justify="space-between" wrap="wrap">
        <Title order={1} size="h3" className="anywhere">
          {one.name}
        </Title>
        <Group gap="xs">
          <Segments
            aria-label="What is on the screen"
            value={mode}
            onChange={setMode}
            data={[
              { value: 'read', label: 'Read' },
              { value: 'ask', label: `Questions (${state.chosen.filter(({ question }) => question).length})` },
            ]}
          />
          <Button variant="default" component="a" href={`/stories?story=${one.id}`}>
            Back to Stories
          </Button>
        </Group>
      </Group>
      {mode === 'read' ? <Reading one={one} state={state} /> : <ReadQuestions state={state} data={data} />}
    </div>
  )
}
