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

/** What is drawn: the lines to fold and to cut, how long an edge is, and where the faces lie. */
interface Net {
  readonly folds: readonly (readonly [Point, Point])[]
  readonly cuts: readonly (readonly Point[])[]
  readonly edge: number
  readonly faces: readonly Point[]
}

interface Edge {
  folds: number
  flaps: number
  open: number
}

/** Six faces with a word each become a die: every edge has its fold or just one flap, and one closed line is cut. */
export function expectDie(read: Read, page: Shapes): void {
  const { expect } = read
  const net = readNet(read, page)
  const { folded, edges } = foldUp(read, net)
  expect(new Set(folded.map((face) => String(face?.out))).size === 6, 'the faces do not fold into a die')
  for (const { out, right, down } of folded.flatMap((face) => (face ? [face] : [])))
    expect(String(cross(right, down)) === String(out), 'a face is folded inside out')
  for (const { folds: hinge, flaps, open } of edges)
    expect(
      (hinge === 2 && flaps + open === 0) || (hinge === 0 && flaps === 1 && open === 1),
      'an edge has no flap, or two',
    )
  expect(edges.length === 12, `${edges.length} edges`)
  // Whoever cuts along the whole lines comes back to where they began.
  const ends = net.cuts.flatMap((points) => [points[0] as Point, points[points.length - 1] as Point])
  for (const end of ends) expect(ends.filter((other) => near(end, other)).length === 2, 'the line to cut is broken')
}

function readNet({ expect }: Read, page: Shapes): Net {
  const net = page.filter(({ parts }) => parts.includes('net'))
  const folds = net.filter(({ layer }) => layer === 'fold').map(({ points }) => points as [Point, Point])
  const cuts = net.filter(({ layer }) => layer === 'cut').map(({ points }) => points)
  const [first] = folds
  const edge = first ? Math.hypot(first[0].x - first[1].x, first[0].y - first[1].y) : 0
  const faces = groups(page, 'face').map((face) => {
    const box = textBox(face)
    expect(box.right - box.left < edge - 4 && box.bottom - box.top < edge - 4, `“${words(face)}” runs out of its face`)
    return { x: (box.left + box.right) / 2, y: (box.top + box.bottom) / 2 }
  })
  return { folds, cuts, edge, faces }
}

const between = (a: Point | undefined, b: Point | undefined) => ({
  x: ((a?.x ?? NaN) + (b?.x ?? NaN)) / 2,
  y: ((a?.y ?? NaN) + (b?.y ?? NaN)) / 2,
})

/** Folds the first face up to the next ones, and so on; counts what each edge of the die is made of. */
function foldUp({ expect }: Read, { folds, cuts, edge, faces }: Net) {
  const beside = (at: Point, side: (typeof SIDES)[number], by: number) => ({
    x: at.x + side.dx * edge * by,
    y: at.y + side.dy * edge * by,
  })
  // Words are centred to their letters, so a face is found to within a few millimetres.
  const isAt = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y) < edge / 8
  const folded: (Folded | undefined)[] = [{ out: [0, 0, 1], right: [1, 0, 0], down: [0, 1, 0] }]
  const edges = new Map<string, Edge>()
  const reach = (face: number) => {
    const own = folded[face]
    const at = faces[face]
    if (!own || !at) return
    for (const side of SIDES) {
      const name = [own.out, side.of(own)].map(String).sort().join(' | ')
      const met = edges.get(name) ?? { folds: 0, flaps: 0, open: 0 }
      edges.set(name, met)
      const middle = beside(at, side, 1 / 2)
      const hinges = folds.filter(([a, b]) => isAt(between(a, b), middle))
      expect(hinges.length <= 1, 'a line is drawn twice')
      const flap = cuts.some(([a, , , d, ...more]) =>
        hinges.some(([from, to]) => a && d && more.length === 0 && near(from, a) && near(to, d)),
      )
      const isCut = cuts.some(([a, b, ...more]) => more.length === 0 && isAt(between(a, b), middle))
      const next = faces.findIndex((other) => isAt(other, beside(at, side, 1)))
      if (next >= 0) met.folds++
      else if (flap) met.flaps++
      else met.open++
      const isEnded = next >= 0 || flap ? hinges.length === 1 : hinges.length === 0 && isCut
      expect(isEnded, 'a side is neither folded nor cut')
      if (next >= 0 && !folded[next]) {
        folded[next] = side.onto(own)
        reach(next)
      }
    }
  }
  reach(0)
  return { folded, edges: [...edges.values()] }
}
