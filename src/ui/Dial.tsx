import { useDrag } from '@use-gesture/react'
import { useRef } from 'react'
import {
  type HandAngles,
  handAngles,
  modulo,
  onDial,
  readHands,
  signedGap,
  snapMinuteHand,
  turnGeared,
  turnSecondHand,
} from '../core/clock'
import { type Shape, angleOnDial, shapeSvg } from '../core/drawing'
import { type DialOptions, dialExtent, dialShapes } from '../core/faces'
import { type Wording, languages, say } from '../core/wording'
import { DialSliders } from './DialSliders'

/** What the hands show: a time, all hands moving together, or two angles, each hand by itself. */
export type Hands =
  | { readonly gear: 'geared'; readonly minute: number; readonly second?: number }
  | ({ readonly gear: 'free' } & HandAngles)

export function anglesOf(hands: Hands): HandAngles {
  return hands.gear === 'geared' ? handAngles(hands.minute) : hands
}

/** The time that the hands are nearest to: minutes since midnight when geared, 0 to 719 when free. */
export function minuteShown(hands: Hands): number {
  return hands.gear === 'geared' ? hands.minute : readHands(hands).minute
}

type Hand = 'hour' | 'minute' | 'second'

interface DialProps {
  readonly hands: Hands
  /** Left out: the dial is only looked at. */
  readonly onTurn?: (hands: Hands) => void
  /** Minutes that a dragged hand clicks to. */
  readonly step?: number
  readonly wording: Wording
  readonly scaffolds?: Partial<Omit<DialOptions, 'radius'>>
  readonly size: number | string
  /** Hide the time from its name, where it is the answer. */
  readonly secret?: boolean
  /** Told apart from other dials beside it. */
  readonly name?: string
  /** Another clock than the drawn dial: its shapes about the pivot, its reach and its face's radius, mm. */
  readonly clock?: {
    readonly shapes: (angles: HandAngles) => readonly Shape[]
    readonly reach: number
    readonly radius: number
  }
}

const RADIUS = 100
/** Nearer to the pivot than this share of the radius, a touch takes the hour hand. */
const INNER = 0.58

/** A clock whose hands turn by touch, mouse and key: the very shapes that are printed. */
export function Dial({
  hands,
  onTurn,
  step = 5,
  wording,
  scaffolds = {},
  size,
  secret = false,
  name = 'A clock',
  clock,
}: DialProps) {
  const second = hands.gear === 'geared' ? hands.second : undefined
  const options: DialOptions = {
    radius: RADIUS,
    words: languages[wording.language].phrases.onDial,
    ...scaffolds,
    secondHand: second,
  }
  const extent = clock?.reach ?? dialExtent(options)
  const radius = clock?.radius ?? RADIUS
  const angles = anglesOf(hands)
  const shapes = (clock?.shapes(angles) ?? dialShapes(angles, options)).map(shapeSvg).join('')
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
      const angle = angleOnDial(dx, dy)
      if (first) held.current = handAt(angle, Math.hypot(dx, dy) / radius, angles, second, options.hands)
      onTurn(turned(hands, held.current, angle, step))
    },
    // The keys have their own way in below.
    { pointer: { capture: true, keys: false } },
  )

  const label = secret ? `${name} to read` : `${name} showing ${say(onDial(minuteShown(hands)), wording)}`
  return (
    <div
      className={onTurn ? 'dial dial-turnable' : 'dial'}
      style={{ width: size, aspectRatio: '1' }}
      {...(onTurn ? bind() : {})}
    >
      <svg
        ref={svg}
        viewBox={`${-extent} ${-extent} ${2 * extent} ${2 * extent}`}
        role="img"
        aria-label={label}
        fontFamily="Andika, sans-serif"
      >
        {!clock && <circle r={extent} fill="#FBF7EF" />}
        <g dangerouslySetInnerHTML={{ __html: shapes }} />
      </svg>
      {onTurn && <DialSliders hands={hands} only={options.hands} onTurn={onTurn} wording={wording} />}
    </div>
  )
}

/** The hand that a touch takes: the only one there is, or by how far out it is (a share of the radius), save where it lies plainly on one. */
function handAt(
  angle: number,
  distance: number,
  angles: HandAngles,
  second?: number,
  only?: DialOptions['hands'],
): Hand {
  if (only === 'hour' || only === 'minute') return only
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
