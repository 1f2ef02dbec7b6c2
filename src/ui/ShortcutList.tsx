import { said } from '../words/i18n'
import { told, type Told } from '../core/wording'
import { t } from '@lingui/core/macro'
import { Anchor, Text, Table } from '@mantine/core'
import { Dialog } from './Dialog'

export interface Shortcut {
  readonly keys: Told
  readonly does: Told
}

const EVERYWHERE: readonly Shortcut[] = [
  { keys: told('?'), does: told('show this list') },
  { keys: told('Ctrl K'), does: told('search for anything by its name') },
  { keys: told('Tab'), does: told('go to the next thing that can be used') },
  { keys: told('Esc'), does: told('close what is open') },
]

interface Props {
  readonly list: readonly Shortcut[]
  readonly onClose: () => void
}

/** The keys of a view, and those of every view. */
export function ShortcutList({ list, onClose }: Props) {
  return (
    <Dialog onClose={onClose} title={t`Keys`}>
      <Table>
        <Table.Tbody>
          {[...list, ...EVERYWHERE].map(({ keys, does }) => (
            <Table.Tr key={said(does)}>
              <Table.Td>
                <kbd>{said(keys)}</kbd>
              </Table.Td>
              <Table.Td>{said(does)}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <Text mt="sm">
        <Anchor href="/help" underline="always">{t`What each view is for, and what a step is`}</Anchor>
      </Text>
    </Dialog>
  )
}
