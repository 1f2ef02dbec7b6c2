import { Tabs } from '@mantine/core'
import { useMounted } from '@mantine/hooks'
import { type ReactNode, useState } from 'react'
import { ErrorBoundary } from './ErrorBoundary'
import { putInAddress } from './openKept'

interface AddressTabsProps<Part extends string> {
  readonly names: Readonly<Record<Part, string>>
  readonly panels: Readonly<Record<NoInfer<Part>, ReactNode>>
  /** What the address asks for, and what is shown where it asks for nothing. */
  readonly asked: string | null
  readonly usual: NoInfer<Part>
}

/** Parts of a view side by side; the one that is open stands in the address as `part`. */
export function AddressTabs<Part extends string>({ names, panels, asked, usual }: AddressTabsProps<Part>) {
  const parts = Object.keys(names) as Part[]
  const [part, setPart] = useState<Part>(parts.find((each) => each === asked) ?? usual)
  // Parts whose code comes later are shown once the view stands.
  const shown = useMounted() ? part : usual
  const pick = (next: string | null) => {
    const picked = parts.find((each) => each === next)
    if (!picked) return
    setPart(picked)
    putInAddress('part', picked)
  }
  return (
    <Tabs value={shown} onChange={pick} className="sheet" keepMounted={false}>
      <Tabs.List mb="sm">
        {parts.map((each) => (
          <Tabs.Tab key={each} value={each}>
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
