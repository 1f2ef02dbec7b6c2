import { circle, group, INK, line, MOSS, OAK, path, type Point, type Shape, SLATE } from '../drawing'

/** One icon for each kind of line on a run sheet, so that the eye finds it at arm's length. */
export type LineKind = 'goal' | 'say' | 'look' | 'ask' | 'wrong' | 'easier' | 'harder' | 'team' | 'tick'

const LOOK = { stroke: INK, strokeMm: 0.35 } as const
const at = (x: number, y: number): Point => ({ x, y })

/** In a square of 4 mm from the origin. */
const ICONS: Readonly<Record<LineKind, readonly Shape[]>> = {
  goal: [circle(at(2, 2), 1.8, { ...LOOK, stroke: MOSS }), circle(at(2, 2), 0.7, { fill: MOSS })],
  say: [
    path(
      [
        { op: 'M', x: 0.9, y: 0.4 },
        { op: 'L', x: 3.1, y: 0.4 },
        { op: 'A', r: 0.7, large: false, sweep: true, x: 3.8, y: 1.1 },
        { op: 'L', x: 3.8, y: 2.1 },
        { op: 'A', r: 0.7, large: false, sweep: true, x: 3.1, y: 2.8 },
        { op: 'L', x: 1.9, y: 2.8 },
        { op: 'L', x: 0.9, y: 3.8 },
        { op: 'L', x: 0.9, y: 2.8 },
        { op: 'A', r: 0.7, large: false, sweep: true, x: 0.2, y: 2.1 },
        { op: 'L', x: 0.2, y: 1.1 },
        { op: 'A', r: 0.7, large: false, sweep: true, x: 0.9, y: 0.4 },
        { op: 'Z' },
      ],
      { fill: SLATE },
    ),
  ],
  look: [
    path(
      [
        { op: 'M', x: 0.1, y: 2 },
        { op: 'C', x1: 1.2, y1: 0.4, x2: 2.8, y2: 0.4, x: 3.9, y: 2 },
        { op: 'C', x1: 2.8, y1: 3.6, x2: 1.2, y2: 3.6, x: 0.1, y: 2 },
        { op: 'Z' },
      ],
      LOOK,
    ),
    circle(at(2, 2), 0.8, { fill: INK }),
  ],
  ask: [
    path(
      [
        { op: 'M', x: 1, y: 1.3 },
        { op: 'C', x1: 1, y1: -0.1, x2: 3.1, y2: -0.1, x: 3.1, y: 1.2 },
        { op: 'C', x1: 3.1, y1: 2, x2: 2, y2: 1.9, x: 2, y: 2.8 },
      ],
      { stroke: SLATE, strokeMm: 0.6 },
    ),
    circle(at(2, 3.6), 0.4, { fill: SLATE }),
  ],
  wrong: [
    path([{ op: 'M', x: 2, y: 0.2 }, { op: 'L', x: 3.9, y: 3.6 }, { op: 'L', x: 0.1, y: 3.6 }, { op: 'Z' }], {
      ...LOOK,
      stroke: OAK,
    }),
    line(at(2, 1.4), at(2, 2.5), { stroke: OAK, strokeMm: 0.45 }),
    circle(at(2, 3), 0.25, { fill: OAK }),
  ],
  easier: arrow(1),
  harder: arrow(-1),
  team: [
    circle(at(1.2, 1.2), 0.8, { fill: MOSS }),
    circle(at(2.9, 1.2), 0.8, { fill: MOSS }),
    line(at(0.4, 2.9), at(2, 2.9), { stroke: MOSS, strokeMm: 1.2 }),
    line(at(2.1, 2.9), at(3.7, 2.9), { stroke: MOSS, strokeMm: 1.2 }),
  ],
  tick: [
    path(
      [
        { op: 'M', x: 0.2, y: 0.2 },
        { op: 'L', x: 3.8, y: 0.2 },
        { op: 'L', x: 3.8, y: 3.8 },
        { op: 'L', x: 0.2, y: 3.8 },
        { op: 'Z' },
      ],
      LOOK,
    ),
  ],
}

/** Down for the easier form, up for the harder one. */
function arrow(way: 1 | -1): Shape[] {
  const y = (down: number) => 2 + way * down
  return [
    line(at(2, y(-1.6)), at(2, y(1.4)), { stroke: INK, strokeMm: 0.5 }),
    line(at(2, y(1.7)), at(0.9, y(0.5)), { stroke: INK, strokeMm: 0.5 }),
    line(at(2, y(1.7)), at(3.1, y(0.5)), { stroke: INK, strokeMm: 0.5 }),
  ]
}

export const iconOf = (kind: LineKind, x: number, y: number): Shape =>
  group(ICONS[kind], { part: `icon-${kind}`, x, y })
