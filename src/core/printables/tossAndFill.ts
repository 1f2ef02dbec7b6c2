import { type Drawing, INK, type Shape, bodyArea, makePage } from '../drawing'
import { randomFrom } from '../random'
import { type Item, hasDialTimes, makeItems, sayAnswer } from '../teaching'
import { controlCard } from './controlCard'
import { part, printFooter, wordsIn } from './frame'
import { MAT_NOTES, USUAL_CELLS, mat } from './mat'
import type { PrintOptions, Printable } from './types'

const FACES = 6
/** Of the die's edge, and of its glue flaps, mm: three by four faces and the flaps stay inside a Letter page. */
const EDGE_MM = 46
const FLAP_MM = 10

/** A die with six times to fold and glue, and a mat of clocks to fill: what is thrown is covered. */
export const tossAndFill: Printable = {
  id: 'toss-and-fill',
  kind: 'game',
  name: 'Toss and fill',
  purpose: 'A die with six times and a mat of clocks to cover; how long it lasts is worked out first',
  stage: 'pictorial',
  counts: 'times on the die',
  leastItems: FACES,
  mostItems: FACES,
  usualItems: FACES,
  suits: hasDialTimes,
  takes: ['helps', 'cells'],
  notes: () => [...MAT_NOTES],
  needs: ['scissors', 'glue', 'card', 'counters'],
  cautions: ['scissors', 'small-parts', 'glue'],
  fill: ({ cells = USUAL_CELLS }) => ({ chances: Array.from({ length: FACES }, () => 1), cells: Array.from({ length: FACES }, () => cells) }), // prettier-ignore
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: FACES })
    const footer = printFooter('Toss and fill', options, seed)
    const owner = options.owner ? `Mat for ${options.owner}` : 'Mat: cover a clock of the time that was thrown'
    return {
      items,
      pages: [dieNet(items, options, footer), mat(random, items, options, owner, footer)],
      key: [controlCard('toss and fill', items, options, `${footer} · key`)],
    }
  },
}

/** The cross of a cube, as [column, row]; and where its seven glue flaps are, by face and side. */
const CROSS = [[1, 0], [0, 1], [1, 1], [2, 1], [1, 2], [1, 3]] as const // prettier-ignore
type Side = 'top' | 'left' | 'right' | 'bottom'
const FLAPS: readonly (readonly [face: number, side: Side])[] = [
  [0, 'left'], [0, 'right'], [0, 'top'], [4, 'left'], [4, 'right'], [5, 'left'], [5, 'right'],
] // prettier-ignore

/*
 *        ┌───┐          The cross is folded up along the lines between the faces;
 *    ┌───┤ 0 ├───┐      the flaps at 0, 4 and 5 go inside and are glued.
 *    │ 1 │ 2 │ 3 │
 *    └───┤ 4 ├───┘
 *        │ 5 │
 *        └───┘
 */
function dieNet(items: readonly Item[], options: PrintOptions, footer: string): Drawing {
  const area = bodyArea(options.paper)
  const left = area.x + (area.width - 3 * EDGE_MM) / 2
  const top = area.y + FLAP_MM + 1
  const corner = (face: number) => ({ x: left + (CROSS[face]?.[0] ?? 0) * EDGE_MM, y: top + (CROSS[face]?.[1] ?? 0) * EDGE_MM }) // prettier-ignore
  const faces = items.map((item, face): Shape => {
    const { x, y } = corner(face)
    const said = sayAnswer(item, item.answer, options.wording)
    const within = EDGE_MM - 8
    return part(`face-${face}`, [square(x, y), ...wordsIn(said, x + EDGE_MM / 2, y + EDGE_MM / 2, within, 7, within)])
  })
  return makePage({
    paper: options.paper,
    title: 'Die: cut round it, fold at the lines, glue the flaps',
    footer,
    body: [...FLAPS.map(([face, side]) => flap(corner(face), side)), ...faces],
  })
}

/** A face's edge: folded where another face or a flap follows, which is nearly everywhere. */
function square(x: number, y: number): Shape {
  return { type: 'path', layer: 'fold', commands: [{ op: 'M', x, y }, { op: 'L', x: x + EDGE_MM, y }, { op: 'L', x: x + EDGE_MM, y: y + EDGE_MM }, { op: 'L', x, y: y + EDGE_MM }, { op: 'Z' }], stroke: INK, strokeMm: 0.3, dashMm: [2, 1.5] } // prettier-ignore
}

/** A glue flap with slanted ends beside one side of a face. */
function flap({ x, y }: { x: number; y: number }, side: Side): Shape {
  const e = EDGE_MM
  const f = FLAP_MM
  const corners: Record<Side, readonly (readonly [number, number])[]> = {
    top: [[0, 0], [f / 2, -f], [e - f / 2, -f], [e, 0]],
    bottom: [[0, e], [f / 2, e + f], [e - f / 2, e + f], [e, e]],
    left: [[0, 0], [-f, f / 2], [-f, e - f / 2], [0, e]],
    right: [[e, 0], [e + f, f / 2], [e + f, e - f / 2], [e, e]],
  } // prettier-ignore
  const commands = corners[side].map(([dx, dy], i) => ({ op: i === 0 ? 'M' : 'L', x: x + dx, y: y + dy }) as const)
  return { type: 'path', layer: 'cut', commands, stroke: INK, strokeMm: 0.3 }
}
