import type { Area } from '../drawing'

export type PartId =
  'face' | 'middle' | 'hub' | 'minute-hand' | 'hour-hand' | 'second-hand' | 'minute-strip' | 'hour-strip'

/** What a part takes on a page, mm, its label included. */
export interface PartBox {
  readonly id: PartId
  /** Which of several alike, from 0. */
  readonly copy: number
  readonly width: number
  readonly height: number
}

export const GAP_MM = 6

export interface PlacedPart {
  readonly box: PartBox
  readonly x: number
  readonly y: number
}

/**
 * Parts laid on pages in rows, in the order in which they come: each in the first row of the page where
 * it fits, else in a new row, else on a new page. Undefined where a part is larger than a page.
 */
export function packParts(boxes: readonly PartBox[], area: Area): PlacedPart[][] | undefined {
  const pages: { placed: PlacedPart[]; rows: { y: number; height: number; x: number }[] }[] = []
  for (const box of boxes) {
    if (box.width > area.width || box.height > area.height) return undefined
    const page = pages.find((each) => place(each, box, area))
    if (page) continue
    const fresh = { placed: [], rows: [] }
    pages.push(fresh)
    place(fresh, box, area)
  }
  return pages.map((page) => page.placed)
}

/**
 * Four alike on a page, each in the middle of its quarter, so that the folds run between them.
 * Undefined where they do not fit their quarters with half a gap to each fold.
 */
export function packQuarters(boxes: readonly PartBox[], area: Area): PlacedPart[][] | undefined {
  const [width, height] = [area.width / 2, area.height / 2]
  if (boxes.some((box) => box.width > width - GAP_MM / 2 || box.height > height - GAP_MM / 2)) return undefined
  return [
    boxes.map((box, i) => ({
      box,
      x: area.x + ((i % 2) + 0.5) * width - box.width / 2,
      y: area.y + (Math.floor(i / 2) + 0.5) * height - box.height / 2,
    })),
  ]
}

function place(
  page: { placed: PlacedPart[]; rows: { y: number; height: number; x: number }[] },
  box: PartBox,
  area: Area,
): boolean {
  const row = page.rows.find((each) => each.x + box.width <= area.width && box.height <= each.height)
  if (row) {
    page.placed.push({ box, x: area.x + row.x, y: area.y + row.y })
    row.x += box.width + GAP_MM
    return true
  }
  const last = page.rows[page.rows.length - 1]
  const y = last ? last.y + last.height + GAP_MM : 0
  if (y + box.height > area.height) return false
  page.rows.push({ y, height: box.height, x: box.width + GAP_MM })
  page.placed.push({ box, x: area.x, y: area.y + y })
  return true
}

export interface Tile {
  /** Its window on the whole, from the whole's top left corner, mm. */
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
  readonly column: number
  readonly row: number
}

export const OVERLAP_MM = 10

/**
 * Windows that cover a square of `size` mm, each no larger than a page's area, overlapping their
 * neighbours by OVERLAP_MM; equal in size, so that a face halves along its diameter.
 */
export function tilesFor(
  size: number,
  area: Pick<Area, 'width' | 'height'>,
): { tiles: Tile[]; columns: number; rows: number } {
  const count = (room: number) => (size <= room ? 1 : Math.ceil((size - OVERLAP_MM) / (room - OVERLAP_MM)))
  const columns = count(area.width)
  const rows = count(area.height)
  const span = (of: number) => (size + (of - 1) * OVERLAP_MM) / of
  const [width, height] = [span(columns), span(rows)]
  const tiles = Array.from({ length: columns * rows }, (_, i) => {
    const [column, row] = [i % columns, Math.floor(i / columns)]
    return { x: column * (width - OVERLAP_MM), y: row * (height - OVERLAP_MM), width, height, column, row }
  })
  return { tiles, columns, rows }
}
