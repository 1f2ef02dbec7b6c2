import { t } from '@lingui/core/macro'
import { Box, Tabs } from '@mantine/core'
import { activityOf } from '../../core/activities'
import type { PlanStep } from '../../core/planning'
import type { SessionContext } from '../../core/records'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Segments } from '../../ui/Segments'
import { AllAtOncePanel, AllAtOnceStage } from './AllAtOnce'
import { CheckStage } from './CheckStage'
import { CheckPanel } from './QuickCheck'
import { type Choices, turnsIn } from './checkState'
import { useAllAtOnce } from './useAllAtOnce'
import { useCheckState } from './useCheckState'
import { useQuickCheck } from './useQuickCheck'

interface Props {
  readonly context: SessionContext
  readonly step?: PlanStep
}

/** The quick check: what the children see, and what the adult does. Fetched and worked out when it is opened. */
export function CheckRoom({ context, step }: Props) {
  const [kept] = useCheckState(context.session.id)
  const isAtOnce = step !== undefined && activityOf(step).tableMode === 'all-at-once'
  const turns = turnsIn(kept.choices, { id: step?.id, isAtOnce })
  return turns === 'all' ? (
    <AllAtOnce context={context} step={step} />
  ) : (
    <InTurn context={context} step={step} turns={turns} />
  )
}

function InTurn({ context, step, turns }: Props & { turns: 'round' | 'one' }) {
  const check = useQuickCheck(context)
  const { settings } = context
  const who = <WhoIsAsked turns={turns} onPick={(picked) => check.choose({ turns: picked, pickedIn: step?.id })} />
  return (
    <>
      <CheckStage check={check} settings={settings} />
      <Tabs.Panel value="check" className="table-panel">
        <ErrorBoundary what={t`The quick check`}>
          <CheckPanel check={check} settings={settings} who={who} />
        </ErrorBoundary>
      </Tabs.Panel>
    </>
  )
}

function AllAtOnce({ context, step }: Props) {
  const check = useAllAtOnce(context)
  const { settings } = context
  return (
    <>
      <AllAtOnceStage check={check} settings={settings} />
      <Tabs.Panel value="check" className="table-panel">
        <ErrorBoundary what={t`The quick check`}>
          <AllAtOncePanel check={check} settings={settings} />
          <Box mt="sm">
            <WhoIsAsked turns="all" onPick={(picked) => check.choose({ turns: picked, pickedIn: step?.id })} />
          </Box>
        </ErrorBoundary>
      </Tabs.Panel>
    </>
  )
}

interface WhoProps {
  readonly turns: Choices['turns']
  readonly onPick: (turns: Choices['turns']) => void
}

function WhoIsAsked({ turns, onPick }: WhoProps) {
  return (
    <Segments
      aria-label={t`Who is asked`}
      value={turns}
      onChange={onPick}
      data={[
        { value: 'round', label: t`In turn` },
        { value: 'one', label: t`One child` },
        { value: 'all', label: t`All at once` },
      ]}
    />
  )
}
