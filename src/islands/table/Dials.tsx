import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Choice, listed } from '../../ui/Choice'
import { type Wording, told } from '../../core/wording'
import { Dial } from '../../ui/Dial'
import { helpsOnDial } from '../../ui/helps'
import type { Helps } from './HelpsMenu'
import { type Hands, minuteShown } from '../../core/clock'

/** Which clocks stand there: one with both hands, each hand on its own, or all three beside each other. */
const CLOCKS = {
  both: { name: told('Both hands'), dials: ['both'] },
  second: { name: told('And seconds'), dials: ['both'] },
  hour: { name: told('Hour hand only'), dials: ['hour'] },
  minute: { name: told('Minute hand only'), dials: ['minute'] },
  apart: { name: told('One hand each, then both'), dials: ['hour', 'minute', 'both'] },
} as const

export type Clocks = keyof typeof CLOCKS
const clockChoices = () =>
  (Object.keys(CLOCKS) as Clocks[]).map((value) => ({ value, label: said(CLOCKS[value].name) }))

const ALONE = {
  both: told('Both hands'),
  hour: told('The hour hand alone'),
  minute: told('The minute hand alone'),
} as const

const LINES = { none: told('No line'), number: told('Number line'), jumps: told('Jumps') } as const
export type LineShown = keyof typeof LINES

interface DialsProps {
  readonly clocks: Clocks
  readonly line: LineShown
  readonly hands: Hands
  readonly onTurn: (hands: Hands) => void
  readonly step: number
  readonly wording: Wording
  readonly helps: Helps
}

export function Dials({ clocks, line, hands, onTurn, step, wording, helps }: DialsProps) {
  const { dials } = CLOCKS[clocks]
  const minute = minuteShown(hands)
  return (
    <div className={`table-dials table-dials-${dials.length} table-dials-over-${line}`}>
      {dials.map((drawn) => (
        <div key={drawn} className="table-dial">
          <Dial
            name={dials.length === 1 ? t`A clock` : said(ALONE[drawn])}
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
  readonly line: LineShown
  readonly onLine: (line: LineShown) => void
}

/** Which clocks stand there, and the line under them. */
export function ClockPickers({ clocks, onClocks, line, onLine }: PickersProps) {
  return (
    <>
      <Choice aria-label={t`Which clocks`} w={170} value={clocks} onChange={onClocks} data={clockChoices()} />
      <Choice aria-label={t`Line under the clock`} w={130} value={line} onChange={onLine} data={listed(LINES)} />
    </>
  )
}
