import { t } from '@lingui/core/macro'
import { Text } from '@mantine/core'
import { printable } from '../../core/drawing'

/** Says so where the print fonts cannot draw all of a text: emoji and scripts other than Latin. */
export function PrintableText({ text }: { text: string }) {
  const shown = printable(text)
  if (shown.length >= text.normalize('NFC').trim().replace(/\s+/g, ' ').length) return null
  return (
    <Text size="sm" role="alert">
      {shown === ''
        ? t`The print fonts have none of these letters: it is left out of the print.`
        : t`Printed as “${shown}”: the print fonts have Latin letters only.`}
    </Text>
  )
}
