import { Modal, Table } from '@mantine/core'
import type { Shortcut } from './Shortcuts'

const EVERYWHERE: readonly Shortcut[] = [
  { keys: '?', does: 'show this list' },
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
    <Modal opened onClose={onClose} title="Keys" closeButtonProps={{ 'aria-label': 'Close' }}>
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
    </Modal>
  )
}
