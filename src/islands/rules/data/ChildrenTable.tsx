import { said } from '../../../words/i18n'
import { t, plural } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { told } from '../../../core/wording'
import { Button, Group, Stack, Text, Table } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { TableLine, Undo } from '../../../core/keeping'
import type { Group as ChildGroup } from '../../../core/records'
import { Choice } from '../../../ui/Choice'
import { api } from '../../../ui/api'
import { useDataChange } from './useData'

interface Props {
  readonly file: File
  readonly lines: readonly TableLine[]
  readonly onDone: (undo: Undo) => void
  readonly onLeave: () => void
}

const MOST_SHOWN = 40
const HOW = { new: told('comes new'), same: told('is here already') } as const

/** A table of children, line by line. One line that is wrong keeps all of them out, and says why. */
export function ChildrenTable({ file, lines, onDone, onLeave }: Props) {
  const [groupId, setGroupId] = useState('')
  const groups = useQuery({ queryKey: ['groups'], queryFn: () => api.get<ChildGroup[]>('/api/groups') })
  const into = groupId ? `&groupId=${groupId}` : ''
  const take = useDataChange(() => api.send<Undo>(`/api/data/children?do=take${into}`, file), onDone)
  const fresh = lines.filter(({ kind }) => kind === 'new').length
  const wrong = lines.filter(({ kind }) => kind === 'wrong').length
  return (
    <Stack gap="sm" role="group" aria-label={t`What the table would bring`}>
      <Table>
        <Table.Tbody>
          {lines.slice(0, MOST_SHOWN).map((line) => (
            <Table.Tr key={line.line}>
              <Table.Td>
                <Trans>Line {line.line}</Trans>
              </Table.Td>
              <Table.Td className="anywhere">
                {line.kind === 'wrong' ? (
                  <Text size="sm" c="var(--attention)">
                    {line.why}.
                  </Text>
                ) : (
                  `${line.age === null ? line.name : `${line.name}, ${line.age}`} ${said(HOW[line.kind])}`
                )}
              </Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      {lines.length > MOST_SHOWN && (
        <Text size="sm">
          <Trans>and {lines.length - MOST_SHOWN} more lines</Trans>
        </Text>
      )}
      <Choice
        label={t`Into the group`}
        value={groupId}
        onChange={setGroupId}
        data={[
          { value: '', label: t`no group yet` },
          ...(groups.data ?? []).map(({ id, name }) => ({ value: id as string, label: name })),
        ]}
      />
      <Group>
        <Button onClick={() => take.mutate(undefined)} loading={take.isPending} disabled={fresh === 0 || wrong > 0}>
          {t`${plural(fresh, { one: 'Import # child', other: 'Import # children' })}`}
        </Button>
        <Button variant="default" onClick={onLeave}>{t`Leave it`}</Button>
      </Group>
      {wrong > 0 && <Text size="sm">{t`Mend the lines that are wrong in the table, and choose it again.`}</Text>}
    </Stack>
  )
}
