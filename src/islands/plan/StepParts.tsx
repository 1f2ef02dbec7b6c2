import { said, saidAll } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { ActionIcon, Button, Group, Stack, Text, UnstyledButton } from '@mantine/core'
import { IconArrowsExchange, IconLock, IconLockOpen, IconTrash } from '@tabler/icons-react'
import { useState } from 'react'
import type { StepId } from '../../core/ids'
import { activityOf, wordsOn } from '../../core/activities'
import { paceInWords, planAfterLock, planAfterRemove, type PlanStep, type TimedStep } from '../../core/planning'
import type { Settings } from '../../core/records'
import type { Stage } from '../../core/teaching'
import { StageTag } from '../../ui/StageTag'
import { later } from '../../ui/later'
import type { PlanState } from './usePlan'

/** Works out games, for which all printables are needed: so it comes when a step is opened. */
const lasts = later(async () => (await import('./Lasts')).Lasts)

export interface StepRowProps {
  readonly timed: TimedStep
  readonly at: string
  readonly state: PlanState
  readonly settings: Settings
  readonly open: boolean
  readonly onPick: () => void
}

interface StepDeedsProps {
  readonly step: PlanStep
  readonly name: string
  readonly state: PlanState
}

/** What is rarely done with a step: it stays when another plan is built, or it goes. */
function StepDeeds({ step, name, state: { session, setPlan } }: StepDeedsProps) {
  return (
    <Group gap="xs">
      <Button
        variant={step.locked ? 'light' : 'default'}
        aria-label={t`Lock ${name} when another plan is built`}
        aria-pressed={step.locked === true}
        onClick={() => setPlan(planAfterLock(session.plan, step.id, !step.locked))}
        leftSection={step.locked ? <IconLock size={18} /> : <IconLockOpen size={18} />}
      >
        {step.locked ? t`Locked` : t`Lock`}
      </Button>
      <Button
        variant="default"
        aria-label={t`Remove ${name}`}
        onClick={() => setPlan(planAfterRemove(session.plan, step.id))}
        leftSection={<IconTrash size={18} />}
      >{t`Remove`}</Button>
    </Group>
  )
}

interface StepNameProps extends Pick<StepRowProps, 'at' | 'open' | 'onPick'> {
  readonly name: string
  readonly stage: Stage
  readonly isLocked: boolean
}

export function StepName({ name, stage, at, open, isLocked, onPick }: StepNameProps) {
  return (
    <UnstyledButton onClick={onPick} aria-expanded={open} className="plan-name">
      <Group gap="2px 8px" className="plan-row">
        <Text span size="sm" className="quiet" style={{ minWidth: 40 }}>
          {at}
        </Text>
        <Text span fw={600} className="anywhere plan-name-text">
          {name}
        </Text>
        {isLocked && <IconLock size={16} color="var(--moss)" role="img" aria-label={t`locked`} />}
        <StageTag stage={stage} />
      </Group>
    </UnstyledButton>
  )
}

/** Why it is there, what to do and what to look for. */
export function StepDetails({
  timed: { step, start },
  state,
  settings,
}: Pick<StepRowProps, 'timed' | 'state' | 'settings'>) {
  const activity = activityOf(step)
  const words = wordsOn(activity, step.rung)
  const players = state.request.children.length
  const pace = paceInWords(activity, players, state.request.pace)
  return (
    <Stack gap={4} mt={6} pl={44}>
      <Text size="sm" c="var(--stage)" fw={600}>
        {said(step.why)}
      </Text>
      <ol style={{ margin: 0, paddingLeft: 20, fontSize: 14 }}>
        {saidAll(words.steps).map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ol>
      <Text size="sm">
        <Trans>Look for: {said(words.lookFor)}</Trans>
      </Text>
      {pace && <Text size="sm">{said(pace)}</Text>}
      {step.stations && <stations.Part step={step} start={start} request={state.request} />}
      <lasts.Part step={step} children={players} settings={settings} />
      <StepDeeds step={step} name={said(activity.name)} state={state} />
      {step.tookSeconds !== undefined && (
        <Text size="sm">
          <Trans>It took {Math.round(step.tookSeconds / 60)} min.</Trans>
        </Text>
      )}
    </Stack>
  )
}

const stations = later(async () => (await import('../../ui/StationsShown')).StationsShown)
const swapMenu = later(async () => (await import('./SwapMenu')).SwapMenu)

/** The menu of what could stand in a step's place comes when it is asked for. */
export function Swap(props: { stepId: StepId; name: string; state: PlanState }) {
  const [isWanted, setWanted] = useState(false)
  const button = (
    <ActionIcon
      variant="subtle"
      color="gray"
      size="lg"
      className="plan-swap"
      aria-label={t`Swap ${props.name}`}
      title={t`Swap it for another activity`}
      onClick={() => setWanted(true)}
    >
      <IconArrowsExchange size={18} color="var(--quiet)" />
    </ActionIcon>
  )
  return isWanted ? <swapMenu.Part {...props} /> : button
}
