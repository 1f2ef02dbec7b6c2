import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text } from '@mantine/core'
import { useEffect, useMemo, useRef, useState } from 'react'
import { onDial, minuteOnTheWay } from '../../core/clock'
import type { Kept } from '../../core/records'
import { type Sentence, sentencesOf, type Story, type StoryTime } from '../../core/stories'
import { StillDial } from '../../ui/DialFace'
import { pageLanguage } from '../../ui/pageLanguage'
import { piecesOf } from './pieces'
import type { StoriesState } from './useStories'

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
      const share = isStill ? 1 : (now - started) / MOVE_MS
      const next = minuteOnTheWay(begin, at, share)
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

export function Reading({ one, state }: { one: Pick<Kept<Story>, 'id'>; state: StoriesState }) {
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
        <p className="read-text" lang={pageLanguage(story.language)}>
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
          <Button variant="default" size="md" disabled={lit === 0} onClick={() => setLit(lit - 1)}>{t`Back`}</Button>
          <Button size="md" disabled={lit >= sentences.length - 1} onClick={() => setLit(lit + 1)}>{t`Go on`}</Button>
          <Text role="status">
            <Trans>
              {found} of {times.length} times ringed
            </Trans>
          </Text>
        </Group>
      </div>
      <Stack align="center" gap={4}>
        <StillDial hands={{ gear: 'geared', minute: onDial(shown) }} wording={wording} size="100%" />
        <Text className="quiet">{t`Touch a sentence to move the clock, and a time to ring it.`}</Text>
      </Stack>
    </div>
  )
}

interface SentenceProps {
  readonly sentence: Sentence
  readonly times: readonly StoryTime[]
  readonly isLit: boolean
  readonly ringed: readonly string[]
  readonly onLit: () => void
  readonly onRing: (key: string) => void
}

/** A sentence as pieces: its words, and its times, which are buttons like every other word to the eye. */
function SentenceLine({ sentence, times, isLit, ringed, onLit, onRing }: SentenceProps) {
  return (
    <span className="read-sentence" data-lit={isLit || undefined} onPointerDown={onLit}>
      {piecesOf(sentence, times).map(({ text, time }, i) =>
        time === undefined ? (
          <span key={i}>{text}</span>
        ) : (
          <button
            key={i}
            type="button"
            className="read-time"
            aria-pressed={ringed.includes(time.key)}
            onFocus={onLit}
            onClick={() => onRing(time.key)}
          >
            {text}
          </button>
        ),
      )}{' '}
    </span>
  )
}
