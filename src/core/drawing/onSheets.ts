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
      throw new RefusedValue('pages', `${half} × ${height} mm at most`, `${page.width} × ${page.height} mm`)
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

/**
 * Pages made smaller, row by row on as few sheets as hold them, each as large as its place lets it be. For the adult:
 * what is read by children is never made smaller. `columns` and `rows` are whole, 1 to 4.
 */
export function smallOnSheets(
  pages: readonly Drawing[],
  paper: SheetId,
  { columns, rows }: { readonly columns: number; readonly rows: number },
): Drawing[] {
  requireInteger('columns', columns, 1, 4)
  requireInteger('rows', rows, 1, 4)
  const { width, height } = paperOf(paper)
  const across = (width - 2 * SMALL_EDGE_MM) / columns
  const down = (height - 2 * SMALL_EDGE_MM) / rows
  const placed = (page: Drawing, i: number): Shape => {
    const k = Math.min(1, across / page.width, down / page.height)
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
  return grouped(pages, columns * rows).map((some) => ({
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
