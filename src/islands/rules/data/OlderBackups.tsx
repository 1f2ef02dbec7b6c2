import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text, TextInput } from '@mantine/core'
import { useForm } from '@mantine/form'
import { useState } from 'react'
import { type DataState, FEWEST_BACKUPS, MOST_BACKUPS } from '../../../core/keeping'
import { Confirm } from '../../../ui/Confirm'
import { api } from '../../../ui/api'
import { tell } from '../../../ui/notices'
import { NumberField } from '../../../ui/NumberField'
import { IN_PLACE } from '../../../ui/inPlace'
import { Refused } from '../../../ui/Refused'
import { fieldOf, markRefused } from '../../../ui/form'
import { useDataChange } from './useData'

type BackupFields = { readonly folder: string; readonly keep: number | string }

/** Where backups go, and how many are kept. */
export function KeepingForm({ state }: { state: DataState }) {
  const form = useForm<BackupFields>({ initialValues: { folder: state.keeping.folder, keep: state.keeping.keep } })
  const { folder, keep } = form.values
  const save = useDataChange(
    (fields: BackupFields) => api.put('/api/data/keeping', { ...fields, keep: Number(fields.keep) }),
    undefined,
    IN_PLACE,
  )
  const isChanged = folder !== state.keeping.folder || Number(keep) !== state.keeping.keep
  const send = (fields: BackupFields) => save.mutate(fields, { onError: (error) => markRefused(form, error) })
  return (
    <form onSubmit={form.onSubmit(send)}>
      <Stack gap="xs">
        <Group align="end" gap="xs">
          <TextInput
            label={t`Folder for backups`}
            placeholder={t`beside the data`}
            maxLength={500}
            {...form.getInputProps('folder')}
            style={{ flex: '1 1 200px' }}
          />
          <NumberField
            label={t`Keep the last`}
            min={FEWEST_BACKUPS}
            max={MOST_BACKUPS}
            {...fieldOf(form, 'keep')}
            w={110}
          />
          <Button type="submit" variant="default" disabled={!isChanged} loading={save.isPending}>{t`Save`}</Button>
        </Group>
        <Refused error={save.error} />
      </Stack>
    </form>
  )
}

/** Removes what older backups still have of those who were removed. It is asked first, since it cannot be undone. */
export function OlderBackups({ count }: { count: number }) {
  const [asking, setAsking] = useState(false)
  const remove = useDataChange(
    () => api.remove<{ removed: number }>('/api/data/backups'),
    ({ removed }) => {
      setAsking(false)
      void tell({ message: t`Older backups that were removed: ${removed}. One was made now.`, color: 'moss' })
    },
  )
  return (
    <Group>
      <Button
        variant="subtle"
        disabled={count === 0}
        onClick={() => setAsking(true)}
      >{t`Make one now and remove all older ones`}</Button>
      <Confirm
        opened={asking}
        title={count === 1 ? t`Remove the older backup?` : t`Remove ${count} older backups?`}
        action={t`Make one and remove them`}
        busy={remove.isPending}
        onConfirm={() => remove.mutate(undefined)}
        onClose={() => setAsking(false)}
      >
        <Text>
          <Trans>
            They cannot be brought back. Do it to let go of children who were removed; the one that is made now has only
            who is here.
          </Trans>
        </Text>
      </Confirm>
    </Group>
  )
}
