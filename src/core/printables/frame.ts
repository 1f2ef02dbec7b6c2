import { type Drawing, FAINT, INK, type PaperId, type Shape, bodyArea, fitSize, makePage, wrapText } from '../drawing'
import { centredText, dialShapes } from '../faces'
import { type Item, rungOf } from '../teaching'
import { languages } from '../wording'
import type { PrintOptions } from './types'

export interface Cell {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** Equal cells that fill the page's body row by row, `count` of them at most. */
export function gridCells(paper: PaperId, columns: number, rows: number, count = columns * rows): Cell[] {
  const area = bodyArea(paper)
  const width = area.width / columns
  const height = area.height / rows
  return Array.from({ length: Math.min(count, columns * rows) }, (_, i) => ({
    x: area.x + (i % columns) * width,
    y: area.y + Math.floor(i / columns) * height,
    width,
    height,
  }))
}

/** The dial that an item shows, centred on a point. */
export function itemDial(item: Item, x: number, y: number, radius: number, options: PrintOptions): Shape {
  const hands = item.shown.as === 'dial' ? item.shown.hands : 'both'
  const dial = dialShapes(item.shown.minute, {
    radius,
    hands,
    ringOfFives: options.ringOfFives,
    lowInk: options.lowInk,
  })
  return { type: 'group', part: 'dial', x, y, shapes: dial }
}

interface QuestionSheet {
  readonly title: string
  readonly footer: string
  readonly columns: number
  /** What stands in the cell of the item with this place, from 0. */
  readonly question: (item: Item, place: number, cell: Cell) => Shape[]
}

/** A page of questions in equal cells, with a line for the child's name. */
export function questionSheet(items: readonly Item[], options: PrintOptions, sheet: QuestionSheet): Drawing {
  const cells = gridCells(options.paper, sheet.columns, Math.ceil(items.length / sheet.columns), items.length)
  return makePage({
    paper: options.paper,
    title: sheet.title,
    footer: sheet.footer,
    name: { line: true, text: options.owner, label: languages[options.wording.language].phrases.name },
    body: cells.flatMap((cell, i) => sheet.question(items[i] as Item, i, cell)),
  })
}

/** The number of a question, in the corner of its cell. */
export function numberIn(cell: Cell, place: number): Shape {
  return { type: 'text', layer: 'ink', x: cell.x + 1, y: cell.y + 6, text: String(place + 1), size: 4.5, fill: FAINT }
}

export function printFooter(name: string, options: PrintOptions, seed: number): string {
  return `Ripe Acorn · ${name} · ${rungOf(options.rung).name} · no. ${seed}`
}

export function rule(x1: number, x2: number, y: number): Shape {
  return { type: 'line', layer: 'ink', x1, y1: y, x2, y2: y, stroke: INK, strokeMm: 0.3 }
}

/** The lines that a guillotine follows: each edge between cells drawn once, over the whole grid. */
export function cutGrid(cells: readonly Cell[]): Shape[] {
  const first = cells[0]
  if (!first) return []
  const edges = (of: (cell: Cell) => number[]) => [
    ...new Set(cells.flatMap(of).map((v) => Math.round(v * 1000) / 1000)),
  ]
  const xs = edges((cell) => [cell.x, cell.x + cell.width])
  const ys = edges((cell) => [cell.y, cell.y + cell.height])
  const [left, right] = [Math.min(...xs), Math.max(...xs)]
  const [top, bottom] = [Math.min(...ys), Math.max(...ys)]
  const line = (x1: number, y1: number, x2: number, y2: number): Shape => ({ type: 'line', layer: 'cut', x1, y1, x2, y2, stroke: FAINT, strokeMm: 0.25 }) // prettier-ignore
  return [...xs.map((x) => line(x, top, x, bottom)), ...ys.map((y) => line(left, y, right, y))]
}

/** Words about a point, on as many lines as they need at a width (mm). */
export function wordsIn(text: string, x: number, y: number, width: number, most = 8): Shape[] {
  // No word is broken: German counts are long.
  const size = Math.min(...text.split(' ').map((word) => fitSize(word, most, width - 0.01)))
  const lines = wrapText(text, size, width)
  return lines.map((line, i) => centredText(line, x, y + (i - (lines.length - 1) / 2) * size * 1.35, size, INK))
}
