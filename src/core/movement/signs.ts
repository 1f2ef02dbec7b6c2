import { type Area, bodyArea, type Drawing, group, paragraph, scaledShape, type Shape } from '../drawing'
import { type Cell, gridCells } from '../printables/kit/grid'
import { wordsIn } from '../printables/kit/wordLists'
import { FIGURE_BOX } from './figure'
import { moveFrames } from './movePoses'
import { formOf } from './games/kit'
import { FLOOR_HALF_MM, jumpMetres, placeShapes } from './place'
import type { GameOptions } from './gameOptions'
import { MOVE_IDS, type MoveId } from './moves'
import { wordsOf } from './words'
import { pageOf, type Printing, titleOf } from './cardPage'

/** Two moves on a page, as large as they go. */
export function signPages(printing: Printing): Drawing[] {
  const rows = MOVE_IDS.map((move, i) => ({ move, page: Math.floor(i / 2) }))
  const cells = gridCells(bodyArea(printing.paper), 1, 2)
  return Array.from({ length: Math.ceil(rows.length / 2) }, (_, page) => {
    const body = rows.filter((row) => row.page === page).map(({ move }, i) => signOf(move, cells[i] as Cell, printing))
    return pageOf(printing, titleOf(printing), body)
  })
}

const SIGN_WORDS_MM = 24

function signOf(move: MoveId, cell: Area, { options }: Printing): Shape {
  const frames = moveFrames(move, options.isSeated)
  const [width, height] = [FIGURE_BOX.right - FIGURE_BOX.left, FIGURE_BOX.bottom - FIGURE_BOX.top]
  const scale = Math.min(cell.width / (frames.length * width), (cell.height - SIGN_WORDS_MM) / height)
  const x = cell.x + cell.width / 2
  const figures = frames.map((shapes, i) =>
    group(
      shapes.map((shape) => scaledShape(shape, scale)),
      {
        part: 'figure',
        x: x + (i - (frames.length - 1) / 2) * width * scale,
        y: cell.y - FIGURE_BOX.top * scale,
      },
    ),
  )
  const does = formOf(options, wordsOf(options.wording).moves[move])
  const at = { x, y: cell.y + cell.height - SIGN_WORDS_MM / 2 }
  return group([...figures, ...wordsIn(does, at, { width: cell.width, most: 11 })], { part: `sign-${move}` })
}

/** The five things from above, with how far they lie from each other. */
export function placesPage(printing: Printing): Drawing {
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
