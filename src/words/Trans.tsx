import type { I18n } from '@lingui/core'
import { TransNoContext, type TransProps } from '@lingui/react/server'
import { i18n } from './i18n'

/** It asks for nothing but texts. */
const lingui = { i18n: i18n as unknown as I18n }

/** A text with elements in it, in the adult's language. */
export function Trans(props: TransProps) {
  return <TransNoContext {...props} lingui={lingui} />
}
