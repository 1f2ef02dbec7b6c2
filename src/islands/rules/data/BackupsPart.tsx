import { inDecimals } from '../../../words/adult'
import { said } from '../../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text } from '@mantine/core'
import { useState } from 'react'
import { REASON_NAMES, type Backup, type Compared, type DataState, type Undo } from '../../../core/keeping'
import { Confirm } from '../../../ui/Confirm'
import { api } from '../../../ui/api'
import { momentInWords } from '../../../ui/dates'
import { tell } from '../../../ui/notices'
import { untilInWords } from '../../../ui/removing'
import { bringsNothing, ComparedTable } from './ComparedTable'
import { Part } from './Part'
import { useDataChange, useLook } from './useData'
import { KeepingForm, OlderBackups } from './OlderBackups'

const MOST_SHOWN = 6

const sizeInWords = (bytes: number) =>
  bytes < 1024 * 1024 ? t`${Math.ceil(bytes / 1024)} kB` : t`${inDecimals((bytes / 1024 / 1024).toFixed(1))} MB`

/** Backups: made daily and on a button, each opened once to see that it is whole, and put back after a look. */
export function BackupsPart({ state }: { state: DataState }) {
  const [all, setAll] = useState(false)
  const make = useDataChange(
    () => api.post<Backup>('/api/data/backups', {}),
    () => void tell({ message: t`A backup is made, and was opened to see that it is whole.`, color: 'moss' }),
  )
  const newest = state.backups[0]
  const shown = all ? state.backups : state.backups.slice(0, MOST_SHOWN)
  return (
    <Part title={t`Backups`}>
      <Text size="sm" className="anywhere">
        {newest
          ? t`The newest is of ${momentInWords(newest.at)}.`
          : t`There is none yet. The first is made within a minute of the start.`}{' '}
        <Trans>One is made each day, and before each update. They are in {state.backupFolder}.</Trans>
      </Text>
      <Group>
        <Button
          variant="default"
          loading={make.isPending}
          onClick={() => make.mutate(undefined)}
        >{t`Make one now`}</Button>
      </Group>
      <Stack gap={4}>
        {shown.map((backup) => (
          <OneBackup key={backup.name} backup={backup} />
        ))}
      </Stack>
      {state.backups.length > MOST_SHOWN && (
        <Group>
          <Button variant="subtle" onClick={() => setAll(!all)}>
            {all ? t`Show fewer` : t`Show all ${state.backups.length}`}
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
        title: t`Restored`,
        message: t`It can be taken back until ${untilInWords(undo)}, above.`,
        color: 'moss',
      })
    },
  )
  return (
    <Group justify="space-between" gap="xs">
      <Text size="sm">
        {momentInWords(backup.at)}, {said(REASON_NAMES[backup.reason])}, {sizeInWords(backup.bytes)}
      </Text>
      <Button
        variant="subtle"
        loading={look.isPending}
        onClick={() => look.mutate(undefined)}
      >{t`Look into it`}</Button>
      <Confirm
        opened={compared !== undefined}
        title={t`Restore the backup of ${momentInWords(backup.at)}?`}
        action={t`Restore it`}
        busy={put.isPending}
        onConfirm={() => put.mutate(undefined)}
        onClose={() => setCompared(undefined)}
      >
        {compared && bringsNothing(compared, true) ? (
          <Text>{t`Everything in it is as it is here. Restoring it would change nothing.`}</Text>
        ) : (
          <Stack gap="sm">
            <Text>{t`Everything becomes as it was then. A backup of what is here now is made first.`}</Text>
            <ComparedTable compared={compared ?? []} onlyHere={t`Only here (goes)`} />
          </Stack>
        )}
      </Confirm>
    </Group>
  )
}
