import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Button, Group } from '@mantine/core'
import { useLocalStorage, useWindowEvent } from '@mantine/hooks'
import { useState } from 'react'
import { midnightsPassed, anglesOf, type Hands, minuteShown } from '../../core/clock'
import { FADING_ORDER } from '../../core/knowing'
import { type SessionContext, wordingOf } from '../../core/records'
import { type RungId, rungOf } from '../../core/teaching'
import { isTyping } from '../../ui/Shortcuts'
import { later, useFetchLater } from '../../ui/later'
import type { Helps } from './HelpsMenu'
import { ClockPickers, type Clocks, Dials, type LineShown } from './Dials'
import { Said, SetTo, Turning } from './StageParts'

const helpsMenu = later(async () => (await import('./HelpsMenu')).HelpsMenu, <HelpsMenuToCome />)
const numberLine = later(async () => (await import('./LineUnder')).NumberLine)
const jumpLine = later(async () => (await import('./JumpLine')).JumpLine)
const LATER = [helpsMenu, numberLine]

function HelpsMenuToCome() {
  return <Button variant="default">{t`Hints on the clock`}</Button>
}

const BARE: Helps = { on: [], order: FADING_ORDER, numerals: 'all', marks: 'all' }

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
  const [line, setLine] = useState<LineShown>('none')
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
    <section className="table-stage" aria-label={t`The clock, for ${said(rungOf(rung).name)}`}>
      <Dials clocks={clocks} line={line} hands={hands} onTurn={turn} step={+step} wording={wording} helps={helps} />
      {line === 'number' && <numberLine.Part minute={minute} onTurn={toMinute} wording={wording} />}
      {line === 'jumps' && <jumpLine.Part minute={minute} onTurn={toMinute} wording={wording} />}
      <Said hands={hands} wording={wording} day={day} isSaid={isSaid} helps={helps} />
      <Group gap="xs" justify="center">
        <Button variant={isSaid ? 'light' : 'default'} onClick={() => setSaid(!isSaid)}>
          {isSaid ? t`Hide the time` : t`Say the time`}
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

/** The menu of helps is fetched once it is asked for, or at once where some are on. */
function HelpsButton({ helps, onChange }: { helps: Helps; onChange: (helps: Helps) => void }) {
  const [isWanted, setWanted] = useState(false)
  if (isWanted || helps.on.length > 0)
    return <helpsMenu.Part helps={helps} onChange={onChange} defaultOpened={isWanted} />
  return <Button variant="default" onClick={() => setWanted(true)}>{t`Hints on the clock`}</Button>
}
