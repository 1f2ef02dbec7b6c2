import { barText, printedAs } from '../../wording'
import { bodyArea, circle, makePage, type Shape, SLATE } from '../../drawing'
import { dialShapes, faceWithin } from '../../faces'
import { part } from '../kit/frame'
import { titleOr } from '../kit/footers'
import { dialAt } from '../kit/dialPlace'
import type { PrintOptions } from '../kit/choices'

export const FIVES = Array.from({ length: 12 }, (_, i) => (i + 1) * 5)

/** A dial as large as the page allows with room round it for the cards to lie. */
export function dialPage(options: PrintOptions, footer: string) {
  const area = bodyArea(options.paper)
  const shapes: Shape[] = dialShapes(0, {
    radius: faceWithin(area.width / 2 - 38),
    hands: 'none',
    lowInk: options.lowInk,
  })
  const dial = part('face', shapes, area.x + area.width / 2, area.y + area.height / 2)
  return makePage({
    paper: options.paper,
    bar: barText(options.wording),
    title: titleOr(options, printedAs('Lay the cards of five round the dial', options.wording)),
    footer,
    body: [dial],
  })
}

/** The page with the answers, one for each numeral. */
export function answerPage(options: PrintOptions, footer: string) {
  const area = bodyArea(options.paper)
  const dial = dialAt(
    0,
    { x: area.x + area.width / 2, y: area.y + area.height / 2, room: area.width / 2 - 10 },
    { ...options, helps: 1 },
    { hands: 'none' },
  )
  const title = printedAs('Key: where each card of five lies', options.wording)
  return makePage({
    paper: options.paper,
    bar: barText(options.wording),
    title,
    footer,
    body: [dial, circle({ x: area.x + area.width / 2, y: area.y + area.height / 2 }, 1, { fill: SLATE })],
  })
}
