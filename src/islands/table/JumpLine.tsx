import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Text, TextInput } from '@mantine/core'
import { useState } from 'react'
import { Choice } from '../../ui/Choice'
import { countJumps, workBack } from '../../core/clock'
import { jumpEnds, jumpLine } from '../../core/faces'
import { say, sayDuration, type Wording } from '../../core/wording'
import { DrawingView } from '../../ui/DrawingView'
import { Segments } from '../../ui/Segments'

export interface LineProps {
  /** The time on the dial, minutes since midnight. */
  readonly minute: number
  readonly onTurn: (minute: number) => void
  readonly wording: Wording
}

/** "20 min later", or "20 min sooner" below 0. */
const laterOrSooner = (minutes: number): string =>
  minutes > 0 ? t`${sayDuration(minutes)} later` : t`${sayDuration(-minutes)} sooner`

type Reckoning = 'later' | 'how-long' | 'start'
const LENGTHS = [5, 10, 15, 20, 25, 30, 35, 40, 45, 60, 75, 90, 120]

/** What is reckoned, and with what. */
interface Reckoned {
  readonly kind: Reckoning
  readonly by: number
  readonly from: number
  /** Minutes of each step as they are typed. */
  readonly steps: string
}

/** From when to when the jumps go. */
function endsOf({ kind, by, from, steps }: Reckoned, minute: number): { from: number; to: number } {
  if (kind === 'later') return jumpEnds(minute, by)
  if (kind === 'how-long') return { from, to: minute }
  return { from: workBack(minute, readSteps(steps) ?? []).start, to: minute }
}

/** Later and sooner, how long, and when to start, in the jumps a child can do; the dial gives the time. */
export function JumpLine({ minute, onTurn, wording }: LineProps) {
  const [state, setState] = useState<Reckoned>({ kind: 'later', by: 20, from: minute, steps: '10, 15' })
  const { kind, by } = state
  const digital = (at: number) => say(at, { ...wording, form: 'digital' })
  const ends = endsOf(state, minute)
  const { minutes } = countJumps(ends.from, ends.to)
  const target = kind === 'later' && by > 0 ? ends.to : ends.from
  return (
    <div className="table-line">
      <DrawingView
        drawing={jumpLine(ends.from, ends.to, digital, { backwards: kind === 'start' || (kind === 'later' && by < 0) })}
        label={t`Jumps from ${digital(ends.from)} to ${digital(ends.to)}`}
      />
      <Group gap="xs" justify="center">
        <Segments
          aria-label={t`What is reckoned`}
          value={kind}
          onChange={(kind) => setState({ ...state, kind })}
          data={[
            { value: 'later', label: t`Later` },
            { value: 'how-long', label: t`How long` },
            { value: 'start', label: t`Start when` },
          ]}
        />
        <ReckoningField state={state} onState={setState} minute={minute} digital={digital} />
        <Text span fw={700}>
          {kind === 'how-long' || target === minute ? sayDuration(minutes) : ''}
        </Text>
        {kind !== 'how-long' && (
          <Button variant="light" onClick={() => onTurn(target)}>
            <Trans>Show {digital(target)} on the clock</Trans>
          </Button>
        )}
      </Group>
    </div>
  )
}

interface FieldProps {
  readonly state: Reckoned
  readonly onState: (state: Reckoned) => void
  readonly minute: number
  readonly digital: (minute: number) => string
}

/** By how much, from when, or the minutes of each step. */
function ReckoningField({ state, onState, minute, digital }: FieldProps) {
  const { kind, by, steps } = state
  return (
    <>
      {kind === 'later' && (
        <Choice
          aria-label={t`By how much`}
          w={150}
          value={String(by)}
          onChange={(by) => onState({ ...state, by: Number(by) })}
          data={[...LENGTHS, ...LENGTHS.map((each) => -each)].map((each) => ({
            value: String(each),
            label: laterOrSooner(each),
          }))}
        />
      )}
      {kind === 'how-long' && (
        <Button variant="default" onClick={() => onState({ ...state, from: minute })}>
          <Trans>Begin at {digital(minute)}</Trans>
        </Button>
      )}
      {kind === 'start' && (
        <TextInput
          aria-label={t`Minutes of each jump`}
          w={130}
          value={steps}
          onChange={(event) => onState({ ...state, steps: event.currentTarget.value })}
          error={readSteps(steps) ? undefined : t`Like 12, 8, 20`}
        />
      )}
    </>
  )
}

/** "12, 8, 20" as whole minutes; undefined for anything else. */
function readSteps(text: string): number[] | undefined {
  const parts = text.split(/[,;+ ]+/).filter((part) => part !== '')
  const numbers = parts.map(Number)
  return parts.length > 0 && numbers.every((each) => Number.isInteger(each) && each >= 0 && each <= 720)
    ? numbers
    : undefined
}
