import { Button, Group, SegmentedControl, Select, Stack, Switch, Text, TextInput, Title } from '@mantine/core'
import { useWindowEvent } from '@mantine/hooks'
import { IconArrowBackUp } from '@tabler/icons-react'
import { useState } from 'react'
import {
  type Answer,
  type DialOptions,
  type RungId,
  type Settings,
  type Wording,
  askInWords,
  explain,
  minuteOf,
  misreadingOf,
  readWritten,
  rungOf,
  sayAnswer,
  wordingOf,
} from '../../core'
import { Dial } from '../../ui/Dial'
import { isTyping } from '../../ui/Shortcuts'
import type { QuickCheckState, Turns } from './useQuickCheck'

interface Props {
  readonly check: QuickCheckState
  readonly settings: Settings
}

/** The clock of the question: to read, or to set by the child; the true hands once it is answered. */
function Stage({ check, settings }: Props) {
  const { question, given } = check
  const wording = wordingOf(settings)
  if (!question) return <div className="table-stage" />
  const { item } = question
  const isSetting = item.ask === 'set'
  const truth = { gear: 'geared', minute: minuteOf(item) } as const
  const drawn = item.shown.as === 'dial' ? item.shown.hands : 'both'
  return (
    <section className="table-stage" aria-label="The question’s clock">
      <div className="table-said">{askInWords(item, wording)}</div>
      <div className="table-dial">
        <Dial
          hands={isSetting && !given ? check.hands : truth}
          onTurn={isSetting && !given ? check.setHands : undefined}
          step={item.rung === 'minute' ? 1 : 5}
          wording={wording}
          size="100%"
          scaffolds={{ hands: drawn, ...(given && scaffoldFor(given)) }}
          secret={!given}
        />
      </div>
    </section>
  )
}

/** What the repair of a mistake brings back on the dial, shown as soon as the answer is in. */
function scaffoldFor(answer: Answer): Partial<Omit<DialOptions, 'radius'>> {
  const [first] = explain(answer.item, answer.given)
  return first ? SCAFFOLDS[misreadingOf(first).repair.scaffold] : {}
}

const SCAFFOLDS = {
  'ring-of-fives': { ringOfFives: true },
  halves: { halves: true },
  zones: { zones: true },
  labels: { handLabels: true },
} as const

function Panel({ check, settings }: Props) {
  const { child, question } = check
  const wording = wordingOf(settings)
  useQuickCheckKeys(check)
  if (!child) return <Text mt="sm">There is nobody in this group. Add children to it first.</Text>
  return (
    <Stack gap="sm" mt={6}>
      <Group gap="xs" justify="space-between" wrap="nowrap">
        <Title order={1} size="h2" className="anywhere" lineClamp={2} aria-live="polite">
          {child.name}
        </Title>
        <Button variant="default" size="sm" onClick={check.undo} style={{ flex: 'none' }} disabled={!check.canUndo} leftSection={<IconArrowBackUp size={17} />}>
          Undo
        </Button>
      </Group>
      {!question && <Text>{rungOf(check.rung).name} has no questions by the dial. Pick another rung below.</Text>}
      {question && (check.given ? <Result check={check} answer={check.given} wording={wording} /> : <Answers check={check} wording={wording} />)}
      <Settings check={check} />
      <Scores check={check} />
    </Stack>
  )
} // prettier-ignore

export const QuickCheck = { Stage, Panel }

/** The ways in which the answer can be given: a choice, the hands as set, or figures. */
function Answers({ check, wording }: { check: QuickCheckState; wording: Wording }) {
  const question = check.question
  if (!question) return null
  const { item, choices } = question
  return (
    <Stack gap="xs">
      {choices.map((choice, i) => (
        <Button key={i} variant="default" className="table-choice" fullWidth justify="flex-start" onClick={() => check.answer(choice)} leftSection={<kbd>{i + 1}</kbd>}>
          {sayAnswer(item, choice, wording)}
        </Button>
      ))}
      {item.ask === 'set' && (
        <Button size="lg" onClick={() => check.answer(handsOf(check))}>
          The hands are set
        </Button>
      )}
      {item.ask === 'write' && <Written key={minuteOf(item)} check={check} wording={wording} />}
      <Group justify="space-between">
        <Switch label="Helped" checked={check.isHelped} onChange={(event) => check.setHelped(event.currentTarget.checked)} />
        <Button variant="subtle" onClick={check.skip}>
          Skip
        </Button>
      </Group>
    </Stack>
  )
} // prettier-ignore

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
        <TextInput label="What the child wrote" description="As it stands there, 9:5 too" value={text} maxLength={80} onChange={(event) => setText(event.currentTarget.value)} size="md" style={{ flex: 1 }} autoComplete="off" />
        <Button type="submit" size="md" disabled={text.trim() === ''}>
          Take it
        </Button>
      </Group>
    </form>
  )
} // prettier-ignore

/** What the answer was worth and, for a wrong one, what it may mean and what to say. */
function Result({ check, answer, wording }: { check: QuickCheckState; answer: Answer; wording: Wording }) {
  const meanings = explain(answer.item, answer.given).map(misreadingOf)
  return (
    <Stack gap="xs" role="status">
      <div className={answer.right ? 'sheet' : 'sheet sheet-attention'}>
        <Text fw={700} style={{ fontFamily: 'Andika, sans-serif', fontSize: 22 }}>
          {answer.right ? 'Right' : 'Not yet'}: {sayAnswer(answer.item, answer.item.answer, wording)}
        </Text>
        {!answer.right && <Text>The answer was “{sayAnswer(answer.item, answer.given, wording)}”.</Text>}
        {meanings.length > 0 && (
          <Text mt={6}>
            {meanings.length > 1 ? 'May be one of these: ' : 'May be: '}
            {meanings.map((meaning) => meaning.does).join('; or ')}.
          </Text>
        )}
        {meanings[0] && <Text mt={6}>Say: “{meanings[0].repair.say}”</Text>}
      </div>
      <Button size="lg" onClick={check.next} data-autofocus>
        Next question
      </Button>
    </Stack>
  )
}

function Settings({ check }: { check: QuickCheckState }) {
  return (
    <Group gap="xs" align="end">
      <SegmentedControl
        aria-label="Who is asked"
        value={check.turns}
        onChange={(value) => check.setTurns(value as Turns)}
        data={[
          { value: 'round', label: 'In turn' },
          { value: 'one', label: 'One child' },
        ]}
      />
      <Select
        aria-label="Which rung"
        style={{ flex: 1, minWidth: 150 }}
        value={check.pickedRung ?? ''}
        onChange={(value) => check.pickRung(value ? (value as RungId) : null)}
        allowDeselect={false}
        data={[
          { value: '', label: 'Each child’s own rung' },
          ...check.rungs.map((id) => ({ value: id, label: rungOf(id).name })),
        ]}
      />
    </Group>
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
