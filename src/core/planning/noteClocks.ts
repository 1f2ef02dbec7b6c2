import {
  bodyArea,
  type Drawing,
  FAINT,
  type FlowBlock,
  group,
  path,
  rectanglePath,
  scaledShape,
  type Shape,
} from '../drawing'
import type { PrintOptions } from '../printables'
import { dialAt } from '../printables/kit/dialPlace'
import { wordsFor } from '../printables/kit/frame'
import { wordsIn } from '../printables/kit/wordLists'
import { randomFrom, shuffled } from '../random'
import { asksOf, hasDialTimes, type Item, itemPool, type RungId } from '../teaching'

/* Clocks and pages as small pictures on a note home. */

/** How many clocks stand in a row, and how large. */
const IN_ROW = 6
const DIAL_MM = 13
const WORDS_MM = 10

/** Clocks of some rungs with their words beneath, in one row, as many of each as there is room for; none without. */
export function clocksRow(rungs: readonly RungId[], options: PrintOptions, seed: number): FlowBlock {
  const shown = rungs.filter((rung) => hasDialTimes(rung) && asksOf(rung).includes('read'))
  const each = Math.max(1, Math.floor(IN_ROW / Math.max(1, shown.length)))
  const items = shown.flatMap((rung) => readItems(rung, seed).slice(0, Math.min(each, 3))).slice(-IN_ROW)
  if (items.length === 0) return { height: 0, shapes: [] }
  const { width } = bodyArea(options.paper)
  const cell = width / IN_ROW
  const left = (width - items.length * cell) / 2
  const shapes = items.flatMap((item, i): Shape[] => {
    const x = left + (i + 0.5) * cell
    return [
      dialAt(item.shown.minute, { x, y: DIAL_MM + 3, room: DIAL_MM }, options, {
        hands: item.shown.as === 'dial' ? item.shown.hands : 'both',
      }),
      ...wordsIn(
        wordsFor(item, options),
        { x, y: 2 * DIAL_MM + 3 + WORDS_MM / 2 },
        { width: cell - 3, most: 4.6, height: WORDS_MM },
      ),
    ]
  })
  return { height: 2 * DIAL_MM + 3 + WORDS_MM + 1, shapes }
}

const readItems = (rung: RungId, seed: number): Item[] => {
  const random = randomFrom(seed)
  return shuffled(random, itemPool(random, { rung, ask: 'read' }))
}

/** A page as a small picture with a frame, so high at most; nothing where that is too small to see anything. */
export function pagePicture(page: Drawing | undefined, most: number, left: number): FlowBlock {
  const height = Math.min(MOST_PAGE_MM, most - PAGE_ABOVE_MM)
  if (!page || height < LEAST_PAGE_MM) return { height: 0, shapes: [] }
  const scale = height / page.height
  // The bar that shows the scale would not be as long as it says.
  const shapes = page.shapes.flatMap((shape) => (isBar(shape) ? [] : [scaledShape(shape, scale)]))
  const frame = path(rectanglePath(0, 0, page.width * scale, height), { stroke: FAINT, strokeMm: 0.3 })
  return {
    height: height + PAGE_ABOVE_MM,
    shapes: [group([frame, ...shapes], { part: 'small-page', x: left, y: PAGE_ABOVE_MM })],
  }
}

const isBar = (shape: Shape) => shape.type === 'group' && shape.part === 'check-bar'

const MOST_PAGE_MM = 62
const LEAST_PAGE_MM = 30
const PAGE_ABOVE_MM = 3
