import { Button, Group, Modal, MultiSelect, Stack, Text, TextInput } from '@mantine/core'
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { Child, Group as GroupRecord } from '../../core/records'
import { api, newId } from '../../ui/api'
import { NamesField } from '../../ui/NamesField'
import { NO_NAMES, sendNewChildren } from '../../ui/people'
import { useChange } from './usePeople'

interface GroupFormProps {
  /** Left out: a new one. */
  readonly group?: GroupRecord
  readonly children: readonly Child[]
  readonly onClose: () => void
}

/** A group's name and who is in it: children there are, and new ones by name. */
export function GroupForm({ group, children, onClose }: GroupFormProps) {
  const [name, setName] = useState(group?.name ?? '')
  const [childIds, setChildIds] = useState<string[]>([...(group?.childIds ?? [])])
  const [names, setNames] = useState(NO_NAMES)
  const client = useQueryClient()
  const save = useChange(
    () =>
      sendNewChildren(client, names, (newChildren) =>
        group
          ? api.put(`/api/groups/${group.id}`, { version: group.version, name, childIds, newChildren })
          : api.post('/api/groups', { id: newId(), name, childIds, newChildren }),
      ),
    onClose,
  )
  return (
    <Modal
      opened
      onClose={onClose}
      title={group ? 'Edit the group' : 'Add a group'}
      closeButtonProps={{ 'aria-label': 'Close' }}
    >
      <form
        onSubmit={(event) => {
          event.preventDefault()
          save.mutate(undefined)
        }}
      >
        <Stack>
          <TextInput
            label="Group"
            required
            maxLength={60}
            value={name}
            onChange={(event) => setName(event.currentTarget.value)}
            data-autofocus
          />
          {children.length > 0 && <Known children={children} ids={childIds} onChange={setChildIds} />}
          <NamesField label="New children" minRows={2} names={names} onChange={setNames} />
          {save.isError && (
            <Text c="var(--attention)" size="sm" role="alert">
              {save.error.message}
            </Text>
          )}
          <Group justify="flex-end">
            <Button variant="default" onClick={onClose}>
              Cancel
            </Button>
            <Button type="submit" loading={save.isPending} disabled={name.trim() === ''}>
              {group ? 'Save' : 'Add'}
            </Button>
          </Group>
        </Stack>
      </form>
    </Modal>
  )
}

interface KnownProps {
  readonly children: readonly Child[]
  readonly ids: string[]
  readonly onChange: (ids: string[]) => void
}

function Known({ children, ids, onChange }: KnownProps) {
  return (
    <MultiSelect
      label="Children who are here already"
      data={children.map((child) => ({ value: child.id, label: child.name }))}
      value={ids}
      onChange={onChange}
      searchable
      hidePickedOptions
    />
  )
}
