import { t } from '@lingui/core/macro'
import { LONGEST_NAME } from '../../core/records'
import { Button, Group, MultiSelect, Stack, TextInput } from '@mantine/core'
import { Dialog } from '../../ui/Dialog'
import { useForm } from '@mantine/form'
import { useQueryClient } from '@tanstack/react-query'
import type { Child, Group as GroupRecord } from '../../core/records'
import { api, newId } from '../../ui/api'
import { NotSaved, useDraft } from '../../ui/draft'
import { NamesField } from '../../ui/NamesField'
import { IN_PLACE } from '../../ui/inPlace'
import { fieldOf, markRefused } from '../../ui/form'
import { type Names, NO_NAMES, sendNewChildren } from '../../ui/people'
import { useChange } from './usePeople'

interface GroupFormProps {
  /** Left out: a new one. */
  readonly group?: GroupRecord
  readonly children: readonly Child[]
  readonly onClose: () => void
}

type GroupFields = { readonly name: string; readonly childIds: string[]; readonly names: Names }

/** A group's name and who is in it: children there are, and new ones by name. */
export function GroupForm({ group, children, onClose }: GroupFormProps) {
  const form = useForm<GroupFields>({
    initialValues: { name: group?.name ?? '', childIds: [...(group?.childIds ?? [])], names: NO_NAMES },
  })
  const client = useQueryClient()
  const draft = useDraft(form, `group ${group?.id ?? 'to come'}`)
  const save = useChange(
    ({ name, childIds, names }: GroupFields) =>
      sendNewChildren(client, names, (newChildren) =>
        group
          ? api.put(`/api/groups/${group.id}`, { version: group.version, name, childIds, newChildren })
          : api.post('/api/groups', { id: newId(), name, childIds, newChildren }),
      ),
    () => {
      draft.forget()
      onClose()
    },
    IN_PLACE,
  )
  const refused = (error: Error) => {
    markRefused(form, error, { newChildren: 'names' })
    draft.failed(error)
  }
  const send = (fields: GroupFields) => save.mutate(fields, { onError: refused })
  const { values } = form
  return (
    <Dialog onClose={onClose} title={group ? t`Edit the group` : t`Add a group`}>
      <form onSubmit={form.onSubmit(send)}>
        <Stack>
          <TextInput
            label={t`Group`}
            required
            maxLength={LONGEST_NAME}
            {...form.getInputProps('name')}
            data-autofocus
          />
          {children.length > 0 && <Known children={children} {...fieldOf(form, 'childIds')} />}
          <NamesField
            label={t`New children`}
            minRows={2}
            known={children.map(({ name }) => name)}
            {...fieldOf(form, 'names')}
          />
          <NotSaved draft={draft} error={save.error} />
          <Group justify="flex-end">
            <Button variant="default" onClick={onClose}>{t`Cancel`}</Button>
            <Button type="submit" loading={save.isPending} disabled={values.name.trim() === ''}>
              {group ? t`Save` : t`Add`}
            </Button>
          </Group>
        </Stack>
      </form>
    </Dialog>
  )
}

interface KnownProps {
  readonly children: readonly Child[]
  readonly value: string[]
  readonly onChange: (ids: string[]) => void
}

function Known({ children, ...field }: KnownProps) {
  return (
    <MultiSelect
      label={t`Children who are here already`}
      data={children.map((child) => ({ value: child.id, label: child.name }))}
      {...field}
      searchable
      hidePickedOptions
    />
  )
}
