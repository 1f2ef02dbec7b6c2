import { Button, Chip, Group, SegmentedControl } from '@mantine/core'
import { useWindowEvent } from '@mantine/hooks'
import { useState } from 'react'
import { type RungId, type SessionContext, describeHourHandError, rungOf, onDial, say, wordingOf } from '../../core'
import { Dial, type Hands, anglesOf, minuteShown } from '../../ui/Dial'
import { isTyping } from '../../ui/Shortcuts'

const SCAFFOLDS = [
  { id: 'ringOfFives', name: 'Ring of fives' },
  { id: 'halves', name: 'Past and to' },
  { id: 'zones', name: 'Hour zone' },
  { id: 'handLabels', name: 'Hand names' },
] as const

interface ClockStageProps {
  readonly hands: Hands
  readonly onTurn: (hands: Hands) => void
  readonly context: SessionContext
  readonly rung: RungId
}

/** The big clock to move, with what helps a reader switched on and off, and the time said when asked. */
export function ClockStage({ hands, onTurn, context, rung }: ClockStageProps) {
  const wording = wordingOf(context.settings)
  const [step, setStep] = useState(rung === 'minute' ? '1' : '5')
  const [shown, setShown] = useState<string[]>([])
  const [isSaid, setSaid] = useState(false)
  const gear = (next: string) => {
    if (next === 'geared') onTurn({ gear: 'geared', minute: minuteShown(hands) })
    else onTurn({ gear: 'free', ...anglesOf(hands) })
  }
  useWindowEvent('keydown', (event) => {
    if (isTyping(event) || event.ctrlKey || event.metaKey) return
    if (event.key.toLowerCase() === 'g') gear(hands.gear === 'geared' ? 'free' : 'geared')
    if (event.key.toLowerCase() === 'r') setSaid(!isSaid)
  })
  const error = hands.gear === 'free' ? describeHourHandError(hands) : undefined
  const said = say(onDial(minuteShown(hands)), wording)
  return (
    <section className="table-stage" aria-label={`The clock, for ${rungOf(rung).name}`}>
      <div className="table-dial">
        <Dial
          hands={hands}
          onTurn={onTurn}
          step={Number(step)}
          wording={wording}
          size="100%"
          scaffolds={Object.fromEntries(shown.map((id) => [id, true]))}
        />
      </div>
      <div className="table-said" aria-live="polite" style={error && isSaid ? { fontSize: 24 } : undefined}>
        {isSaid ? (error ?? said) : ''}
      </div>
      <Group gap="xs" justify="center">
        <Button variant={isSaid ? 'light' : 'default'} onClick={() => setSaid(!isSaid)}>
          {isSaid ? 'Hide the time' : 'Say the time'}
        </Button>
        <SegmentedControl
          aria-label="How the hands turn"
          value={hands.gear}
          onChange={gear}
          data={[
            { value: 'geared', label: 'Geared' },
            { value: 'free', label: 'Free hands' },
          ]}
        />
        <SegmentedControl
          aria-label="Minutes a click"
          value={step}
          onChange={setStep}
          data={['1', '5', '15', '30'].map((value) => ({ value, label: `${value} min` }))}
        />
        <Chip.Group multiple value={shown} onChange={setShown}>
          <Group gap={6} justify="center">
            {SCAFFOLDS.map(({ id, name }) => (
              <Chip key={id} value={id} size="sm" color="moss">
                {name}
              </Chip>
            ))}
          </Group>
        </Chip.Group>
      </Group>
    </section>
  )
}
