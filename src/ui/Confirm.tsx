import type { ConfirmProps } from './ConfirmBox'
import { later } from './later'

const box = later(async () => (await import('./ConfirmBox')).ConfirmBox)

/** Asked before anything is gone for good. Its code comes when it is first asked. */
export function Confirm(props: ConfirmProps) {
  return props.opened ? <box.Part {...props} /> : null
}
