import { ActionIcon, Button, Group, Stack, Tabs, Text, Title } from '@mantine/core'
import { useDisclosure, useLocalStorage, useWindowEvent } from '@mantine/hooks'
import { IconChevronLeft, IconChevronRight } from '@tabler/icons-react'
import { useState } from 'react'
import { activityOf } from '../../core/activities'
import type { SessionContext } from '../../core/records'
import type { Hands } from '../../ui/Dial'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { isTyping } from '../../ui/Shortcuts'
import { Strip } from '../../ui/Strip'
import { useWaiting } from '../../ui/answerQueue'
import { later, useFetchLater } from '../../ui/later'
import { ClockStage } from './ClockStage'
import { StepPanel } from './StepPanel'
import { useQuickCheck } from './useQuickCheck'
import { useStepTimer } from './useStepTimer'
import './table.css'

const stage = later(async () => (await import('./CheckStage')).CheckStage, <div className="table-stage" />)
const panel = later(
  async () => (await import('./QuickCheck')).CheckPanel,
  <Title order={1} size="h2" mt={6}>
    Quick check
  </Title>,
)
const end = later(async () => (await import('./EndOfSession')).EndOfSession)
/** Fetched before they are needed, since a table must go on without a connection. */
const LATER = [stage, panel, end]

type Mode = 'clock' | 'check'

/** The session as it runs: a clock that is seen from 3 m, the step, the answers. */
export function TableRoom({ context }: { context: SessionContext }) {
  const { session, settings } = context
  const steps = session.plan.steps
  // Kept in the browser, so that a reload comes back to the same step.
  const [at, setAt] = useLocalStorage({
    key: `table-step-${session.id}`,
    defaultValue: 0,
    getInitialValueInEffect: false,
  })
  const [mode, setMode] = useState<Mode>()
  const [hands, setHands] = useState<Hands>({ gear: 'geared', minute: session.start })
  const [ending, ends] = useDisclosure(false)
  const { waiting, refused } = useWaiting()
  const check = useQuickCheck(context)
  const place = Math.min(at, Math.max(0, steps.length - 1))
  const step = steps[place]
  const activity = step ? activityOf(step.activityId) : undefined
  const timer = useStepTimer(step?.id, step?.minutes ?? 0)
  const shownMode = mode ?? (activity?.tableMode === 'quick-check' ? 'check' : 'clock')

  useFetchLater(LATER)
  const goTo = (index: number) => {
    if (index >= steps.length) return ends.open()
    setAt(Math.max(0, index))
    setMode(undefined)
  }
  useWindowEvent('keydown', (event) => {
    if (isTyping(event) || ending || event.ctrlKey || event.metaKey || event.altKey) return
    const moves: Record<string, () => void> = {
      n: () => goTo(place + 1),
      p: () => goTo(place - 1),
      c: () => setMode('clock'),
      q: () => setMode('check'),
      t: timer.toggle,
    }
    moves[event.key.toLowerCase()]?.()
  })

  return (
    <div className="table-room">
      <Group className="table-head" gap="xs" wrap="nowrap">
        <Button
          component="a"
          href={`/plan/${session.id}`}
          variant="subtle"
          size="sm"
          leftSection={<IconChevronLeft size={18} />}
        >
          Plan
        </Button>
        <div style={{ flex: 1, minWidth: 0 }}>
          <Strip
            plan={session.plan}
            height={44}
            at={step?.id}
            onPick={(id) => goTo(steps.findIndex((each) => each.id === id))}
          />
        </div>
        {timer.isRunning && shownMode === 'check' && (
          <Text
            fw={700}
            c={timer.leftSeconds < 0 ? 'var(--attention)' : undefined}
            role="timer"
            aria-label="Time of this step"
          >
            {timer.figures}
          </Text>
        )}
        <ActionIcon
          variant="default"
          size="lg"
          aria-label="Step before"
          disabled={place === 0}
          onClick={() => goTo(place - 1)}
        >
          <IconChevronLeft size={20} />
        </ActionIcon>
        {place + 1 < steps.length ? (
          <Button onClick={() => goTo(place + 1)} rightSection={<IconChevronRight size={18} />}>
            Next step
          </Button>
        ) : (
          <Button onClick={ends.open}>End the session</Button>
        )}
      </Group>
      <Tabs value={shownMode} onChange={(value) => setMode(value as Mode)} className="table-body" keepMounted={false}>
        {shownMode === 'clock' ? (
          <ClockStage hands={hands} onTurn={setHands} context={context} rung={step?.rung ?? session.plan.rung} />
        ) : (
          <stage.Part check={check} settings={settings} />
        )}
        <Stack gap="xs" className="table-side">
          <Tabs.List grow aria-label="At the table">
            <Tabs.Tab value="clock">Clock and step</Tabs.Tab>
            <Tabs.Tab value="check">Quick check</Tabs.Tab>
          </Tabs.List>
          <Tabs.Panel value="clock">
            <ErrorBoundary what="The step">
              {step && <StepPanel step={step} next={steps[place + 1]} timer={timer} />}
              {!step && (
                <Text>Nothing is planned for this session. The clock and the quick check work all the same.</Text>
              )}
            </ErrorBoundary>
          </Tabs.Panel>
          <Tabs.Panel value="check">
            <ErrorBoundary what="The quick check">
              <panel.Part check={check} settings={settings} />
            </ErrorBoundary>
          </Tabs.Panel>
          {waiting > 0 && (
            <Text size="sm" c="var(--attention)" role="status">
              {waiting} {waiting === 1 ? 'answer is' : 'answers are'} kept here until Ripe Acorn can be reached again.
            </Text>
          )}
          {refused.length > 0 && (
            <Text size="sm" c="var(--attention)" role="alert">
              Not kept: {[...new Set(refused)].join(' ')}
            </Text>
          )}
          {place + 1 < steps.length && (
            <Button variant="subtle" size="compact-sm" onClick={ends.open} style={{ alignSelf: 'flex-end' }}>
              End the session now
            </Button>
          )}
        </Stack>
      </Tabs>
      {ending && <end.Part opened onClose={ends.close} context={context} tally={check.tally} />}
    </div>
  )
}
