import { useDisclosure, useWindowEvent } from '@mantine/hooks'
import type { Shortcut } from './ShortcutList'
import { later } from './later'

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

const list = later(async () => (await import('./ShortcutList')).ShortcutList)

/** The list of keys, shown on `?`. */
export function Shortcuts({ list: keys }: { list: readonly Shortcut[] }) {
  const [opened, { open, close }] = useDisclosure(false)
  useWindowEvent('keydown', (event) => {
    if (event.key !== '?' || isTyping(event)) return
    event.preventDefault()
    open()
  })
  return opened ? <list.Part list={keys} onClose={close} /> : null
}
