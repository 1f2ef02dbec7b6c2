import { printedAs, told } from '../../wording'
import { type Drawing, INK, type PathCommand, type Point, type Shape, bodyArea, path } from '../../drawing'
import { randomFrom } from '../../random'
import { type Item, hasDialTimes, makeItems } from '../../teaching'
import { controlCards } from '../kit/controlCard'
import { itemDial } from '../kit/dialPlace'
import { keyFooter, printFooter } from '../kit/footers'
import { framedPage, part } from '../kit/frame'
import { wordsIn } from '../kit/wordLists'
import { MAT_NOTES, inWords, mat, thrown } from '../kit/mat'
import { definePrintable } from '../kit/definePrintable'
import { PRINT_OPTIONS } from '../kit/options'
import type { PrintOptions } from '../kit/choices'

const FACES = 6
/** Of the die's edge, and of its glue flaps, mm: three by four faces and the flaps stay inside a Letter page. */
const EDGE_MM = 46
const FLAP_MM = 10

/** A die with six times to fold and glue, and a mat to fill: what is thrown is covered. */
export const tossAndFill = definePrintable({
  id: 'toss-and-fill',
  kind: 'game',
  name: told('Toss and fill'),
  purpose: told('A die with six times and a mat to cover; how long it lasts is worked out first'),
  stage: 'pictorial',
  counts: told('How many times on the die'),
  leastItems: FACES,
  mostItems: FACES,
  usualItems: FACES,
  suits: hasDialTimes,
  takes: ['helps', 'cells', 'covers'],
  notes: () => [...MAT_NOTES],
  needs: ['scissors', 'glue', 'card', 'counters'],
  cautions: ['scissors', 'small-parts', 'glue'],
  fill: ({ cells = PRINT_OPTIONS.cells.usual }) => ({
    chances: Array.from({ length: FACES }, () => 1),
    cells: Array.from({ length: FACES }, () => cells),
  }),
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: FACES })
    const footer = printFooter(told('Toss and fill'), options, seed)
    return {
      items,
      pages: [dieNet(items, options, footer), ...mat(random, items, options, { how: 'thrown', footer })],
      key: controlCards(
        {
          what: told('Toss and fill'),
          items,
          footer: keyFooter(footer, options),
          beside: (item) => inWords(item, options),
        },
        options,
      ),
    }
  },
})

/** The cross of a cube, as [column, row]; and where its seven glue flaps are, by face and side. */
const CROSS = [
  [1, 0],
  [0, 1],
  [1, 1],
  [2, 1],
  [1, 2],
  [1, 3],
] as const

const SIDES = { top: [0, -1], right: [1, 0], bottom: [0, 1], left: [-1, 0] } as const
type FlapSide = keyof typeof SIDES

const FLAPS: readonly (readonly [face: number, side: FlapSide])[] = [
  [0, 'left'],
  [0, 'right'],
  [0, 'top'],
  [4, 'left'],
  [4, 'right'],
  [5, 'left'],
  [5, 'right'],
]

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
  const corner = (face: number) => ({
    x: left + (CROSS[face]?.[0] ?? 0) * EDGE_MM,
    y: top + (CROSS[face]?.[1] ?? 0) * EDGE_MM,
  })
  const faces = items.map((item, face): Shape => {
    const { x, y } = corner(face)
    const [middle, within] = [EDGE_MM / 2, EDGE_MM - 8]
    const words = (text: string) =>
      wordsIn(text, { x: x + middle, y: y + middle }, { width: within, most: 7, height: within })
    const shapes = thrown(item, options, words, () =>
      itemDial(item, { x: x + middle, y: y + middle, room: within / 2 }, options),
    )
    return part(`face-${face}`, shapes)
  })
  const net = CROSS.flatMap((_, face) =>
    (Object.keys(SIDES) as FlapSide[]).flatMap((side) => edge(face, side, corner(face))),
  )
  return framedPage(options, {
    title: printedAs('Die: cut the whole lines, fold the dashed ones, glue the flaps', options.wording),
    footer,
    body: [part('net', net), ...faces],
  })
}

/**
 * One side of a face: folded where a face or a flap follows, cut where nothing does. A fold between two faces is drawn
 * once.
 */
function edge(face: number, side: FlapSide, { x, y }: Point): Shape[] {
  const [dx, dy] = SIDES[side]
  const [column, row] = CROSS[face] ?? [0, 0]
  const next = CROSS.findIndex(([c, r]) => c === column + dx && r === row + dy)
  if (next >= 0 && next < face) return []
  const hasFlap = FLAPS.some(([at, on]) => at === face && on === side)
  // From the middle of the face to the middle of the side, and from there to its ends.
  const out = (along: number, beyond: number): Point => ({
    x: x + EDGE_MM / 2 + dx * (EDGE_MM / 2 + beyond) - dy * along,
    y: y + EDGE_MM / 2 + dy * (EDGE_MM / 2 + beyond) + dx * along,
  })
  const half = EDGE_MM / 2
  const whole = outline([out(-half, 0), out(half, 0)])
  if (!hasFlap) return [next >= 0 ? folded(whole) : cut(whole)]
  const narrow = half - FLAP_MM / 2
  return [folded(whole), cut(outline([out(-half, 0), out(-narrow, FLAP_MM), out(narrow, FLAP_MM), out(half, 0)]))]
}

const outline = (points: readonly Point[]): PathCommand[] =>
  points.map((point, i) => ({ op: i === 0 ? 'M' : 'L', ...point }))

const cut = (commands: PathCommand[]): Shape => path(commands, { layer: 'cut', stroke: INK, strokeMm: 0.4 })

const folded = (commands: PathCommand[]): Shape =>
  path(commands, { layer: 'fold', stroke: INK, strokeMm: 0.3, dashMm: [2, 1.5] })
