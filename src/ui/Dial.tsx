import { useDrag } from '@use-gesture/react'
import { type KeyboardEvent, useRef } from 'react'
import {
  type DialOptions,
  type HandAngles,
  type Shape,
  type Wording,
  angleOnDial,
  describeHourHandError,
  dialExtent,
  dialShapes,
  handAngles,
  modulo,
  onDial,
  readHands,
  say,
  shapeSvg,
  signedGap,
  snapMinuteHand,
  turnGeared,
} from '../core'

/** What the hands show: a time, both hands moving together, or two angles, each hand by itself. */
export type Hands = { readonly gear: 'geared'; readonly minute: number } | ({ readonly gear: 'free' } & HandAngles)

export function anglesOf(hands: Hands): HandAngles {
  return hands.gear === 'geared' ? handAngles(hands.minute) : hands
}

/** The time that the hands are nearest to: minutes since midnight when geared, 0 to 719 when free. */
export function minuteShown(hands: Hands): number {
  return hands.gear === 'geared' ? hands.minute : readHands(hands).minute
}

type Hand = 'hour' | 'minute'

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
export function Dial({ hands, onTurn, step = 5, wording, scaffolds = {}, size, secret = false, clock }: DialProps) {
  const options: DialOptions = { radius: RADIUS, ...scaffolds }
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
      if (first) held.current = handAt(angle, Math.hypot(dx, dy) / radius, angles)
      onTurn(turned(hands, held.current, angle, step))
    },
    // The keys have their own way in below.
    { pointer: { capture: true, keys: false } },
  )

  const name = secret ? 'A clock to read' : `A clock showing ${say(onDial(minuteShown(hands)), wording)}`
  return (
    <div className={onTurn ? 'dial dial-turnable' : 'dial'} style={{ width: size, aspectRatio: '1' }} {...(onTurn ? bind() : {})}>
      <svg ref={svg} viewBox={`${-extent} ${-extent} ${2 * extent} ${2 * extent}`} role="img" aria-label={name} fontFamily="Andika, sans-serif">
        {!clock && <circle r={extent} fill="#FBF7EF" />}
        <g dangerouslySetInnerHTML={{ __html: shapes }} />
      </svg>
      {onTurn && <Sliders hands={hands} onTurn={onTurn} step={step} wording={wording} />}
    </div>
  )
} // prettier-ignore

/** The hand that a touch takes: by how far out it is (a share of the radius), save where it lies plainly on one of them. */
function handAt(angle: number, distance: number, angles: HandAngles): Hand {
  const toHour = Math.abs(signedGap(angles.hour, angle))
  const toMinute = Math.abs(signedGap(angles.minute, angle))
  if (distance > INNER) return 'minute'
  if (toHour < 20 !== toMinute < 20) return toHour < toMinute ? 'hour' : 'minute'
  return 'hour'
}

function turned(hands: Hands, hand: Hand, angle: number, step: number): Hands {
  if (hands.gear === 'geared') return { gear: 'geared', minute: turnGeared(hands.minute, hand, angle, step) }
  if (hand === 'minute') return { ...hands, minute: snapMinuteHand(angle, Math.min(step, 5)) }
  return { ...hands, hour: modulo(Math.round(angle), 360) }
}

/** The keys' way in: one slider for a geared clock, one a hand for a free one. */
function Sliders({ hands, onTurn, step, wording }: Required<Pick<DialProps, 'hands' | 'onTurn' | 'step' | 'wording'>>) {
  const said = say(onDial(minuteShown(hands)), wording)
  if (hands.gear === 'geared') {
    const by = (minutes: number) => onTurn({ gear: 'geared', minute: modulo(hands.minute + minutes, 1440) })
    return <Slider name="Time shown" now={hands.minute} most={1439} text={said} onKey={(keys) => by(keys * step)} onPage={(pages) => by(pages * 60)} /> // prettier-ignore
  }
  const error = describeHourHandError(hands)
  return (
    <>
      <Slider
        name="Minute hand"
        now={Math.round(hands.minute)}
        most={359}
        text={error ?? said}
        onKey={(keys) => onTurn({ ...hands, minute: modulo(hands.minute + keys * 6 * Math.min(step, 5), 360) })}
        onPage={(pages) => onTurn({ ...hands, minute: modulo(hands.minute + pages * 90, 360) })}
      />
      <Slider
        name="Hour hand"
        now={Math.round(hands.hour)}
        most={359}
        text={error ?? said}
        onKey={(keys) => onTurn({ ...hands, hour: modulo(hands.hour + keys * 2.5, 360) })}
        onPage={(pages) => onTurn({ ...hands, hour: modulo(hands.hour + pages * 30, 360) })}
      />
    </>
  )
}

interface SliderProps {
  readonly name: string
  readonly now: number
  readonly most: number
  readonly text: string
  readonly onKey: (by: 1 | -1) => void
  readonly onPage: (by: 1 | -1) => void
}

function Slider({ name, now, most, text, onKey, onPage }: SliderProps) {
  const press = (event: KeyboardEvent) => {
    const moves: Record<string, () => void> = {
      ArrowRight: () => onKey(1),
      ArrowUp: () => onKey(1),
      ArrowLeft: () => onKey(-1),
      ArrowDown: () => onKey(-1),
      PageUp: () => onPage(1),
      PageDown: () => onPage(-1),
    }
    const move = moves[event.key]
    if (!move) return
    event.preventDefault()
    move()
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
