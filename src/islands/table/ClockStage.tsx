import { Button, Group, TextInput } from '@mantine/core'
import { Choice, listed } from '../../ui/Choice'
import { useLocalStorage, useWindowEvent } from '@mantine/hooks'
import { useState } from 'react'
import { describeHourHandError, dialHour, midnightsPassed, onDial } from '../../core/clock'
import { FADING_ORDER } from '../../core/knowing'
import { type SessionContext, wordingOf } from '../../core/records'
import { type RungId, rungOf } from '../../core/teaching'
import { languages, parseTime, say, type Wording, whyNoTime } from '../../core/wording'
import { Dial } from '../../ui/Dial'
import { type Hands, anglesOf, minuteShown } from '../../ui/hands'
import { isTyping } from '../../ui/Shortcuts'
import { helpsOnDial } from '../../ui/helps'
import { later, useFetchLater } from '../../ui/later'
import type { Helps } from './HelpsMenu'
import { Segments } from '../../ui/Segments'

const helpsMenu = later(async () => (await import('./HelpsMenu')).HelpsMenu, <Button variant="default">Helps</Button>)
const numberLine = later(async () => (await import('./LineUnder')).NumberLine)
const jumpLine = later(async () => (await import('./LineUnder')).JumpLine)
const LATER = [helpsMenu, numberLine]

const BARE: Helps = { on: [], order: FADING_ORDER, numerals: 'all', marks: 'all' }

/** Which clocks stand there: one with both hands, each hand on its own, or all three beside each other. */
const CLOCKS = {
  both: { name: 'Both hands', dials: ['both'] },
  second: { name: 'And seconds', dials: ['both'] },
  hour: { name: 'Hour hand only', dials: ['hour'] },
  minute: { name: 'Minute hand only', dials: ['minute'] },
  apart: { name: 'Apart and together', dials: ['hour', 'minute', 'both'] },
} as const
type Clocks = keyof typeof CLOCKS
const CLOCK_NAMES = (Object.keys(CLOCKS) as Clocks[]).map((value) => ({ value, label: CLOCKS[value].name }))

const LINES = { none: 'No line', number: 'Number line', jumps: 'Jumps' } as const
type Line = keyof typeof LINES

interface ClockStageProps {
  readonly hands: Hands
  readonly onTurn: (hands: Hands) => void
  readonly context: SessionContext
  readonly rung: RungId
}

/** The big clock to move, with what helps a reader switched on and faded, and the time said when asked. */
export function ClockStage({ hands, onTurn, context, rung }: ClockStageProps) {
  const wording = wordingOf(context.settings)
  const [step, setStep] = useState(rung === 'minute' ? '1' : '5')
  const [helps, setHelps] = useLocalStorage<Helps>({
    key: `table-helps-${context.session.id}`,
    defaultValue: BARE,
  })
  const [clocks, setClocks] = useState<Clocks>('both')
  const [line, setLine] = useState<Line>('none')
  const [isSaid, setSaid] = useState(false)
  const minute = minuteShown(hands)
  const { day, turn, gear, toMinute } = useTurning(hands, onTurn)
  useFetchLater(LATER)
  const pick = (next: Clocks) => {
    setClocks(next)
    if (hands.gear === 'geared' || next === 'second')
      onTurn({ gear: 'geared', minute, second: next === 'second' ? 0 : undefined })
  }
  useWindowEvent('keydown', (event) => {
    if (isTyping(event) || event.ctrlKey || event.metaKey) return
    if (event.key.toLowerCase() === 'g') gear(hands.gear === 'geared' ? 'free' : 'geared')
    if (event.key.toLowerCase() === 'r') setSaid(!isSaid)
  })
  return (
    <section className="table-stage" aria-label={`The clock, for ${rungOf(rung).name}`}>
      <Dials clocks={clocks} line={line} hands={hands} onTurn={turn} step={+step} wording={wording} helps={helps} />
      {line === 'number' && <numberLine.Part minute={minute} onTurn={toMinute} wording={wording} />}
      {line === 'jumps' && <jumpLine.Part minute={minute} onTurn={toMinute} wording={wording} />}
      <Said hands={hands} wording={wording} day={day} isSaid={isSaid} helps={helps} />
      <Group gap="xs" justify="center">
        <Button variant={isSaid ? 'light' : 'default'} onClick={() => setSaid(!isSaid)}>
          {isSaid ? 'Hide the time' : 'Say the time'}
        </Button>
        <Turning gear={hands.gear} onGear={gear} step={step} onStep={setStep} />
        <HelpsButton helps={helps} onChange={setHelps} />
        <SetTo wording={wording} onTime={toMinute} />
        <ClockPickers clocks={clocks} onClocks={pick} line={line} onLine={setLine} />
      </Group>
    </section>
  )
}

/** Turns the hands: together, each alone, or at once to a time; counts the midnights that were passed. */
function useTurning(hands: Hands, onTurn: (hands: Hands) => void) {
  const [day, setDay] = useState(0)
  const turn = (next: Hands) => {
    if (next.gear === 'geared' && hands.gear === 'geared') setDay(day + midnightsPassed(hands.minute, next.minute))
    onTurn(next)
  }
  const gear = (next: string) => {
    if (next === 'geared') onTurn({ gear: 'geared', minute: minuteShown(hands) })
    else onTurn({ gear: 'free', ...anglesOf(hands) })
  }
  const toMinute = (minute: number) =>
    turn({ gear: 'geared', minute, second: hands.gear === 'geared' ? hands.second : undefined })
  return { day, turn, gear, toMinute }
}

interface SaidProps {
  readonly hands: Hands
  readonly wording: Wording
  readonly day: number
  readonly isSaid: boolean
  readonly helps: Helps
}

/** The time, once it is asked for, or how the hour hand is off; before that, the hour that the zones show. */
function Said({ hands, wording, day, isSaid, helps }: SaidProps) {
  const error = hands.gear === 'free' ? describeHourHandError(hands) : undefined
  const { phrases } = languages[wording.language]
  const unasked = helps.on.includes('zones') ? phrases.stillHour(dialHour(onDial(minuteShown(hands)))) : ''
  return (
    <div className="table-said" aria-live="polite" style={error && isSaid ? { fontSize: 24 } : undefined}>
      {isSaid ? (error ?? saidWhole(hands, wording, day)) : unasked}
    </div>
  )
}

interface TurningProps {
  readonly gear: Hands['gear']
  readonly onGear: (gear: string) => void
  readonly step: string
  readonly onStep: (step: string) => void
}

/** Whether the hands turn together, and by how many minutes at a click. */
function Turning({ gear, onGear, step, onStep }: TurningProps) {
  return (
    <>
      <Segments
        aria-label="How the hands turn"
        value={gear}
        onChange={onGear}
        data={[
          { value: 'geared', label: 'Hands together' },
          { value: 'free', label: 'Each hand alone' },
        ]}
      />
      <Segments
        aria-label="Minutes a click"
        value={step}
        onChange={onStep}
        data={['1', '5', '15', '30'].map((value) => ({ value, label: value === '30' ? '30 min' : value }))}
      />
    </>
  )
}

/** The menu of helps is fetched once it is asked for, or at once where some are on. */
function HelpsButton({ helps, onChange }: { helps: Helps; onChange: (helps: Helps) => void }) {
  const [isWanted, setWanted] = useState(false)
  if (isWanted || helps.on.length > 0)
    return <helpsMenu.Part helps={helps} onChange={onChange} defaultOpened={isWanted} />
  return (
    <Button variant="default" onClick={() => setWanted(true)}>
      Helps
    </Button>
  )
}

interface DialsProps {
  readonly clocks: Clocks
  readonly line: Line
  readonly hands: Hands
  readonly onTurn: (hands: Hands) => void
  readonly step: number
  readonly wording: Wording
  readonly helps: Helps
}

function Dials({ clocks, line, hands, onTurn, step, wording, helps }: DialsProps) {
  const { dials } = CLOCKS[clocks]
  const minute = minuteShown(hands)
  return (
    <div className={`table-dials table-dials-${dials.length} table-dials-over-${line}`}>
      {dials.map((drawn) => (
        <div key={drawn} className="table-dial">
          <Dial
            name={dials.length === 1 ? 'A clock' : drawn === 'both' ? 'Both hands' : `The ${drawn} hand alone`}
            hands={hands}
            onTurn={onTurn}
            step={step}
            wording={wording}
            size="100%"
            scaffolds={{
              ...helpsOnDial(helps.on, minute),
              numerals: helps.numerals,
              marks: helps.marks,
              hands: drawn,
            }}
          />
        </div>
      ))}
    </div>
  )
}

interface PickersProps {
  readonly clocks: Clocks
  readonly onClocks: (clocks: Clocks) => void
  readonly line: Line
  readonly onLine: (line: Line) => void
}

/** Which clocks stand there, and the line under them. */
function ClockPickers({ clocks, onClocks, line, onLine }: PickersProps) {
  return (
    <>
      <Choice aria-label="Which clocks" w={170} value={clocks} onChange={onClocks} data={CLOCK_NAMES} />
      <Choice aria-label="Line under the clock" w={130} value={line} onChange={onLine} data={listed(LINES)} />
    </>
  )
}

/** A time typed as adults type it: the clock is turned to it, or told why it is none. */
function SetTo({ wording, onTime }: { wording: Wording; onTime: (minute: number) => void }) {
  const [text, setText] = useState('')
  const [error, setError] = useState<string>()
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        const parsed = parseTime(text, wording.language)
        setError(parsed ? undefined : whyNoTime(text, wording.language))
        if (!parsed) return
        onTime(parsed.minute)
        setText('')
      }}
    >
      <TextInput
        aria-label="Set the clock to"
        placeholder="Set to … half 4"
        w={error ? 300 : 150}
        value={text}
        error={error}
        onChange={(event) => {
          setText(event.currentTarget.value)
          setError(undefined)
        }}
        autoComplete="off"
      />
    </form>
  )
}

const DAYS: Readonly<Record<string, string>> = { '1': 'the next day', '-1': 'the day before' }

/** The time in words and in figures; where the hands are geared, with its half of the day and the day. */
function saidWhole(hands: Hands, wording: Wording, day: number): string {
  const minute = minuteShown(hands)
  const figures = { ...wording, form: 'digital' } as const
  const words = say(onDial(minute), wording)
  const seconds = hands.gear === 'geared' && hands.second ? ` and ${hands.second} s` : ''
  const digital =
    hands.gear === 'geared' ? say(minute, { ...figures, options: { dayHalf: true } }) : say(onDial(minute), figures)
  const parts = [
    words + seconds,
    ...(digital === words ? [] : [digital]),
    ...(day === 0 ? [] : [DAYS[day] ?? `${Math.abs(day)} days ${day > 0 ? 'on' : 'back'}`]),
  ]
  return parts.join(' · ')
}
