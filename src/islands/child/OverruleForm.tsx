import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
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
      title={verdict === 'firm' ? t`Mark “${said(name)}” as known?` : t`Mark “${said(name)}” as not known yet?`}
    >
      <form onSubmit={form.onSubmit(({ note }) => onSay(note))}>
        <Stack>
          <Text>
            <Trans>
              This is kept as your judgement with today’s date. It counts more than the answers, and you can undo it.
            </Trans>
          </Text>
          <TextInput label={t`Why (if you like)`} maxLength={500} {...form.getInputProps('note')} data-autofocus />
          <Group justify="flex-end">
            <Button variant="default" onClick={onClose}>{t`Leave it`}</Button>
            <Button type="submit" loading={busy}>
              {verdict === 'firm' ? t`It is known` : t`It is not known yet`}
            </Button>
          </Group>
        </Stack>
      </form>
    </Dialog>
  )
}
