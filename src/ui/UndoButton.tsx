import { t } from '@lingui/core/macro'
import { Button } from '@mantine/core'
import { IconArrowBackUp } from '@tabler/icons-react'

interface Props {
  readonly onUndo: () => void
  readonly canUndo: boolean
  readonly size?: 'sm'
}

/** Takes the last change back. */
export function UndoButton({ onUndo, canUndo, size }: Props) {
  return (
    <Button
      variant="default"
      size={size}
      onClick={onUndo}
      disabled={!canUndo}
      style={{ flex: 'none' }}
      leftSection={<IconArrowBackUp size={17} />}
    >{t`Undo`}</Button>
  )
}
