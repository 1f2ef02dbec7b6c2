import { t } from '@lingui/core/macro'
import { Button, Stack, Tabs, Text, Title } from '@mantine/core'
import { useDisclosure, useWindowEvent } from '@mantine/hooks'
import { useState } from 'react'
import { LONGEST_TOOK_SECONDS, planAfterTook } from '../../core/planning'
import type { SessionContext } from '../../core/records'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { isTyping } from '../../ui/Shortcuts'
import { Waiting } from '../../ui/Waiting'
import { later, useFetchLater } from '../../ui/later'
import { type EditState, useEdits } from '../plan/useEdits'
import { ClockStage } from './ClockStage'
import { planner } from './BendPanel'
import { StepPanel, isEnglish, stations, translated } from './StepPanel'
import { TableHead } from './TableHead'
import { type StageMode, type StepsState, useSteps } from './useSteps'
import { type StepTimerState, useStepTimer } from './useStepTimer'
import type { Hands } from '../../core/clock'
import './table.css'

const checkRoom = later(async () => (await import('./CheckRoom')).CheckRoom, <CheckComes />)
const endOfSession = later(async () => (await import('./EndOfSession')).EndOfSession)
/** Fetched before they are needed, since a table must go on without a connection. */
const LATER = [checkRoom, endOfSession, planner, stations]
const LATER_ELSEWHERE = [...LATER, translated]
/** Shorter than this, a step was only looked at. */
const LEAST_TIMED_SECONDS = 20

/** The session as it runs: a clock that is seen from 3 m, the step, the answers. */
export function TableRoom({ context }: { context: SessionContext }) {
  const state = useEdits(context)
  const { session } = state
  const [hands, setHands] = useState<Hands>({ gear: 'geared', minute: session.start })
  const [ending, ends] = useDisclosure(false)
  const { steps, timer, end } = useTimedSteps(state, ends.open)
  useFetchLater(isEnglish(context.settings.language) ? LATER : LATER_ELSEWHERE)
  useTableKeys(steps, timer, ending)

  return (
    <div className="table-room">
      <TableHead session={session} steps={steps} timer={timer} showsTime={steps.mode === 'check'} onEnd={end} />
      <Tabs value={steps.mode} onChange={(value) => steps.setMode(value as StageMode)} className="table-body">
        <Tabs.List grow aria-label={t`At the table`} className="table-tabs">
          <Tabs.Tab value="clock">{t`Clock and activity`}</Tabs.Tab>
          <Tabs.Tab value="check">{t`Quick check`}</Tabs.Tab>
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
              <Step steps={steps} timer={timer} state={state} context={context} />
            </Tabs.Panel>
          </>
        ) : (
          <checkRoom.Part context={context} step={steps.step} />
        )}
        <Stack gap="xs" className="table-foot">
          <Waiting />
          {!steps.isLast && (
            <Button
              variant="subtle"
              size="compact-sm"
              onClick={end}
              style={{ alignSelf: 'flex-end' }}
            >{t`End the session now`}</Button>
          )}
        </Stack>
      </Tabs>
      {ending && <endOfSession.Part onClose={ends.close} context={{ ...context, session }} />}
    </div>
  )
}

/** The step that is held and its time. How long it took is kept as soon as another one is gone to. */
function useTimedSteps(state: EditState, onEnd: () => void) {
  const { plan } = state.session
  const moves = useSteps(state.session, onEnd)
  const timer = useStepTimer(moves.step?.id, moves.step?.minutes ?? 0)
  // A step that is gone back to goes on from what it took before.
  const { step } = moves
  const [opened, setOpened] = useState({ id: step?.id, before: step?.tookSeconds ?? 0 })
  if (opened.id !== step?.id) setOpened({ id: step?.id, before: step?.tookSeconds ?? 0 })
  const keepTook = () => {
    if (!step || timer.spentSeconds < LEAST_TIMED_SECONDS) return
    state.setPlan(planAfterTook(plan, step.id, Math.min(opened.before + timer.spentSeconds, LONGEST_TOOK_SECONDS)))
  }
  const end = () => {
    keepTook()
    onEnd()
  }
  const goTo = (index: number) => {
    if (index >= plan.steps.length) return end()
    keepTook()
    moves.goTo(index)
  }
  return { steps: { ...moves, goTo }, timer, end }
}

interface HeldStepProps {
  readonly steps: StepsState
  readonly timer: StepTimerState
  readonly state: EditState
  readonly context: SessionContext
}

function Step({ steps: { step, next, setMode }, timer, state, context }: HeldStepProps) {
  return (
    <ErrorBoundary what={t`The activity`}>
      {step ? (
        <StepPanel
          step={step}
          next={next}
          timer={timer}
          state={state}
          context={context}
          onAsk={() => setMode('check')}
        />
      ) : (
        <Text>{t`Nothing is planned for this session. The clock and the quick check work all the same.`}</Text>
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
        <Title order={1} size="h2" mt={6}>{t`Quick check`}</Title>
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
