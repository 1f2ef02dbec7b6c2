import { bodyArea, type Drawing, fitSize, makePage, type Shape } from '../../drawing'
import { barText, printedAs } from '../../wording'
import type { PrintOptions } from './choices'
import { keyFooter } from './footers'
import { part } from './frame'
import { textFrom } from './wordLists'

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
  const title = printedAs('Answers: call in this order', options.wording)
  return listPage({ title, lines, footer: keyFooter(footer, options), named: 'call' }, options)
}
