import { INK, type Shape } from './model'
import { type Area, type SheetId, bodyArea } from './pages'
import type { Weight } from './text'
import { wrapText } from './wrap'
import { textAt, group } from './builders'

export interface FlowStyle {
  /** The em, mm. */
  readonly size: number
  readonly weight?: Weight
  readonly fill?: string
  /** From the left edge of the body, mm. */
  readonly indent?: number
  /** Space above, mm. */
  readonly above?: number
}

/** One thing that is set whole: it is never split over two pages. */
export interface FlowBlock {
  readonly height: number
  /** The shapes with the block's top left corner at the origin. */
  readonly shapes: readonly Shape[]
  /** It never ends a page: a heading goes with what it is for. */
  readonly goesWithNext?: boolean
}

const LEADING = 1.4

/** A paragraph as a block as wide as the body. */
export function paragraph(paper: SheetId, text: string, style: FlowStyle): FlowBlock {
  const { size, weight = 'regular', fill = INK, indent = 0, above = 0 } = style
  const lines = wrapText(text, size, bodyArea(paper).width - indent, weight)
  return {
    height: above + lines.length * size * LEADING,
    shapes: lines.map((line, i) =>
      textAt(line, { x: indent, y: above + (i + 0.8) * size * LEADING }, { size, weight, fill }),
    ),
  }
}

/** Blocks set under each other as one. */
export function stack(blocks: readonly FlowBlock[]): FlowBlock {
  let y = 0
  const shapes: Shape[] = []
  for (const block of blocks) {
    shapes.push(group(block.shapes, { x: 0, y }))
    y += block.height
  }
  return { height: y, shapes }
}

/** What goes with its next block is one with it. */
function joined(blocks: readonly FlowBlock[]): FlowBlock[] {
  const whole: FlowBlock[] = []
  let waiting: FlowBlock[] = []
  for (const [i, block] of blocks.entries()) {
    waiting.push(block)
    if (block.goesWithNext && i < blocks.length - 1) continue
    whole.push(waiting.length === 1 ? block : stack(waiting))
    waiting = []
  }
  return whole
}

/** The bodies of as many pages as the blocks take, in order. A block taller than a page is set by itself. */
export function flowPages(paper: SheetId, blocks: readonly FlowBlock[]): Shape[][] {
  const area: Area = bodyArea(paper)
  const pages: Shape[][] = [[]]
  let y = 0
  for (const block of joined(blocks)) {
    if (y > 0 && y + block.height > area.height) {
      pages.push([])
      y = 0
    }
    pages[pages.length - 1]?.push(group(block.shapes, { x: area.x, y: area.y + y }))
    y += block.height
  }
  return pages
}
