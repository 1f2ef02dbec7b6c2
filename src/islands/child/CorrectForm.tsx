import { said } from '#words'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Radio, Stack, Switch, Text, TextInput } from '@mantine/core'
import { Dialog } from '../../ui/Dialog'
import { useForm } from '@mantine/form'
import type { Answer } from '../../core/knowing'
import { type Settings, wordingOf } from '../../core/records'
import {
  type Item,
  type Value,
  readLike,
  readWritten,
  sameValue,
  sayAnswer,
  whyNotLike,
  isWritten,
} from '../../core/teaching'
import { type Wording } from '../../core/wording'
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
  const choices = choicesFor(answer)
  const form = useForm({ initialValues: { picked: '0', text: '', helped: answer.helped, reason: '' } })
  const { picked, text, helped, reason } = form.values
  const change = useChildChange(answer.childId, onClose)
  const typed = typedAnswer(item, text, wording)
  const given = picked === 'typed' ? typed.value : choices[Number(picked)]
  const isSame = given !== undefined && sameValue(given, answer.given) && helped === answer.helped
  return (
    <Dialog onClose={onClose} size="lg" title={t`The answer of ${momentInWords(answer.at)}`}>
      <Stack>
        <Text>
          <Trans>The true answer is {sayAnswer(item, item.answer, wording)}.</Trans>
        </Text>
        <Radio.Group label={t`What was really answered`} {...form.getInputProps('picked')}>
          <Stack gap={6} mt={6}>
            {choices.map((value, i) => (
              <Radio
                key={i}
                value={String(i)}
                label={
                  i === 0 ? t`${sayAnswer(item, value, wording)} (as it was logged)` : sayAnswer(item, value, wording)
                }
              />
            ))}
            <Radio value="typed" label={t`Something else`} />
          </Stack>
        </Radio.Group>
        {picked === 'typed' && (
          <TextInput label={t`What was answered`} {...form.getInputProps('text')} error={typed.why} />
        )}
        <Switch label={t`It was helped`} {...form.getInputProps('helped', { type: 'checkbox' })} />
        <TextInput
          label={t`Why is it changed?`}
          description={t`Kept beside the change`}
          required
          maxLength={300}
          {...form.getInputProps('reason')}
        />
        <Changes
          busy={change.isPending}
          canRemove={reason.trim() !== ''}
          canCorrect={reason.trim() !== '' && given !== undefined && !isSame}
          onRemove={() => change.mutate(() => api.post(`/api/answers/${answer.id}/remove`, { reason }))}
          onCorrect={() => change.mutate(() => api.put(`/api/answers/${answer.id}`, { given, helped, reason }))}
        />
      </Stack>
    </Dialog>
  )
}

/** What was logged, what is right, and what the known misreadings would answer. */
function choicesFor({ given, item }: Answer): readonly Value[] {
  return [given, item.answer, ...item.lures.map((lure) => lure.value)].reduce<Value[]>(
    (list, value) => (list.some((other) => sameValue(other, value)) ? list : [...list, value]),
    [],
  )
}

/** An answer that was typed, or why it is none. */
function typedAnswer(item: Item, text: string, wording: Wording): { value?: Value; why?: string } {
  if (text.trim() === '') return {}
  const value = isWritten(item) ? readWritten(text, wording) : readLike(item.answer, text, wording)
  return value ? { value } : { why: said(whyNotLike(item.answer, text, wording)) }
}

interface ChangesProps {
  readonly busy: boolean
  readonly canRemove: boolean
  readonly canCorrect: boolean
  readonly onRemove: () => void
  readonly onCorrect: () => void
}

function Changes({ busy, canRemove, canCorrect, onRemove, onCorrect }: ChangesProps) {
  return (
    <Group justify="space-between">
      <Button
        variant="default"
        color="oak"
        disabled={!canRemove}
        loading={busy}
        onClick={onRemove}
      >{t`Take it out`}</Button>
      <Button disabled={!canCorrect} loading={busy} onClick={onCorrect}>{t`Correct it`}</Button>
    </Group>
  )
}
