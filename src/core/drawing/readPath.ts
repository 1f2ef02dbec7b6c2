import type { PathCommand } from './model'

/** Where what is read comes to stand, and how large. */
interface PathPlace {
  readonly x: number
  readonly y: number
  readonly scale: number
  /** Where the path's own y goes up, as in a font. */
  readonly isUp?: boolean
}

/** Path data of M, L, C and Z alone, as commands at a place. */
export function readPath(data: string, { x, y, scale, isUp = false }: PathPlace): PathCommand[] {
  const down = isUp ? -scale : scale
  return [...data.matchAll(/([MLCZ])([^MLCZ]*)/g)].map(([, op, numbers = '']): PathCommand => {
    const at = numbers.split(' ').map(Number)
    const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0] = at.map((value, i) =>
      i % 2 === 0 ? x + value * scale : y + value * down,
    )
    if (op === 'Z') return { op }
    return op === 'C' ? { op, x1: a, y1: b, x2: c, y2: d, x: e, y: f } : { op: op === 'M' ? 'M' : 'L', x: a, y: b }
  })
}
