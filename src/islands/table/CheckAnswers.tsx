import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Switch, Text, TextInput } from '@mantine/core'
import { useState } from 'react'
import {
  WITH_THINGS,
  minuteOf,
  readLike,
  readWritten,
  sayAnswer,
  whyNotLike,
  isSet,
  isWritten,
} from '../../core/teaching'
import type { Wording } from '../../core/wording'
import type { QuickCheckState } from './useQuickCheck'

/** The ways in which the answer can be given: a choice, the hands as set, figures, or whatever else was said. */
export function Answers({ check, wording }: { check: QuickCheckState; wording: Wording }) {
  const question = check.question
  if (!question) return null
  const { item, choices, withThings } = question
  const canType = item.answer.kind !== 'about' && item.answer.kind !== 'part'
  return (
    <Stack gap="xs">
      {withThings && (
        <Text fw={700}>
          <Trans>With things: {said(WITH_THINGS[item.ask])}</Trans>
        </Text>
      )}
      <div className={choices.length > 4 ? 'table-choices table-choices-2' : 'table-choices'}>
        {choices.map((choice, i) => (
          <Button
            key={i}
            variant="default"
            className="table-choice"
            justify="flex-start"
            onClick={() => check.answer(choice)}
            leftSection={<kbd>{i + 1}</kbd>}
          >
            {sayAnswer(item, choice, wording)}
          </Button>
        ))}
      </div>
      {isSet(item) && <Button size="lg" onClick={() => check.answer(handsOf(check))}>{t`Done`}</Button>}
      {isWritten(item) && <Written key={minuteOf(item)} check={check} wording={wording} />}
      {!isWritten(item) && canType && (
        <SomethingElse key={`${item.rung} ${minuteOf(item)}`} check={check} wording={wording} />
      )}
      <Group justify="space-between">
        <Switch
          label={t`I helped`}
          checked={check.isHelped}
          onChange={(event) => check.setHelped(event.currentTarget.checked)}
        />
        <Button variant="subtle" onClick={check.skip}>{t`Skip`}</Button>
      </Group>
    </Stack>
  )
}

export function handsOf({ hands }: QuickCheckState) {
  const { hour, minute } = hands.gear === 'free' ? hands : { hour: 0, minute: 0 }
  return { kind: 'hands', hour, minute } as const
}

function Written({ check, wording }: { check: QuickCheckState; wording: Wording }) {
  const [text, setText] = useState('')
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        if (text.trim() !== '') check.answer(readWritten(text, wording))
      }}
    >
      <Group align="end" wrap="nowrap">
        <TextInput
          label={t`What the child wrote`}
          description={t`As it stands there, 9:5 too`}
          value={text}
          maxLength={80}
          onChange={(event) => setText(event.currentTarget.value)}
          size="md"
          style={{ flex: 1 }}
          autoComplete="off"
        />
        <Button type="submit" size="md" disabled={text.trim() === ''}>{t`Take it`}</Button>
      </Group>
    </form>
  )
}

/** Something that is not among the choices was said: it is typed, and kept as what it is. */
function SomethingElse({ check, wording }: { check: QuickCheckState; wording: Wording }) {
  const [isOpen, setOpen] = useState(false)
  const [text, setText] = useState('')
  const [error, setError] = useState('')
  const question = check.question
  if (!question) return null
  const { item } = question
  if (!isOpen)
    return (
      <Button variant="subtle" size="sm" style={{ alignSelf: 'flex-start' }} onClick={() => setOpen(true)}>
        {isSet(item) ? t`Type what the child set` : t`Something else was said…`}
      </Button>
    )
  const take = () => {
    const value = readLike(item.answer, text, wording)
    if (value) return check.answer(value)
    setError(said(whyNotLike(item.answer, text, wording)))
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        take()
      }}
    >
      <Group align="start" wrap="nowrap">
        <TextInput
          aria-label={t`What was said`}
          placeholder={isSet(item) ? t`What that clock shows` : t`What was said`}
          value={text}
          error={error || undefined}
          onChange={(event) => {
            setText(event.currentTarget.value)
            setError('')
          }}
          style={{ flex: 1 }}
          autoComplete="off"
          data-autofocus
          autoFocus
        />
        <Button type="submit">{t`Take it`}</Button>
      </Group>
    </form>
  )
}
