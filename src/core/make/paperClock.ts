import { RefusedValue, requireInteger, requireNumber } from '../errors'
import { type Drawing, FAINT, INK, type PaperId, type Shape, bodyArea, circlePath, makePage, paperOf } from '../drawing'
import { HOUR_HAND_SHARE, MINUTE_HAND_REACH, TIP_SPREAD, dialExtent, dialShapes, handOutline } from '../faces'

export type FastenerId = 'fastener' | 'hairpins' | 'pushpin' | 'pipe-cleaner'

interface Fastener {
  readonly name: string
  /** Across the hole (a slit's length for hairpins), mm. */
  readonly holeMm: number
  /** Least width of a hand at the pivot, mm: the hole and 5 mm of paper all round, more for small hands to cut. */
  readonly leastHandMm: number
  /** How much longer than the stack its leg must be, mm. */
  readonly beyondStackMm: number
}

export const fasteners: Record<FastenerId, Fastener> = {
  fastener: { name: 'Paper fastener', holeMm: 4, leastHandMm: 14, beyondStackMm: 8 },
  hairpins: { name: 'Two hairpins', holeMm: 3, leastHandMm: 13, beyondStackMm: 8 },
  pushpin: { name: 'Pushpin into an eraser', holeMm: 1, leastHandMm: 12, beyondStackMm: 3 },
  'pipe-cleaner': { name: 'Pipe cleaner', holeMm: 6, leastHandMm: 20, beyondStackMm: 8 },
}

/** Thickness of one layer by the card's weight in g/m², mm. */
export const CARD_MM: Readonly<Record<80 | 160 | 300, number>> = { 80: 0.1, 160: 0.2, 300: 0.4 }

export type FaceKind = 'full' | 'quarters' | 'blank'

export interface PaperClockRequest {
  readonly paper: PaperId
  /** Of the printed face, mm; left out, the largest that fits the page with its hands, to a whole 5 mm. */
  readonly faceMm?: number
  readonly cardGsm?: 80 | 160 | 300
  readonly fastener?: FastenerId
  readonly face?: FaceKind
  readonly ringOfFives?: boolean
  readonly lowInk?: boolean
}

export interface PaperClockMeasures {
  readonly faceMm: number
  readonly minuteHandMm: number
  readonly hourHandMm: number
  readonly handWidthMm: number
  readonly holeMm: number
  /** Face and two hands, mm. */
  readonly stackMm: number
  /** The least leg length of the fastener, to the next whole mm. */
  readonly legMm: number
}

export const PAPER_CLOCK_DEFAULTS = {
  cardGsm: 160,
  fastener: 'fastener',
  face: 'full',
  ringOfFives: false,
  lowInk: false,
} as const satisfies Partial<PaperClockRequest>

export const SMALLEST_FACE_MM = 60
/** Between the face and the hands, and above the row of hands for its words, mm. */
const GAP_MM = 6
const PARTS_LABEL_MM = 6

function handRowMm(fastener: FastenerId): number {
  return fasteners[fastener].leastHandMm * TIP_SPREAD + GAP_MM + PARTS_LABEL_MM
}

/**
 * The largest face, to a whole 5 mm, that fits a page above its two hands.
 *
 * largestFace({ paper: 'a4' }) //=> 185
 * largestFace({ paper: 'a4', ringOfFives: true }) //=> 150
 */
export function largestFace({ paper, fastener = 'fastener', ringOfFives = false }: PaperClockRequest): number {
  const area = bodyArea(paper)
  const room = Math.min(area.width, area.height - handRowMm(fastener))
  return Math.floor(room / dialExtent({ radius: 1, ringOfFives }) / 5) * 5
}

/** All measures of a paper clock, worked out from what is given. Throws RefusedValue for a face that cannot be. */
export function measurePaperClock(request: PaperClockRequest): PaperClockMeasures {
  const { cardGsm, fastener, faceMm } = { ...PAPER_CLOCK_DEFAULTS, ...request }
  const largest = largestFace(request)
  const face = requireNumber(`face diameter on ${paperOf(request.paper).name} (mm)`, faceMm ?? largest, SMALLEST_FACE_MM, largest) // prettier-ignore
  const thickness = CARD_MM[cardGsm]
  if (!thickness) throw new RefusedValue('card weight', 'one of 80, 160, 300 g/m²', cardGsm)
  const minuteHandMm = (face / 2) * MINUTE_HAND_REACH
  const stackMm = 3 * thickness
  const { leastHandMm, holeMm, beyondStackMm } = fasteners[fastener]
  return {
    faceMm: face,
    minuteHandMm,
    hourHandMm: minuteHandMm * HOUR_HAND_SHARE,
    handWidthMm: leastHandMm,
    holeMm,
    stackMm,
    legMm: Math.ceil(stackMm + beyondStackMm),
  }
}

/** One page: the face above, its two hands below, ready to cut. `owner` is printed on the name line. */
export function paperClockPage(request: PaperClockRequest, owner?: string): Drawing {
  const o = { ...PAPER_CLOCK_DEFAULTS, ...request }
  const measures = measurePaperClock(request)
  const area = bodyArea(o.paper)
  const radius = measures.faceMm / 2
  const extent = dialExtent({ radius, ringOfFives: o.ringOfFives })
  const centreX = area.x + area.width / 2
  const centreY = area.y + extent
  const face: Shape = {
    type: 'group',
    part: 'face',
    x: centreX,
    y: centreY,
    shapes: [
      ...dialShapes(0, {
        radius,
        hands: 'none',
        numerals: o.face === 'full' ? 'all' : o.face === 'quarters' ? 'quarters' : 'none',
        marks: o.face === 'blank' ? 'none' : 'all',
        ringOfFives: o.ringOfFives,
        lowInk: o.lowInk,
      }),
      cutLine(circlePath(0, 0, extent)),
      ...holeMark(measures.holeMm),
    ],
  }
  const rowTop = area.y + 2 * extent + GAP_MM + PARTS_LABEL_MM
  return makePage({
    paper: o.paper,
    title: 'My paper clock',
    name: { line: true, text: owner },
    footer: `Ripe Acorn · face ${measures.faceMm} mm · hole ${measures.holeMm} mm`,
    body: [face, ...handRow(area.x, rowTop, area.width, measures)],
  })
}

/** Both hands lying on their sides, the minute hand first, each with its name beside the pivot. */
function handRow(left: number, top: number, width: number, m: PaperClockMeasures): Shape[] {
  const half = m.handWidthMm / 2
  const middle = top + (m.handWidthMm * TIP_SPREAD) / 2
  const hand = (kind: 'minute' | 'hour', pivotX: number, length: number): Shape => ({
    type: 'group',
    part: `cut-${kind}-hand`,
    x: pivotX,
    y: middle,
    turn: 90,
    shapes: [cutLine(handOutline(kind, { length, width: m.handWidthMm, tail: m.handWidthMm })), ...holeMark(m.holeMm)],
  })
  const minuteX = left + m.handWidthMm
  const hourX = left + width - m.hourHandMm - 1
  const label = (text: string, x: number): Shape => ({ type: 'text', layer: 'guide', x, y: top - 2, text, size: 3.6, fill: FAINT }) // prettier-ignore
  return [
    hand('minute', minuteX, m.minuteHandMm),
    hand('hour', hourX, m.hourHandMm),
    label(`minute hand, ${Math.round(m.minuteHandMm)} mm from the hole`, minuteX - half),
    label(`hour hand, ${Math.round(m.hourHandMm)} mm`, hourX - half),
  ]
}

function cutLine(commands: Extract<Shape, { type: 'path' }>['commands']): Shape {
  return { type: 'path', layer: 'cut', commands, stroke: INK, strokeMm: 0.35 }
}

/** Where the adult makes the hole: its true size, with a cross through the centre. */
function holeMark(holeMm: number): Shape[] {
  const reach = holeMm / 2 + 1.5
  const line = (x1: number, y1: number, x2: number, y2: number): Shape => ({ type: 'line', layer: 'guide', x1, y1, x2, y2, stroke: FAINT, strokeMm: 0.2 }) // prettier-ignore
  return [
    { type: 'circle', layer: 'guide', cx: 0, cy: 0, r: holeMm / 2, stroke: FAINT, strokeMm: 0.25, fill: '#FFFFFF' },
    line(-reach, 0, reach, 0),
    line(0, -reach, 0, reach),
  ]
}

export interface Amounts {
  readonly pages: number
  readonly fasteners: number
}

/** What `children` clocks (1 to 60) and `spares` more (0 to 60) take: a page and a fastener each. */
export function paperClockAmounts(children: number, spares: number): Amounts {
  const clocks = requireInteger('children', children, 1, 60) + requireInteger('spares', spares, 0, 60)
  return { pages: clocks, fasteners: clocks }
}

/** The order of the work, as the adult does it. */
export function paperClockSteps(measures: PaperClockMeasures, fastener: FastenerId): string[] {
  return [
    'Print at 100 % on card and hold a ruler to the bar at the foot: it must be 100 mm.',
    'Children colour the face and the hands, a different colour for each hand.',
    'Children cut out the face and both hands, seated, with blunt-ended scissors.',
    `An adult makes the ${measures.holeMm} mm holes at the crosses, over an eraser.`,
    'Lay the hour hand on the face and the minute hand on top.',
    `Join with ${fastener === 'fastener' ? 'a paper fastener' : fasteners[fastener].name.toLowerCase()}, leg at least ${measures.legMm} mm.`,
    'Check that 12 is at the top and both hands turn.',
  ]
}
