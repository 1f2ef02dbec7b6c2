import { onDial } from '../../clock'
import {
  type Area,
  type Drawing,
  FAINT,
  INK,
  type PaperId,
  type Point,
  type Shape,
  bodyArea,
  fitSize,
  makePage,
  printable,
  wrapText,
  group,
  textAt,
  line,
  path,
  centredText,
} from '../../drawing'
import { type DialOptions, dialExtent, dialShapes, faceWithin } from '../../faces'
import { type Item, rungOf, sayAnswer, isTwoHanded } from '../../teaching'
import { barText, languages, nameIn, printedAs, say } from '../../wording'
import type { PrintOptions } from './options'

export type Cell = Area

/** From line to line, as a share of the size of the text. */
export const LINE_SHARE = 1.35

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
export function clockCells(paper: PaperId, columns: number, count: number): Cell[] {
  const area = bodyArea(paper)
  const rows = Math.ceil(count / columns)
  const most = columns === 1 ? Infinity : area.width / columns + UNDER_CLOCK_MM
  return gridCells({ ...area, height: Math.min(area.height, rows * most) }, columns, rows, count)
}

/** What the level of help and the house rules put on a dial. */
export function dialLook({ helps = 0, lowInk, wording }: PrintOptions): Partial<DialOptions> {
  const words = languages[wording.language].phrases.onDial
  return { ringOfFives: helps >= 1, halves: helps >= 2, handLabels: helps >= 3, words, lowInk }
}

/**
 * The smallest face on a print, mm: its numerals are 2.6 mm high (em), and the names of its hands are no smaller than
 * the other letters on it.
 */
const LEAST_FACE_MM = 12.4

/** The room each way, mm, that the smallest face needs together with its helps. Less room means fewer on a page. */
export function leastRoom(options: PrintOptions): number {
  const { ringOfFives } = dialLook(options)
  // A hair more, so that rounding does not make it smaller.
  return dialExtent({ radius: LEAST_FACE_MM, ringOfFives }) + 1e-6
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

/** Where a dial lies: its centre, and the room that it has each way, mm. */
export interface DialPlace extends Point {
  readonly room: number
}

/** A dial centred on a point that takes `room` mm each way. */
export function dialAt(
  minute: number,
  { x, y, room }: DialPlace,
  options: PrintOptions,
  more: Partial<DialOptions> = {},
): Shape {
  const look = { ...dialLook(options), ...more }
  const radius = faceWithin(room, look.ringOfFives)
  return group(dialShapes(minute, { radius, ...look }), { part: 'dial', x, y })
}

/** The dial that an item shows, with the hands that it shows. */
export function itemDial(item: Item, place: DialPlace, options: PrintOptions): Shape {
  return dialAt(item.shown.minute, place, options, { hands: item.shown.as === 'dial' ? item.shown.hands : 'both' })
}

/** Words even where the group writes figures, beside the figures or the clock of the same time. */
export function wordsFor(item: Item, options: PrintOptions): string {
  const said = sayAnswer(item, item.answer, options.wording)
  return isTwoHanded(item.rung) && /^\d/.test(said) ? inWords(item.shown.minute, options) : said
}

/** A dial time in the group's words. */
export function inWords(minute: number, { wording }: PrintOptions): string {
  return say(onDial(minute), { ...wording, form: wording.form === 'minutes-past' ? wording.form : 'turns' })
}

/** Shapes that belong together, so that they can be found in the drawing by their name. */
export function part(name: string, shapes: readonly Shape[], x = 0, y = 0): Shape {
  return group(shapes, { part: name, x, y })
}

/** The adult's own title if the print fonts can draw any of it; otherwise the usual one. */
export function titleOr({ title }: PrintOptions, usual: string): string {
  return printable(title ?? '') === '' ? usual : (title ?? usual)
}

/** A page of cells that children write on, with a line for the name. */
export function childPage(options: PrintOptions, title: string, footer: string, body: readonly Shape[]): Drawing {
  const label = languages[options.wording.language].phrases.name
  return makePage({
    paper: options.paper,
    title,
    footer,
    bar: barText(options.wording),
    name: { line: true, text: options.owner, label },
    body,
  })
}

/** The number of a question, in the corner of its cell. */
export function numberIn(cell: Cell, place: number): Shape {
  return textAt(String(place + 1), { x: cell.x + 1, y: cell.y + 6 }, { size: 4.5, fill: FAINT })
}

/** What made the page, so that it can be made again. */
export function printFooter(name: string, { rung, wording }: PrintOptions, seed: number): string {
  const number = printedAs('no. {0}', wording, seed)
  return `Ripe Acorn · ${nameIn(wording, name)} · ${nameIn(wording, rungOf(rung).name)} · ${number}`
}

export function keyFooter(footer: string, { wording }: PrintOptions): string {
  return `${footer} · ${printedAs('key', wording)}`
}

/** Over cards that are cut out, and over the key of a print. */
export function cutTitle(name: string, { wording }: PrintOptions): string {
  return printedAs('{0}: cut along the lines', wording, nameIn(wording, name))
}

export function keyTitle(name: string, { wording }: PrintOptions): string {
  return printedAs('Key: {0}', wording, nameIn(wording, name))
}

export function rule(x1: number, x2: number, y: number): Shape {
  return line({ x: x1, y }, { x: x2, y }, { stroke: INK, strokeMm: 0.3 })
}

interface WordsLook {
  readonly width: number
  /** The largest em, mm. */
  readonly most?: number
  /** The words are made smaller where they would be higher, mm. */
  readonly height?: number
}

/** Words about a point, on as many lines as they need. */
export function wordsIn(text: string, { x, y }: Point, { width, most = 8, height = Infinity }: WordsLook): Shape[] {
  // No word is broken: German counts are long.
  const size = Math.min(...text.split(' ').map((word) => fitSize(word, most, width - 0.01)))
  const lines = wrapText(text, size, width)
  if (lines.length * size * LINE_SHARE > height && size > 1.5)
    return wordsIn(text, { x, y }, { width, most: size * 0.95, height })
  return lines.map((words, i) =>
    centredText(words, { x, y: y + (i - (lines.length - 1) / 2) * size * LINE_SHARE }, { size, fill: INK }),
  )
}

/** One line of text from a point to the right, no wider than `width`. */
export function textFrom(
  text: string,
  at: Point,
  { width, most = 5.5, fill = INK }: WordsLook & { fill?: string },
): Shape {
  return textAt(text, at, { size: fitSize(text, most, width), fill })
}

/** A tick or a cross of `size` mm about a point, drawn: the print fonts have neither. */
export function mark(isRight: boolean, { x, y }: Point, { size, fill }: { size: number; fill: string }): Shape {
  const s = size / 2
  const commands = isRight
    ? [
        { op: 'M' as const, x: x - s, y },
        { op: 'L' as const, x: x - s / 3, y: y + s * 0.7 },
        { op: 'L' as const, x: x + s, y: y - s },
      ]
    : [
        { op: 'M' as const, x: x - s, y: y - s },
        { op: 'L' as const, x: x + s, y: y + s },
        { op: 'M' as const, x: x + s, y: y - s },
        { op: 'L' as const, x: x - s, y: y + s },
      ]
  return part(isRight ? 'tick' : 'cross', [path(commands, { stroke: fill, strokeMm: 1.1 })])
}

/** Smaller than this, the lines of a list stand in one column, em in mm. */
const LEAST_IN_COLUMNS_MM = 4

interface NumberedList {
  readonly title: string
  readonly lines: readonly string[]
  readonly footer: string
  /** What each line is called in the drawing. */
  readonly named?: string
}

/** A page of numbered lines of one size for the adult, in two columns where they are short enough. */
export function listPage({ title, lines, footer, named = 'line' }: NumberedList, options: PrintOptions): Drawing {
  const area = bodyArea(options.paper)
  const numbered = lines.map((text, i) => `${i + 1}. ${text}`)
  const sizeIn = (width: number) => Math.min(...numbered.map((text) => fitSize(text, 5.5, width - 4)))
  const columns = sizeIn(area.width / 2) < LEAST_IN_COLUMNS_MM ? 1 : 2
  const width = area.width / columns
  const rows = Math.max(1, Math.ceil(lines.length / columns))
  const height = Math.min(14, area.height / rows)
  const size = sizeIn(width)
  const body = numbered.map((text, i): Shape => {
    const x = area.x + Math.floor(i / rows) * width
    return part(`${named}-${i}`, [
      textFrom(text, { x, y: area.y + ((i % rows) + 0.7) * height }, { width: width - 4, most: size }),
    ])
  })
  return makePage({ paper: options.paper, title, footer, bar: barText(options.wording), body })
}

/** The times or counts that are called out, in their order. */
export function callList(lines: readonly string[], footer: string, options: PrintOptions): Drawing {
  const title = printedAs('Key: call in this order', options.wording)
  return listPage({ title, lines, footer: keyFooter(footer, options), named: 'call' }, options)
}

/** A dial time in figures, as the group's language writes it. */
export function figures(minute: number, { wording }: PrintOptions): string {
  return say(onDial(minute), { ...wording, form: 'digital' })
}
