/**
 * Reads a drawing back from its SVG text, written apart from what draws it: only the numbers in the
 * text count, turned and moved by the groups they stand in. Millimetres, y down.
 */

export interface Point {
  readonly x: number
  readonly y: number
}

export interface ReadShape {
  readonly tag: 'path' | 'line' | 'circle' | 'text'
  /** `data-part` of the groups that it stands in, the outermost first. */
  readonly parts: readonly string[]
  /** Where the origin of its group lies on the page. */
  readonly origin: Point
  readonly points: readonly Point[]
  readonly layer: string
  readonly text?: string
  readonly size?: number
  readonly anchor?: string
  readonly weight?: string
  /** Of a text: degrees clockwise by which it is turned. */
  readonly turn?: number
  /** In a dial: degrees clockwise by which the whole dial is turned on the page. */
  readonly dialTurn?: number
}

interface Frame {
  /** The named parts from the outermost to this. */
  readonly parts: readonly string[]
  readonly dialTurn?: number
  /** From the frame's own coordinates to the page's: x' = a x − b y + e, y' = b x + a y + f. */
  readonly a: number
  readonly b: number
  readonly e: number
  readonly f: number
}

const PAGE: Frame = { parts: [], a: 1, b: 0, e: 0, f: 0 }

function place({ a, b, e, f }: Frame, { x, y }: Point): Point {
  return { x: a * x - b * y + e, y: b * x + a * y + f }
}

/** The attributes of a tag as they are written; each is looked for by its name, since most are never needed. */
type Attributes = string

function attribute(attributes: Attributes, name: string): string | undefined {
  const from = attributes.indexOf(` ${name}="`)
  if (from < 0) return undefined
  const start = from + name.length + 3
  return attributes.slice(start, attributes.indexOf('"', start))
}

const number = (attributes: Attributes, name: string) => Number(attribute(attributes, name))

export function readSvg(svg: string): ReadShape[] {
  const shapes: ReadShape[] = []
  const frames: Frame[] = [PAGE]
  for (const [, closing, tag, attributes = '', text] of svg.matchAll(
    /<(\/?)(g|path|line|circle|text)([^>]*?)\/?>(?:([^<]*)<\/text>)?/g,
  )) {
    const outer = frames[frames.length - 1] as Frame
    if (tag === 'g') {
      if (closing) frames.pop()
      else frames.push(frameOf(attributes, outer))
      continue
    }
    if (closing) continue
    shapes.push({
      tag: tag as ReadShape['tag'],
      parts: outer.parts,
      origin: { x: outer.e, y: outer.f },
      points: pointsOf(tag as ReadShape['tag'], attributes).map((point) => place(outer, point)),
      layer: attribute(attributes, 'data-layer') ?? '',
      ...(outer.dialTurn ? { dialTurn: outer.dialTurn } : {}),
      ...(tag === 'text'
        ? {
            text: unescape(text ?? ''),
            size: number(attributes, 'font-size'),
            anchor: attribute(attributes, 'text-anchor'),
            weight: attribute(attributes, 'font-weight') === '700' ? 'bold' : 'regular',
            turn: (Math.atan2(outer.b, outer.a) * 180) / Math.PI,
          }
        : {}),
    })
  }
  return shapes
}

function frameOf(attributes: Attributes, outer: Frame): Frame {
  const transform = attribute(attributes, 'transform') ?? ''
  const moved = /translate\(([-\d.]+) ([-\d.]+)\)/.exec(transform)
  const turn = (Number(/rotate\(([-\d.]+)\)/.exec(transform)?.[1] ?? 0) * Math.PI) / 180
  const { x, y } = place(outer, { x: Number(moved?.[1] ?? 0), y: Number(moved?.[2] ?? 0) })
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)]
  const part = attribute(attributes, 'data-part')
  const turned = part === 'dial' ? (Math.atan2(outer.b, outer.a) * 180) / Math.PI : outer.dialTurn
  return {
    ...(turned ? { dialTurn: turned } : {}),
    parts: part ? [...outer.parts, part] : outer.parts,
    a: outer.a * cos - outer.b * sin,
    b: outer.b * cos + outer.a * sin,
    e: x,
    f: y,
  }
}

function pointsOf(tag: ReadShape['tag'], attributes: Attributes): Point[] {
  const at = (x: string, y: string) => ({ x: number(attributes, x), y: number(attributes, y) })
  if (tag === 'line') return [at('x1', 'y1'), at('x2', 'y2')]
  if (tag === 'text') return [at('x', 'y')]
  if (tag === 'circle') {
    const { x, y } = at('cx', 'cy')
    const r = number(attributes, 'r')
    return [
      { x: x - r, y },
      { x: x + r, y },
      { x, y: y - r },
      { x, y: y + r },
    ]
  }
  return pathPoints(attribute(attributes, 'd') ?? '')
}

/** Where the pen comes to rest, and the control points of curves (which bound them). */
function pathPoints(d: string): Point[] {
  const points: Point[] = []
  const tokens = d.match(/[MLCAZ]|-?[\d.]+/g) ?? []
  for (let at = 0; at < tokens.length;) {
    const op = tokens[at++]
    const isArc = op === 'A'
    const r = Number(tokens[at])
    // Of an arc only where it ends is a point; its radii and flags come before.
    if (isArc) at += 5
    for (; at < tokens.length && !/[MLCAZ]/.test(tokens[at] ?? ''); at += 2) {
      const point = { x: Number(tokens[at]), y: Number(tokens[at + 1]) }
      const before = points[points.length - 1]
      if (isArc && before) points.push(...halfTurn(before, point, r))
      points.push(point)
    }
  }
  return points
}

/** A half circle reaches as far out as its radius, square to its chord. */
function halfTurn(from: Point, to: Point, r: number): Point[] {
  const [dx, dy] = [(to.x - from.x) / 2, (to.y - from.y) / 2]
  if (Math.abs(Math.hypot(dx, dy) - r) > 0.01) return []
  const middle = { x: from.x + dx, y: from.y + dy }
  return [
    { x: middle.x - dy, y: middle.y + dx },
    { x: middle.x + dy, y: middle.y - dx },
  ]
}

function unescape(text: string): string {
  return text
    .replace(/&lt;/g, '<')
    .replace(/&gt;/g, '>')
    .replace(/&quot;/g, '"')
    .replace(/&amp;/g, '&')
}

/** Degrees clockwise from 12 at which the farthest point of an outline lies from its pivot. */
export function tipAngle(points: readonly Point[], pivot: Point): number {
  const distance = (point: Point) => Math.hypot(point.x - pivot.x, point.y - pivot.y)
  const tip = points.reduce((far, point) => (distance(point) > distance(far) ? point : far))
  return (Math.atan2(tip.x - pivot.x, pivot.y - tip.y) * 180) / Math.PI
}

/** The smaller angle between two directions, 0 to 180. */
export function apart(a: number, b: number): number {
  const gap = Math.abs(a - b) % 360
  return Math.min(gap, 360 - gap)
}

export interface ReadDial {
  readonly pivot: Point
  readonly hour?: number
  readonly minute?: number
}

/** The dials of a page in the order in which they are drawn, with the directions of their hands. */
export function readDials(shapes: readonly ReadShape[]): ReadDial[] {
  const dials: { pivot: Point; hour?: number; minute?: number }[] = []
  for (const shape of shapes) {
    const hand = shape.parts.find((part) => part === 'hour-hand' || part === 'minute-hand')
    if (!hand || shape.tag !== 'path') continue
    let dial = dials.find(({ pivot }) => Math.hypot(pivot.x - shape.origin.x, pivot.y - shape.origin.y) < 0.01)
    if (!dial) dials.push((dial = { pivot: shape.origin }))
    dial[hand === 'hour-hand' ? 'hour' : 'minute'] = tipAngle(shape.points, shape.origin) - (shape.dialTurn ?? 0)
  }
  return dials
}

/** The time of a dial with both hands, 0 to 719, and by how many degrees its hour hand is out. */
export function timeOf({ hour = NaN, minute = NaN }: ReadDial): { minute: number; hourOut: number } {
  const minutes = Math.round(((minute + 360) % 360) / 6) % 60
  const hours = Math.round((((hour + 360) % 360) - minutes / 2) / 30)
  const at = (((hours * 60 + minutes) % 720) + 720) % 720
  return { minute: at, hourOut: apart(hour, at / 2) }
}

export interface Box {
  readonly left: number
  readonly right: number
  readonly top: number
  readonly bottom: number
}

/** Of a text's size: how far its capitals reach up from the baseline, and its tails down. */
const TEXT_REACH = [0.7, -0.2]

/** What some shapes take on the page, texts by their width and what their letters reach up and down. */
export function boxOf(shapes: readonly ReadShape[], widthOf: (shape: ReadShape) => number = () => 0): Box {
  const box = { left: Infinity, right: -Infinity, top: Infinity, bottom: -Infinity }
  for (const shape of shapes)
    for (const { x, y } of shape.tag === 'text' ? letters(shape, widthOf(shape)) : shape.points) {
      box.left = Math.min(box.left, x)
      box.right = Math.max(box.right, x)
      box.top = Math.min(box.top, y)
      box.bottom = Math.max(box.bottom, y)
    }
  return box
}

/** The corners of what a text takes. */
export function letters(shape: ReadShape, width: number): Point[] {
  return TEXT_REACH.flatMap((share) => textEnds(shape, width, share * (shape.size ?? 0)))
}

/** Both ends of a text's baseline, or of a line so many mm above it (below it, where that is negative). */
function textEnds({ points: [at], anchor, turn = 0 }: ReadShape, width: number, above = 0): Point[] {
  const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)]
  const before = anchor === 'middle' ? width / 2 : anchor === 'end' ? width : 0
  return [-before, width - before].map((along) => ({
    x: (at?.x ?? NaN) + along * cos + above * sin,
    y: (at?.y ?? NaN) + along * sin - above * cos,
  }))
}
