import { Anchor, Text, Table } from '@mantine/core'
import { Dialog } from './Dialog'

export interface Shortcut {
  readonly keys: string
  readonly does: string
}

const EVERYWHERE: readonly Shortcut[] = [
  { keys: '?', does: 'show this list' },
  { keys: 'Ctrl K', does: 'search for anything by its name' },
  { keys: 'Tab', does: 'go to the next thing that can be used' },
  { keys: 'Esc', does: 'close what is open' },
]

interface Props {
  readonly list: readonly Shortcut[]
  readonly onClose: () => void
}

/** The keys of a view, and those of every view. */
export function ShortcutList({ list, onClose }: Props) {
  return (
    <Dialog onClose={onClose} title="Keys">
      <Table>
        <Table.Tbody>
          {[...list, ...EVERYWHERE].map(({ keys, does }) => (
            <Table.Tr key={keys}>
              <Table.Td>
                <kbd>{keys}</kbd>
              </Table.Td>
              <Table.Td>{does}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <Text mt="sm">
        <Anchor href="/help" underline="always">
          What each view is for, and what a step is
        </Anchor>
      </Text>
    </Dialog>
  )
}
