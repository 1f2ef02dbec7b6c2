import { said } from '../words/i18n'
import { t } from '@lingui/core/macro'
import type { KeyboardEvent } from 'react'
import { describeHourHandError, onDial, readHands, type Hands, handsMoved } from '../core/clock'
import type { DialOptions } from '../core/faces'
import { type Wording, say } from '../core/wording'

/** Minutes that a key moves a hand by. */
const KEYS: Readonly<Record<string, number>> = {
  ArrowRight: 1,
  ArrowLeft: -1,
  ArrowUp: 5,
  ArrowDown: -5,
  PageUp: 15,
  PageDown: -15,
  End: 60,
  Home: -60,
}

interface DialSlidersProps {
  readonly hands: Hands
  readonly only?: DialOptions['hands']
  readonly onTurn: (hands: Hands) => void
  readonly wording: Wording
}

/**
 * Turns the hands by key: 1, 5, 15 or 60 minutes, with Shift for the other hand. Hands that turn together have one
 * slider; otherwise each hand has its own.
 */
export function DialSliders({ hands, only, onTurn, wording }: DialSlidersProps) {
  if (hands.gear === 'geared') {
    const move = (minutes: number, isOther: boolean) => onTurn(handsMoved(hands, isOther ? 'hour' : 'minute', minutes))
    return (
      <Slider
        name={t`Time shown`}
        now={hands.minute}
        most={1439}
        text={say(onDial(hands.minute), wording)}
        onMove={move}
      />
    )
  }
  const error = describeHourHandError(hands)
  const text = error ? said(error) : say(readHands(hands).minute, wording)
  const slider = (hand: 'hour' | 'minute', other: 'hour' | 'minute', name: string) =>
    only !== other && (
      <Slider
        name={name}
        now={Math.round(hands[hand])}
        most={359}
        text={text}
        onMove={(minutes, isOther) => onTurn(handsMoved(hands, isOther ? other : hand, minutes))}
      />
    )
  return (
    <>
      {slider('minute', 'hour', t`Minute hand`)}
      {slider('hour', 'minute', t`Hour hand`)}
    </>
  )
}

interface SliderProps {
  readonly name: string
  readonly now: number
  readonly most: number
  readonly text: string
  readonly onMove: (minutes: number, isOther: boolean) => void
}

function Slider({ name, now, most, text, onMove }: SliderProps) {
  const press = (event: KeyboardEvent) => {
    const minutes = KEYS[event.key]
    if (minutes === undefined) return
    event.preventDefault()
    onMove(minutes, event.shiftKey)
  }
  return (
    <div
      className="dial-slider"
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuemin={0}
      aria-valuemax={most}
      aria-valuenow={now}
      aria-valuetext={text}
      onKeyDown={press}
    />
  )
}
