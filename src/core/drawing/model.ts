/** All drawings are plain data in millimetres, origin top left, y down; angles turn clockwise. */

/** A place on a drawing, mm. */
export interface Point {
  readonly x: number
  readonly y: number
}

/** What a line is for: printed ink, cut along, folded along, or a guide for the adult's eye only. */
export type Layer = 'ink' | 'cut' | 'fold' | 'guide'

export interface Style {
  readonly layer: Layer
  readonly stroke?: string
  readonly strokeMm?: number
  readonly fill?: string
  readonly dashMm?: readonly number[]
}

export type PathCommand =
  | { readonly op: 'M' | 'L'; readonly x: number; readonly y: number }
  | {
      readonly op: 'C'
      readonly x1: number
      readonly y1: number
      readonly x2: number
      readonly y2: number
      readonly x: number
      readonly y: number
    }
  | {
      readonly op: 'A'
      readonly r: number
      readonly large: boolean
      readonly sweep: boolean
      readonly x: number
      readonly y: number
    }
  | { readonly op: 'Z' }

export type Shape =
  | ({
      readonly type: 'path'
      readonly commands: readonly PathCommand[]
      /** Where outlines lie within each other, every second one is a hole, whichever way it turns. */
      readonly fillRule?: 'evenodd'
    } & Style)
  | ({ readonly type: 'circle'; readonly cx: number; readonly cy: number; readonly r: number } & Style)
  | ({
      readonly type: 'line'
      readonly x1: number
      readonly y1: number
      readonly x2: number
      readonly y2: number
    } & Style)
  | ({ readonly type: 'text' } & TextShape & Style)
  | {
      /** A picture of the set by its name, `side` mm wide and high about its middle. */
      readonly type: 'picture'
      readonly picture: string
      readonly x: number
      readonly y: number
      readonly side: number
      /** In its colours, in greys as light as they, or as contours alone. */
      readonly look: 'colour' | 'grey' | 'outline'
      readonly layer: 'ink'
    }
  | {
      readonly type: 'group'
      /** What the group is, for those who read the drawing back: `hour-hand`, `dial`, `check-bar` … */
      readonly part?: string
      readonly x: number
      readonly y: number
      /** Degrees clockwise, about the group's origin. */
      readonly turn?: number
      /** Only this rectangle of the group is seen, in the group's own coordinates. */
      readonly clip?: { readonly x: number; readonly y: number; readonly width: number; readonly height: number }
      readonly shapes: readonly Shape[]
    }

export interface TextShape {
  readonly x: number
  /** The baseline. */
  readonly y: number
  readonly text: string
  /** The font's em, in mm. */
  readonly size: number
  readonly weight?: 'regular' | 'bold'
  readonly anchor?: 'start' | 'middle' | 'end'
}

export interface Drawing {
  readonly width: number
  readonly height: number
  readonly title: string
  readonly shapes: readonly Shape[]
}

/**
 * Height of a capital letter of Andika, as a share of the em: 1485 of 2048 units. Apart from the widths, which screens
 * do without.
 */
export const CAP_HEIGHT = 1485 / 2048

export const INK = '#2B2320'
export const PAPER = '#FBF7EF'
export const OAK = '#8A4B12'
export const SLATE = '#1F6489'
export const MOSS = '#2F6B4F'
export const FAINT = '#9A8F84'
export const GOLD = '#D9982B'

/**
 * A circle of `r` about (cx, cy) as four arcs, for outlines that must be one path. Quarters, since the
 * middle of a half circle is lost when its radius and its ends are rounded apart: half a thousandth of
 * a millimetre there moves it by a third of a millimetre.
 */
export function circlePath(cx: number, cy: number, r: number): PathCommand[] {
  const quarter = (x: number, y: number): PathCommand => ({ op: 'A', r, large: false, sweep: true, x, y })
  return [
    { op: 'M', x: cx, y: cy - r },
    quarter(cx + r, cy),
    quarter(cx, cy + r),
    quarter(cx - r, cy),
    quarter(cx, cy - r),
    { op: 'Z' },
  ]
}

/** Straight lines from point to point, and back to the first where it is closed. */
export function polygonPath(points: readonly Point[], { isClosed = true }: { isClosed?: boolean } = {}): PathCommand[] {
  const lines = points.map(({ x, y }, i): PathCommand => ({ op: i === 0 ? 'M' : 'L', x, y }))
  return isClosed ? [...lines, { op: 'Z' }] : lines
}

export function rectanglePath(x: number, y: number, width: number, height: number): PathCommand[] {
  return [
    { op: 'M', x, y },
    { op: 'L', x: x + width, y },
    { op: 'L', x: x + width, y: y + height },
    { op: 'L', x, y: y + height },
    { op: 'Z' },
  ]
}

/**
 * The point at an angle clockwise from 12 and a radius: the one place, with its way back, where the quarter is turned.
 *
 * pointOnDial(0, 10) //=> { x: 0, y: -10 }
 */
export function pointOnDial(angleDeg: number, radius: number): { x: number; y: number } {
  const radians = (angleDeg * Math.PI) / 180
  return { x: radius * Math.sin(radians), y: 0 - radius * Math.cos(radians) }
}

/**
 * The angle of a point about the origin, clockwise from 12, in [0, 360): pointOnDial read backwards.
 *
 * angleOnDial(10, 0) //=> 90
 */
export function angleOnDial(x: number, y: number): number {
  const degrees = (Math.atan2(x, -y) * 180) / Math.PI
  return (degrees + 360) % 360
}
