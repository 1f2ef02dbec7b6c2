import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { describeHourHandError, dialHour, onDial, type Hands, minuteShown } from '../../core/clock'
import { languages, parseTime, say, whyNoTime, type Wording, told, type Told } from '../../core/wording'
import { Segments } from '../../ui/Segments'
import type { Helps } from './HelpsMenu'

interface SaidProps {
  readonly hands: Hands
  readonly wording: Wording
  readonly day: number
  readonly isSaid: boolean
  readonly helps: Helps
}

/** The time, once it is asked for, or how the hour hand is off; before that, the hour that the zones show. */
export function Said({ hands, wording, day, isSaid, helps }: SaidProps) {
  const error = hands.gear === 'free' ? describeHourHandError(hands) : undefined
  const { phrases } = languages[wording.language]
  const unasked = helps.on.includes('zones') ? phrases.stillHour(dialHour(onDial(minuteShown(hands)))) : ''
  return (
    <div className="table-said" aria-live="polite" style={error && isSaid ? { fontSize: 24 } : undefined}>
      {isSaid ? (error ? said(error) : saidWhole(hands, wording, day)) : unasked}
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
export function Turning({ gear, onGear, step, onStep }: TurningProps) {
  return (
    <>
      <Segments
        aria-label={t`How the hands turn`}
        value={gear}
        onChange={onGear}
        data={[
          { value: 'geared', label: t`Hands together` },
          { value: 'free', label: t`Each hand alone` },
        ]}
      />
      <Segments
        aria-label={t`Minutes a click`}
        value={step}
        onChange={onStep}
        data={['1', '5', '15', '30'].map((value) => ({ value, label: value === '30' ? t`30 min` : value }))}
      />
    </>
  )
}

/** A time typed as adults type it: the clock is turned to it, or told why it is none. */
export function SetTo({ wording, onTime }: { wording: Wording; onTime: (minute: number) => void }) {
  const [text, setText] = useState('')
  const [error, setError] = useState<string>()
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        const parsed = parseTime(text, wording.language)
        const why = parsed ? undefined : whyNoTime(text, wording.language)
        setError(why && said(why))
        if (!parsed) return
        onTime(parsed.minute)
        setText('')
      }}
    >
      <TextInput
        aria-label={t`Set the clock to`}
        placeholder={t`Set to … half 4`}
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

const DAYS: Readonly<Record<string, Told>> = { '1': told('the next day'), '-1': told('the day before') }

/** The time in words and in figures; where the hands are geared, with its half of the day and the day. */
function saidWhole(hands: Hands, wording: Wording, day: number): string {
  const minute = minuteShown(hands)
  const figures = { ...wording, form: 'digital' } as const
  const words = say(onDial(minute), wording)
  const seconds = hands.gear === 'geared' ? (hands.second ?? 0) : 0
  const digital =
    hands.gear === 'geared' ? say(minute, { ...figures, options: { dayHalf: true } }) : say(onDial(minute), figures)
  const parts = [
    seconds > 0 ? t`${words} and ${seconds} s` : words,
    ...(digital === words ? [] : [digital]),
    ...(day === 0 ? [] : [dayInWords(day)]),
  ]
  return parts.join(' · ')
}

/** "the next day", "3 days on". */
function dayInWords(day: number): string {
  const near = DAYS[day]
  if (near) return said(near)
  return day > 0 ? t`${day} days on` : t`${-day} days back`
}
