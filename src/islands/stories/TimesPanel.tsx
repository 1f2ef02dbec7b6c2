import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text } from '@mantine/core'
import { MINUTES_PER_DAY, onDial } from '../../core/clock'
import { spanText } from '../../core/days'
import { type StoriesData } from '../../core/records'
import type { StoryTime } from '../../core/stories'
import { StillDial } from '../../ui/DialFace'
import type { StoriesState } from './useStories'

interface Props {
  readonly state: StoriesState
  readonly data: StoriesData
  readonly lit: string | null
  readonly onLit: (key: string | null) => void
}

/** Each time of the story on a dial, in the order of the text: what could be two is asked, what is none dismissed. */
export function TimesPanel({ state, lit, onLit }: Props) {
  const { kept, story, times } = state
  const { marks } = story
  if (story.text.trim() === '')
    return (
      <Text size="sm">
        <Trans>Write or paste a story: its times are found as you type. Or take one from “Stories and maker”.</Trans>
      </Text>
    )
  const dismiss = (time: StoryTime) =>
    kept.change({
      marks: {
        ...marks,
        added: marks.added.filter(({ key }) => key !== time.key),
        dismissed: [...marks.dismissed, time.key],
      },
    })
  const choose = (time: StoryTime, at: number) =>
    kept.change({ marks: { ...marks, chosen: { ...marks.chosen, [time.key]: at } } })
  return (
    <Stack gap={8}>
      {times.length === 0 && (
        <Text size="sm" role="status">
          <Trans>No time was found in this story. A time is written like “half past two”, “14:30” or “noon”.</Trans>
        </Text>
      )}
      <ol className="stories-times">
        {times.map((time) => (
          <li
            key={`${time.key} ${time.at}`}
            data-lit={time.key === lit || undefined}
            onPointerEnter={() => onLit(time.key)}
            onPointerLeave={() => onLit(null)}
          >
            <OneTime time={time} state={state} onDismiss={() => dismiss(time)} onChoose={(at) => choose(time, at)} />
          </li>
        ))}
      </ol>
      {marks.dismissed.length > 0 && (
        <Button
          size="compact-sm"
          variant="default"
          style={{ alignSelf: 'flex-start' }}
          onClick={() => kept.change({ marks: { ...marks, dismissed: [] } })}
        >
          <Trans>Find the {marks.dismissed.length} dismissed again</Trans>
        </Button>
      )}
    </Stack>
  )
}

interface OneTimeProps {
  readonly time: StoryTime
  readonly state: StoriesState
  readonly onDismiss: () => void
  readonly onChoose: (at: number) => void
}

function OneTime({ time, state, onDismiss, onChoose }: OneTimeProps) {
  return (
    <>
      <StillDial hands={{ gear: 'geared', minute: onDial(time.at) }} wording={state.wording} size={84} />
      <div>
        <strong className="anywhere">{time.text}</strong>
        {time.either ? (
          <Group gap={4}>
            <Text size="xs" className="stories-odd">{t`Which one?`}</Text>
            {time.either.map((at) => (
              <button key={at} type="button" className="chip" onClick={() => onChoose(at)}>
                {clockOfDay(at)}
              </button>
            ))}
          </Group>
        ) : (
          <Text size="sm" className="quiet">
            {clockOfDay(time.at)}
          </Text>
        )}
        <Button size="compact-xs" variant="subtle" onClick={onDismiss}>{t`Not a time`}</Button>
      </div>
    </>
  )
}

function clockOfDay(at: number): string {
  const day = Math.floor(at / MINUTES_PER_DAY)
  const clock = spanText({ minute: at - day * MINUTES_PER_DAY })
  return day > 0 ? t`${clock}, the next day` : day < 0 ? t`${clock}, the day before` : clock
}
