import {
  type Area,
  type Drawing,
  INK,
  MOSS,
  OAK,
  type PaperId,
  type Shape,
  bodyArea,
  centredText,
  flowPages,
  group,
  makePage,
  paragraph,
  scaledShape,
} from '../drawing'
import { itemAt } from '../teaching'
import { barText } from '../wording'
import { cardPages } from '../printables/kit/cards'
import { type Cell, gridCells, wordsIn } from '../printables/kit/frame'
import { dialCard } from '../printables/cards/matchCards'
import { FIGURE_BOX, moveShapes } from './figure'
import { cardsOf } from './games/groupGames'
import { formOf, playedOn } from './games/kit'
import { FLOOR_HALF_MM, jumpMetres, placeShapes } from './place'
import { MOVE_IDS, type Call, type GameOptions, type MoveId, type TimeCard, type Timeline } from './types'
import { wordsOf } from './words'

const FILLS: Partial<Record<Call['kind'], string>> = { answer: MOSS, reason: MOSS, rest: OAK, water: OAK }

/** Minutes and seconds from the start, "3:05". */
const clockOf = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`

interface Printing {
  readonly timeline: Timeline
  readonly options: GameOptions
  readonly paper: PaperId
}

/**
 * A game on paper, in the group's language: every call with its second in large type, so that it can be run with no
 * screen; then what it is played with: the moves as signs for the wall, where the five things lie, a card for everyone.
 */
export function callerPages(timeline: Timeline, options: GameOptions, paper: PaperId): Drawing[] {
  const printing = { timeline, options, paper }
  const { calls, game } = timeline
  return [
    ...callPages(printing),
    ...(calls.some(({ shown }) => shown.as === 'choices') ? signPages(printing) : []),
    ...(game === 'jump-the-day' ? [placesPage(printing)] : []),
    ...timeCardPages(printing, cardsOf(calls)),
  ]
}

const titleOf = ({ timeline, options }: Printing) => wordsOf(options.wording).games[timeline.game]

function pageOf(printing: Printing, title: string, body: readonly Shape[]): Drawing {
  const { timeline, options, paper } = printing
  const footer = `Ripe Acorn · ${titleOf(printing)} · ${timeline.seed}`
  return makePage({ paper, title, footer, bar: barText(options.wording), body })
}

function callPages(printing: Printing): Drawing[] {
  const { timeline, paper } = printing
  const title = titleOf(printing)
  const blocks = timeline.calls.map(({ at, say, kind, why }) =>
    paragraph(paper, `${clockOf(at)}   ${say}${why ? ` (${why})` : ''}`, {
      size: 5.6,
      above: kind === 'call' ? 2.6 : 0.6,
      weight: kind === 'call' ? 'bold' : 'regular',
      fill: FILLS[kind],
    }),
  )
  const bodies = flowPages(paper, blocks)
  return bodies.map((body, i) =>
    pageOf(printing, bodies.length > 1 ? `${title} ${i + 1}/${bodies.length}` : title, body),
  )
}

/** Two moves on a page, as large as they go. */
function signPages(printing: Printing): Drawing[] {
  const rows = MOVE_IDS.map((move, i) => ({ move, page: Math.floor(i / 2) }))
  const cells = gridCells(bodyArea(printing.paper), 1, 2)
  return Array.from({ length: Math.ceil(rows.length / 2) }, (_, page) => {
    const body = rows.filter((row) => row.page === page).map(({ move }, i) => signOf(move, cells[i] as Cell, printing))
    return pageOf(printing, titleOf(printing), body)
  })
}

const SIGN_WORDS_MM = 24

function signOf(move: MoveId, cell: Area, { options }: Printing): Shape {
  const [width, height] = [FIGURE_BOX.right - FIGURE_BOX.left, FIGURE_BOX.bottom - FIGURE_BOX.top]
  const scale = Math.min(cell.width / width, (cell.height - SIGN_WORDS_MM) / height)
  const x = cell.x + cell.width / 2
  const figure = group(
    moveShapes(move, options.isSeated).map((shape) => scaledShape(shape, scale)),
    { part: 'figure', x, y: cell.y - FIGURE_BOX.top * scale },
  )
  const does = formOf(options, wordsOf(options.wording).moves[move])
  const at = { x, y: cell.y + cell.height - SIGN_WORDS_MM / 2 }
  return group([figure, ...wordsIn(does, at, { width: cell.width, most: 11 })], { part: `sign-${move}` })
}

/** The five things from above, with how far they lie from each other. */
function placesPage(printing: Printing): Drawing {
  const { options, paper } = printing
  const { jump } = wordsOf(options.wording)
  const area = bodyArea(paper)
  const scale = area.width / 2 / FLOOR_HALF_MM
  const metres = jumpMetres(options.age)
  const told = jump.places(inWords(metres, options), inWords(metres * Math.SQRT2, options))
  const text = [told, jump.facing[options.facing]].map((line) => paragraph(paper, line, { size: 6, above: 3 }))
  const plan = group(
    placeShapes(options.facing, { view: 'own' }).map((shape) => scaledShape(shape, scale)),
    { part: 'places', x: area.x + area.width / 2, y: area.y + FLOOR_HALF_MM * scale },
  )
  let y = area.y + 2 * FLOOR_HALF_MM * scale
  const lines = text.map(({ shapes, height }) => {
    const block = group(shapes, { x: area.x, y })
    y += height
    return block
  })
  return pageOf(printing, titleOf(printing), [plan, ...lines])
}

/** Metres to a tenth, with the decimal mark of the language. */
const inWords = (metres: number, { wording }: GameOptions) =>
  metres.toLocaleString(wording.language.slice(0, 2), { minimumFractionDigits: 1, maximumFractionDigits: 1 })

/** A card in words and a clock for each child, with the same number. */
function timeCardPages(printing: Printing, cards: readonly TimeCard[]): Drawing[] {
  if (cards.length === 0) return []
  const { timeline, options, paper } = printing
  const { card } = wordsOf(options.wording).cards
  const rung = playedOn(options.rung)
  const inNumber = [...cards].sort((a, b) => a.number - b.number)
  const numbered = (cell: Cell, number: number) =>
    centredText(card(number), { x: cell.x + cell.width / 2, y: cell.y + cell.height - 4 }, { size: 3.4, fill: INK })
  const printed = { paper, wording: options.wording, rung, count: cards.length }
  const within = (cell: Cell): Cell => ({ ...cell, height: cell.height - 6 })
  const words = inNumber.map(({ number, says }) => (cell: Cell) => [
    ...wordsIn(says, { x: cell.x + cell.width / 2, y: cell.y + cell.height / 2 }, { width: cell.width - 10, most: 10 }),
    numbered(cell, number),
  ])
  const clocks = inNumber.map(({ number, minute }) => (cell: Cell) => [
    ...dialCard(itemAt(rung, 'read', minute), printed)(within(cell)),
    numbered(cell, number),
  ])
  const set = {
    columns: 2,
    rows: 3,
    title: titleOf(printing),
    footer: `Ripe Acorn · ${titleOf(printing)} · ${timeline.seed}`,
  }
  return [...cardPages({ ...set, fronts: words }, printed), ...cardPages({ ...set, fronts: clocks }, printed)]
}
