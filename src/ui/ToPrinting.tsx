import { t } from '@lingui/core/macro'
import { Button } from '@mantine/core'
import { IconPrinter } from '@tabler/icons-react'
import { useInAddress } from './address'

/**
 * Opens the part of a view that prints (`AddressTabs`): what most come to do there. The focus goes with it, so that it
 * comes into sight where it lies below, as on a phone.
 */
export function ToPrinting({ part }: { part: string }) {
  const [, put] = useInAddress('part')
  const open = () => {
    put(part)
    requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-part="${part}"]`)?.focus())
  }
  return <Button leftSection={<IconPrinter size={18} />} onClick={open}>{t`Print`}</Button>
}
