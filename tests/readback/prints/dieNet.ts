import type { Point } from '../svg'
import { type Read, type Shapes, groups, textBox, words } from './reading'

/* A net is folded up from what is on the page: its whole and its dashed lines, and nothing of what drew them. */

type Vector = readonly [number, number, number]
const minus = ([x, y, z]: Vector): Vector => [-x, -y, -z]
const cross = ([a, b, c]: Vector, [d, e, f]: Vector): Vector => [b * f - c * e, c * d - a * f, a * e - b * d]

interface Folded {
  /** Where the face looks, and where its right and its lower side lie, on the folded die. */
  readonly out: Vector
  readonly right: Vector
  readonly down: Vector
}

const SIDES = [
  {
    dx: 1,
    dy: 0,
    of: ({ right }: Folded) => right,
    onto: ({ out, right, down }: Folded): Folded => ({ out: right, right: minus(out), down }),
  },
  {
    dx: -1,
    dy: 0,
    of: ({ right }: Folded) => minus(right),
    onto: ({ out, right, down }: Folded): Folded => ({ out: minus(right), right: out, down }),
  },
  {
    dx: 0,
    dy: 1,
    of: ({ down }: Folded) => down,
    onto: ({ out, right, down }: Folded): Folded => ({ out: down, right, down: minus(out) }),
  },
  {
    dx: 0,
    dy: -1,
    of: ({ down }: Folded) => minus(down),
    onto: ({ out, right, down }: Folded): Folded => ({ out: minus(down), right, down: out }),
  },
] as const

const near = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y) < 0.01

/** Six faces with a word each become a die: every edge has its fold or just one flap, and one closed line is cut. */
export function expectDie({ expect }: Read, page: Shapes): void {
  const net = page.filter(({ parts }) => parts.includes('net'))
  const folds = net.filter(({ layer }) => layer === 'fold').map(({ points }) => points as [Point, Point])
  const cuts = net.filter(({ layer }) => layer === 'cut').map(({ points }) => points)
  const edge = Math.hypot(
    (folds[0]?.[0].x ?? 0) - (folds[0]?.[1].x ?? 0),
    (folds[0]?.[0].y ?? 0) - (folds[0]?.[1].y ?? 0),
  )
  const faces = groups(page, 'face').map((face) => {
    const box = textBox(face)
    expect(box.right - box.left < edge - 4 && box.bottom - box.top < edge - 4, `“${words(face)}” runs out of its face`)
    return { x: (box.left + box.right) / 2, y: (box.top + box.bottom) / 2 }
  })
  const middle = (at: Point, side: { dx: number; dy: number }) => ({
    x: at.x + (side.dx * edge) / 2,
    y: at.y + (side.dy * edge) / 2,
  })
  const between = (a: Point | undefined, b: Point | undefined) => ({
    x: ((a?.x ?? NaN) + (b?.x ?? NaN)) / 2,
    y: ((a?.y ?? NaN) + (b?.y ?? NaN)) / 2,
  })
  // Words are centred to their letters, so a face is found to within a few millimetres.
  const isAt = (a: Point, b: Point, off = edge / 8) => Math.hypot(a.x - b.x, a.y - b.y) < off

  const folded: (Folded | undefined)[] = [{ out: [0, 0, 1], right: [1, 0, 0], down: [0, 1, 0] }]
  const edges = new Map<string, { folds: number; flaps: number; open: number }>()
  const reach = (face: number) => {
    const own = folded[face]
    const at = faces[face]
    if (!own || !at) return
    for (const side of SIDES) {
      const name = [own.out, side.of(own)].map(String).sort().join(' | ')
      const met = edges.get(name) ?? { folds: 0, flaps: 0, open: 0 }
      edges.set(name, met)
      const isFold = folds.filter(([a, b]) => isAt(between(a, b), middle(at, side)))
      expect(isFold.length <= 1, 'a line is drawn twice')
      const flap = cuts.find(
        (points) =>
          points.length === 4 && isFold.some(([a, b]) => near(a, points[0] as Point) && near(b, points[3] as Point)),
      )
      const next = faces.findIndex((other) => isAt(other, { x: at.x + side.dx * edge, y: at.y + side.dy * edge }))
      if (next >= 0) met.folds++
      else if (flap) met.flaps++
      else met.open++
      expect(
        next >= 0 || flap
          ? isFold.length === 1
          : isFold.length === 0 &&
              cuts.some(([a, b, ...more]) => more.length === 0 && isAt(between(a, b), middle(at, side))),
        'a side is neither folded nor cut',
      )
      if (next >= 0 && !folded[next]) {
        folded[next] = side.onto(own)
        reach(next)
      }
    }
  }
  reach(0)
  expect(new Set(folded.map((face) => String(face?.out))).size === 6, 'the faces do not fold into a die')
  for (const { out, right, down } of folded.flatMap((face) => (face ? [face] : [])))
    expect(String(cross(right, down)) === String(out), 'a face is folded inside out')
  for (const { folds: hinge, flaps, open } of edges.values())
    expect(
      (hinge === 2 && flaps + open === 0) || (hinge === 0 && flaps === 1 && open === 1),
      'an edge has no flap, or two',
    )
  expect(edges.size === 12, `${edges.size} edges`)
  // Whoever cuts along the whole lines comes back to where they began.
  const ends = cuts.flatMap((points) => [points[0] as Point, points[points.length - 1] as Point])
  for (const end of ends) expect(ends.filter((other) => near(end, other)).length === 2, 'the line to cut is broken')
}
