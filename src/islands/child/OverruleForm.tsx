import { Button, Group, Modal, Stack, Text, TextInput } from '@mantine/core'
import { useState } from 'react'
import type { Overrule } from '../../core/knowing'
import { type RungId, rungOf } from '../../core/teaching'

interface OverruleFormProps {
  readonly rung: RungId
  readonly verdict: Overrule['verdict']
  readonly busy: boolean
  readonly onSay: (note: string) => void
  readonly onClose: () => void
}

/** The adult's own word on a rung: it stands over the answers, with its date, until it is taken back. */
export function OverruleForm({ rung, verdict, busy, onSay, onClose }: OverruleFormProps) {
  const [note, setNote] = useState('')
  const { name } = rungOf(rung)
  return (
    <Modal
      opened
      onClose={onClose}
      title={verdict === 'firm' ? `${name} is firm?` : `${name} is not firm yet?`}
      closeButtonProps={{ 'aria-label': 'Close' }}
    >
      <Stack>
        <Text>
          It is kept as your judgement with today’s date, stands over what the answers say, and can be taken back.
        </Text>
        <TextInput
          label="Why (if you like)"
          value={note}
          maxLength={500}
          onChange={(event) => setNote(event.currentTarget.value)}
          data-autofocus
        />
        <Group justify="flex-end">
          <Button variant="default" onClick={onClose}>
            Leave it
          </Button>
          <Button loading={busy} onClick={() => onSay(note)}>
            {verdict === 'firm' ? 'It is firm' : 'It is not firm yet'}
          </Button>
        </Group>
      </Stack>
    </Modal>
  )
}
