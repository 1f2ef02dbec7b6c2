import { useDrag } from '@use-gesture/react'
import { useRef } from 'react'
import { modulo, signedGap, snapMinuteHand, turnGeared, turnSecondHand } from '../core/clock'
import { angleOnDial } from '../core/drawing'
import type { DialOptions } from '../core/faces'
import { DialFace, type FaceProps, faceOf } from './DialFace'
import { DialSliders } from './DialSliders'
import { type Hands, anglesOf } from './hands'

type Hand = 'hour' | 'minute' | 'second'

interface DialProps extends FaceProps {
  /** Left out: the dial is only looked at. */
  readonly onTurn?: (hands: Hands) => void
  /** Minutes that a dragged hand clicks to. */
  readonly step?: number
  readonly size: number | string
}

/** A touch that is nearer to the pivot than this share of the radius takes the hour hand. */
const INNER = 0.58

/** A clock whose hands turn by touch, mouse and key. */
export function Dial({ onTurn, step = 5, size, ...face }: DialProps) {
  const { hands, wording } = face
  const { options, extent, radius } = faceOf(face)
  const svg = useRef<SVGSVGElement>(null)
  const held = useRef<Hand>('minute')
  const bind = useDrag(
    ({ xy: [x, y], first, event }) => {
      if (!onTurn || !svg.current) return
      event.preventDefault()
      const box = svg.current.getBoundingClientRect()
      const scale = (2 * extent) / box.width
      const dx = (x - box.left - box.width / 2) * scale
      const dy = (y - box.top - box.height / 2) * scale
      const touch = { angle: angleOnDial(dx, dy), distance: Math.hypot(dx, dy) / radius }
      if (first) held.current = handAt(touch, hands, options.hands)
      onTurn(turned(hands, held.current, touch.angle, step))
    },
    // The keys have their own way in below.
    { pointer: { capture: true, keys: false } },
  )
  return (
    <div
      className={onTurn ? 'dial dial-turnable' : 'dial'}
      style={{ width: size, aspectRatio: '1' }}
      {...(onTurn ? bind() : {})}
    >
      <DialFace {...face} at={svg} />
      {onTurn && <DialSliders hands={hands} only={options.hands} onTurn={onTurn} wording={wording} />}
    </div>
  )
}

interface Touch {
  readonly angle: number
  /** From the pivot, a share of the radius. */
  readonly distance: number
}

/** The hand that a touch takes: the only one there is, or by how far out it is, save where it lies plainly on one. */
function handAt({ angle, distance }: Touch, hands: Hands, only?: DialOptions['hands']): Hand {
  if (only === 'hour' || only === 'minute') return only
  const second = hands.gear === 'geared' ? hands.second : undefined
  const angles = anglesOf(hands)
  const off = (at: number) => Math.abs(signedGap(at, angle))
  if (
    second !== undefined &&
    off(second * 6) < 10 &&
    off(angles.minute) > 12 &&
    (distance > INNER || off(angles.hour) > 20)
  )
    return 'second'
  if (distance > INNER) return 'minute'
  if (off(angles.hour) < 20 !== off(angles.minute) < 20) return off(angles.hour) < 20 ? 'hour' : 'minute'
  return 'hour'
}

function turned(hands: Hands, hand: Hand, angle: number, step: number): Hands {
  if (hands.gear === 'geared') {
    if (hand === 'second')
      return { ...hands, ...turnSecondHand({ minute: hands.minute, second: hands.second ?? 0 }, angle) }
    return { ...hands, minute: turnGeared(hands.minute, hand, angle, step) }
  }
  if (hand === 'minute') return { ...hands, minute: snapMinuteHand(angle, Math.min(step, 5)) }
  return { ...hands, hour: modulo(Math.round(angle), 360) }
}
