import { pageLanguage } from '../../ui/pageLanguage'
import { titled } from '../../ui/titled'
import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { ActionIcon, Button, Group, Stack, Text, TextInput } from '@mantine/core'
import { IconArrowDown, IconArrowUp, IconTrash } from '@tabler/icons-react'
import { useState } from 'react'
import type { StoriesData } from '../../core/records'
import {
  type ChosenQuestion,
  type KeptQuestion,
  MOST_QUESTIONS,
  QUESTION_KINDS,
  type StoryQuestion,
  keptFrom,
} from '../../core/stories'
import { sayAnswer } from '../../core/teaching'
import { Choice } from '../../ui/Choice'
import { type StoriesState, useStoryQuestions } from './useStories'

interface Props {
  readonly state: StoriesState
  readonly data: StoriesData
}

/** The questions in the adult's order: kept, dropped, put in other words; each with its computed answer. */
export function QuestionsPanel({ state }: Props) {
  const { kept, story } = state
  const { all, chosen } = useStoryQuestions(state)
  const list = (): KeptQuestion[] =>
    story.questions ? [...story.questions] : chosen.flatMap(({ question }) => (question ? [keptFrom(question)] : []))
  const put = (questions: readonly KeptQuestion[]) => kept.change({ questions })
  const move = (i: number, by: number) => {
    const next = list()
    const [one] = next.splice(i, 1)
    if (one) next.splice(i + by, 0, one)
    put(next)
  }
  if (all.length === 0 && chosen.length === 0)
    return <Text size="sm">{t`Questions come from the times of a story: it needs at least one that is sure.`}</Text>
  return (
    <Stack gap={8}>
      <ol className="stories-questions">
        {chosen.map((each, i) => (
          <li key={`${each.id} ${each.says}`}>
            <OneQuestion
              chosen={each}
              state={state}
              onSays={(says) => put(list().map((one, at) => (at === i ? { ...one, says } : one)))}
            />
            <Moves
              place={i}
              of={chosen.length}
              onMove={(by) => move(i, by)}
              onDrop={() => put(list().filter((_, at) => at !== i))}
            />
          </li>
        ))}
      </ol>
      <Others
        all={all}
        chosen={chosen}
        onAdd={(question) => put([...list(), keptFrom(question)])}
        onUsual={story.questions ? () => kept.change({ questions: null }) : undefined}
      />
    </Stack>
  )
}

interface OneProps {
  readonly chosen: ChosenQuestion
  readonly state: StoriesState
  readonly onSays: (says: string) => void
}

function OneQuestion({ chosen, state, onSays }: OneProps) {
  const [says, setSays] = useState(chosen.says)
  const { question, problem } = chosen
  return (
    <div style={{ flex: 1, minWidth: 0 }}>
      <TextInput
        aria-label={t`Question`}
        value={says}
        maxLength={400}
        error={problem && said(problem)}
        onChange={(event) => setSays(event.currentTarget.value)}
        onBlur={() => says.trim() !== '' && says !== chosen.says && onSays(says.trim())}
      />
      {question && (
        <Text size="xs" className="quiet anywhere" lang={pageLanguage(state.story.language)}>
          {question.kind === 'order'
            ? question.right.map((at) => question.choices[at]).join(' → ')
            : (question.choices[question.right[0] ?? -1] ??
              sayAnswer(question.item, question.item.answer, state.wording))}
        </Text>
      )}
    </div>
  )
}

interface MovesProps {
  readonly place: number
  readonly of: number
  readonly onMove: (by: number) => void
  readonly onDrop: () => void
}

function Moves({ place, of, onMove, onDrop }: MovesProps) {
  const name = t`Question ${place + 1}`
  return (
    <Group gap={2} wrap="nowrap">
      <ActionIcon
        variant="subtle"
        size="lg"
        aria-label={t`${name} up`}
        disabled={place === 0}
        onClick={() => onMove(-1)}
      >
        <IconArrowUp size={17} />
      </ActionIcon>
      <ActionIcon
        variant="subtle"
        size="lg"
        aria-label={t`${name} down`}
        disabled={place === of - 1}
        onClick={() => onMove(1)}
      >
        <IconArrowDown size={17} />
      </ActionIcon>
      <ActionIcon variant="subtle" size="lg" aria-label={t`Remove question ${place + 1}`} onClick={onDrop}>
        <IconTrash size={17} />
      </ActionIcon>
    </Group>
  )
}

interface OthersProps {
  readonly all: readonly StoryQuestion[]
  readonly chosen: readonly ChosenQuestion[]
  readonly onAdd: (question: StoryQuestion) => void
  /** Left out while the usual ones are there. */
  readonly onUsual?: () => void
}

/** What else the story can be asked. */
function Others({ all, chosen, onAdd, onUsual }: OthersProps) {
  const others = all.filter(({ id }) => !chosen.some((each) => each.id === id))
  return (
    <Group gap="xs" align="end">
      <Choice
        label={t`Add a question`}
        value=""
        disabled={others.length === 0 || chosen.length >= MOST_QUESTIONS}
        data={[
          { value: '', label: others.length === 0 ? t`there are no others` : t`choose one of ${others.length}` },
          ...others.map(({ id, kind, says }) => ({
            value: id,
            label: titled(said(QUESTION_KINDS[kind]), says.slice(0, 70)),
          })),
        ]}
        onChange={(id) => {
          const question = all.find((each) => each.id === id)
          if (question) onAdd(question)
        }}
        style={{ flex: 1 }}
      />
      {onUsual && <Button variant="default" onClick={onUsual}>{t`The usual ones`}</Button>}
    </Group>
  )
}
