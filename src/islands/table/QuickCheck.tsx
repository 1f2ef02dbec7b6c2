import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text, Title } from '@mantine/core'
import { useInterval, useWindowEvent } from '@mantine/hooks'
import { type ReactNode, useEffect, useState } from 'react'
import { type Settings, wordingOf } from '../../core/records'
import { rungOf, isSet } from '../../core/teaching'
import { isTyping } from '../../ui/Shortcuts'
import { UndoButton } from '../../ui/UndoButton'
import { CheckChoices } from './CheckChoices'
import { CheckResult } from './CheckResult'
import { QUESTION_SECONDS } from './checkState'
import type { QuickCheckState } from './useQuickCheck'
import { Answers, handsOf } from './CheckAnswers'
import { secondsLeft } from '../../core/planning'

interface Props {
  readonly check: QuickCheckState
  readonly settings: Settings
  /** Picks who is asked. */
  readonly who: ReactNode
}

/** Whose turn it is, the ways to answer, and what the answer means. */
export function CheckPanel({ check, settings, who }: Props) {
  const { child, question, given } = check
  const wording = wordingOf(settings)
  useQuickCheckKeys(check)
  if (!child) return <Text mt="sm">{t`There is nobody in this group. Add children to it first.`}</Text>
  return (
    <Stack gap="sm" mt={6}>
      <Group gap="xs" justify="space-between" wrap="nowrap">
        <Title order={1} size="h2" className="anywhere" lineClamp={2} aria-live="polite">
          {child.name}
        </Title>
        {check.choices.timer && !given && <Seconds key={check.shownAt} from={check.shownAt} />}
        <UndoButton size="sm" onUndo={check.undo} canUndo={check.canUndo} />
      </Group>
      {!question && (
        <Text>
          <Trans>{said(rungOf(check.rung).name)} has no question of this kind. Pick another step or way below.</Trans>
        </Text>
      )}
      {question &&
        (given ? (
          <CheckResult check={check} answer={given} wording={wording} />
        ) : (
          <Answers check={check} wording={wording} />
        ))}
      <CheckChoices check={check} who={who} />
      <Scores check={check} />
    </Stack>
  )
}

/** Seconds that are left of a question; at the end it only says so. */
function Seconds({ from }: { from: number }) {
  const [now, setNow] = useState(from)
  const tick = useInterval(() => setNow(Date.now()), 250)
  useEffect(() => {
    tick.start()
    return tick.stop
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])
  const left = Math.max(0, secondsLeft(QUESTION_SECONDS / 60, now - from))
  return (
    <Text
      role="timer"
      aria-label={t`Seconds of this question`}
      fw={700}
      c={left === 0 ? 'var(--attention)' : undefined}
    >
      {left === 0 ? t`time is up` : `${left} s`}
    </Text>
  )
}

function Scores({ check }: { check: QuickCheckState }) {
  return (
    <Group gap={6} role="group" aria-label={t`Whose turn`}>
      {check.tally.map(({ child, right, of }) => (
        <Button
          key={child.id}
          size="sm"
          variant={child.id === check.child?.id ? 'light' : 'default'}
          aria-pressed={child.id === check.child?.id}
          onClick={() => check.pickChild(child.id)}
        >
          <span style={{ maxWidth: 150, overflow: 'hidden', textOverflow: 'ellipsis' }}>{child.name}</span>
          <span style={{ marginLeft: 6 }}>
            {right}/{of}
          </span>
        </Button>
      ))}
    </Group>
  )
}

function useQuickCheckKeys(check: QuickCheckState) {
  useWindowEvent('keydown', (event) => {
    if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey) return
    const { question, given } = check
    const choice = question?.choices[Number(event.key) - 1]
    if (choice && !given) return check.answer(choice)
    const onControl = event.target instanceof HTMLElement && event.target.closest('button, a') !== null
    switch (event.key.toLowerCase()) {
      case 'enter':
        if (onControl) return
        if (given) check.next()
        else if (question && isSet(question.item)) check.answer(handsOf(check))
        return
      case 'h':
        return check.setHelped(!check.isHelped)
      case 's':
        return given ? undefined : check.skip()
      case 'u':
        return check.undo()
    }
  })
}
