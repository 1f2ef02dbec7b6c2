import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text, Title } from '@mantine/core'
import { useMemo, useState } from 'react'
import { onDial, type Hands } from '../../core/clock'
import { type DayQuestion, spanText } from '../../core/days'
import { stageOf } from '../../core/knowing'
import { isRight, sayAnswer, type Value, withChoices, isSet } from '../../core/teaching'
import type { Wording } from '../../core/wording'
import { Dial } from '../../ui/Dial'
import { StillDial } from '../../ui/DialFace'
import { keepAnswer, takeBack } from '../../ui/outbox/answers'
import { newId } from '../../ui/api'
import { tell } from '../../ui/notices'

const STRAIGHT_UP: Hands = { gear: 'free', hour: 0, minute: 0 }
const WRONG_CHOICES = 3

interface DayQuestionProps {
  readonly question: DayQuestion
  readonly childId: string
  readonly wording: Wording
  readonly onNext: () => void
}

/** Keeps an answer with all others. */
function keep(id: string, childId: string, { item }: DayQuestion, answered: { value: Value; choices: number }): void {
  keepAnswer({
    id,
    childId,
    at: Date.now(),
    item,
    choices: answered.choices,
    given: answered.value,
    stage: stageOf(item),
    helped: false,
  }).catch(() =>
    tell({ title: t`Not kept`, message: t`This device cannot keep answers: note them on paper.`, color: 'oak' }),
  )
}

/** One question, answered by setting the hands or by a choice; what is kept can be taken back. */
export function OneQuestion({ question, childId, wording, onNext }: DayQuestionProps) {
  const { item, says, rounded } = question
  const [hands, setHands] = useState(STRAIGHT_UP)
  const [given, setGiven] = useState<GivenValue | null>(null)
  const choices = useMemo(
    () => (isSet(item) ? [] : withChoices(item, { count: WRONG_CHOICES, seed: item.shown.minute }).choices),
    [item],
  )
  const answer = (value: Value) => {
    const id = newId()
    setGiven({ id, value })
    keep(id, childId, question, { value, choices: choices.length })
  }
  const undo = (id: string) => {
    void takeBack(id)
    setGiven(null)
  }
  return (
    <div className="days-ask">
      <div>
        {isSet(item) ? (
          <Dial hands={hands} onTurn={setHands} step={5} wording={wording} size="100%" secret />
        ) : (
          <StillDial
            hands={{ gear: 'geared', minute: onDial(item.shown.minute) }}
            wording={wording}
            size="100%"
            secret
          />
        )}
      </div>
      <Stack gap="xs">
        <Title order={2} size="h3" className="anywhere" aria-live="polite">
          {says}
        </Title>
        <Rounded minute={rounded} />
        {given ? (
          <Answered question={question} given={given} wording={wording} onNext={onNext} onUndo={() => undo(given.id)} />
        ) : (
          <Group gap="xs" role="group" aria-label={t`The answer`}>
            {choices.map((choice) => (
              <Button key={sayAnswer(item, choice, wording)} variant="default" size="md" onClick={() => answer(choice)}>
                {sayAnswer(item, choice, wording)}
              </Button>
            ))}
            {isSet(item) && hands.gear === 'free' && (
              <Button
                size="md"
                onClick={() => answer({ kind: 'hands', hour: hands.hour, minute: hands.minute })}
              >{t`Done`}</Button>
            )}
            <Button variant="subtle" onClick={onNext}>{t`Skip`}</Button>
          </Group>
        )}
      </Stack>
    </div>
  )
}

interface GivenValue {
  readonly id: string
  readonly value: Value
}

interface AnsweredProps extends Omit<DayQuestionProps, 'childId'> {
  readonly given: GivenValue
  readonly onUndo: () => void
}

function Answered({ question: { item }, given, wording, onNext, onUndo }: AnsweredProps) {
  return (
    <>
      <Text fw={700}>
        {isRight(item, given.value) ? t`Right.` : t`Look again: it is ${sayAnswer(item, item.answer, wording)}.`}
      </Text>
      <Group gap="xs">
        <Button onClick={onNext}>{t`Next question`}</Button>
        <Button variant="default" onClick={onUndo}>{t`Undo`}</Button>
      </Group>
    </>
  )
}

function Rounded({ minute }: { minute: number | undefined }) {
  if (minute === undefined) return null
  return (
    <Text size="sm" className="quiet">
      <Trans>Rounded for this child: it is really at {spanText({ minute })}.</Trans>
    </Text>
  )
}
