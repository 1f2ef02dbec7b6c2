import { useDrag } from '@use-gesture/react'
import { useRef } from 'react'
import { type HandName, type Hands, handTaken, handsDragged } from '../core/clock'
import { pointInDrawing, seenFromPivot } from '../core/drawing'
import { DialFace, type FaceProps, faceOf } from './DialFace'
import { DialSliders } from './DialSliders'

interface DialProps extends FaceProps {
  /** Left out: the dial is only looked at. */
  readonly onTurn?: (hands: Hands) => void
  /** Minutes that a dragged hand clicks to. */
  readonly step?: number
  readonly size: number | string
}

/** A clock whose hands turn by touch, mouse and key. */
export function Dial({ onTurn, step = 5, size, ...face }: DialProps) {
  const { hands, wording } = face
  const { options, extent, radius } = faceOf(face)
  const svg = useRef<SVGSVGElement>(null)
  const held = useRef<HandName>('minute')
  const bind = useDrag(
    ({ xy: [x, y], first, event }) => {
      if (!onTurn || !svg.current) return
      event.preventDefault()
      const square = { width: 2 * extent, height: 2 * extent }
      const at = pointInDrawing({ x, y }, svg.current.getBoundingClientRect(), square)
      const { angle, distance } = seenFromPivot(at, { x: extent, y: extent })
      if (first) held.current = handTaken({ angle, distance: distance / radius }, hands, options.hands)
      onTurn(handsDragged(hands, held.current, angle, step))
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
