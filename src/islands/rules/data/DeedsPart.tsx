import { titled } from '../../../ui/titled'
import { said } from '../../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Text, Table } from '@mantine/core'
import { useState } from 'react'
import { DEEDS, type DataState } from '../../../core/keeping'
import { momentInWords } from '../../../ui/dates'
import { Part } from './Part'

const FIRST_SHOWN = 8

/** A short log of what changes much at once. It never has a child's name. */
export function DeedsPart({ state }: { state: DataState }) {
  const [all, setAll] = useState(false)
  const shown = all ? state.deeds : state.deeds.slice(0, FIRST_SHOWN)
  return (
    <Part title={t`Who did what`}>
      {state.deeds.length === 0 && (
        <Text size="sm">
          <Trans>Imports, removals, overrules and restores are written down here, without names of children.</Trans>
        </Text>
      )}
      {shown.length > 0 && (
        <Table>
          <Table.Tbody>
            {shown.map(({ id, at, what, detail, device }) => (
              <Table.Tr key={id}>
                <Table.Td>{momentInWords(at)}</Table.Td>
                <Table.Td className="anywhere">{titled(said(DEEDS[what]), detail)}</Table.Td>
                <Table.Td className="anywhere">{device}</Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      )}
      {state.deeds.length > FIRST_SHOWN && (
        <Group>
          <Button variant="subtle" onClick={() => setAll(!all)}>
            {all ? t`Show fewer` : t`Show all ${state.deeds.length}`}
          </Button>
        </Group>
      )}
    </Part>
  )
}
