import { Button, Group, Stack, Switch, Text, TextInput, Title } from '@mantine/core'
import { useInterval, useWindowEvent } from '@mantine/hooks'
import { IconArrowBackUp } from '@tabler/icons-react'
import { useEffect, useState } from 'react'
import { type Settings, wordingOf } from '../../core/records'
import { minuteOf, readLike, readWritten, rungOf, sayAnswer, whyNotLike } from '../../core/teaching'
import { type Wording } from '../../core/wording'
import { isTyping } from '../../ui/Shortcuts'
import { CheckChoices } from './CheckChoices'
import { CheckResult } from './CheckResult'
import { QUESTION_SECONDS } from './checkState'
import type { QuickCheckState } from './useQuickCheck'

interface Props {
  readonly check: QuickCheckState
  readonly settings: Settings
}

/** Whose turn it is, the ways to answer, and what the answer means. */
export function CheckPanel({ check, settings }: Props) {
  const { child, question, given } = check
  const wording = wordingOf(settings)
  useQuickCheckKeys(check)
  if (!child) return <Text mt="sm">There is nobody in this group. Add children to it first.</Text>
  return (
    <Stack gap="sm" mt={6}>
      <Group gap="xs" justify="space-between" wrap="nowrap">
        <Title order={1} size="h2" className="anywhere" lineClamp={2} aria-live="polite">
          {child.name}
        </Title>
        {check.choices.timer && !given && <Seconds key={check.shownAt} from={check.shownAt} />}
        <Button
          variant="default"
          size="sm"
          onClick={check.undo}
          style={{ flex: 'none' }}
          disabled={!check.canUndo}
          leftSection={<IconArrowBackUp size={17} />}
        >
          Undo
        </Button>
      </Group>
      {!question && (
        <Text>{rungOf(check.rung).name} has no question of this kind. Pick another rung or way below.</Text>
      )}
      {question &&
        (given ? (
          <CheckResult check={check} answer={given} wording={wording} />
        ) : (
          <Answers check={check} wording={wording} />
        ))}
      <CheckChoices check={check} />
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
  const left = Math.max(0, QUESTION_SECONDS - Math.floor((now - from) / 1000))
  return (
    <Text role="timer" aria-label="Seconds of this question" fw={700} c={left === 0 ? 'var(--attention)' : undefined}>
      {left === 0 ? 'time is up' : `${left} s`}
    </Text>
  )
}

/** The ways in which the answer can be given: a choice, the hands as set, figures, or whatever else was said. */
function Answers({ check, wording }: { check: QuickCheckState; wording: Wording }) {
  const question = check.question
  if (!question) return null
  const { item, choices } = question
  const canType = item.answer.kind !== 'about' && item.answer.kind !== 'part'
  return (
    <Stack gap="xs">
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
      {item.ask === 'set' && (
        <Button size="lg" onClick={() => check.answer(handsOf(check))}>
          The hands are set
        </Button>
      )}
      {item.ask === 'write' && <Written key={minuteOf(item)} check={check} wording={wording} />}
      {item.ask !== 'write' && canType && (
        <SomethingElse key={`${item.rung} ${minuteOf(item)}`} check={check} wording={wording} />
      )}
      <Group justify="space-between">
        <Switch
          label="Helped"
          checked={check.isHelped}
          onChange={(event) => check.setHelped(event.currentTarget.checked)}
        />
        <Button variant="subtle" onClick={check.skip}>
          Skip
        </Button>
      </Group>
    </Stack>
  )
}

function handsOf({ hands }: QuickCheckState) {
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
          label="What the child wrote"
          description="As it stands there, 9:5 too"
          value={text}
          maxLength={80}
          onChange={(event) => setText(event.currentTarget.value)}
          size="md"
          style={{ flex: 1 }}
          autoComplete="off"
        />
        <Button type="submit" size="md" disabled={text.trim() === ''}>
          Take it
        </Button>
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
        {item.ask === 'set' ? 'It was set on another clock…' : 'Something else was said…'}
      </Button>
    )
  const take = () => {
    const value = readLike(item.answer, text, wording)
    if (value) return check.answer(value)
    setError(whyNotLike(item.answer, text, wording))
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
          aria-label="What was said"
          placeholder={item.ask === 'set' ? 'What that clock shows' : 'What was said'}
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
        <Button type="submit">Take it</Button>
      </Group>
    </form>
  )
}

function Scores({ check }: { check: QuickCheckState }) {
  return (
    <Group gap={6} role="group" aria-label="Whose turn">
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
        else if (question?.item.ask === 'set') check.answer(handsOf(check))
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
