import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import type { ChildId } from '../../core/ids'
import { Button, Group, Stack, Text, Textarea } from '@mantine/core'
import { useForm } from '@mantine/form'
import { useState } from 'react'
import { type Note, LONGEST_NOTE } from '../../core/records'
import { Confirm } from '../../ui/Confirm'
import { api, newId } from '../../ui/api'
import { momentInWords } from '../../ui/dates'
import { NotSaved, useDraft } from '../../ui/draft'
import { IN_PLACE } from '../../ui/inPlace'
import { useChildChange } from './useChild'

/** What the adult wrote down about a child, the newest first. */
export function Notes({ childId, notes }: { childId: ChildId; notes: readonly Note[] }) {
  const form = useForm({ initialValues: { text: '' } })
  const isEmpty = form.values.text.trim() === ''
  const [removing, setRemoving] = useState<Note>()
  const draft = useDraft(form, `note of ${childId}`)
  const add = useChildChange(
    childId,
    () => {
      draft.forget()
      form.reset()
    },
    IN_PLACE,
  )
  const remove = useChildChange(childId, () => setRemoving(undefined))
  return (
    <section className="sheet" aria-label={t`Notes`}>
      <form
        onSubmit={form.onSubmit(({ text }) => {
          if (isEmpty) return
          add.mutate(() => api.post(`/api/children/${childId}/notes`, { id: newId(), text }), { onError: draft.failed })
        })}
      >
        <Group align="end" wrap="nowrap">
          <Textarea
            label={t`A new note`}
            description={t`What you saw; no full names, no health data`}
            maxLength={LONGEST_NOTE}
            autosize
            minRows={2}
            style={{ flex: 1 }}
            {...form.getInputProps('text')}
          />
          <Button type="submit" loading={add.isPending} disabled={isEmpty}>{t`Save`}</Button>
        </Group>
        <NotSaved draft={draft} error={add.error} />
      </form>
      <Stack gap={0} mt="md">
        {notes.length === 0 && <Text className="quiet">{t`No notes yet.`}</Text>}
        {notes.map((note) => (
          <NoteLine key={note.id} note={note} onRemove={() => setRemoving(note)} />
        ))}
      </Stack>
      {removing && (
        <Confirm
          opened
          title={t`Remove this note?`}
          action={t`Remove it`}
          busy={remove.isPending}
          onConfirm={() => remove.mutate(() => api.remove(`/api/notes/${removing.id}`))}
          onClose={() => setRemoving(undefined)}
        >
          <Text>
            <Trans>“{removing.text.slice(0, 200)}” goes for good.</Trans>
          </Text>
        </Confirm>
      )}
    </section>
  )
}

function NoteLine({ note, onRemove }: { note: Note; onRemove: () => void }) {
  return (
    <Group
      justify="space-between"
      wrap="nowrap"
      align="start"
      style={{ borderTop: '1px solid var(--line)', padding: '8px 0' }}
    >
      <div className="anywhere">
        <Text style={{ whiteSpace: 'pre-wrap' }}>{note.text}</Text>
        <Text size="sm" className="quiet">
          {momentInWords(note.at)}
        </Text>
      </div>
      <Button
        variant="subtle"
        size="sm"
        style={{ flex: 'none' }}
        onClick={onRemove}
        aria-label={t`Remove the note of ${momentInWords(note.at)}`}
      >{t`Remove`}</Button>
    </Group>
  )
}
