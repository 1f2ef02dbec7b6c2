import { say, type Wording } from '../../wording'
import {
  type Drawing,
  FAINT,
  type FlowBlock,
  INK,
  MOSS,
  OAK,
  SLATE,
  type Shape,
  bodyArea,
  flowPages,
  makePage,
  paragraph,
  stack,
  group,
  circle,
  centredText,
  path,
  rectanglePath,
  type PaperId,
} from '../../drawing'
import { FOLLOW_LOCAL_RULES, cautions } from '../cautions'
import { formatDistance } from '../units'
import { floorHands, markerPlace, placingOrder, ringMeasures, walkCalls } from './ring'
import { type Ground, LANE_MM, type Space, markerChoices } from './space'
import { type Yard, groundOf, surfaces, whoStandsWhere } from './yard'

/** The plan to scale: how many mm of paper a metre is, and its shapes from the top left corner. */
export interface PlanDrawing {
  readonly drawing: Drawing
  readonly mmPerMetre: number
}

/** The space, its obstacles, the lane, the ring and its markers, no wider or higher than given (mm of paper). */
export function yardPlan(yard: Yard, width: number, height: number): PlanDrawing {
  const ground = groundOf(yard)
  const [spanX, spanY] = spanOf(yard.space)
  const scale = Math.min(width / spanX, height / spanY)
  const shapes: Shape[] = [
    ...spaceShapes(yard.space, scale),
    group(ringShapes(yard, ground, scale), { part: 'ring', x: ground.x * scale, y: ground.y * scale }),
  ]
  return {
    drawing: { width: spanX * scale, height: spanY * scale, title: 'Plan of the floor clock', shapes },
    mmPerMetre: 1000 * scale,
  }
}

function spanOf(space: Space): [number, number] {
  return space.kind === 'round' ? [2 * space.radiusMm, 2 * space.radiusMm] : [space.widthMm, space.depthMm]
}

function spaceShapes(space: Space, k: number): Shape[] {
  const edge = { stroke: INK, strokeMm: 0.5 } as const
  if (space.kind === 'round')
    return [circle({ x: space.radiusMm * k, y: space.radiusMm * k }, space.radiusMm * k - 0.3, edge)]
  const [w, h] = [space.widthMm * k, space.depthMm * k]
  return [
    path(rectanglePath(0.3, 0.3, w - 0.6, h - 0.6), edge),
    ...space.obstacles.map((each): Shape =>
      circle({ x: each.x * k, y: each.y * k }, each.radiusMm * k, { fill: '#DCD2C2', stroke: INK, strokeMm: 0.3 }),
    ),
  ]
}

function ringShapes(yard: Yard, { radiusMm }: Ground, k: number): Shape[] {
  const r = radiusMm * k
  const markers = Array.from({ length: 60 }, (_, minute): Shape => {
    const { x, y } = markerPlace(minute, r, yard.turnDeg)
    const size = minute % 15 === 0 ? 1.6 : minute % 5 === 0 ? 1.2 : 0.45
    return group([circle({ x: 0, y: 0 }, size, { fill: minute % 15 === 0 ? OAK : INK })], {
      part: `marker-${minute}`,
      x,
      y,
    })
  })
  const numerals = Array.from({ length: 12 }, (_, i): Shape => {
    const { x, y } = markerPlace((i + 1) * 5, r - 6, yard.turnDeg)
    return centredText(
      String(i + 1),
      { x, y },
      { size: i === 11 ? 6 : 4.2, fill: i === 11 ? OAK : INK, weight: 'bold' },
    )
  })
  return [
    circle({ x: 0, y: 0 }, r + LANE_MM * k, { stroke: FAINT, strokeMm: 0.3, dashMm: [2, 1.5] }),
    circle({ x: 0, y: 0 }, r, { stroke: SLATE, strokeMm: 0.3 }),
    ...markers,
    ...numerals,
    circle({ x: 0, y: 0 }, 1, { fill: INK }),
  ]
}

/** The set-out sheet, in large type for reading outdoors: plan, lengths, order, table, hands, cautions. */
export function yardPages(yard: Yard, wording: Wording): Drawing[] {
  const { paper } = yard
  const { radiusMm } = groundOf(yard)
  const d = (mm: number) => formatDistance(mm, yard.unit)
  const write = writerFor(paper)
  const bodies = flowPages(paper, [
    planBlock(yard),
    ...measuresBlocks(yard, radiusMm, d, write),
    table(paper, radiusMm, d),
    ...walkingBlocks(yard, radiusMm, { d, write, wording }),
    stack([
      write.head('Mind'),
      write.big(cautions.outdoors),
      write.big(cautions.movement),
      paragraph(paper, FOLLOW_LOCAL_RULES, { size: 4, fill: FAINT, above: 1 }),
    ]),
  ])
  return bodies.map((body, i) =>
    makePage({
      paper,
      title: `Floor clock, radius ${d(radiusMm)} (${i + 1} of ${bodies.length})`,
      footer: 'Ripe Acorn · set-out sheet',
      body,
    }),
  )
}

interface Writer {
  readonly big: (text: string) => FlowBlock
  readonly head: (text: string) => FlowBlock
}

/** Large type, to be read standing. */
function writerFor(paper: PaperId): Writer {
  return {
    big: (text) => paragraph(paper, text, { size: 5, fill: INK, above: 0.6 }),
    head: (text) => paragraph(paper, text, { size: 6, weight: 'bold', above: 3, fill: MOSS }),
  }
}

function planBlock(yard: Yard): FlowBlock {
  const { width, height } = bodyArea(yard.paper)
  const { drawing } = yardPlan(yard, width, height * 0.42)
  return {
    height: drawing.height + 3,
    shapes: [group(drawing.shapes, { part: 'plan', x: (width - drawing.width) / 2, y: 0 })],
  }
}

type InUnits = (mm: number) => string

/** The lengths, how it is set out, and how it is checked. */
function measuresBlocks(yard: Yard, radiusMm: number, d: InUnits, { big, head }: Writer): FlowBlock[] {
  const ring = ringMeasures(radiusMm)
  const surface = surfaces[yard.surface]
  const choice = markerChoices(radiusMm, yard.markers).find((each) => each.ok)
  const [three, four, five] = ring.threeFourFive
  return [
    big(`Radius and string ${d(ring.stringMm)} · round the ring ${d(ring.aroundMm)} · on ${surface.name}`),
    big(choice ? `Markers: ${choice.name}.` : 'Markers: too few for the quarters; chalk them all.'),
    stack([
      head('Set out'),
      big(`1. Centre: ${surface.peg}. String of ${d(ring.stringMm)}.`),
      ...orderLines(ring, d).map((text, i) => big(`${i + 2}. ${text}`)),
    ]),
    stack([
      head('Check'),
      big(`Square corner: ${d(three)} along the 12 line, ${d(four)} along the 3 line, ${d(five)} across.`),
      big(`A marker may be ${d(ring.toleranceMm)} out of place; beyond that it reads half a minute off.`),
    ]),
  ]
}

interface Telling {
  readonly d: InUnits
  readonly write: Writer
  readonly wording: Wording
}

/** The hands, how far they walk, and who stands where. */
function walkingBlocks(yard: Yard, radiusMm: number, { d, write: { big, head }, wording }: Telling): FlowBlock[] {
  const hands = floorHands(radiusMm, yard.age)
  return [
    stack([
      head('Hands'),
      big(
        `Long hand ${d(hands.minuteMm)} (rope ${d(hands.minuteRopeMm)}), short hand ${d(hands.hourMm)} (rope ${d(hands.hourRopeMm)}).`,
      ),
      big(
        `In an hour of clock time the long hand’s child walks ${d(hands.minuteWalkMm)}, about ${hands.minutePaces} paces; the short hand’s ${d(hands.hourWalkMm)}, about ${hands.hourPaces}.`,
      ),
    ]),
    stack([
      head('Walk through'),
      ...walkCalls(radiusMm).map((call) =>
        big(`${say(call.minute, wording)}: long hand ${call.long}, short hand ${call.short}.`),
      ),
    ]),
    stack([head('Who stands where'), ...whoStandsWhere(yard).map((text) => big(text))]),
  ]
}

function orderLines(
  { hourChordMm, minuteChordMm, quarterChordMm }: ReturnType<typeof ringMeasures>,
  d: (mm: number) => string,
): string[] {
  const [first, second, third, fourth] = placingOrder().map(({ step }) => step)
  return [
    `${first}.`,
    `${second}; from 12 to 3 is ${d(quarterChordMm)}.`,
    `${third}: ${d(hourChordMm)}.`,
    `${fourth}: ${d(minuteChordMm)}. Count to 60 in fives.`,
  ]
}

/** The hours by offsets from the centre, facing 12: for setting out without a string. */
function table(paper: Yard['paper'], radiusMm: number, d: (mm: number) => string): FlowBlock {
  const rows = Array.from({ length: 12 }, (_, i) => markerPlace(((i + 1) % 12) * 5, radiusMm))
  const line = ({ minute, rightMm, aheadMm }: (typeof rows)[number]) => {
    const side = Math.abs(rightMm) < 1 ? 'on the line' : `${d(Math.abs(rightMm))} ${rightMm > 0 ? 'right' : 'left'}`
    const ahead = Math.abs(aheadMm) < 1 ? 'level' : `${d(Math.abs(aheadMm))} ${aheadMm > 0 ? 'ahead' : 'back'}`
    return paragraph(paper, `${minute === 0 ? 12 : minute / 5}:  ${side}, ${ahead}`, { size: 5 })
  }
  return stack([
    paragraph(paper, 'From the centre, facing 12', { size: 6, weight: 'bold', above: 3, fill: MOSS }),
    ...rows.map(line),
  ])
}
