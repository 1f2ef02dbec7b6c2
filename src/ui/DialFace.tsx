import { t } from '@lingui/core/macro'
import type { RefObject } from 'react'
import { type HandAngles, onDial, type Hands, anglesOf, minuteShown } from '../core/clock'
import { type Shape, shapeSvg } from '../core/drawing'
import { type DialOptions, dialExtent, dialShapes } from '../core/faces'
import { type Wording, languages, say } from '../core/wording'

export interface FaceProps {
  readonly hands: Hands
  readonly wording: Wording
  readonly scaffolds?: Partial<Omit<DialOptions, 'radius'>>
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

/** What is drawn, and how far it reaches, mm. */
export function faceOf({ hands, wording, scaffolds = {}, clock }: FaceProps) {
  const options: DialOptions = {
    radius: RADIUS,
    words: languages[wording.language].phrases.onDial,
    ...scaffolds,
    secondHand: hands.gear === 'geared' ? hands.second : undefined,
  }
  return { options, extent: clock?.reach ?? dialExtent(options), radius: clock?.radius ?? RADIUS }
}

/** The very shapes that are printed, to look at. */
export function DialFace({ at, ...face }: FaceProps & { readonly at?: RefObject<SVGSVGElement | null> }) {
  const { hands, wording, secret = false, name = t`A clock`, clock } = face
  const { options, extent } = faceOf(face)
  const angles = anglesOf(hands)
  const shapes = (clock?.shapes(angles) ?? dialShapes(angles, options)).map(shapeSvg).join('')
  const label = secret ? t`${name} to read` : t`${name} showing ${say(onDial(minuteShown(hands)), wording)}`
  return (
    <svg
      ref={at}
      viewBox={`${-extent} ${-extent} ${2 * extent} ${2 * extent}`}
      role="img"
      aria-label={label}
      fontFamily="Andika, sans-serif"
    >
      {!clock && <circle r={extent} fill="#FBF7EF" />}
      <g dangerouslySetInnerHTML={{ __html: shapes }} />
    </svg>
  )
}

/** A clock that is only looked at. */
export function StillDial({ size, ...face }: FaceProps & { readonly size: number | string }) {
  return (
    <div className="dial" style={{ width: size, aspectRatio: '1' }}>
      <DialFace {...face} />
    </div>
  )
}
