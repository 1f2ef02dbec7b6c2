import { t } from '@lingui/core/macro'
import { Button, Group, Text, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import type { StoriesData } from '../../core/records'
import { useChoiceInAddress } from '../../ui/address'
import { App, type Page } from '../../ui/App'
import { Loaded } from '../../ui/Loaded'
import { storiesQuery } from '../../ui/queries'
import { ReadQuestions } from './ReadQuestions'
import { useStories } from './useStories'
import { Segments } from '../../ui/Segments'
import { Reading } from './Reading'
import './stories.css'

export default function ReadView(page: Page) {
  return (
    <App {...page}>
      <ReadPage />
    </App>
  )
}

function ReadPage() {
  const query = useQuery(storiesQuery)
  return <Loaded query={query}>{(data) => <ReadRoom data={data} />}</Loaded>
}

/** A story read at the table: large, a sentence lit at a touch, times to ring, the clock beside it moved by them. */
function ReadRoom({ data }: { data: StoriesData }) {
  const state = useStories(data)
  const [mode, setMode] = useChoiceInAddress('part', ['read', 'ask'], 'read')
  const one = state.kept.one
  if (!one || state.story.text.trim() === '')
    return (
      <div style={{ padding: 30 }}>
        <Title order={1}>{t`No story is open`}</Title>
        <Text my="md">{t`Write one in Stories, or take one from the shelf.`}</Text>
        <Button component="a" href="/stories?part=maker">{t`To Stories`}</Button>
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
            aria-label={t`What is on the screen`}
            value={mode}
            onChange={setMode}
            data={[
              { value: 'read' as const, label: t`Read` },
              { value: 'ask' as const, label: t`Questions` },
            ]}
          />
          <Button variant="default" component="a" href={`/stories?story=${one.id}`}>{t`Back to Stories`}</Button>
        </Group>
      </Group>
      {mode === 'read' ? <Reading one={one} state={state} /> : <ReadQuestions state={state} data={data} />}
    </div>
  )
}
