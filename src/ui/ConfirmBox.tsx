import { t } from '@lingui/core/macro'
import { Button, Group, Stack } from '@mantine/core'
import { Dialog } from './Dialog'
import type { ReactNode } from 'react'

export interface ConfirmProps {
  readonly opened: boolean
  readonly title: string
  /** What goes with it, in words. */
  readonly children: ReactNode
  readonly action: string
  readonly busy?: boolean
  readonly onConfirm: () => void
  readonly onClose: () => void
}

/** Asked before anything is gone for good. */
export function ConfirmBox({ title, children, action, busy = false, onConfirm, onClose }: ConfirmProps) {
  return (
    <Dialog onClose={onClose} title={title}>
      <Stack>
        <div className="anywhere">{children}</div>
        <Group justify="flex-end">
          <Button variant="default" onClick={onClose} data-autofocus>{t`Cancel`}</Button>
          <Button color="oak" loading={busy} onClick={onConfirm}>
            {action}
          </Button>
        </Group>
      </Stack>
    </Dialog>
  )
}
