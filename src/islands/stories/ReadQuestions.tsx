import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text, Title } from '@mantine/core'
import { useState } from 'react'
import { stageOf } from '../../core/knowing'
import type { StoriesData } from '../../core/records'
import type { ChosenQuestion, StoryQuestion } from '../../core/stories'
import { sayAnswer, type Value } from '../../core/teaching'
import type { Wording } from '../../core/wording'
import { Choice } from '../../ui/Choice'
import { keepAnswer, takeBack } from '../../ui/outbox/answers'
import { useReadyToKeep } from '../../ui/outbox/useReadyToKeep'
import { newId } from '../../ui/api'
import { tell } from '../../ui/notices'
import { type StoriesState, useStoryQuestions } from './useStories'
import { Answers } from './GivenAnswers'

interface Props {
  readonly state: StoriesState
  readonly data: StoriesData
}

/** One question at a time, each child in turn; the answers are kept with all others. */
export function ReadQuestions({ state, data }: Props) {
  useReadyToKeep()
  const asked = useStoryQuestions(state).chosen.filter(
    (each): each is ChosenQuestion & { question: StoryQuestion } => each.question !== undefined,
  )
  const [groupId, setGroupId] = useState(data.groups[0]?.id ?? '')
  const [at, setAt] = useState(0)
  const group = data.groups.find(({ id }) => id === groupId)
  const children = (group?.childIds ?? []).flatMap((id) => data.reports.filter(({ child }) => child.id === id))
  const [turn, setTurn] = useState(0)
  const child = children[turn % Math.max(1, children.length)]?.child
  const now = asked[at]
  if (!now) return <Text>{t`This story has no question yet. Its questions come from times that are sure.`}</Text>
  const next = () => {
    setAt((at + 1) % asked.length)
    setTurn(turn + 1)
  }
  return (
    <Stack gap="md">
      <Group gap="sm" align="end">
        {data.groups.length > 1 && (
          <Choice
            label={t`Group`}
            value={groupId}
            onChange={setGroupId}
            data={data.groups.map(({ id, name }) => ({ value: id, label: name }))}
          />
        )}
        <Group gap={6} role="group" aria-label={t`Whose turn`}>
          {children.map((each, i) => (
            <Button
              key={each.child.id}
              variant={each.child.id === child?.id ? 'light' : 'default'}
              aria-pressed={each.child.id === child?.id}
              onClick={() => setTurn(i)}
            >
              {each.child.name}
            </Button>
          ))}
        </Group>
        <Text>
          <Trans>
            {at + 1} of {asked.length}
          </Trans>
        </Text>
      </Group>
      <OneAsked
        key={`${now.id} ${turn}`}
        says={now.says}
        question={now.question}
        childId={child?.id}
        wording={state.wording}
        onNext={next}
      />
    </Stack>
  )
}

interface AskedProps {
  readonly says: string
  readonly question: StoryQuestion
  readonly childId: string | undefined
  readonly wording: Wording
  readonly onNext: () => void
}

interface MarkedAnswer {
  readonly id: string
  readonly right: boolean
}

/** Keeps an answer with all others; with nobody in the group it is only looked at. */
function keep(id: string, childId: string | undefined, { item, values }: StoryQuestion, value: Value): void {
  if (childId === undefined) return
  keepAnswer({
    id,
    childId,
    at: Date.now(),
    item,
    choices: Math.min(values.length, 11),
    given: value,
    stage: stageOf(item),
    helped: false,
  }).catch(() =>
    tell({ title: t`Not kept`, message: t`This device cannot keep answers: note them on paper.`, color: 'oak' }),
  )
}

function OneAsked({ says, question, childId, wording, onNext }: AskedProps) {
  const [given, setGiven] = useState<MarkedAnswer | null>(null)
  const answer = (value: Value, right: boolean) => {
    const id = newId()
    setGiven({ id, right })
    keep(id, childId, question, value)
  }
  return (
    <Stack gap="md">
      <Title order={2} size="h2" className="anywhere" aria-live="polite">
        {says}
      </Title>
      {!given && <Answers question={question} wording={wording} onAnswer={answer} />}
      {!given && <Button variant="subtle" style={{ alignSelf: 'flex-start' }} onClick={onNext}>{t`Skip`}</Button>}
      {given && (
        <Group gap="sm" align="center">
          <Text fw={700} size="xl">
            {given.right ? t`Right.` : t`Look again: ${rightInWords(question, wording)}`}
          </Text>
          <Button size="md" onClick={onNext}>{t`Next question`}</Button>
          <Button
            size="md"
            variant="default"
            onClick={() => {
              void takeBack(given.id)
              setGiven(null)
            }}
          >{t`Undo`}</Button>
        </Group>
      )}
    </Stack>
  )
}

function rightInWords({ kind, choices, right, item }: StoryQuestion, wording: Wording): string {
  if (kind === 'order') return right.map((at) => choices[at]).join(' → ')
  return choices[right[0] ?? -1] ?? sayAnswer(item, item.answer, wording)
}
