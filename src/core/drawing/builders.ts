import { CAP_HEIGHT, type PathCommand, type Point, type Shape, type Style, type TextShape } from './model'

/* Shapes by small builders: what is left out of their looks is printed ink, and a group lies at the origin. */

type Look = Omit<Style, 'layer'> & Partial<Pick<Style, 'layer'>>
type TextLook = Look & Omit<TextShape, 'x' | 'y' | 'text'>
type GroupPlace = Partial<Omit<Extract<Shape, { type: 'group' }>, 'type' | 'shapes'>>

export function line(from: Point, to: Point, look: Look): Shape {
  return { type: 'line', layer: 'ink', x1: from.x, y1: from.y, x2: to.x, y2: to.y, ...look }
}

export function circle(centre: Point, r: number, look: Look): Shape {
  return { type: 'circle', layer: 'ink', cx: centre.x, cy: centre.y, r, ...look }
}

export function path(commands: readonly PathCommand[], look: Look): Shape {
  return { type: 'path', layer: 'ink', commands, ...look }
}

/** Text on a baseline that begins, or has its anchor, at a point. */
export function textAt(text: string, { x, y }: Point, look: TextLook): Shape {
  return { type: 'text', layer: 'ink', x, y, text, ...look }
}

export function group(shapes: readonly Shape[], place: GroupPlace = {}): Shape {
  return { type: 'group', x: 0, y: 0, ...place, shapes }
}

/** Text whose capital height is centred on a point. */
export function centredText(text: string, { x, y }: Point, look: Omit<TextLook, 'anchor'>): Shape {
  return textAt(text, { x, y: y + (look.size * CAP_HEIGHT) / 2 }, { ...look, anchor: 'middle' })
}
