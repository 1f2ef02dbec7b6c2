import { Button, Group, Modal, Stack, TextInput } from '@mantine/core'
import { useForm } from '@mantine/form'
import type { Child } from '../../core/records'
import { api } from '../../ui/api'
import { DraftLine, useDraft } from '../../ui/draft'
import { useChange } from './usePeople'
import { NumberField } from '../../ui/NumberField'
import { Refused } from '../../ui/Refused'
import { fieldOf, markRefused } from '../../ui/form'

type Fields = { readonly name: string; readonly age: number | string }

/** A child's name and age. */
export function ChildForm({ child, onClose }: { child: Child; onClose: () => void }) {
  const form = useForm<Fields>({ initialValues: { name: child.name, age: child.age ?? '' } })
  const draft = useDraft(form, `child ${child.id}`)
  const save = useChange(
    ({ name, age }: Fields) =>
      api.put(`/api/children/${child.id}`, { version: child.version, name, age: age === '' ? null : age }),
    () => {
      draft.forget()
      onClose()
    },
  )
  const refused = (error: Error) => {
    markRefused(form, error)
    draft.failed(error)
  }
  const send = (fields: Fields) => save.mutate(fields, { onError: refused })
  return (
    <Modal opened onClose={onClose} title="Edit the child" closeButtonProps={{ 'aria-label': 'Close' }}>
      <form onSubmit={form.onSubmit(send)}>
        <Stack>
          <TextInput
            label="Name"
            description="A nickname will do"
            required
            maxLength={60}
            {...form.getInputProps('name')}
            data-autofocus
          />
          <NumberField label="Age" description="Left empty when not told" {...fieldOf(form, 'age')} keepsOutside />
          <DraftLine draft={draft} />
          <Refused error={save.error} />
          <Group justify="flex-end">
            <Button variant="default" onClick={onClose}>
              Cancel
            </Button>
            <Button type="submit" loading={save.isPending} disabled={form.values.name.trim() === ''}>
              Save
            </Button>
          </Group>
        </Stack>
      </form>
    </Modal>
  )
}
