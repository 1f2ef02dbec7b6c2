import { told } from '../../../core/wording'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, FileButton, Group, Stack, Text } from '@mantine/core'
import { IconUpload } from '@tabler/icons-react'
import { useState } from 'react'
import type { Compared, OnDifferent, TableLine, Undo } from '../../../core/keeping'
import { Choice, listed } from '../../../ui/Choice'
import { api } from '../../../ui/api'
import { tell } from '../../../ui/notices'
import { untilInWords } from '../../../ui/removing'
import { ChildrenTable } from './ChildrenTable'
import { ComparedTable, bringsNothing } from './ComparedTable'
import { Refused } from '../../../ui/Refused'
import { Part } from './Part'
import { useDataChange, useLook } from './useData'

/** A file that was chosen, and what it would bring. */
type Looked =
  | { readonly kind: 'workspace'; readonly file: File; readonly compared: readonly Compared[] }
  | { readonly kind: 'table'; readonly file: File; readonly lines: readonly TableLine[] }

const isTable = (file: File) => /\.(csv|tsv|txt)$/i.test(file.name)

async function lookInto(file: File): Promise<Looked> {
  if (isTable(file))
    return { kind: 'table', file, lines: await api.send<TableLine[]>('/api/data/children?do=look', file) }
  return { kind: 'workspace', file, compared: await api.send<Compared[]>('/api/data/compare', file) }
}

/** A file is looked into first. Nothing is written before the adult takes it in. */
export function TakeInPart() {
  const [looked, setLooked] = useState<Looked>()
  const look = useLook(lookInto, setLooked)
  const done = (undo: Undo) => {
    setLooked(undefined)
    void tell({
      title: t`Imported`,
      message: t`${undo.what}. It can be taken back until ${untilInWords(undo)}, above.`,
      color: 'moss',
    })
  }
  return (
    <Part title={t`Import`}>
      <Text size="sm">
        <Trans>
          The zip or its workspace.json, or a table with children’s names and ages (CSV). You see what it would bring
          first.
        </Trans>
      </Text>
      <Group>
        <FileButton onChange={(file) => file && look.mutate(file)} accept=".zip,.json,.csv,.tsv,.txt">
          {(props) => (
            <Button
              {...props}
              variant="default"
              loading={look.isPending}
              leftSection={<IconUpload size={18} />}
            >{t`Choose a file`}</Button>
          )}
        </FileButton>
      </Group>
      <Refused error={look.error} />
      {looked?.kind === 'workspace' && (
        <WorkspaceLook
          file={looked.file}
          compared={looked.compared}
          onDone={done}
          onLeave={() => setLooked(undefined)}
        />
      )}
      {looked?.kind === 'table' && (
        <ChildrenTable file={looked.file} lines={looked.lines} onDone={done} onLeave={() => setLooked(undefined)} />
      )}
    </Part>
  )
}

interface LookProps {
  readonly file: File
  readonly compared: readonly Compared[]
  readonly onDone: (undo: Undo) => void
  readonly onLeave: () => void
}

const CHOICES = {
  keep: told('Keep what is here'),
  replace: told('Take what is in the file'),
} as const

function WorkspaceLook({ file, compared, onDone, onLeave }: LookProps) {
  const [different, setDifferent] = useState<OnDifferent>('keep')
  const take = useDataChange(() => api.send<Undo>(`/api/data/import?different=${different}`, file), onDone)
  const isEmpty = bringsNothing(compared, false)
  return (
    <Stack gap="sm" role="group" aria-label={t`What the file would bring`}>
      <ComparedTable compared={compared} onlyHere={t`Only here (stays)`} />
      {compared.some((each) => each.different > 0) && (
        <Choice label={t`Where they differ`} value={different} onChange={setDifferent} data={listed(CHOICES)} />
      )}
      {isEmpty && <Text>{t`All of it is here already.`}</Text>}
      <Group>
        <Button
          onClick={() => take.mutate(undefined)}
          loading={take.isPending}
          disabled={isEmpty}
        >{t`Take it in`}</Button>
        <Button variant="default" onClick={onLeave}>{t`Leave it`}</Button>
      </Group>
    </Stack>
  )
}
