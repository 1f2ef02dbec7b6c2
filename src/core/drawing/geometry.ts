import { told } from '../wording'
import { requireNumber } from '../errors'
import { type Drawing, type PathCommand, type Shape, type Style, type Point } from './model'

/** The length of a path, mm, straight and curved apart. */
export interface PathLength {
  readonly straight: number
  readonly curved: number
}

const CURVE_STEPS = 24

/**
 * How long a path is: lines exactly, arcs by their angle, Bézier curves by the chords of 24 pieces
 * (within a thousandth for the outlines of hands). Closing lines count.
 */
export function pathLength(commands: readonly PathCommand[]): PathLength {
  let straight = 0
  let curved = 0
  let at: Point = { x: 0, y: 0 }
  let start = at
  for (const command of commands) {
    const to: Point = command.op === 'Z' ? start : command
    if (command.op === 'L' || command.op === 'Z') straight += distance(at, to)
    else if (command.op === 'A') curved += arcLength(at, command)
    else if (command.op === 'C') curved += curveLength(at, command)
    else start = to
    at = to
  }
  return { straight, curved }
}

function distance(a: Point, b: Point): number {
  return Math.hypot(b.x - a.x, b.y - a.y)
}

function arcLength(from: Point, { r, large, x, y }: Extract<PathCommand, { op: 'A' }>): number {
  const half = Math.min(1, distance(from, { x, y }) / (2 * r))
  const small = 2 * r * Math.asin(half)
  return large ? 2 * Math.PI * r - small : small
}

function curveLength(from: Point, c: Extract<PathCommand, { op: 'C' }>): number {
  const on = (t: number): Point => {
    const u = 1 - t
    const mix = (p0: number, p1: number, p2: number, p3: number) =>
      u ** 3 * p0 + 3 * u * u * t * p1 + 3 * u * t * t * p2 + t ** 3 * p3
    return { x: mix(from.x, c.x1, c.x2, c.x), y: mix(from.y, c.y1, c.y2, c.y) }
  }
  let length = 0
  for (let i = 1; i <= CURVE_STEPS; i++) length += distance(on((i - 1) / CURVE_STEPS), on(i / CURVE_STEPS))
  return length
}

/** The length of all that is to be cut, mm. */
export function cutLength(shapes: readonly Shape[]): PathLength {
  let straight = 0
  let curved = 0
  for (const shape of shapes) {
    const own = lengthOf(shape)
    straight += own.straight
    curved += own.curved
  }
  return { straight, curved }
}

function lengthOf(shape: Shape): PathLength {
  if (shape.type === 'group') return cutLength(shape.shapes)
  if (shape.layer !== 'cut') return { straight: 0, curved: 0 }
  if (shape.type === 'path') return pathLength(shape.commands)
  if (shape.type === 'circle') return { straight: 0, curved: 2 * Math.PI * shape.r }
  if (shape.type === 'line')
    return { straight: distance({ x: shape.x1, y: shape.y1 }, { x: shape.x2, y: shape.y2 }), curved: 0 }
  return { straight: 0, curved: 0 }
}

/** Everything `factor` times as large (0.5 to 2) about the middle of the page, which keeps its size. */
export function scaledDrawing(drawing: Drawing, factor: number): Drawing {
  requireNumber(told('scale'), factor, 0.5, 2)
  const dx = (drawing.width / 2) * (1 - factor)
  const dy = (drawing.height / 2) * (1 - factor)
  return {
    ...drawing,
    shapes: [{ type: 'group', x: dx, y: dy, shapes: drawing.shapes.map((shape) => scaledShape(shape, factor)) }],
  }
}

/** One shape `k` times as large about the origin, text and strokes with it. */
export function scaledShape(shape: Shape, k: number): Shape {
  switch (shape.type) {
    case 'group': {
      const { clip } = shape
      return {
        ...shape,
        x: shape.x * k,
        y: shape.y * k,
        clip: clip && { x: clip.x * k, y: clip.y * k, width: clip.width * k, height: clip.height * k },
        shapes: shape.shapes.map((inner) => scaledShape(inner, k)),
      }
    }
    case 'path':
      return {
        ...shape,
        ...scaledStyle(shape, k),
        commands: scaledPath(shape.commands, k),
      }
    case 'circle':
      return { ...shape, ...scaledStyle(shape, k), cx: shape.cx * k, cy: shape.cy * k, r: shape.r * k }
    case 'line':
      return {
        ...shape,
        ...scaledStyle(shape, k),
        x1: shape.x1 * k,
        y1: shape.y1 * k,
        x2: shape.x2 * k,
        y2: shape.y2 * k,
      }
    case 'text':
      return { ...shape, x: shape.x * k, y: shape.y * k, size: shape.size * k }
    case 'picture':
      return { ...shape, x: shape.x * k, y: shape.y * k, side: shape.side * k }
  }
}

function scaledStyle({ strokeMm, dashMm }: Style, k: number): Pick<Style, 'strokeMm' | 'dashMm'> {
  return { strokeMm: strokeMm === undefined ? undefined : strokeMm * k, dashMm: dashMm?.map((length) => length * k) }
}

/** An outline `k` times as large about the origin. */
export function scaledPath(commands: readonly PathCommand[], k: number): PathCommand[] {
  return commands.map((command) => scaledCommand(command, k))
}

function scaledCommand(command: PathCommand, k: number): PathCommand {
  switch (command.op) {
    case 'Z':
      return command
    case 'A':
      return { ...command, r: command.r * k, x: command.x * k, y: command.y * k }
    case 'C':
      return {
        ...command,
        x1: command.x1 * k,
        y1: command.y1 * k,
        x2: command.x2 * k,
        y2: command.y2 * k,
        x: command.x * k,
        y: command.y * k,
      }
    default:
      return { ...command, x: command.x * k, y: command.y * k }
  }
}
