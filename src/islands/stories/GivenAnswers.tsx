import { t } from '@lingui/core/macro'
import { Button, Group, Stack } from '@mantine/core'
import { useState } from 'react'
import { onDial, type Hands } from '../../core/clock'
import type { StoryQuestion } from '../../core/stories'
import { isRight, type Value } from '../../core/teaching'
import type { Wording } from '../../core/wording'
import { Dial } from '../../ui/Dial'
import { StillDial } from '../../ui/DialFace'

const STRAIGHT_UP: Hands = { gear: 'free', hour: 0, minute: 0 }

interface AnswersProps {
  readonly question: StoryQuestion
  readonly wording: Wording
  readonly onAnswer: (value: Value, right: boolean) => void
}

/** The ways to answer: hands to set, clocks, words, or things to put in order. */
export function Answers({ question, wording, onAnswer }: AnswersProps) {
  const { kind, clocks, choices, right, values, item } = question
  const pick = (i: number) => {
    const value = values[i]
    if (value) onAnswer(value, i === right[0])
  }
  if (kind === 'set-clock')
    return <SetHands wording={wording} onSet={(value) => onAnswer(value, isRight(item, value))} />
  if (kind === 'order') return <Ordering question={question} onAnswer={onAnswer} />
  return (
    <Group gap="md" role="group" aria-label={t`The answer`}>
      {clocks?.map((minute, i) => (
        <button
          key={minute}
          type="button"
          className="read-clock"
          aria-label={t`Clock ${'abcd'.charAt(i)}`}
          onClick={() => pick(i)}
        >
          <StillDial hands={{ gear: 'geared', minute: onDial(minute) }} wording={wording} size={190} secret />
        </button>
      ))}
      {choices.map((choice, i) => (
        <Button key={choice} size="lg" variant="default" className="read-choice" onClick={() => pick(i)}>
          {choice}
        </Button>
      ))}
    </Group>
  )
}

function SetHands({ wording, onSet }: { wording: Wording; onSet: (value: Value) => void }) {
  const [hands, setHands] = useState(STRAIGHT_UP)
  return (
    <Group align="end">
      <Dial hands={hands} onTurn={setHands} step={5} wording={wording} size={320} secret />
      {hands.gear === 'free' && (
        <Button
          size="lg"
          onClick={() => onSet({ kind: 'hands', hour: hands.hour, minute: hands.minute })}
        >{t`Done`}</Button>
      )}
    </Group>
  )
}

/** The most letters of an answer that is kept as it was said. */
const MOST_SAID = 200

/** Things are touched in their order; a right order is kept as the first of them, another one as it was said. */
function Ordering({ question, onAnswer }: Omit<AnswersProps, 'wording'>) {
  const [picked, setPicked] = useState<readonly number[]>([])
  const { choices, right, values } = question
  const touch = (i: number) => {
    const next = picked.includes(i) ? picked.filter((each) => each !== i) : [...picked, i]
    setPicked(next)
    if (next.length < choices.length) return
    const isOrdered = next.every((each, at) => each === right[at])
    // Another order is no time of the story: it is kept as it was said.
    const said = next.map((each) => choices[each] ?? '').join(' → ')
    const value = isOrdered ? values[next[0] ?? 0] : ({ kind: 'written', text: said.slice(0, MOST_SAID) } as const)
    if (value) onAnswer(value, isOrdered)
  }
  return (
    <Stack gap={8} role="group" aria-label={t`The answer`}>
      {choices.map((choice, i) => (
        <Button
          key={choice}
          size="lg"
          variant={picked.includes(i) ? 'light' : 'default'}
          className="read-choice"
          justify="flex-start"
          leftSection={<strong>{picked.includes(i) ? picked.indexOf(i) + 1 : '·'}</strong>}
          onClick={() => touch(i)}
        >
          {choice}
        </Button>
      ))}
    </Stack>
  )
}
