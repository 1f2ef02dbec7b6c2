import { Button, Group, Stack, Text } from '@mantine/core'
import { useState } from 'react'
import type { Backup, Compared, DataState, Undo } from '../../../core/keeping'
import { Confirm } from '../../../ui/Confirm'
import { api } from '../../../ui/api'
import { dayOf, momentInWords } from '../../../ui/dates'
import { tell } from '../../../ui/notices'
import { untilInWords } from '../../../ui/removing'
import { bringsNothing, ComparedTable } from './ComparedTable'
import { Part } from './Part'
import { useDataChange, useLook } from './useData'
import { KeepingForm, OlderBackups } from './OlderBackups'

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
