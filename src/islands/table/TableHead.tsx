import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { ActionIcon, Button, Group, Text } from '@mantine/core'
import { IconChevronLeft, IconChevronRight } from '@tabler/icons-react'
import type { Session } from '../../core/records'
import { Strip } from '../../ui/Strip'
import type { StepsState } from './useSteps'
import type { StepTimerState } from './useStepTimer'

interface Props {
  readonly session: Session
  readonly steps: StepsState
  readonly timer: StepTimerState
  /** Where the step itself, with its time, is not on the screen. */
  readonly showsTime: boolean
  readonly onEnd: () => void
}

/** Back to the plan, the strip of steps, and on to the next one. */
export function TableHead({ session, steps, timer, showsTime, onEnd }: Props) {
  const { place, step, goTo, isLast } = steps
  return (
    <Group className="table-head" gap="xs">
      <Button
        component="a"
        href={`/plan/${session.id}`}
        variant="subtle"
        size="sm"
        leftSection={<IconChevronLeft size={18} />}
      >{t`Plan`}</Button>
      <Text size="sm" className="table-place quiet">
        <Trans>
          {place + 1} of {session.plan.steps.length}
        </Trans>
      </Text>
      <div className="table-strip">
        <Strip
          plan={session.plan}
          height={44}
          at={step?.id}
          onPick={(id) => goTo(session.plan.steps.findIndex((each) => each.id === id))}
        />
      </div>
      {showsTime && timer.isRunning && (
        <Text
          fw={700}
          c={timer.leftSeconds < 0 ? 'var(--attention)' : undefined}
          role="timer"
          aria-label={t`Time of this activity`}
        >
          {timer.figures}
        </Text>
      )}
      <ActionIcon
        variant="default"
        size="lg"
        aria-label={t`Activity before`}
        disabled={place === 0}
        onClick={() => goTo(place - 1)}
      >
        <IconChevronLeft size={20} />
      </ActionIcon>
      {isLast ? (
        <Button onClick={onEnd}>{t`End the session`}</Button>
      ) : (
        // Until an activity has begun, what is most likely next is to begin it.
        <Button
          variant={timer.isRunning ? 'filled' : 'light'}
          onClick={() => goTo(place + 1)}
          rightSection={<IconChevronRight size={18} />}
        >{t`Next activity`}</Button>
      )}
    </Group>
  )
}
