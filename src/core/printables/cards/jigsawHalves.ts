import { told } from '../../wording'
import { INK, path, type Shape, type PathCommand } from '../../drawing'
import { randomFrom, type Random, shuffled } from '../../random'
import { hasDialTimes, type Item, makeItems, sayAnswer } from '../../teaching'
import { type CardFace, cardPages } from '../kit/cards'
import { controlCards } from '../kit/controlCard'
import { cutTitle, keyFooter, printFooter } from '../kit/footers'
import { part } from '../kit/frame'
import { itemDial } from '../kit/dialPlace'
import { wordsIn } from '../kit/wordLists'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/choices'

/** A dial and its time on two halves of a card, cut apart along an edge that fits no other pair. */
export const jigsawHalves = definePrintable({
  id: 'jigsaw-halves',
  kind: 'cards',
  name: told('Jigsaw halves'),
  purpose: told('A dial and its time on two halves that fit each other and no other half'),
  stage: 'pictorial',
  counts: told('How many pairs'),
  leastItems: 2,
  mostItems: 12,
  usualItems: 6,
  suits: hasDialTimes,
  takes: ['helps', 'guillotine'],
  needs: ['scissors', 'card'],
  cautions: ['scissors'],
  notes: () => [told('Cut the straight lines first, then each curved edge once: both halves keep the same cut.')],
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const edges = edgesFor(random)
    const footer = printFooter(told('Jigsaw halves'), options, seed)
    const fronts = items.map((item, i) => pair(item, edges[i] as Edge, options))
    return {
      items,
      pages: cardPages(
        { fronts, columns: 2, rows: 4, title: cutTitle(told('Jigsaw halves'), options), footer },
        options,
      ),
      key: controlCards({ what: told('Jigsaw halves'), items, footer: keyFooter(footer, options) }, options),
    }
  },
})

function pair(item: Item, edge: Edge, options: PrintOptions): CardFace {
  return (cell) => {
    const middle = cell.x + cell.width / 2
    const y = cell.y + cell.height / 2
    const room = Math.min(cell.width / 2 - DEPTH_MM, cell.height) / 2 - 1.5
    const width = cell.width / 2 - DEPTH_MM - 5
    const cut: Shape = path(edgePath(edge, middle, cell.y, cell.height), { layer: 'cut', stroke: INK, strokeMm: 0.3 })
    return [
      itemDial(item, { x: cell.x + (cell.width / 2 - DEPTH_MM) / 2, y, room }, options),
      part(
        'words',
        wordsIn(
          sayAnswer(item, item.answer, options.wording),
          { x: middle + DEPTH_MM + 2 + width / 2, y },
          { width, most: 7 },
        ),
      ),
      part('edge', [cut]),
    ]
  }
}

/** Places along an edge where it may bulge to either side, and how far and how tall the bulge is, mm. */
const PLACES = 4
const DEPTH_MM = 5
const BULGE_MM = 8

type Edge = readonly (-1 | 0 | 1)[]

/** All edges that bulge somewhere, each unlike every other at two places or more: a wrong half is felt at once. */
const EDGES: readonly Edge[] = everyEdge().reduce<Edge[]>((kept, edge) => {
  const isClear =
    edge.filter((way) => way !== 0).length >= 2 &&
    kept.every((other) => other.filter((way, i) => way !== edge[i]).length >= 2)
  return isClear ? [...kept, edge] : kept
}, [])

function everyEdge(): Edge[] {
  return Array.from({ length: 3 ** PLACES }, (_, code) =>
    Array.from({ length: PLACES }, (_, i) => ((Math.floor(code / 3 ** i) % 3) - 1) as -1 | 0 | 1),
  )
}

/** The edges that pairs are cut along, in an order of their own. */
function edgesFor(random: Random): Edge[] {
  return shuffled(random, EDGES)
}

/** A line down the card that bulges left or right at its places. */
function edgePath(edge: Edge, x: number, top: number, height: number): PathCommand[] {
  const step = height / PLACES
  const bulges = edge.flatMap((way, i): PathCommand[] => {
    const y = top + (i + 0.5) * step
    if (way === 0) return []
    const [a, b, out] = [y - BULGE_MM / 2, y + BULGE_MM / 2, x + way * DEPTH_MM]
    return [
      { op: 'L', x, y: a },
      { op: 'L', x: out, y: a + 1.2 },
      { op: 'L', x: out, y: b - 1.2 },
      { op: 'L', x, y: b },
    ]
  })
  return [{ op: 'M', x, y: top }, ...bulges, { op: 'L', x, y: top + height }]
}
