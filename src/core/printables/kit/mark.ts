import { path, type Point, type Shape } from '../../drawing'
import { part } from './frame'

/** A tick or a cross of `size` mm about a point, drawn: the print fonts have neither. */
export function mark(isRight: boolean, { x, y }: Point, { size, fill }: { size: number; fill: string }): Shape {
  const s = size / 2
  const commands = isRight
    ? [
        { op: 'M' as const, x: x - s, y },
        { op: 'L' as const, x: x - s / 3, y: y + s * 0.7 },
        { op: 'L' as const, x: x + s, y: y - s },
      ]
    : [
        { op: 'M' as const, x: x - s, y: y - s },
        { op: 'L' as const, x: x + s, y: y + s },
        { op: 'M' as const, x: x + s, y: y - s },
        { op: 'L' as const, x: x - s, y: y + s },
      ]
  return part(isRight ? 'tick' : 'cross', [path(commands, { stroke: fill, strokeMm: 1.1 })])
}
