import { Tabs } from '@mantine/core'
import type { SessionContext } from '../../core/records'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { CheckStage } from './CheckStage'
import { CheckPanel } from './QuickCheck'
import { useQuickCheck } from './useQuickCheck'

/** The quick check: what the child sees, and what the adult does. Fetched and worked out when it is opened. */
export function CheckRoom({ context }: { context: SessionContext }) {
  const check = useQuickCheck(context)
  const { settings } = context
  return (
    <>
      <CheckStage check={check} settings={settings} />
      <Tabs.Panel value="check" className="table-panel">
        <ErrorBoundary what="The quick check">
          <CheckPanel check={check} settings={settings} />
        </ErrorBoundary>
      </Tabs.Panel>
    </>
  )
}
