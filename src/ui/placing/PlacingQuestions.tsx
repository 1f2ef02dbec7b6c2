import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text } from '@mantine/core'
import { Dialog } from '../Dialog'
import { useState } from 'react'
import { type Question, stageOf } from '../../core/knowing'
import { PLACING_QUESTIONS, placing, placingQuestion } from '../../core/planning'
import { type Settings, wordingOf } from '../../core/records'
import { type RungId, type Value, askInWords, isRight, rungOf, sayAnswer, schools } from '../../core/teaching'
import { QuestionShown } from '../QuestionShown'
import type { EarlyAnswer, PlacingResult } from '../people'
import './placing.css'

interface Props {
  readonly name: string
  readonly guess: RungId
  readonly settings: Settings
  readonly onPlaced: (placed: PlacingResult) => void
  readonly onClose: () => void
}

/** One question that was put: what came, if anything did. */
interface Put {
  readonly rung: RungId
  readonly isRight: boolean
  readonly answer?: EarlyAnswer
}

const SEEDS = 2 ** 31

/** Three quick questions to a child with the screen before both: they find where the child starts. */
export function PlacingQuestions({ name, guess, settings, onPlaced, onClose }: Props) {
  const [put, setPut] = useState<readonly Put[]>([])
  const [seed, setSeed] = useState(() => Math.floor(Math.random() * SEEDS))
  const { next, startsAt } = placing(guess, put, schools[settings.school])
  const again = () => {
    setPut([])
    setSeed(Math.floor(Math.random() * SEEDS))
  }
  const take = () => {
    onPlaced({ startsAt, found: foundInWords(put), answers: put.flatMap(({ answer }) => answer ?? []) })
    onClose()
  }
  return (
    <Dialog onClose={onClose} size="lg" title={t`Where does ${name} start?`}>
      {next ? (
        <OneQuestion
          // The same rung never comes twice, so each question starts afresh.
          key={next}
          rung={next}
          seed={seed}
          count={put.length + 1}
          name={name}
          settings={settings}
          onBack={put.length > 0 ? () => setPut(put.slice(0, -1)) : undefined}
          onPut={(one) => setPut([...put, one])}
        />
      ) : (
        <Stack>
          <Text fw={700}>
            <Trans>
              {name} starts at {said(rungOf(startsAt).name)}.
            </Trans>
          </Text>
          <Text>{foundInWords(put)}</Text>
          <Group justify="flex-end">
            <Button variant="default" onClick={again}>{t`Ask again`}</Button>
            <Button onClick={take} data-autofocus>{t`Take it`}</Button>
          </Group>
        </Stack>
      )}
    </Dialog>
  )
}

function putWith({ item, choices }: Question, given: Value): Put {
  const asked = { item, choices: choices.length, stage: stageOf(item), helped: false, scaffolds: [] }
  return { rung: item.rung, isRight: isRight(item, given), answer: { ...asked, at: Date.now(), given } }
}

interface PlacingQuestionProps {
  readonly rung: RungId
  readonly seed: number
  readonly count: number
  readonly name: string
  readonly settings: Settings
  readonly onPut: (put: Put) => void
  readonly onBack?: () => void
}

function OneQuestion({ rung, seed, count, name, settings, onPut, onBack }: PlacingQuestionProps) {
  const wording = wordingOf(settings)
  const [question] = useState(() => placingQuestion(rung, seed))
  const { item, choices } = question
  return (
    <Stack gap="sm">
      <Text className="quiet">
        <Trans>
          Question {count} of at most {PLACING_QUESTIONS}. Show {name} the clock, ask, and tap what {name} says.
        </Trans>
      </Text>
      <div className="placing">
        <div className="placing-clock">
          <QuestionShown shown={item.shown} helps={[]} wording={wording} isAnswered={false} />
        </div>
        <Stack gap="xs">
          <Text className="placing-asked">{askInWords(item, wording)}</Text>
          {choices.map((choice, i) => (
            <Button
              key={i}
              variant="default"
              size="md"
              justify="flex-start"
              className="placing-choice"
              onClick={() => onPut(putWith(question, choice))}
            >
              {sayAnswer(item, choice, wording)}
            </Button>
          ))}
          <Button
            variant="subtle"
            onClick={() => onPut({ rung, isRight: false })}
          >{t`Something else, or no answer`}</Button>
          {onBack && <Button variant="subtle" onClick={onBack}>{t`Back to the question before`}</Button>}
        </Stack>
      </div>
    </Stack>
  )
}

/** What was right and what was not, in one or two sentences. */
function foundInWords(put: readonly Put[]): string {
  const named = (right: boolean) => put.flatMap((one) => (one.isRight === right ? said(rungOf(one.rung).name) : []))
  const [known, not] = [named(true), named(false)]
  return [
    ...(known.length > 0 ? [t`Right: ${known.join(', ')}.`] : []),
    ...(not.length > 0 ? [t`Not yet: ${not.join(', ')}.`] : []),
  ].join(' ')
}
