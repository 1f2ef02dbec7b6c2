import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Text, Table } from '@mantine/core'
import type { Compared } from '../../../core/keeping'

interface Props {
  readonly compared: readonly Compared[]
  /** What becomes of what is only here, as the column is headed. */
  readonly onlyHere: string
}

/** What a file or a backup would bring, kind by kind. */
export function ComparedTable({ compared, onlyHere }: Props) {
  const shown = compared.filter(({ fresh, same, different, onlyHere: alone }) => fresh + same + different + alone > 0)
  const examples = compared.flatMap((each) => each.examples).slice(0, 8)
  if (shown.length === 0) return <Text>{t`There is nothing in it.`}</Text>
  return (
    <>
      {/* In a dialog long names may break anywhere, but these headings must not. */}
      <Table style={{ overflowWrap: 'normal' }}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th>{t`What`}</Table.Th>
            <Table.Th>{t`New`}</Table.Th>
            <Table.Th>{t`The same`}</Table.Th>
            <Table.Th>{t`Different`}</Table.Th>
            <Table.Th>{onlyHere}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {shown.map(({ kind, many, fresh, same, different, onlyHere: alone }) => (
            <Table.Tr key={kind}>
              <Table.Td>{many}</Table.Td>
              <Table.Td>{fresh}</Table.Td>
              <Table.Td>{same}</Table.Td>
              <Table.Td>{different}</Table.Td>
              <Table.Td>{alone}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      {examples.length > 0 && (
        <Text size="sm" className="anywhere">
          <Trans>Different: {examples.join(', ')}.</Trans>
        </Text>
      )}
    </>
  )
}

/** Whether anything would change. */
export const bringsNothing = (compared: readonly Compared[], takesAway: boolean): boolean =>
  compared.every(({ fresh, different, onlyHere }) => fresh + different + (takesAway ? onlyHere : 0) === 0)
