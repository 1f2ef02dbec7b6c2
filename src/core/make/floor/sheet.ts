import { type PrintedPhrase, type Wording, barText, decimalsIn, nameIn, printedAs, say } from '../../wording'
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
  const told = tellingOf(yard, wording)
  const { as, d, write } = told
  const bodies = flowPages(paper, [
    planBlock(yard),
    ...measuresBlocks(yard, radiusMm, told),
    table(paper, radiusMm, told),
    ...walkingBlocks(yard, radiusMm, told),
    stack([
      write.head(as('Mind')),
      write.big(nameIn(wording, cautions.outdoors)),
      write.big(nameIn(wording, cautions.movement)),
      paragraph(paper, nameIn(wording, FOLLOW_LOCAL_RULES), { size: 4, fill: FAINT, above: 1 }),
    ]),
  ])
  const title = as('Floor clock, radius {0}', d(radiusMm))
  return bodies.map((body, i) =>
    makePage({
      paper,
      title: as('{0} ({1} of {2})', title, i + 1, bodies.length),
      footer: `Ripe Acorn · ${as('set-out sheet')}`,
      bar: barText(wording),
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

/** How a yard is told: in its units, in large type, in the group's language. */
interface Telling {
  readonly d: (mm: number) => string
  readonly as: (phrase: PrintedPhrase, ...values: (string | number)[]) => string
  readonly write: Writer
  readonly wording: Wording
}

function tellingOf({ unit, paper }: Yard, wording: Wording): Telling {
  return {
    d: (mm) => decimalsIn(wording, formatDistance(mm, unit)),
    as: (phrase, ...values) => printedAs(phrase, wording, ...values),
    write: writerFor(paper),
    wording,
  }
}

/** The lengths, how it is set out, and how it is checked. */
function measuresBlocks(yard: Yard, radiusMm: number, { as, d, write, wording }: Telling): FlowBlock[] {
  const { big, head } = write
  const ring = ringMeasures(radiusMm)
  const surface = surfaces[yard.surface]
  const choice = markerChoices(radiusMm, yard.markers).find((each) => each.ok)
  const [three, four, five] = ring.threeFourFive
  return [
    big(
      as(
        'Radius and string {0} · round the ring {1} · on {2}',
        d(ring.stringMm),
        d(ring.aroundMm),
        nameIn(wording, surface.name),
      ),
    ),
    big(
      choice
        ? as('Markers: {0}.', nameIn(wording, choice.name))
        : as('Markers: too few for the quarters; chalk them all.'),
    ),
    stack([
      head(as('Set out')),
      big(`1. ${as('Centre: {0}. String of {1}.', nameIn(wording, surface.peg), d(ring.stringMm))}`),
      ...orderLines(ring, { as, d, wording }).map((text, i) => big(`${i + 2}. ${text}`)),
    ]),
    stack([
      head(as('Check')),
      big(as('Square corner: {0} along the 12 line, {1} along the 3 line, {2} across.', d(three), d(four), d(five))),
      big(as('A marker may be {0} out of place; beyond that it reads half a minute off.', d(ring.toleranceMm))),
    ]),
  ]
}

/** The hands, how far they walk, and who stands where. */
function walkingBlocks(yard: Yard, radiusMm: number, { as, d, write: { big, head }, wording }: Telling): FlowBlock[] {
  const hands = floorHands(radiusMm, yard.age)
  return [
    stack([
      head(as('Hands')),
      big(
        as(
          'Long hand {0} (rope {1}), short hand {2} (rope {3}).',
          d(hands.minuteMm),
          d(hands.minuteRopeMm),
          d(hands.hourMm),
          d(hands.hourRopeMm),
        ),
      ),
      big(
        as(
          'In an hour of clock time the long hand’s child walks {0}, about {1} paces; the short hand’s {2}, about {3}.',
          d(hands.minuteWalkMm),
          hands.minutePaces,
          d(hands.hourWalkMm),
          hands.hourPaces,
        ),
      ),
    ]),
    stack([
      head(as('Walk through')),
      ...walkCalls(radiusMm, wording).map((call) =>
        big(as('{0}: long hand {1}, short hand {2}.', say(call.minute, wording), call.long, call.short)),
      ),
    ]),
    stack([head(as('Who stands where')), ...whoStandsWhere(yard, wording).map((text) => big(text))]),
  ]
}

function orderLines(
  { hourChordMm, minuteChordMm, quarterChordMm }: ReturnType<typeof ringMeasures>,
  { as, d, wording }: Pick<Telling, 'as' | 'd' | 'wording'>,
): string[] {
  const [first = '', second = '', third = '', fourth = ''] = placingOrder().map(({ step }) => nameIn(wording, step))
  return [
    `${first}.`,
    as('{0}; from 12 to 3 is {1}.', second, d(quarterChordMm)),
    `${as('{0}: {1}', third, d(hourChordMm))}.`,
    as('{0}: {1}. Count to 60 in fives.', fourth, d(minuteChordMm)),
  ]
}

/** The hours by offsets from the centre, facing 12: for setting out without a string. */
function table(paper: Yard['paper'], radiusMm: number, { as, d }: Telling): FlowBlock {
  const rows = Array.from({ length: 12 }, (_, i) => markerPlace(((i + 1) % 12) * 5, radiusMm))
  const line = ({ minute, rightMm, aheadMm }: (typeof rows)[number]) => {
    const side =
      Math.abs(rightMm) < 1 ? as('on the line') : as(rightMm > 0 ? '{0} right' : '{0} left', d(Math.abs(rightMm)))
    const ahead = Math.abs(aheadMm) < 1 ? as('level') : as(aheadMm > 0 ? '{0} ahead' : '{0} back', d(Math.abs(aheadMm)))
    return paragraph(paper, `${minute === 0 ? 12 : minute / 5}:  ${side}, ${ahead}`, { size: 5 })
  }
  return stack([
    paragraph(paper, as('From the centre, facing 12'), { size: 6, weight: 'bold', above: 3, fill: MOSS }),
    ...rows.map(line),
  ])
}
