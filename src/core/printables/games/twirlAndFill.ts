import { tenth } from '../../clock'
import { printedAs, told, asPart } from '../../wording'
import {
  type Drawing,
  INK,
  type PathCommand,
  type Shape,
  bodyArea,
  circlePath,
  pointOnDial,
  line,
  path,
  circle,
  group,
} from '../../drawing'
import { RefusedValue } from '../../errors'
import { randomFrom } from '../../random'
import { type Item, hasDialTimes, makeItems } from '../../teaching'
import { controlCards } from '../kit/controlCard'
import { itemDial } from '../kit/dialPlace'
import { keyFooter, printFooter } from '../kit/footers'
import { framedPage, part } from '../kit/frame'
import { leastRoom } from '../kit/grid'
import { MAT_NOTES, inWords, mat, thrown } from '../kit/mat'
import { wordsInSector } from '../kit/sectorWords'
import { definePrintable } from '../kit/definePrintable'
import { PRINT_OPTIONS } from '../kit/options'
import type { PrintOptions } from '../kit/choices'

const RADIUS_MM = 84
/** Larger clocks than these would leave the mat's far behind, mm. */
const MOST_ROOM_MM = 30

/** How wide each sector is beside the others. */
function weightsOf({ count, sectors }: Pick<PrintOptions, 'count' | 'sectors'>): number[] {
  return Array.from({ length: count }, (_, i) => sectors?.[i] ?? 1)
}

/** A spinner with 4 to 12 sectors and a mat to fill: what the arrow points at is covered. */
export const twirlAndFill = definePrintable({
  id: 'twirl-and-fill',
  kind: 'game',
  name: told('Twirl and fill'),
  purpose: told('A spinner with 4 to 12 times and a mat to cover; how long it lasts is worked out first'),
  stage: 'pictorial',
  counts: told('How many sectors'),
  leastItems: 4,
  mostItems: 12,
  usualItems: 6,
  suits: hasDialTimes,
  takes: ['helps', 'cells', 'covers', 'sectors'],
  notes: () => [...MAT_NOTES],
  needs: ['clip', 'counters', 'scissors'],
  cautions: ['scissors', 'small-parts'],
  fill: (options) => ({
    chances: weightsOf(options),
    cells: Array.from({ length: options.count }, () => options.cells ?? PRINT_OPTIONS.cells.usual),
  }),
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const footer = printFooter(told('Twirl and fill'), options, seed)
    return {
      items,
      pages: [spinner(items, options, footer), ...mat(random, items, options, { how: 'twirled', footer })],
      key: controlCards(
        {
          what: told('Twirl and fill'),
          items,
          footer: keyFooter(footer, options),
          beside: (item) => inWords(item, options),
        },
        options,
      ),
    }
  },
})

function spinner(items: readonly Item[], options: PrintOptions, footer: string): Drawing {
  const area = bodyArea(options.paper)
  const x = area.x + area.width / 2
  const y = area.y + RADIUS_MM + 6
  const weights = weightsOf({ ...options, count: items.length })
  const total = weights.reduce((sum, each) => sum + each, 0)
  const edges = weights.reduce<number[]>(
    (list, each) => [...list, (list[list.length - 1] ?? 0) + (360 * each) / total],
    [0],
  )
  const sectors = items.flatMap((item, i): Shape[] => {
    const [from = 0, to = 0] = [edges[i], edges[i + 1]]
    const edge = pointOnDial(from, RADIUS_MM)
    return [
      line({ x: 0, y: 0 }, edge, { stroke: INK, strokeMm: 0.5 }),
      part(
        `sector-${i}`,
        thrown(
          item,
          options,
          (text) => wordsInSector(text, from, to, RADIUS_MM),
          () => clockInSector(item, from, to, options),
        ),
      ),
    ]
  })
  const round: Shape = path(circlePath(0, 0, RADIUS_MM), { layer: 'cut', stroke: INK, strokeMm: 0.5 })
  return framedPage(options, {
    title: printedAs('Spinner: hold a clip at the middle with a pencil and flick it', options.wording),
    footer,
    body: [
      group([round, ...sectors, circle({ x: 0, y: 0 }, 1.2, { fill: INK })], { part: 'spinner', x, y }),
      arrow(x, y + RADIUS_MM + 22),
    ],
  })
}

/** A clock as large as the circle that touches both edges of its sector and the rim. */
function clockInSector(item: Item, from: number, to: number, options: PrintOptions): Shape {
  const sine = Math.sin((Math.min((to - from) / 2, 90) * Math.PI) / 180)
  const touching = (RADIUS_MM * sine) / (1 + sine)
  if (touching - 1.5 < leastRoom(options))
    throw new RefusedValue(
      told('width of a sector'),
      told('wide enough beside the others for a clock with its hints'),
      asPart(told('{0} degrees', tenth(to - from))),
    )
  const { x, y } = pointOnDial((from + to) / 2, RADIUS_MM - touching)
  return itemDial(item, { x, y, room: Math.min(touching - 1.5, MOST_ROOM_MM) }, options)
}

/** An arrow to cut out, for those who have a fastener: its hole is at the origin. */
function arrow(x: number, y: number): Shape {
  const commands: PathCommand[] = [
    { op: 'M', x: -30, y: -4 },
    { op: 'L', x: 30, y: -4 },
    { op: 'L', x: 30, y: -10 },
    { op: 'L', x: 48, y: 0 },
    { op: 'L', x: 30, y: 10 },
    { op: 'L', x: 30, y: 4 },
    { op: 'L', x: -30, y: 4 },
    { op: 'Z' },
  ]
  return group(
    [
      path(commands, { layer: 'cut', stroke: INK, strokeMm: 0.3 }),
      circle({ x: 0, y: 0 }, 2, { layer: 'cut', fill: 'none', stroke: INK, strokeMm: 0.3 }),
    ],
    { part: 'arrow', x, y },
  )
}
