import { t } from '@lingui/core/macro'
import { useRef } from 'react'
import { minutesPast, modulo } from '../../core/clock'
import { minuteTouched, NUMBER_LINE, numberLine } from '../../core/faces'
import { languages } from '../../core/wording'
import { DrawingView } from '../../ui/DrawingView'
import type { LineProps } from './JumpLine'
import { pointInDrawing } from '../../core/drawing'

/**
 * The hour from 0 to 60, tied to the minute hand both ways: the hand moves its marker, a touch on it moves the hand.
 */
export function NumberLine({ minute, onTurn, wording }: LineProps) {
  const frame = useRef<HTMLDivElement>(null)
  const minutes = minutesPast(minute)
  const touch = (x: number) => {
    const box = frame.current?.getBoundingClientRect()
    if (!box) return
    onTurn(minuteTouched(minute, pointInDrawing({ x, y: box.top }, box, NUMBER_LINE).x))
  }
  const keys: Record<string, number> = {
    ArrowRight: 1,
    ArrowUp: 1,
    ArrowLeft: -1,
    ArrowDown: -1,
    PageUp: 5,
    PageDown: -5,
  }
  return (
    <div
      ref={frame}
      className="table-line dial-turnable"
      role="slider"
      tabIndex={0}
      aria-label={t`Number line`}
      aria-valuemin={0}
      aria-valuemax={59}
      aria-valuenow={minutes}
      aria-valuetext={t`${minutes} minutes past, ${60 - minutes} to`}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId)
        touch(event.clientX)
      }}
      onPointerMove={(event) => event.buttons > 0 && touch(event.clientX)}
      onKeyDown={(event) => {
        const by = keys[event.key]
        if (by === undefined) return
        event.preventDefault()
        onTurn(modulo(minute + by, 1440))
      }}
    >
      <DrawingView
        drawing={numberLine(minutes, languages[wording.language].phrases.onDial)}
        label={t`Number line from 0 to 60`}
      />
    </div>
  )
}
