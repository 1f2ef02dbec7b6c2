import { Button, Stack, Tabs, Text, Title } from '@mantine/core'
import { useDisclosure, useWindowEvent } from '@mantine/hooks'
import { useState } from 'react'
import type { Session, SessionContext } from '../../core/records'
import type { Hands } from '../../ui/hands'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { isTyping } from '../../ui/Shortcuts'
import { Waiting } from '../../ui/Waiting'
import { later, useFetchLater } from '../../ui/later'
import { ClockStage } from './ClockStage'
import { StepPanel } from './StepPanel'
import { TableHead } from './TableHead'
import { type Mode, type StepsState, useSteps } from './useSteps'
import { type StepTimerState, useStepTimer } from './useStepTimer'
import './table.css'

const checkRoom = later(async () => (await import('./CheckRoom')).CheckRoom, <CheckComes />)
const end = later(async () => (await import('./EndOfSession')).EndOfSession)
/** Fetched before they are needed, since a table must go on without a connection. */
const LATER = [checkRoom, end]

/** The session as it runs: a clock that is seen from 3 m, the step, the answers. */
export function TableRoom({ context }: { context: SessionContext }) {
  const { session } = context
  const [hands, setHands] = useState<Hands>({ gear: 'geared', minute: session.start })
  const [ending, ends] = useDisclosure(false)
  const steps = useSteps(session, ends.open)
  const timer = useStepTimer(steps.step?.id, steps.step?.minutes ?? 0)
  useFetchLater(LATER)
  useTableKeys(steps, timer, ending)

  return (
    <div className="table-room">
      <TableHead session={session} steps={steps} timer={timer} showsTime={steps.mode === 'check'} onEnd={ends.open} />
      <Tabs value={steps.mode} onChange={(value) => steps.setMode(value as Mode)} className="table-body">
        <Tabs.List grow aria-label="At the table" className="table-tabs">
          <Tabs.Tab value="clock">Clock and step</Tabs.Tab>
          <Tabs.Tab value="check">Quick check</Tabs.Tab>
        </Tabs.List>
        {steps.mode === 'clock' ? (
          <>
            <ClockStage
              hands={hands}
              onTurn={setHands}
              context={context}
              rung={steps.step?.rung ?? session.plan.rung}
            />
            <Tabs.Panel value="clock" className="table-panel">
              <Step steps={steps} timer={timer} session={session} />
            </Tabs.Panel>
          </>
        ) : (
          <checkRoom.Part context={context} />
        )}
        <Stack gap="xs" className="table-foot">
          <Waiting />
          {!steps.isLast && (
            <Button variant="subtle" size="compact-sm" onClick={ends.open} style={{ alignSelf: 'flex-end' }}>
              End the session now
            </Button>
          )}
        </Stack>
      </Tabs>
      {ending && <end.Part opened onClose={ends.close} context={context} />}
    </div>
  )
}

interface StepProps {
  readonly steps: StepsState
  readonly timer: StepTimerState
  readonly session: Session
}

function Step({ steps: { step, next }, timer, session }: StepProps) {
  return (
    <ErrorBoundary what="The step">
      {step ? (
        <StepPanel step={step} next={next} timer={timer} session={session} />
      ) : (
        <Text>Nothing is planned for this session. The clock and the quick check work all the same.</Text>
      )}
    </ErrorBoundary>
  )
}

/** What stands in the quick check's place until its code has come. */
function CheckComes() {
  return (
    <>
      <div className="table-stage" />
      <Tabs.Panel value="check" className="table-panel">
        <Title order={1} size="h2" mt={6}>
          Quick check
        </Title>
      </Tabs.Panel>
    </>
  )
}

function useTableKeys({ place, goTo, setMode }: StepsState, timer: StepTimerState, isEnding: boolean) {
  useWindowEvent('keydown', (event) => {
    if (isTyping(event) || isEnding || event.ctrlKey || event.metaKey || event.altKey) return
    const moves: Record<string, () => void> = {
      n: () => goTo(place + 1),
      p: () => goTo(place - 1),
      c: () => setMode('clock'),
      q: () => setMode('check'),
      t: timer.toggle,
    }
    moves[event.key.toLowerCase()]?.()
  })
}
