import { Modal } from '@mantine/core'

export interface Shortcut {
  readonly keys: string
  readonly does: string
}

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
      <table className="rows">
        <tbody>
          {[...list, ...EVERYWHERE].map(({ keys, does }) => (
            <tr key={keys}>
              <td>
                <kbd>{keys}</kbd>
              </td>
              <td>{does}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Modal>
  )
}
