import type { MenuProps } from '@mantine/core'
import { useRef } from 'react'

/**
 * A menu that is open as soon as its code has come. The first entry has the focus, Esc closes it at the first press, and
 * the focus goes back to its button.
 */
export function useOwnMenu() {
  const target = useRef<HTMLButtonElement>(null)
  const menu: Partial<MenuProps> = {
    defaultOpened: true,
    withInitialFocusPlaceholder: false,
    withinPortal: false,
    onClose: () => target.current?.focus(),
  }
  return { target, menu }
}
