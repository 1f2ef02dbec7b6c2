import type { PathCommand } from '../../drawing'
import { type Random, shuffled } from '../../random'

/** Places along an edge where it may bulge to either side, and how far and how tall the bulge is, mm. */
const PLACES = 4
export const DEPTH_MM = 5
const BULGE_MM = 8

export type Edge = readonly (-1 | 0 | 1)[]

/** All edges that bulge somewhere, each unlike every other at two places or more: a wrong half is felt at once. */
const EDGES: readonly Edge[] = everyEdge().reduce<Edge[]>((kept, edge) => {
  const isClear =
    edge.filter((way) => way !== 0).length >= 2 &&
    kept.every((other) => other.filter((way, i) => way !== edge[i]).length >= 2)
  return isClear ? [...kept, edge] : kept
}, [])

function everyEdge(): Edge[] {
  return Array.from({ length: 3 ** PLACES }, (_, code) =>
    Array.from({ length: PLACES }, (_, i) => ((Math.floor(code / 3 ** i) % 3) - 1) as -1 | 0 | 1),
  )
}

/** The edges that pairs are cut along, in an order of their own. */
export function edgesFor(random: Random): Edge[] {
  return shuffled(random, EDGES)
}

/** A line down the card that bulges left or right at its places. */
export function edgePath(edge: Edge, x: number, top: number, height: number): PathCommand[] {
  const step = height / PLACES
  const bulges = edge.flatMap((way, i): PathCommand[] => {
    const y = top + (i + 0.5) * step
    if (way === 0) return []
    const [a, b, out] = [y - BULGE_MM / 2, y + BULGE_MM / 2, x + way * DEPTH_MM]
    return [
      { op: 'L', x, y: a },
      { op: 'L', x: out, y: a + 1.2 },
      { op: 'L', x: out, y: b - 1.2 },
      { op: 'L', x, y: b },
    ]
  })
  return [{ op: 'M', x, y: top }, ...bulges, { op: 'L', x, y: top + height }]
}
