import { barText, printedAs } from '../../wording'
import {
  type Area,
  type Drawing,
  FAINT,
  type Shape,
  SAFE_MARGIN_MM,
  bodyArea,
  makePage,
  paperOf,
  line,
  path,
} from '../../drawing'
import { type Cell, gridCells } from './grid'
import { part } from './frame'
import { titleOr } from './footers'
import type { PrintOptions } from './choices'

/** What is on a card, drawn into its cell. */
export type CardFace = (cell: Cell) => Shape[]

export interface CardSet {
  readonly fronts: readonly CardFace[]
  /** As many as there are fronts, or one for all of them. Left out, the backs stay white. */
  readonly backs?: readonly CardFace[]
  readonly columns: number
  readonly rows: number
  /** The usual title, which says what to do with the page. */
  readonly title: string
  readonly footer: string
  /** `card` where nothing else is said. */
  readonly named?: string
}

/** Room for the guillotine's marks outside the cards, mm, and how long the marks are. */
const MARK_ROOM_MM = 5
const MARK_MM = 3.5

/*
 * The cards lie about the middle of the sheet, so that a back behind a front needs nothing but the mirrored cell:
 *
 *    front   1 2 3      back, long edge   3 2 1      back, short edge   4 5 6
 *            4 5 6                        6 5 4                         1 2 3
 */
function cardArea({ paper, guillotine }: PrintOptions): Area {
  const body = bodyArea(paper)
  const { height } = paperOf(paper)
  const inset = guillotine ? MARK_ROOM_MM : 0
  const top = body.y + inset
  return { x: SAFE_MARGIN_MM + inset, y: top, width: body.width - 2 * inset, height: height - 2 * top }
}

/** How large a card is, where so many lie on a page. */
export function cardSize({ columns, rows }: Pick<CardSet, 'columns' | 'rows'>, options: PrintOptions) {
  const { width, height } = cardArea(options)
  return { width: width / columns, height: height / rows }
}

/** How many cards are on some pages. */
export function cardsOn(pages: readonly Drawing[]): number {
  const isCard = (shape: Shape) => shape.type === 'group' && shape.part?.startsWith('card-') === true
  return pages.reduce((sum, { shapes }) => sum + countIn(shapes, isCard), 0)
}

function countIn(shapes: readonly Shape[], isWanted: (shape: Shape) => boolean): number {
  return shapes.reduce(
    (sum, shape) => sum + (isWanted(shape) ? 1 : shape.type === 'group' ? countIn(shape.shapes, isWanted) : 0),
    0,
  )
}

/** Pages of cards that share their cut edges; after each page its backs, where there are any and a flip is chosen. */
export function cardPages(set: CardSet, options: PrintOptions): Drawing[] {
  const perPage = set.columns * set.rows
  const pages: Drawing[] = []
  const { backs, named = 'card' } = set
  for (let from = 0; from < set.fronts.length; from += perPage) {
    const fronts = set.fronts.slice(from, from + perPage)
    const cells = gridCells(cardArea(options), set.columns, set.rows, fronts.length)
    const faces = fronts.map((face, i) => part(`${named}-${from + i}`, face(cells[i] as Cell)))
    const title = titleOr(options, options.owner ? `${set.title} (${options.owner})` : set.title)
    pages.push(
      makePage({
        paper: options.paper,
        bar: barText(options.wording),
        title,
        footer: set.footer,
        body: [...cutGrid(cells, options), ...faces],
      }),
    )
    if (backs && options.backs) {
      const behind = cells.map((cell) => mirrored(cell, options))
      const body = behind.map((cell, i) =>
        part(`back-${from + i}`, (backs[backs.length === 1 ? 0 : from + i] as CardFace)(cell)),
      )
      pages.push(
        makePage({
          paper: options.paper,
          bar: barText(options.wording),
          title: printedAs('Backs: print behind the page before', options.wording),
          footer: `${set.footer} · ${printedAs('backs', options.wording)}`,
          body,
        }),
      )
    }
  }
  return pages
}

/** Where a card's back is on the page behind. */
function mirrored(cell: Cell, { paper, backs }: PrintOptions): Cell {
  const { width, height } = paperOf(paper)
  if (backs === 'short-edge') return { ...cell, y: height - cell.y - cell.height }
  return { ...cell, x: width - cell.x - cell.width }
}

/** The lines to cut along. Each edge between cells is drawn once, across the whole grid, with marks beyond its ends. */
export function cutGrid(cells: readonly Cell[], { guillotine }: Pick<PrintOptions, 'guillotine'> = {}): Shape[] {
  if (cells.length === 0) return []
  const edges = (of: (cell: Cell) => number[]) => [
    ...new Set(cells.flatMap(of).map((v) => Math.round(v * 1000) / 1000)),
  ]
  const xs = edges((cell) => [cell.x, cell.x + cell.width])
  const ys = edges((cell) => [cell.y, cell.y + cell.height])
  const [left, right] = [Math.min(...xs), Math.max(...xs)]
  const [top, bottom] = [Math.min(...ys), Math.max(...ys)]
  const cutAlong = (x1: number, y1: number, x2: number, y2: number): Shape =>
    line({ x: x1, y: y1 }, { x: x2, y: y2 }, { layer: 'cut', stroke: FAINT, strokeMm: 0.25 })
  const gap = MARK_ROOM_MM - MARK_MM - 1
  const ends = (from: number, to: number) =>
    [
      [from - gap - MARK_MM, from - gap],
      [to + gap, to + gap + MARK_MM],
    ] as const
  const marks = guillotine
    ? [
        part('cut-marks', [
          ...xs.flatMap((x) => ends(top, bottom).map(([a, b]) => cutAlong(x, a, x, b))),
          ...ys.flatMap((y) => ends(left, right).map(([a, b]) => cutAlong(a, y, b, y))),
        ]),
      ]
    : []
  return [...xs.map((x) => cutAlong(x, top, x, bottom)), ...ys.map((y) => cutAlong(left, y, right, y)), ...marks]
}

/** A back that lets nothing shine through: rows of small acorn cups, far enough from the edge to forgive the cut. */
export const patternedBack: CardFace = (cell) => {
  const step = 11
  const inset = 4
  const columns = Math.floor((cell.width - 2 * inset) / step)
  const rows = Math.floor((cell.height - 2 * inset) / step)
  const left = cell.x + (cell.width - columns * step) / 2
  const top = cell.y + (cell.height - rows * step) / 2
  const acorn = (x: number, y: number): Shape[] => [
    path([{ op: 'M', x: x - 1.6, y }, { op: 'A', r: 1.6, large: false, sweep: true, x: x + 1.6, y }, { op: 'Z' }], {
      fill: FAINT,
    }),
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
  return Array.from({ length: columns * rows }, (_, i) =>
    acorn(left + ((i % columns) + 0.5) * step, top + (Math.floor(i / columns) + 0.4) * step),
  ).flat()
}
