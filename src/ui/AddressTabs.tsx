import { Tabs } from '@mantine/core'
import { useMounted } from '@mantine/hooks'
import type { ReactNode } from 'react'
import { ErrorBoundary } from './ErrorBoundary'
import { useChoiceInAddress } from './address'

interface AddressTabsProps<Part extends string> {
  readonly names: Readonly<Record<Part, string>>
  readonly panels: Readonly<Record<NoInfer<Part>, ReactNode>>
  /** What is shown where the address asks for nothing. */
  readonly usual: NoInfer<Part>
  readonly className?: string
}

/** Parts of a view side by side; the one that is open stands in the address as `part`. */
export function AddressTabs<Part extends string>({
  names,
  panels,
  usual,
  className = 'sheet',
}: AddressTabsProps<Part>) {
  const parts = Object.keys(names) as Part[]
  const [part, setPart] = useChoiceInAddress('part', parts, usual)
  // Parts whose code comes later are shown once the view stands.
  const shown = useMounted() ? part : usual
  const pick = (next: string | null) => {
    const picked = parts.find((each) => each === next)
    if (picked) setPart(picked)
  }
  return (
    <Tabs value={shown} onChange={pick} className={className} keepMounted={false}>
      <Tabs.List mb="sm">
        {parts.map((each) => (
          <Tabs.Tab key={each} value={each} data-part={each}>
            {names[each]}
          </Tabs.Tab>
        ))}
      </Tabs.List>
      <ErrorBoundary key={shown} what={names[shown]}>
        <Tabs.Panel value={shown}>{panels[shown]}</Tabs.Panel>
      </ErrorBoundary>
    </Tabs>
  )
}
