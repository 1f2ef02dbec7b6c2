import { Button, Group, Stack, Text, TextInput } from '@mantine/core'
import { useState } from 'react'
import { type DataState, FEWEST_BACKUPS, MOST_BACKUPS } from '../../../core/keeping'
import { Confirm } from '../../../ui/Confirm'
import { api } from '../../../ui/api'
import { tell } from '../../../ui/notices'
import { NumberField } from '../../../ui/NumberField'
import { Refused } from './Part'
import { useDataChange } from './useData'

/** Where backups go, and how many are kept. */
export function KeepingForm({ state }: { state: DataState }) {
  const [folder, setFolder] = useState(state.keeping.folder)
  const [keep, setKeep] = useState<string | number>(state.keeping.keep)
  const save = useDataChange(() => api.put('/api/data/keeping', { folder, keep: Number(keep) }))
  const isChanged = folder !== state.keeping.folder || Number(keep) !== state.keeping.keep
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        save.mutate(undefined)
      }}
    >
      <Stack gap="xs">
        <Group align="end" gap="xs">
          <TextInput
            label="Folder for backups"
            placeholder="beside the data"
            value={folder}
            maxLength={500}
            onChange={(event) => setFolder(event.currentTarget.value)}
            style={{ flex: '1 1 200px' }}
          />
          <NumberField
            label="Keep the last"
            value={keep}
            min={FEWEST_BACKUPS}
            max={MOST_BACKUPS}
            onChange={setKeep}
            w={110}
          />
          <Button type="submit" variant="default" disabled={!isChanged} loading={save.isPending}>
            Save
          </Button>
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
      void tell({ message: `Older backups that were removed: ${removed}. One was made now.`, color: 'moss' })
    },
  )
  return (
    <Group>
      <Button variant="subtle" disabled={count === 0} onClick={() => setAsking(true)}>
        Make one now and remove all older ones
      </Button>
      <Confirm
        opened={asking}
        title={count === 1 ? 'Remove the older backup?' : `Remove ${count} older backups?`}
        action="Make one and remove them"
        busy={remove.isPending}
        onConfirm={() => remove.mutate(undefined)}
        onClose={() => setAsking(false)}
      >
        <Text>
          They cannot be brought back. Do it to let go of children who were removed; the one that is made now has only
          who is here.
        </Text>
      </Confirm>
    </Group>
  )
}
