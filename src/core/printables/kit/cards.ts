import { barText, printedAs } from '../../wording'
import {
  type Area,
  type Drawing,
  FAINT,
  GOLD,
  INK,
  type Shape,
  SAFE_MARGIN_MM,
  bodyArea,
  makePage,
  paperOf,
  line,
  path,
  rectanglePath,
} from '../../drawing'
import { letterBelow, patternedBack } from './cardBacks'
import { type Cell, gridCells } from './grid'
import { framedPage, part } from './frame'
import { titleOr } from './footers'
import type { PrintOptions } from './choices'

/** What is on a card, drawn into its cell. */
export type CardFace = (cell: Cell) => Shape[]

export interface CardSet {
  readonly fronts: readonly CardFace[]
  /** As many as there are fronts. Left out, the backs have a pattern. */
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

interface DeckGrid {
  readonly columns: number
  readonly rows: number
}

/** A row and a column more for small cards, and one fewer for large ones. */
const MORE_BY_SIZE = { small: 1, usual: 0, large: -1 } as const
/** How much larger words are on them. */
const WORDS_BY_SIZE = { small: 0.8, usual: 1, large: 1.35 } as const

/** How the cards of a deck lie on a page at the size that was chosen. */
export function deckAt({ columns, rows }: DeckGrid, { size = 'usual' }: PrintOptions): DeckGrid {
  const more = MORE_BY_SIZE[size]
  return { columns: columns + more, rows: rows + more }
}

/** The largest letters on cards of the size that was chosen, em in mm, where those of the usual ones are so large. */
export function lettersAt(usual: number, { size = 'usual' }: PrintOptions): number {
  return usual * WORDS_BY_SIZE[size]
}

/** How large a card is, where so many lie on a page. */
export function cardSize({ columns, rows }: Pick<CardSet, 'columns' | 'rows'>, options: PrintOptions) {
  const { width, height } = cardArea(options)
  return { width: width / columns, height: height / rows }
}

/** How many cards or dominoes are on some pages. */
export function cardsOn(pages: readonly Drawing[]): number {
  const isCard = (shape: Shape) => shape.type === 'group' && /^(card|tile)-/.test(shape.part ?? '')
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
      framedPage(options, {
        title,
        footer: set.footer,
        body: [...cutGrid(cells, options), ...cardEdges(cells, options), ...faces],
      }),
    )
    if (options.backs) {
      const behind = cells.map((cell) => mirrored(cell, options))
      const body = behind.map((cell, i) => part(`back-${from + i}`, backOf(cell, backs?.[from + i], options)))
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

/** How far the coloured edge of a card lies inside its cut, mm. */
const EDGE_INSET_MM = 1.2

/** A coloured edge on each card, in the look that has one. */
function cardEdges(cells: readonly Cell[], { look, lowInk }: PrintOptions): Shape[] {
  if (look !== 'workshop') return []
  const style = { fill: 'none', stroke: lowInk ? INK : GOLD, strokeMm: lowInk ? 0.25 : 0.6 }
  const edge = ({ x, y, width, height }: Cell) =>
    rectanglePath(x + EDGE_INSET_MM, y + EDGE_INSET_MM, width - 2 * EDGE_INSET_MM, height - 2 * EDGE_INSET_MM)
  return [
    part(
      'edges',
      cells.map((cell) => path(edge(cell), style)),
    ),
  ]
}

/** The card's own back with the letter of its set, or a pattern that all cards of the set have. */
function backOf(cell: Cell, own: CardFace | undefined, { letter }: PrintOptions): Shape[] {
  if (!own) return patternedBack(cell, letter)
  return letter === undefined ? own(cell) : [...own(cell), letterBelow(cell, letter)]
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
