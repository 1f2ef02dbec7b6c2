import { Button } from '@mantine/core'
import { IconPrinter } from '@tabler/icons-react'
import { useInAddress } from './address'

/** Opens the part of a view that prints (`AddressTabs`): what most come to do there. */
export function ToPrinting({ part }: { part: string }) {
  const [, put] = useInAddress('part')
  return (
    <Button leftSection={<IconPrinter size={18} />} onClick={() => put(part)}>
      Print
    </Button>
  )
}
