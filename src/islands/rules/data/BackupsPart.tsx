import { Button, Group, Stack, Text, TextInput } from '@mantine/core'
import { useState } from 'react'
import {
  type Backup,
  type Compared,
  type DataState,
  FEWEST_BACKUPS,
  MOST_BACKUPS,
  type Undo,
} from '../../../core/keeping'
import { Confirm } from '../../../ui/Confirm'
import { api } from '../../../ui/api'
import { dayOf, momentInWords } from '../../../ui/dates'
import { tell } from '../../../ui/notices'
import { untilInWords } from '../../../ui/removing'
import { ComparedTable, bringsNothing } from './ComparedTable'
import { Part, Refused } from './Part'
import { useDataChange, useLook } from './useData'
import { NumberField } from '../../../ui/NumberField'

const MOST_SHOWN = 6

const sizeInWords = (bytes: number) =>
  bytes < 1024 * 1024 ? `${Math.ceil(bytes / 1024)} kB` : `${(bytes / 1024 / 1024).toFixed(1)} MB`

/** Backups: made daily and on a button, each opened once to see that it is whole, and put back after a look. */
export function BackupsPart({ state }: { state: DataState }) {
  const [all, setAll] = useState(false)
  const make = useDataChange(
    () => api.post<Backup>('/api/data/backups', {}),
    () => void tell({ message: 'A backup is made, and was opened to see that it is whole.', color: 'moss' }),
  )
  const newest = state.backups[0]
  const shown = all ? state.backups : state.backups.slice(0, MOST_SHOWN)
  return (
    <Part title="Backups">
      <Text size="sm" className="anywhere">
        {newest
          ? `The newest is of ${dayOf(newest.at)}, ${momentInWords(newest.at).split(', ')[1]}. `
          : 'There is none yet. The first is made within a minute of the start. '}
        One is made each day, and before each update. They are in {state.backupFolder}.
      </Text>
      <Group>
        <Button variant="default" loading={make.isPending} onClick={() => make.mutate(undefined)}>
          Make one now
        </Button>
      </Group>
      <Stack gap={4}>
        {shown.map((backup) => (
          <OneBackup key={backup.name} backup={backup} />
        ))}
      </Stack>
      {state.backups.length > MOST_SHOWN && (
        <Group>
          <Button variant="subtle" onClick={() => setAll(!all)}>
            {all ? 'Show fewer' : `Show all ${state.backups.length}`}
          </Button>
        </Group>
      )}
      <KeepingForm state={state} />
      <OlderBackups count={state.backups.length} />
    </Part>
  )
}

function OneBackup({ backup }: { backup: Backup }) {
  const [compared, setCompared] = useState<readonly Compared[]>()
  const path = `/api/data/backups/${backup.name}`
  const look = useLook(() => api.get<Compared[]>(path), setCompared)
  const put = useDataChange(
    () => api.post<Undo>(path, {}),
    (undo) => {
      setCompared(undefined)
      void tell({
        title: 'Restored',
        message: `It can be taken back until ${untilInWords(undo)}, above.`,
        color: 'moss',
      })
    },
  )
  return (
    <Group justify="space-between" gap="xs">
      <Text size="sm">
        {momentInWords(backup.at)}, {backup.reason}, {sizeInWords(backup.bytes)}
      </Text>
      <Button variant="subtle" loading={look.isPending} onClick={() => look.mutate(undefined)}>
        Look into it
      </Button>
      <Confirm
        opened={compared !== undefined}
        title={`Restore the backup of ${momentInWords(backup.at)}?`}
        action="Restore it"
        busy={put.isPending}
        onConfirm={() => put.mutate(undefined)}
        onClose={() => setCompared(undefined)}
      >
        {compared && bringsNothing(compared, true) ? (
          <Text>Everything in it is as it is here. Restoring it would change nothing.</Text>
        ) : (
          <Stack gap="sm">
            <Text>Everything becomes as it was then. A backup of what is here now is made first.</Text>
            <ComparedTable compared={compared ?? []} onlyHere="Only here (goes)" />
          </Stack>
        )}
      </Confirm>
    </Group>
  )
}

/** Where backups go, and how many are kept. */
function KeepingForm({ state }: { state: DataState }) {
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
function OlderBackups({ count }: { count: number }) {
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
