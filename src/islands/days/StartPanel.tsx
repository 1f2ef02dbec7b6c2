import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Stack, Text } from '@mantine/core'
import { useMemo, useState } from 'react'
import { slackAt, spanText, startOf, type StartPlan, type WorkedStart } from '../../core/days'
import { attempt } from '../../core/errors'
import { jumpLine } from '../../core/faces'
import { type DaysData, wordingOf } from '../../core/records'
import { sayDuration } from '../../core/wording'
import { Dial } from '../../ui/Dial'
import { DrawingView } from '../../ui/DrawingView'
import { StillDial } from '../../ui/DialFace'
import type { DaysState } from './useDays'
import { PlanFields, StartChoice } from './StartFields'
import type { Hands } from '../../core/clock'

interface Props {
  readonly state: DaysState
  readonly data: DaysData
}

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
          <PlanFields key={`${state.one?.id} ${place}`} plan={plan} language={data.settings.language} onPut={put} />
          <Worked key={`worked ${place} ${plan.deadline}`} plan={plan} data={data} />
        </>
      )}
      {!plan && (
        <Text size="sm">
          <Trans>
            When must you start to be there in time? The minutes of all tasks are added, then taken from the deadline.
          </Trans>
        </Text>
      )}
    </Stack>
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
        {refusal && said(refusal.says)}.
      </Text>
    )
  const clock = (minute: number) => spanText({ minute })
  const shown = tried ?? worked.start
  const turned = (hands: Hands) => hands.gear === 'geared' && setTried(hands.minute)
  return (
    <Stack gap={8} aria-label={t`The start`} component="section">
      <div className="days-start">
        <Dial
          hands={{ gear: 'geared', minute: shown }}
          onTurn={turned}
          step={5}
          wording={wording}
          size={150}
          name={t`Start`}
        />
        <div style={{ flex: '1 1 220px' }}>
          <Reckoning plan={plan} worked={worked} />
          <Text size="sm" aria-live="polite">
            {tried === undefined
              ? t`Turn the hands to try another start.`
              : slackInWords(slackAt(plan, tried), clock(tried))}
          </Text>
        </div>
        <StillDial hands={{ gear: 'geared', minute: plan.deadline }} wording={wording} size={110} name={t`Deadline`} />
      </div>
      <div className="days-picture-sheet">
        <DrawingView
          drawing={jumpLine(worked.start, plan.deadline, clock, { backwards: true })}
          label={t`The way back in jumps`}
        />
      </div>
    </Stack>
  )
}

function slackInWords(slack: number, start: string): string {
  if (slack < 0) return t`Starting at ${start} is ${sayDuration(-slack)} too late.`
  return slack === 0
    ? t`Starting at ${start} is just in time.`
    : t`Starting at ${start} leaves ${sayDuration(slack)} to spare.`
}

/** The start, how it is reckoned, and whether it makes sense. */
function Reckoning({ plan, worked }: { plan: StartPlan; worked: WorkedStart }) {
  const clock = (minute: number) => spanText({ minute })
  const sum = [
    ...worked.steps.map(({ minutes }) => sayDuration(minutes)),
    ...(plan.buffer > 0 ? [sayDuration(plan.buffer)] : []),
  ]
  return (
    <>
      <Text fw={700} size="lg">
        {worked.dayShift < 0 ? t`Start at ${clock(worked.start)} the day before.` : t`Start at ${clock(worked.start)}.`}
      </Text>
      <Text size="sm">
        {sum.join(' + ')} = {sayDuration(worked.total)}.{' '}
        {[clock(plan.deadline), ...worked.jumps.map(({ minutes }) => sayDuration(minutes))].join(' − ')} ={' '}
        {clock(worked.start)}.
      </Text>
      <Text size="sm">
        {worked.proof === plan.deadline
          ? t`Does it make sense? ${clock(worked.start)} and ${sayDuration(worked.total)} is ${clock(worked.proof)}, the time to be there.`
          : t`Does it make sense? ${clock(worked.start)} and ${sayDuration(worked.total)} is ${clock(worked.proof)}.`}
      </Text>
    </>
  )
}
