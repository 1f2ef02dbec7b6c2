import {
  centredText,
  circle,
  FAINT,
  INK,
  line,
  path,
  type Point,
  pointOnDial,
  polygonPath,
  type Shape,
} from '../../drawing'
import { part } from './frame'
import type { Cell } from './grid'

/** From one small shape of a pattern to the next, and from the outermost to where the card is cut, mm. */
const [STEP_MM, INSET_MM] = [11, 4] as const
const STROKE = { stroke: FAINT, strokeMm: 0.5, fill: 'none' } as const
const FILLED = { fill: FAINT } as const
/** The letter's ring in the middle of a pattern and at the foot of a number, and the letter in it, mm. */
const [LARGE_RING_MM, SMALL_RING_MM, OF_THE_RING] = [9, 5, 1.25] as const

type Motif = (at: Point) => Shape[]

const acorn: Motif = ({ x, y }) => [
  path(
    [{ op: 'M', x: x - 1.6, y }, { op: 'A', r: 1.6, large: false, sweep: true, x: x + 1.6, y }, { op: 'Z' }],
    FILLED,
  ),
  path(
    [
      { op: 'M', x: x - 1.2, y: y + 0.3 },
      { op: 'C', x1: x - 1.2, y1: y + 2, x2: x - 0.3, y2: y + 2.4, x, y: y + 2.8 },
      { op: 'C', x1: x + 0.3, y1: y + 2.4, x2: x + 1.2, y2: y + 2, x: x + 1.2, y: y + 0.3 },
      { op: 'Z' },
    ],
    { stroke: FAINT, strokeMm: 0.25, fill: 'none' },
  ),
]

const around = ({ x, y }: Point, corners: number, radius: number, turn = 0): Point[] =>
  Array.from({ length: corners }, (_, i) => {
    const corner = pointOnDial(turn + (360 * i) / corners, radius)
    return { x: x + corner.x, y: y + corner.y }
  })

/** A pattern for each letter, told apart by its shapes, not by colour. */
const MOTIFS = {
  A: acorn,
  B: (at) => [circle(at, 1.5, FILLED)],
  C: ({ x, y }) => [line({ x: x - 2.5, y: y + 2.5 }, { x: x + 2.5, y: y - 2.5 }, STROKE)],
  D: (at) => [circle(at, 2.6, STROKE)],
  E: (at) => [path(polygonPath(around(at, 3, 2.4)), FILLED)],
  F: ({ x, y }) => [
    line({ x: x - 2.2, y }, { x: x + 2.2, y }, STROKE),
    line({ x, y: y - 2.2 }, { x, y: y + 2.2 }, STROKE),
  ],
  G: (at) => [path(polygonPath(around(at, 4, 2.8, 45)), STROKE)],
  H: ({ x, y }) => [
    path(
      [
        { op: 'M', x: x - 3, y },
        { op: 'C', x1: x - 1.5, y1: y - 2.5, x2: x - 1, y2: y - 2.5, x, y },
        { op: 'C', x1: x + 1, y1: y + 2.5, x2: x + 1.5, y2: y + 2.5, x: x + 3, y },
      ],
      STROKE,
    ),
  ],
} as const satisfies Record<string, Motif>

export type SetLetter = keyof typeof MOTIFS

/** A back that lets nothing shine through, far enough from the edge to forgive the cut; by the letter of its set. */
export function patternedBack(cell: Cell, letter?: SetLetter): Shape[] {
  const columns = Math.floor((cell.width - 2 * INSET_MM) / STEP_MM)
  const rows = Math.floor((cell.height - 2 * INSET_MM) / STEP_MM)
  const left = cell.x + (cell.width - columns * STEP_MM) / 2
  const top = cell.y + (cell.height - rows * STEP_MM) / 2
  // The acorns hang from their points, which are not their middles.
  const down = letter === undefined || letter === 'A' ? 0.4 : 0.5
  const motif: Motif = MOTIFS[letter ?? 'A']
  const pattern = Array.from({ length: columns * rows }, (_, i) =>
    motif({ x: left + ((i % columns) + 0.5) * STEP_MM, y: top + (Math.floor(i / columns) + down) * STEP_MM }),
  ).flat()
  if (letter === undefined) return pattern
  return [...pattern, letterRing(letter, { x: cell.x + cell.width / 2, y: cell.y + cell.height / 2 }, LARGE_RING_MM)]
}

/** The letter of a set at the foot of a back that has something else in its middle. */
export function letterBelow(cell: Cell, letter: SetLetter): Shape {
  const at = { x: cell.x + cell.width / 2, y: cell.y + cell.height - SMALL_RING_MM - INSET_MM }
  return letterRing(letter, at, SMALL_RING_MM)
}

function letterRing(letter: SetLetter, at: Point, radius: number): Shape {
  return part('letter', [
    circle(at, radius, { fill: '#FFFFFF', stroke: INK, strokeMm: 0.5 }),
    centredText(letter, at, { size: radius * OF_THE_RING, fill: INK }),
  ])
}
