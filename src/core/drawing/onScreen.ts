import { told } from '../wording'
import { RefusedValue } from '../errors'
import { angleOnDial } from './model'

/** A rectangle of the screen in pixels, as a browser measures an element. */
export interface ScreenBox {
  readonly left: number
  readonly top: number
  readonly width: number
  readonly height: number
}

/**
 * Where a point of the screen (pixels) lies in a drawing that fills a box of the screen: in the drawing's own units
 * from its top left corner. A point beside the box lies beside the drawing. Throws RefusedValue for a box without width
 * or height.
 *
 * pointInDrawing({ x: 60, y: 40 }, { left: 10, top: 20, width: 100, height: 40 }, { width: 50, height: 20 }) //=> { x: 25, y: 10 }
 */
export function pointInDrawing(
  at: { readonly x: number; readonly y: number },
  box: ScreenBox,
  drawing: { readonly width: number; readonly height: number },
): { x: number; y: number } {
  if (!(box.width > 0 && box.height > 0))
    throw new RefusedValue(told('box'), told('wider and higher than 0'), `${box.width} × ${box.height}`)
  return {
    x: ((at.x - box.left) / box.width) * drawing.width,
    y: ((at.y - box.top) / box.height) * drawing.height,
  }
}

/**
 * A point as seen from a pivot: the angle in degrees clockwise from 12, in [0, 360), and how far it is.
 *
 * seenFromPivot({ x: 15, y: 10 }, { x: 10, y: 10 }) //=> { angle: 90, distance: 5 }
 */
export function seenFromPivot(
  at: { readonly x: number; readonly y: number },
  pivot: { readonly x: number; readonly y: number },
): { angle: number; distance: number } {
  const [dx, dy] = [at.x - pivot.x, at.y - pivot.y]
  return { angle: angleOnDial(dx, dy), distance: Math.hypot(dx, dy) }
}

export const MM_PER_INCH = 25.4

/**
 * Whole pixels of a length in mm at so many dots an inch.
 *
 * pixelsAt(25.4, 300) //=> 300
 */
export function pixelsAt(mm: number, dotsPerInch: number): number {
  return Math.round((mm / MM_PER_INCH) * dotsPerInch)
}
