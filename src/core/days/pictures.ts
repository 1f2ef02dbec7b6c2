import { told, type Told } from '../wording'
import {
  INK,
  PICTURE_SIDE,
  type PathCommand,
  type Shape,
  circle,
  group,
  line,
  path,
  rectanglePath,
  scaledShape,
} from '../drawing'

/*
 * Pictures of what happens in a day. Our own are drawn with few lines in a square of 20 by 20 about its middle, so that
 * they can be told apart at the size of a thumbnail and copied with a pencil. Those of the set are kept apart, by the
 * code points of the sign that they show (`scripts/pictures.ts`).
 */

const LINE = { stroke: INK, strokeMm: 0.9, fill: 'none' } as const

const move = (x: number, y: number): PathCommand => ({ op: 'M', x, y })
const to = (x: number, y: number): PathCommand => ({ op: 'L', x, y })
const arc = (r: number, x: number, y: number, sweep = true): PathCommand => ({
  op: 'A',
  r,
  large: false,
  sweep,
  x,
  y,
})
const close: PathCommand = { op: 'Z' }

const open = (...commands: PathCommand[]): Shape => path(commands, LINE)
const closed = (...commands: PathCommand[]): Shape => path([...commands, close], LINE)
const box = (x: number, y: number, width: number, height: number): Shape =>
  path(rectanglePath(x, y, width, height), LINE)
const stroke = (x1: number, y1: number, x2: number, y2: number): Shape =>
  line({ x: x1, y: y1 }, { x: x2, y: y2 }, { stroke: INK, strokeMm: 0.9 })
const ring = (x: number, y: number, r: number): Shape => circle({ x, y }, r, LINE)
const dot = (x: number, y: number, r = 0.8): Shape => circle({ x, y }, r, { fill: INK })

const drawn = {
  sun: {
    name: told('Waking up'),
    shapes: [
      open(move(-6, 4), arc(6, 6, 4)),
      stroke(-9, 4, 9, 4),
      stroke(0, -8, 0, -5),
      stroke(-6, -5, -4.5, -3),
      stroke(6, -5, 4.5, -3),
    ],
  },
  cup: {
    name: told('Breakfast or a drink'),
    shapes: [
      closed(move(-6, -3), to(4, -3), to(3, 7), to(-5, 7)),
      open(move(4, -1), arc(3, 3.4, 5)),
      stroke(-3, -8, -3, -5),
      stroke(1, -8, 1, -5),
    ],
  },
  plate: {
    name: told('A meal'),
    shapes: [ring(0, 0, 6), ring(0, 0, 3.4), stroke(-8.5, -7, -8.5, 7), stroke(8.5, -7, 8.5, 7)],
  },
  bread: {
    name: told('Bread'),
    shapes: [
      closed(move(-8, 5), to(-8, 0), arc(6, -2, -4), to(2, -4), arc(6, 8, 0), to(8, 5)),
      stroke(-3, -1, -1, -3.4),
      stroke(1, -1, 3, -3.4),
    ],
  },
  apple: {
    name: told('Fruit or a snack'),
    shapes: [ring(0, 1.5, 6), open(move(0, -4.5), arc(5, 3, -8.5)), dot(-2, 0, 0.7)],
  },
  book: {
    name: told('Reading or lessons'),
    shapes: [
      closed(move(0, -4), to(-8, -6), to(-8, 5), to(0, 7)),
      closed(move(0, -4), to(8, -6), to(8, 5), to(0, 7)),
      stroke(-6, -2, -2.5, -1),
      stroke(6, -2, 2.5, -1),
    ],
  },
  pencil: {
    name: told('Writing or drawing'),
    shapes: [closed(move(-8, 8), to(-7, 4), to(5, -8), to(8, -5), to(-4, 7)), stroke(-7, 4, -4, 7)],
  },
  sums: {
    name: told('Counting'),
    shapes: [
      box(-8, -8, 16, 16),
      stroke(-5, -4, -1, -4),
      stroke(-3, -6, -3, -2),
      stroke(1, 4, 5, 4),
      dot(3, -4),
      dot(-3, 4),
    ],
  },
  ball: {
    name: told('Playing'),
    shapes: [ring(0, 0, 7.5), open(move(-7.5, 0), arc(11, 7.5, 0)), open(move(0, -7.5), arc(11, 0, 7.5))],
  },
  paint: {
    name: told('Making things'),
    shapes: [
      closed(move(-8, 1), arc(8, 8, 1), arc(5, 2, 5), arc(3, -3, 7), arc(8, -8, 1)),
      dot(-4, -1),
      dot(0, -4),
      dot(4, -1),
    ],
  },
  note: {
    name: told('Music'),
    shapes: [ring(-4, 6, 2.4), ring(5, 4, 2.4), open(move(-1.6, 6), to(-1.6, -6), to(7.4, -8), to(7.4, 4))],
  },
  shoe: {
    name: told('Walking'),
    shapes: [closed(move(-8, -5), to(-2, -5), to(0, 0), to(8, 2), to(8, 6), to(-8, 6)), stroke(-8, 3, 8, 3)],
  },
  house: {
    name: told('At home'),
    shapes: [closed(move(-7, 8), to(-7, -1), to(0, -8), to(7, -1), to(7, 8)), box(-2, 2, 4, 6)],
  },
  bus: {
    name: told('A bus ride'),
    shapes: [
      box(-9, -6, 18, 11),
      stroke(-9, 0, 9, 0),
      stroke(-3, -6, -3, 0),
      stroke(3, -6, 3, 0),
      ring(-5, 6.5, 2),
      ring(5, 6.5, 2),
    ],
  },
  boat: {
    name: told('A boat'),
    shapes: [
      closed(move(-9, 2), to(9, 2), to(6, 7), to(-6, 7)),
      closed(move(0, -8), to(0, 0), to(7, 0)),
      stroke(-1.5, 0, -1.5, 2),
    ],
  },
  gate: {
    name: told('A lock or a gate'),
    shapes: [
      stroke(-8, -8, -8, 8),
      stroke(8, -8, 8, 8),
      stroke(-8, -4, 8, -4),
      stroke(-8, 4, 8, 4),
      stroke(-8, 4, 8, -4),
    ],
  },
  bird: {
    name: told('Birds and animals'),
    shapes: [
      closed(move(-8, -2), arc(6, 2, -2), to(8, -5), to(5, 1), arc(7, -4, 5), to(-8, -2)),
      dot(-4, -2.4),
      stroke(-1, 5, -1, 8),
      stroke(2, 4, 2, 8),
    ],
  },
  tree: {
    name: told('Outdoors'),
    shapes: [ring(0, -3, 5.5), stroke(0, 2.5, 0, 8.5), stroke(-5, 8.5, 5, 8.5), stroke(0, 4.5, 2.4, 1.6)],
  },
  drop: {
    name: told('Washing'),
    shapes: [closed(move(0, -8), to(5, 1), arc(5.5, -5, 1)), open(move(-2.4, 3), arc(3, 0.5, 5.4, false))],
  },
  bag: { name: told('Packing up'), shapes: [box(-7, -4, 14, 12), open(move(-3, -4), arc(3, 3, -4)), box(-4, 1, 8, 4)] },
  lamp: {
    name: told('Lamps or evening'),
    shapes: [
      closed(move(-4, -4), to(4, -4), to(6, 4), to(-6, 4)),
      stroke(0, -8, 0, -4),
      stroke(-3, 7, 3, 7),
      dot(0, 1),
    ],
  },
  moon: { name: told('Bedtime'), shapes: [closed(move(2, -8), arc(8, 2, 8), arc(10, 2, -8, false))] },
} satisfies Record<string, { readonly name: Told; readonly shapes: readonly Shape[] }>

type OwnPictureId = keyof typeof drawn
export const OWN_PICTURE_IDS = Object.keys(drawn) as readonly OwnPictureId[]

/** One of ours by its name, or one of the set by its code points: "bus", "u1f68c". */
export type PictureId = string

/** How the pictures of the set are named: no word and no number that somebody writes is taken for one. */
const OF_SET = /^u[0-9a-f]{4,5}(-[0-9a-f]{4,5}){0,7}$/

export const isOwnPicture = (id: string): id is OwnPictureId => Object.hasOwn(drawn, id)

/** What one of ours is called in the list that it is chosen from. */
export const ownPictureName = (id: OwnPictureId): Told => drawn[id].name

/** Whether a picture may be called so. A later set may lack it: then its place has a frame to draw in. */
export const isPictureId = (id: string): boolean => isOwnPicture(id) || OF_SET.test(id)

/** A picture as wide and high as `side` mm about its middle; in low ink one of the set has contours alone. */
export function pictureShapes(id: PictureId, side: number, { lowInk = false } = {}): Shape {
  const shapes: Shape[] = isOwnPicture(id)
    ? drawn[id].shapes.map((shape) => scaledShape(shape, side / PICTURE_SIDE))
    : [{ type: 'picture', picture: id, x: 0, y: 0, side, look: lowInk ? 'outline' : 'colour', layer: 'ink' }]
  return group(shapes, { part: `picture-${id}` })
}
