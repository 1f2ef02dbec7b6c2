import { Button, Group, Stack, Text, TextInput } from '@mantine/core'
import { Dialog } from '../../ui/Dialog'
import { useForm } from '@mantine/form'
import type { Overrule } from '../../core/knowing'
import { type RungId, rungOf } from '../../core/teaching'

interface OverruleFormProps {
  readonly rung: RungId
  readonly verdict: Exclude<Overrule['verdict'], 'supposed'>
  readonly busy: boolean
  readonly onSay: (note: string) => void
  readonly onClose: () => void
}

/** The adult's own word on a rung: it stands over the answers, with its date, until it is taken back. */
export function OverruleForm({ rung, verdict, busy, onSay, onClose }: OverruleFormProps) {
  const form = useForm({ initialValues: { note: '' } })
  const { name } = rungOf(rung)
  return (
    <Dialog
      onClose={onClose}
      title={verdict === 'firm' ? `Mark “${name}” as known?` : `Mark “${name}” as not known yet?`}
    >
      <form onSubmit={form.onSubmit(({ note }) => onSay(note))}>
        <Stack>
          <Text>
            This is kept as your judgement with today’s date. It counts more than the answers, and you can undo it.
          </Text>
          <TextInput label="Why (if you like)" maxLength={500} {...form.getInputProps('note')} data-autofocus />
          <Group justify="flex-end">
            <Button variant="default" onClick={onClose}>
              Leave it
            </Button>
            <Button type="submit" loading={busy}>
              {verdict === 'firm' ? 'It is known' : 'It is not known yet'}
            </Button>
          </Group>
        </Stack>
      </form>
    </Dialog>
  )
}
