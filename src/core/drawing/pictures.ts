import { group } from './builders'
import { greyOf, luminance } from './colour'
import { type Drawing, FAINT, INK, type Shape, rectanglePath } from './model'
import { readPath } from './readPath'

/*
 * Pictures that stand in a drawing by their name. Their outlines are many and kept apart (`scripts/pictures.ts`), so
 * that a page fetches only those that it shows; whoever makes a file puts them in their places first.
 */

/** The side of the square in which a picture is kept, about its middle. */
export const PICTURE_SIDE = 20

/**
 * What a picture is made of, from the back to the front: what fills each outline, its path (M, L, C and Z), and whether
 * every second outline within another is a hole.
 */
export type PictureOutlines = readonly (readonly [fill: string, data: string, fillRule?: 'evenodd'])[]

export type PictureLook = Extract<Shape, { type: 'picture' }>['look']

/** How wide a contour is in a picture of the usual side, mm. */
const CONTOUR_MM = 0.35

/** What is darker than this is ink in a contour drawing too: eyes, wheels, letters. */
const DARK = 0.033

/**
 * A picture as wide and high as `side` mm about its middle, in colour, in grey or as contours alone. Where the set has
 * none of the name any more, there is a dashed frame to draw one's own in.
 */
export function pictureOf(outlines: PictureOutlines | undefined, side: number, look: PictureLook): Shape {
  if (!outlines) return group([emptyFrame(side)])
  const place = { x: 0, y: 0, scale: side / PICTURE_SIDE }
  const contour = { fill: '#FFFFFF', stroke: INK, strokeMm: Math.max(0.15, CONTOUR_MM * place.scale) }
  const inked = (fill: string) => {
    if (look !== 'outline') return { fill: look === 'grey' ? greyOf(fill) : fill }
    return luminance(fill) < DARK ? { fill: INK } : contour
  }
  return group(
    outlines.map(([fill, data, fillRule]) => ({
      type: 'path',
      commands: readPath(data, place),
      ...(fillRule && { fillRule }),
      ...inked(fill),
      layer: 'ink',
    })),
  )
}

function emptyFrame(side: number): Shape {
  const commands = rectanglePath(-side * 0.45, -side * 0.45, side * 0.9, side * 0.9)
  return { type: 'path', commands, stroke: FAINT, strokeMm: 0.3, dashMm: [1.5, 1.5], layer: 'ink' }
}

/** The names of the pictures that stand in some drawings. */
export function picturesIn(drawings: readonly Drawing[]): string[] {
  const found = new Set<string>()
  const look = (shape: Shape): void => {
    if (shape.type === 'group') shape.shapes.forEach(look)
    else if (shape.type === 'picture') found.add(shape.picture)
  }
  for (const { shapes } of drawings) shapes.forEach(look)
  return [...found]
}

/** The drawing with each picture as its outlines. */
export function withPictures(drawing: Drawing, outlinesOf: (name: string) => PictureOutlines | undefined): Drawing {
  const placed = (shape: Shape): Shape => {
    if (shape.type === 'group') return { ...shape, shapes: shape.shapes.map(placed) }
    if (shape.type !== 'picture') return shape
    const { x, y, side, look } = shape
    return group([pictureOf(outlinesOf(shape.picture), side, look)], { x, y })
  }
  return { ...drawing, shapes: drawing.shapes.map(placed) }
}

/** One outline of a picture's file, as `shapeSvg` writes it. */
const OUTLINE = /<path d="([^"]*)"( fill-rule="evenodd")? fill="(#[0-9A-F]{6})"/g

/** The outlines in the file of a picture. */
export const readPicture = (svg: string): PictureOutlines =>
  [...svg.matchAll(OUTLINE)].map(([, data = '', isCounted, fill = '']) =>
    isCounted ? [fill, data, 'evenodd'] : [fill, data],
  )
