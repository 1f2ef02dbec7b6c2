import { t } from '@lingui/core/macro'
import { ActionIcon, Button, Group, Stack, TextInput } from '@mantine/core'
import { IconPlus, IconPrinter, IconTrash } from '@tabler/icons-react'
import {
  LONGEST_STEP,
  MOST_BUFFER,
  MOST_START_STEPS,
  MOST_STARTS,
  spanText,
  type StartPlan,
  type StartStep,
} from '../../core/days'
import type { LanguageId } from '../../core/wording'
import { Choice } from '../../ui/Choice'
import { TimeField } from '../../ui/TimeField'
import { WholeField } from '../../ui/WholeField'
import type { DaysState } from './useDays'

const firstSteps = () => [
  { what: t`shoes and coats`, minutes: 12 },
  { what: t`last look round`, minutes: 8 },
  { what: t`the way there`, minutes: 20 },
]

interface StartChoiceProps {
  readonly state: DaysState
  readonly place: number
  readonly onPick: (place: number) => void
}

/** Which start of the day is worked out, another one, and the card of this one. */
export function StartChoice({ state, place, onPick }: StartChoiceProps) {
  const { starts, rows } = state.body
  const plan = starts[place]
  const add = () => {
    const row = rows[0]
    const made = { what: row?.what ?? t`being there`, deadline: row?.minute ?? 560, steps: firstSteps(), buffer: 0 }
    state.change({ starts: [...starts, made] })
    onPick(starts.length)
  }
  return (
    <Group gap="xs" align="end">
      {starts.length > 1 && (
        <Choice
          aria-label={t`Which start`}
          value={String(place)}
          onChange={(value) => onPick(Number(value))}
          data={starts.map(({ what, deadline }, i) => ({
            value: String(i),
            label: `${what}, ${spanText({ minute: deadline })}`,
          }))}
        />
      )}
      <Button
        variant={plan ? 'default' : 'filled'}
        disabled={starts.length >= MOST_STARTS}
        onClick={add}
        leftSection={<IconPlus size={17} />}
      >
        {plan ? t`Another` : t`Work out a start`}
      </Button>
      {plan && (
        <Button
          variant="subtle"
          leftSection={<IconTrash size={17} />}
          onClick={() => state.change({ starts: starts.filter((_, i) => i !== place) })}
        >{t`Remove`}</Button>
      )}
      {plan && state.one && !state.saving && !state.unsaved && (
        <Button
          variant="default"
          component="a"
          target="_blank"
          href={`/api/days/${state.one.id}/start.pdf?at=${place}`}
          leftSection={<IconPrinter size={17} />}
        >{t`Card for the door`}</Button>
      )}
    </Group>
  )
}

interface PlanFieldsProps {
  readonly plan: StartPlan
  /** Of those who read the day. */
  readonly language: LanguageId
  readonly onPut: (plan: StartPlan) => void
}

export function PlanFields({ plan, language, onPut }: PlanFieldsProps) {
  const { steps } = plan
  const putStep = (i: number, change: Partial<StartPlan['steps'][number]>) =>
    onPut({ ...plan, steps: steps.map((step, at) => (at === i ? { ...step, ...change } : step)) })
  return (
    <Stack gap={8}>
      <Group gap="sm" align="end">
        <TextInput
          label={t`What for`}
          value={plan.what}
          maxLength={40}
          onChange={(event) =>
            event.currentTarget.value.trim() !== '' && onPut({ ...plan, what: event.currentTarget.value })
          }
        />
        <TimeField
          label={t`Be there at`}
          value={plan.deadline}
          language={language}
          onChange={(deadline) => onPut({ ...plan, deadline })}
        />
        <WholeField
          label={t`Minutes to spare`}
          value={plan.buffer}
          least={0}
          most={MOST_BUFFER}
          onChange={(buffer) => onPut({ ...plan, buffer })}
        />
      </Group>
      {steps.map((step, i) => (
        <StepFields
          key={i}
          step={step}
          place={i}
          onPut={(change) => putStep(i, change)}
          onRemove={steps.length === 1 ? undefined : () => onPut({ ...plan, steps: steps.filter((_, at) => at !== i) })}
        />
      ))}
      {steps.length < MOST_START_STEPS && (
        <Button
          size="compact-sm"
          variant="subtle"
          style={{ alignSelf: 'flex-start' }}
          onClick={() => onPut({ ...plan, steps: [...steps, { what: t`another task`, minutes: 5 }] })}
        >{t`Add a task`}</Button>
      )}
    </Stack>
  )
}

interface StartStepProps {
  readonly step: StartStep
  readonly place: number
  readonly onPut: (change: Partial<StartStep>) => void
  readonly onRemove?: () => void
}

function StepFields({ step, place, onPut, onRemove }: StartStepProps) {
  return (
    <div className="days-steps">
      <TextInput
        label={t`Task ${place + 1}`}
        value={step.what}
        maxLength={40}
        onChange={(event) => event.currentTarget.value.trim() !== '' && onPut({ what: event.currentTarget.value })}
      />
      <WholeField
        label={t`Minutes`}
        value={step.minutes}
        least={1}
        most={LONGEST_STEP}
        onChange={(minutes) => onPut({ minutes })}
      />
      <input
        type="range"
        aria-label={t`What if task ${place + 1} takes longer`}
        min={1}
        max={Math.max(60, step.minutes)}
        value={step.minutes}
        onChange={(event) => onPut({ minutes: Number(event.currentTarget.value) })}
      />
      <ActionIcon
        variant="subtle"
        size="lg"
        aria-label={t`Remove task ${place + 1}`}
        disabled={!onRemove}
        onClick={onRemove}
      >
        <IconTrash size={17} />
      </ActionIcon>
    </div>
  )
}
