import { Button, Group, Stack, Text, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useRef, useState } from 'react'
import { onDial } from '../../core/clock'
import type { Kept, StoriesData } from '../../core/records'
import { type Sentence, type Story, type StoryTime, sentencesOf } from '../../core/stories'
import { App } from '../../ui/App'
import { StillDial } from '../../ui/DialFace'
import { Loaded } from '../../ui/Loaded'
import { storiesQuery } from '../../ui/queries'
import { ReadQuestions } from './ReadQuestions'
import { type StoriesState, useStories } from './useStories'
import { Segments } from '../../ui/Segments'
import './stories.css'

export default function ReadView({ state }: { state: string }) {
  return (
    <App state={state}>
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
  const asked = new URLSearchParams(location.search).get('story')
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

/** Moves from one time to another through what passes between them, never longer than a moment. */
function useMovedTo(at: number): number {
  const [shown, setShown] = useState(at)
  const from = useRef(at)
  useEffect(() => {
    const begin = from.current
    const started = performance.now()
    const isStill = matchMedia('(prefers-reduced-motion: reduce)').matches
    let frame = 0
    const step = (now: number) => {
      const share = isStill ? 1 : Math.min(1, (now - started) / MOVE_MS)
      const next = Math.round(begin + (at - begin) * share)
      from.current = next
      setShown(next)
      if (share < 1) frame = requestAnimationFrame(step)
    }
    frame = requestAnimationFrame(step)
    return () => cancelAnimationFrame(frame)
  }, [at])
  return shown
}

const MOVE_MS = 1600

function Reading({ one, state }: { one: Pick<Kept<Story>, 'id'>; state: StoriesState }) {
  const { story, times, wording } = state
  const sentences = useMemo(() => sentencesOf(story.text, times), [story.text, times])
  const [lit, setLit] = useState(0)
  const [ringed, setRinged] = useState<readonly string[]>([])
  const sentence = sentences[lit]
  const here = times.filter(({ from }) => sentence && from < sentence.to)
  const at = here[here.length - 1]?.at ?? times[0]?.at ?? 0
  const shown = useMovedTo(at)
  const found = times.filter(({ key }) => ringed.includes(key)).length
  const ring = (key: string) =>
    setRinged(ringed.includes(key) ? ringed.filter((each) => each !== key) : [...ringed, key])
  return (
    <div className="read-columns" key={one.id}>
      <div>
        <p className="read-text">
          {sentences.map((each, i) => (
            <SentenceLine
              key={each.from}
              sentence={each}
              times={times}
              isLit={i === lit}
              ringed={ringed}
              onLit={() => setLit(i)}
              onRing={ring}
            />
          ))}
        </p>
        <Group gap="sm">
          <Button variant="default" size="md" disabled={lit === 0} onClick={() => setLit(lit - 1)}>
            Back
          </Button>
          <Button size="md" disabled={lit >= sentences.length - 1} onClick={() => setLit(lit + 1)}>
            On
          </Button>
          <Text role="status">
            {found} of {times.length} times ringed
          </Text>
        </Group>
      </div>
      <Stack align="center" gap={4}>
        <StillDial hands={{ gear: 'geared', minute: onDial(shown) }} wording={wording} size="100%" />
        <Text className="quiet">Touch a sentence to move the clock, and a time to ring it.</Text>
      </Stack>
    </div>
  )
}

interface LineProps {
  readonly sentence: Sentence
  readonly times: readonly StoryTime[]
  readonly isLit: boolean
  readonly ringed: readonly string[]
  readonly onLit: () => void
  readonly onRing: (key: string) => void
}

/** A sentence as pieces: its words, and its times, which are buttons like every other word to the eye. */
function SentenceLine({ sentence, times, isLit, ringed, onLit, onRing }: LineProps) {
  const own = times.filter(({ from }) => from >= sentence.from && from < sentence.to)
  const pieces: { readonly text: string; readonly key?: string }[] = []
  let from = sentence.from
  for (const time of own) {
    pieces.push({ text: sentence.text.slice(from - sentence.from, time.from - sentence.from) })
    pieces.push({ text: time.text, key: time.key })
    from = time.to
  }
  pieces.push({ text: sentence.text.slice(from - sentence.from) })
  return (
    <span className="read-sentence" data-lit={isLit || undefined} onPointerDown={onLit}>
      {pieces.map(({ text, key }, i) =>
        key === undefined ? (
          <span key={i}>{text}</span>
        ) : (
          <button
            key={i}
            type="button"
            className="read-time"
            aria-pressed={ringed.includes(key)}
            onFocus={onLit}
            onClick={() => onRing(key)}
          >
            {text}
          </button>
        ),
      )}{' '}
    </span>
  )
}
