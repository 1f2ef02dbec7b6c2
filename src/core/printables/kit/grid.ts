import { type Area, bodyArea, type SheetId } from '../../drawing'
import { dialExtent } from '../../faces'
import type { PrintOptions } from './choices'
import { dialLook } from './dialPlace'

export type Cell = Area

/** Equal cells that fill an area row by row, `count` of them at most. */
export function gridCells(area: Area, columns: number, rows: number, count = columns * rows): Cell[] {
  const width = area.width / columns
  const height = area.height / rows
  return Array.from({ length: Math.min(count, columns * rows) }, (_, i) => ({
    x: area.x + (i % columns) * width,
    y: area.y + Math.floor(i / columns) * height,
    width,
    height,
  }))
}

/** What stands under a clock, three choices at the most, mm. */
const UNDER_CLOCK_MM = 28

/** Cells for clocks with words under each. No cell is so high that the words would stand far from their clock. */
export function clockCells(paper: SheetId, columns: number, count: number): Cell[] {
  const area = bodyArea(paper)
  const rows = Math.ceil(count / columns)
  const most = columns === 1 ? Infinity : area.width / columns + UNDER_CLOCK_MM
  return gridCells({ ...area, height: Math.min(area.height, rows * most) }, columns, rows, count)
}

/**
 * The smallest face on a print, mm: its numerals are 2.6 mm high (em). With the ring of fives, whose letters take the
 * room from it, they are no smaller than those letters.
 */
const LEAST_FACE_MM = 12.4
const LEAST_FACE_IN_RING_MM = 11.6

/** The room each way, mm, that the smallest face needs together with its helps. Less room means fewer on a page. */
export function leastRoom(options: PrintOptions): number {
  const { ringOfFives } = dialLook(options)
  // A hair more, so that rounding does not make it smaller.
  return dialExtent({ radius: ringOfFives ? LEAST_FACE_IN_RING_MM : LEAST_FACE_MM, ringOfFives }) + 1e-6
}

/** Shared out over as few pages as leave each dial its least room, about as many on each; the rest are on the last. */
export function onPages<T>(all: readonly T[], options: PrintOptions, roomWith: (onOne: number) => number): T[][] {
  const least = leastRoom(options)
  const each = (pages: number) => Math.ceil(all.length / pages)
  const pages = all.findIndex((_, i) => roomWith(each(i + 1)) >= least) + 1 || all.length
  return Array.from({ length: Math.ceil(all.length / each(pages)) }, (_, i) =>
    all.slice(i * each(pages), (i + 1) * each(pages)),
  )
}
