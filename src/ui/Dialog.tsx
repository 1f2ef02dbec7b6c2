import { t } from '@lingui/core/macro'
import { Modal, type ModalProps } from '@mantine/core'
import type { ReactNode } from 'react'
import { useFocusBack } from './focusBack'

interface DialogProps {
  readonly title: string
  readonly size?: ModalProps['size']
  readonly onClose: () => void
  readonly children: ReactNode
}

/** A dialog for as long as it is mounted. When it goes, the focus is back where it was opened. */
export function Dialog({ title, size, onClose, children }: DialogProps) {
  useFocusBack()
  return (
    <Modal
      opened
      returnFocus={false}
      onClose={onClose}
      title={title}
      size={size}
      closeButtonProps={{ 'aria-label': t`Close` }}
      // A header that stands in no section is taken for that of the page.
      attributes={{ header: { role: 'presentation' } }}
    >
      {children}
    </Modal>
  )
}
