import { told } from '../wording'
import { RefusedValue, requireInteger } from '../errors'
import { group, line } from './builders'
import { scaledShape } from './geometry'
import { type Drawing, FAINT, type Shape } from './model'
import { paperOf, type SheetId } from './pages'

/* Several pages on one sheet of paper. */

/** Half of the millimetre that two A5 pages are narrower than A4 is high. */
const FITS_MM = 0.6

/**
 * Pages drawn for half a sheet, two and two on whole sheets held across, at their true size, with a line to cut along.
 * A last one alone is on the left. Throws RefusedValue for a page that is larger than half of the paper.
 */
export function twoOnASheet(pages: readonly Drawing[], paper: SheetId): Drawing[] {
  const { width: height, height: width } = paperOf(paper)
  const half = width / 2
  const cut = line({ x: half, y: 4 }, { x: half, y: height - 4 }, { stroke: FAINT, strokeMm: 0.2, dashMm: [2, 2] })
  const placed = (page: Drawing, i: number): Shape => {
    if (page.width > half + FITS_MM || page.height > height + FITS_MM)
      throw new RefusedValue(
        told('pages'),
        told('{0} × {1} mm at most', half, height),
        `${page.width} × ${page.height} mm`,
      )
    return group(page.shapes, {
      part: 'half-sheet',
      x: i * half + (half - page.width) / 2,
      y: (height - page.height) / 2,
    })
  }
  return grouped(pages, 2).map((two) => ({
    width,
    height,
    title: titlesOf(two),
    shapes: [...two.map(placed), cut],
  }))
}

/** From the edge of the paper to pages made smaller, mm: their own margin does the rest. */
const SMALL_EDGE_MM = 5

/** How pages lie on a sheet: row by row, 1 to 4 of each. */
interface Rows {
  readonly columns: number
  readonly rows: number
}

/** A sheet as it is held, and how large the place of each page on it is, mm. */
interface Grid extends Rows {
  readonly width: number
  readonly height: number
  readonly across: number
  readonly down: number
}

const gridOn = (width: number, height: number, { columns, rows }: Rows): Grid => ({
  columns,
  rows,
  width,
  height,
  across: (width - 2 * SMALL_EDGE_MM) / columns,
  down: (height - 2 * SMALL_EDGE_MM) / rows,
})

const scaleIn = ({ across, down }: Grid, page: Drawing) => Math.min(1, across / page.width, down / page.height)

/** The sheet held upright or across, whichever leaves the pages larger. */
function gridFor(pages: readonly Drawing[], paper: SheetId, rows: Rows): Grid {
  const { width, height } = paperOf(paper)
  const [upright, turned] = [gridOn(width, height, rows), gridOn(height, width, rows)]
  const least = (grid: Grid) => Math.min(...pages.map((page) => scaleIn(grid, page)))
  return least(turned) > least(upright) ? turned : upright
}

/**
 * Pages made smaller, row by row on as few sheets as hold them, each as large as its place lets it be. For the adult:
 * what is read by children is never made smaller. `columns` and `rows` are whole, 1 to 4.
 */
export function smallOnSheets(pages: readonly Drawing[], paper: SheetId, rows: Rows): Drawing[] {
  requireInteger(told('columns'), rows.columns, 1, 4)
  requireInteger(told('rows'), rows.rows, 1, 4)
  const grid = gridFor(pages, paper, rows)
  const { columns, width, height, across, down } = grid
  const placed = (page: Drawing, i: number): Shape => {
    const k = scaleIn(grid, page)
    const x = SMALL_EDGE_MM + (i % columns) * across + (across - page.width * k) / 2
    const y = SMALL_EDGE_MM + Math.floor(i / columns) * down + (down - page.height * k) / 2
    return group(
      // A bar of 100 mm would no longer be true.
      page.shapes
        .filter((shape) => !(shape.type === 'group' && shape.part === 'check-bar'))
        .map((shape) => scaledShape(shape, k)),
      { part: 'small-page', x, y },
    )
  }
  return grouped(pages, columns * rows.rows).map((some) => ({
    width,
    height,
    title: titlesOf(some),
    shapes: some.map(placed),
  }))
}

function grouped<T>(all: readonly T[], size: number): T[][] {
  return Array.from({ length: Math.ceil(all.length / size) }, (_, i) => all.slice(i * size, (i + 1) * size))
}

const titlesOf = (pages: readonly Drawing[]) => [...new Set(pages.map(({ title }) => title))].join(', ')
