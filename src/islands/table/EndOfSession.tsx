import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text, Textarea, Table } from '@mantine/core'
import { Dialog } from '../../ui/Dialog'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { type Session, type SessionContext, LONGEST_NOTE } from '../../core/records'
import { sendWaiting } from '../../ui/outbox/send'
import { keepDone } from '../../ui/outbox/plans'
import { Unreached, api } from '../../ui/api'
import { tallyOf, useCheckState } from './useCheckState'

interface Props {
  readonly onClose: () => void
  readonly context: SessionContext
}

/**
 * Ends the session. Where the server cannot be reached, the end and the note wait in this browser; then it gives false.
 */
function useFinish(session: Session, note: string) {
  return useMutation({
    mutationFn: async () => {
      await sendWaiting()
      try {
        await api.post<Session>(`/api/sessions/${session.id}/done`, { note })
        return true
      } catch (error) {
        if (!(error instanceof Unreached)) throw error
        await keepDone(session.id, note)
        return false
      }
    },
    onSuccess: (isSaved) => {
      if (isSaved) window.location.assign(`/log?session=${session.id}`)
    },
  })
}

/** The end: what was answered, a note while it is fresh, and on to what it means. */
export function EndOfSession({ onClose, context }: Props) {
  const { session } = context
  const [note, setNote] = useState(session.note)
  const finish = useFinish(session, note)
  const [kept] = useCheckState(session.id)
  const answered = tallyOf(kept, context.children).filter(({ of }) => of > 0)
  return (
    <Dialog onClose={onClose} title={t`End the session`} size="lg">
      <Stack>
        {answered.length === 0 ? (
          <Text>{t`No answers were taken this time. A short quick check shows where to start next.`}</Text>
        ) : (
          <Table>
            <Table.Tbody>
              {answered.map(({ child, right, of }) => (
                <Table.Tr key={child.id}>
                  <Table.Td className="anywhere">{child.name}</Table.Td>
                  <Table.Td>
                    <Trans>
                      {right} of {of} right
                    </Trans>
                  </Table.Td>
                </Table.Tr>
              ))}
            </Table.Tbody>
          </Table>
        )}
        <Textarea
          label={t`Note`}
          description={t`What to remember next time`}
          value={note}
          maxLength={LONGEST_NOTE}
          autosize
          minRows={3}
          onChange={(event) => setNote(event.currentTarget.value)}
          data-autofocus
        />
        {finish.data === false && (
          <Text role="status">
            <Trans>The end and the note are kept in this browser. They are saved once Ripe Acorn can be reached.</Trans>
          </Text>
        )}
        <Group justify="flex-end">
          <Button variant="default" onClick={onClose}>{t`Not yet`}</Button>
          <Button
            loading={finish.isPending || finish.data === true}
            onClick={() => finish.mutate()}
          >{t`End it and see what comes next`}</Button>
        </Group>
      </Stack>
    </Dialog>
  )
}
