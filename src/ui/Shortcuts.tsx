import { Modal, Table } from '@mantine/core'
import { useDisclosure, useWindowEvent } from '@mantine/hooks'

export interface Shortcut {
  readonly keys: string
  readonly does: string
}

const EVERYWHERE: readonly Shortcut[] = [
  { keys: '?', does: 'show this list' },
  { keys: 'Tab', does: 'go to the next thing that can be used' },
  { keys: 'Esc', does: 'close what is open' },
]

/** Is a key meant for a field that is being typed in? */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target
  if (!(target instanceof HTMLElement)) return false
  // A radio or a box that was clicked keeps the focus, but takes no letters.
  if (target instanceof HTMLInputElement && /^(radio|checkbox)$/.test(target.type)) return false
  // Nor does the field of a list, which only opens it.
  if (target instanceof HTMLInputElement && target.readOnly) return false
  return target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName)
}

export function Shortcuts({ list }: { list: readonly Shortcut[] }) {
  const [opened, { open, close }] = useDisclosure(false)
  useWindowEvent('keydown', (event) => {
    if (event.key !== '?' || isTyping(event)) return
    event.preventDefault()
    open()
  })
  return (
    <Modal opened={opened} onClose={close} title="Keys" closeButtonProps={{ 'aria-label': 'Close' }}>
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
