import { ActionIcon, Button, Group, Stack, Text, TextInput } from '@mantine/core'
import { IconPlus, IconPrinter, IconTrash } from '@tabler/icons-react'
import { useMemo, useState } from 'react'
import {
  LONGEST_STEP,
  MOST_BUFFER,
  MOST_STARTS,
  MOST_START_STEPS,
  type StartPlan,
  type StartStep,
  slackAt,
  spanText,
  startOf,
} from '../../core/days'
import { attempt } from '../../core/errors'
import { jumpLine } from '../../core/faces'
import { type DaysData, wordingOf } from '../../core/records'
import { sayDuration } from '../../core/wording'
import { Choice } from '../../ui/Choice'
import { Dial } from '../../ui/Dial'
import { DrawingView } from '../../ui/DrawingView'
import { fromTimeField, toTimeField } from '../../ui/dates'
import type { Hands } from '../../ui/hands'
import { StillDial } from '../../ui/DialFace'
import { WholeField } from '../../ui/WholeField'
import type { DaysState } from './useDays'

interface Props {
  readonly state: DaysState
  readonly data: DaysData
}

const FIRST_STEPS = [
  { what: 'shoes and coats', minutes: 12 },
  { what: 'last look round', minutes: 8 },
  { what: 'the way there', minutes: 20 },
]

/** "There at 9:20, these steps first": the start, worked back through whole hours, and what happens if it is later. */
export function StartPanel({ state, data }: Props) {
  const { starts } = state.body
  const [at, setAt] = useState(0)
  const plan = starts[at] ?? starts[0]
  const place = plan ? starts.indexOf(plan) : 0
  const put = (next: StartPlan) => state.change({ starts: starts.map((each, i) => (i === place ? next : each)) })
  return (
    <Stack gap="sm">
      <StartChoice state={state} place={place} onPick={setAt} />
      {plan && (
        <>
          <PlanFields key={`${state.one?.id} ${place}`} plan={plan} onPut={put} />
          <Worked key={`worked ${place} ${plan.deadline}`} plan={plan} data={data} />
        </>
      )}
      {!plan && (
        <Text size="sm">When must you start to be there in time? Steps are added, then taken from the deadline.</Text>
      )}
    </Stack>
  )
}

interface StartChoiceProps {
  readonly state: DaysState
  readonly place: number
  readonly onPick: (place: number) => void
}

/** Which start of the day is worked out, another one, and the card of this one. */
function StartChoice({ state, place, onPick }: StartChoiceProps) {
  const { starts, rows } = state.body
  const plan = starts[place]
  const add = () => {
    const row = rows[0]
    const made = { what: row?.what ?? 'being there', deadline: row?.minute ?? 560, steps: FIRST_STEPS, buffer: 0 }
    state.change({ starts: [...starts, made] })
    onPick(starts.length)
  }
  return (
    <Group gap="xs" align="end">
      {starts.length > 1 && (
        <Choice
          aria-label="Which start"
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
        {plan ? 'Another' : 'Work out a start'}
      </Button>
      {plan && (
        <Button
          variant="subtle"
          leftSection={<IconTrash size={17} />}
          onClick={() => state.change({ starts: starts.filter((_, i) => i !== place) })}
        >
          Remove
        </Button>
      )}
      {plan && state.one && !state.saving && !state.unsaved && (
        <Button
          variant="default"
          component="a"
          target="_blank"
          href={`/api/days/${state.one.id}/start.pdf?at=${place}`}
          leftSection={<IconPrinter size={17} />}
        >
          Card for the door
        </Button>
      )}
    </Group>
  )
}

function PlanFields({ plan, onPut }: { plan: StartPlan; onPut: (plan: StartPlan) => void }) {
  const { steps } = plan
  const putStep = (i: number, change: Partial<StartPlan['steps'][number]>) =>
    onPut({ ...plan, steps: steps.map((step, at) => (at === i ? { ...step, ...change } : step)) })
  return (
    <Stack gap={8}>
      <Group gap="sm" align="end">
        <TextInput
          label="What for"
          value={plan.what}
          maxLength={40}
          onChange={(event) =>
            event.currentTarget.value.trim() !== '' && onPut({ ...plan, what: event.currentTarget.value })
          }
        />
        <TextInput
          type="time"
          label="Be there at"
          value={toTimeField(plan.deadline)}
          onChange={(event) => {
            const deadline = fromTimeField(event.currentTarget.value)
            if (deadline !== undefined) onPut({ ...plan, deadline })
          }}
        />
        <WholeField
          label="Minutes to spare"
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
          onClick={() => onPut({ ...plan, steps: [...steps, { what: 'another step', minutes: 5 }] })}
        >
          Add a step
        </Button>
      )}
    </Stack>
  )
}

interface StepProps {
  readonly step: StartStep
  readonly place: number
  readonly onPut: (change: Partial<StartStep>) => void
  readonly onRemove?: () => void
}

function StepFields({ step, place, onPut, onRemove }: StepProps) {
  return (
    <div className="days-steps">
      <TextInput
        label={`Step ${place + 1}`}
        value={step.what}
        maxLength={40}
        onChange={(event) => event.currentTarget.value.trim() !== '' && onPut({ what: event.currentTarget.value })}
      />
      <WholeField
        label="Minutes"
        value={step.minutes}
        least={1}
        most={LONGEST_STEP}
        onChange={(minutes) => onPut({ minutes })}
      />
      <input
        type="range"
        aria-label={`What if step ${place + 1} takes longer`}
        min={1}
        max={Math.max(60, step.minutes)}
        value={step.minutes}
        onChange={(event) => onPut({ minutes: Number(event.currentTarget.value) })}
      />
      <ActionIcon
        variant="subtle"
        size="lg"
        aria-label={`Remove step ${place + 1}`}
        disabled={!onRemove}
        onClick={onRemove}
      >
        <IconTrash size={17} />
      </ActionIcon>
    </div>
  )
}

/** The start on a dial that can be turned, the way back in jumps, and whether it makes sense, in words. */
function Worked({ plan, data }: { plan: StartPlan; data: DaysData }) {
  const wording = wordingOf(data.settings)
  const { value: worked, refusal } = useMemo(() => attempt(() => startOf(plan)), [plan])
  const [tried, setTried] = useState<number | undefined>(undefined)
  if (!worked)
    return (
      <Text size="sm" role="alert" className="days-odd">
        {refusal?.message}.
      </Text>
    )
  const clock = (minute: number) => spanText({ minute })
  const shown = tried ?? worked.start
  const turned = (hands: Hands) => hands.gear === 'geared' && setTried(hands.minute)
  const sum = [
    ...worked.steps.map(({ minutes }) => sayDuration(minutes)),
    ...(plan.buffer > 0 ? [sayDuration(plan.buffer)] : []),
  ]
  return (
    <Stack gap={8} aria-label="The start" component="section">
      <div className="days-start">
        <Dial
          hands={{ gear: 'geared', minute: shown }}
          onTurn={turned}
          step={5}
          wording={wording}
          size={150}
          name="Start"
        />
        <div style={{ flex: '1 1 220px' }}>
          <Text fw={700} size="lg">
            Start at {clock(worked.start)}
            {worked.dayShift < 0 ? ' the day before' : ''}.
          </Text>
          <Text size="sm">
            {sum.join(' + ')} = {sayDuration(worked.total)}. {clock(plan.deadline)} less{' '}
            {worked.jumps.map(({ minutes }) => sayDuration(minutes)).join(', then ')} is {clock(worked.start)}.
          </Text>
          <Text size="sm">
            Does it make sense? {clock(worked.start)} and {sayDuration(worked.total)} is {clock(worked.proof)}
            {worked.proof === plan.deadline ? ', the time to be there.' : '.'}
          </Text>
          <Text size="sm" aria-live="polite">
            {tried === undefined
              ? 'Turn the hands to try another start.'
              : slackInWords(slackAt(plan, tried), clock(tried))}
          </Text>
        </div>
        <StillDial hands={{ gear: 'geared', minute: plan.deadline }} wording={wording} size={110} name="Deadline" />
      </div>
      <div className="days-picture-sheet">
        <DrawingView
          drawing={jumpLine(worked.start, plan.deadline, clock, { backwards: true })}
          label="The way back in jumps"
        />
      </div>
    </Stack>
  )
}

function slackInWords(slack: number, start: string): string {
  if (slack < 0) return `Starting at ${start} is ${sayDuration(-slack)} too late.`
  return slack === 0
    ? `Starting at ${start} is just in time.`
    : `Starting at ${start} leaves ${sayDuration(slack)} to spare.`
}
