import { Button, Group, Modal, Stack, Text, TextInput } from '@mantine/core'
import { useState } from 'react'
import type { Child } from '../../core/records'
import { api } from '../../ui/api'
import { useChange } from './usePeople'
import { NumberField } from '../../ui/NumberField'

/** A child's name and age. */
export function ChildForm({ child, onClose }: { child: Child; onClose: () => void }) {
  const [name, setName] = useState(child.name)
  const [age, setAge] = useState<number | string>(child.age ?? '')
  const save = useChange(
    () => api.put(`/api/children/${child.id}`, { version: child.version, name, age: age === '' ? null : age }),
    onClose,
  )
  return (
    <Modal opened onClose={onClose} title="Edit the child" closeButtonProps={{ 'aria-label': 'Close' }}>
      <form
        onSubmit={(event) => {
          event.preventDefault()
          save.mutate(undefined)
        }}
      >
        <Stack>
          <TextInput
            label="Name"
            description="A nickname will do"
            required
            maxLength={60}
            value={name}
            onChange={(event) => setName(event.currentTarget.value)}
            data-autofocus
          />
          <NumberField label="Age" description="Left empty when not told" value={age} onChange={setAge} keepsOutside />
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
              Save
            </Button>
          </Group>
        </Stack>
      </form>
    </Modal>
  )
}
