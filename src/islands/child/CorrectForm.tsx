import { Button, Group, Modal, Radio, Stack, Switch, Text, TextInput } from '@mantine/core'
import { useState } from 'react'
import type { Answer } from '../../core/knowing'
import { type Settings, wordingOf } from '../../core/records'
import { type Value, readLike, readWritten, sameValue, sayAnswer } from '../../core/teaching'
import { whyNoTime } from '../../core/wording'
import { api } from '../../ui/api'
import { momentInWords } from '../../ui/dates'
import { useChildChange } from './useChild'

interface CorrectFormProps {
  readonly answer: Answer
  readonly settings: Settings
  readonly onClose: () => void
}

/** Another answer in place of one that was logged wrongly, or none at all; the old one stays in the trace. */
export function CorrectForm({ answer, settings, onClose }: CorrectFormProps) {
  const { item } = answer
  const wording = wordingOf(settings)
  const choices = [answer.given, item.answer, ...item.lures.map((lure) => lure.value)].reduce<Value[]>(
    (list, value) => (list.some((other) => sameValue(other, value)) ? list : [...list, value]),
    [],
  )
  const [picked, setPicked] = useState('0')
  const [text, setText] = useState('')
  const [helped, setHelped] = useState(answer.helped)
  const [reason, setReason] = useState('')
  const change = useChildChange(answer.childId, onClose)
  const typed = item.ask === 'write' ? readWritten(text, wording) : readLike(item.answer, text, wording)
  const given = picked === 'typed' ? (text.trim() === '' ? undefined : typed) : choices[Number(picked)]
  const isSame = given !== undefined && sameValue(given, answer.given) && helped === answer.helped
  const why =
    picked === 'typed' && text.trim() !== '' && !typed
      ? (whyNoTime(text, wording.language) ?? 'This is no answer to the question.')
      : undefined
  const noReason = reason.trim() === ''
  return (
    <Modal
      opened
      onClose={onClose}
      size="lg"
      title={`The answer of ${momentInWords(answer.at)}`}
      closeButtonProps={{ 'aria-label': 'Close' }}
    >
      <Stack>
        <Text>The true answer is {sayAnswer(item, item.answer, wording)}.</Text>
        <Radio.Group label="What was really answered" value={picked} onChange={setPicked}>
          <Stack gap={6} mt={6}>
            {choices.map((value, i) => (
              <Radio
                key={i}
                value={String(i)}
                label={`${sayAnswer(item, value, wording)}${i === 0 ? ' (as it was logged)' : ''}`}
              />
            ))}
            <Radio value="typed" label="Something else" />
          </Stack>
        </Radio.Group>
        {picked === 'typed' && (
          <TextInput
            label="What was answered"
            value={text}
            error={why}
            onChange={(event) => setText(event.currentTarget.value)}
          />
        )}
        <Switch label="It was helped" checked={helped} onChange={(event) => setHelped(event.currentTarget.checked)} />
        <TextInput
          label="Why is it changed?"
          description="Kept beside the change"
          required
          value={reason}
          maxLength={300}
          onChange={(event) => setReason(event.currentTarget.value)}
        />
        <Group justify="space-between">
          <Button
            variant="default"
            color="oak"
            disabled={noReason}
            loading={change.isPending}
            onClick={() => change.mutate(() => api.post(`/api/answers/${answer.id}/remove`, { reason }))}
          >
            Take it out
          </Button>
          <Button
            disabled={noReason || given === undefined || isSame}
            loading={change.isPending}
            onClick={() => change.mutate(() => api.put(`/api/answers/${answer.id}`, { given, helped, reason }))}
          >
            Correct it
          </Button>
        </Group>
      </Stack>
    </Modal>
  )
}
