import {
  FAINT,
  INK,
  OAK,
  SLATE,
  type Shape,
  bodyArea,
  circlePath,
  pointOnDial,
  rectanglePath,
  group,
  circle,
  line,
  fitSize,
  textAt,
  path,
  centredText,
} from '../drawing'
import {
  GUIDE_HOUR_FROM,
  GUIDE_QUARTER_FROM,
  LAYERED,
  MARK_TO,
  NUMERAL_ORDER,
  NUMERAL_RADIUS,
  NUMERAL_SIZE,
  TIP_SPREAD,
  dialExtent,
  dialShapes,
  handOutline,
} from '../faces'
import { IN_ENGLISH, type PrintedPhrase, type Wording, languages, printedAs } from '../wording'
import { type PartBox, type PartId, type Placed, packParts, packQuarters } from './layout'
import type { Measures, Recipe } from './recipe'
import { fasteners } from './stock'

const LABEL_MM = 6
const STRIP_MM = 8
/** A hand's leaf bulges beyond its tip's width by this share. */
const BULGE = 1.1

/** Whether its hands are cut out of the page. */
export function hasPaperHands({ kind, perPage }: Pick<Recipe, 'kind' | 'perPage'>): boolean {
  return kind !== 'dough' && !isFourUp({ kind, perPage })
}

/** Four clocks to draw oneself, folded apart. */
export function isFourUp({ kind, perPage }: Pick<Recipe, 'kind' | 'perPage'>): boolean {
  return kind === 'draw' && perPage === 4
}

/** Where everything of one clock lies, page by page; undefined where a part is larger than its place. */
export function layOut(recipe: Recipe, m: Measures): Placed[][] | undefined {
  const boxes = partBoxes(recipe, m)
  const area = bodyArea(recipe.paper)
  return isFourUp(recipe) ? packQuarters(boxes, area) : packParts(boxes, area)
}

/** Everything that one clock takes, the highest first, so that rows fill well. */
export function partBoxes(recipe: Recipe, m: Measures): PartBox[] {
  const { kind, hands } = recipe
  const round = (id: PartId, diameter: number, copy = 0): PartBox => ({
    id,
    copy,
    width: diameter,
    height: diameter + (id === 'face' ? 0 : LABEL_MM),
  })
  const faces = isFourUp(recipe) ? 4 : 1
  const boxes = Array.from({ length: faces }, (_, copy) => round('face', faceExtentMm(recipe, m), copy))
  if (kind === 'layered') boxes.push(round('middle', m.middleMm), round('hub', m.hubMm))
  const lying = (id: PartId, length: number, width: number): PartBox => ({
    id,
    copy: 0,
    width: length + width,
    height: width * TIP_SPREAD * BULGE + LABEL_MM,
  })
  if (kind === 'dough') {
    if (hands !== 'hour')
      boxes.push({ id: 'minute-strip', copy: 0, width: m.minuteHandMm, height: STRIP_MM + LABEL_MM })
    if (hands !== 'minute') boxes.push({ id: 'hour-strip', copy: 0, width: m.hourHandMm, height: STRIP_MM + LABEL_MM })
  } else if (hasPaperHands(recipe)) {
    if (hands !== 'hour') boxes.push(lying('minute-hand', m.minuteHandMm, m.minuteWidthMm))
    if (hands !== 'minute') boxes.push(lying('hour-hand', m.hourHandMm, m.hourWidthMm))
    if (recipe.secondHand) boxes.push(lying('second-hand', m.secondHandMm, secondWidthMm(recipe)))
  }
  return boxes.sort((a, b) => b.height - a.height)
}

/** Across all that is printed of the face, its ring of fives included. */
export function faceExtentMm({ ringOfFives, kind }: Recipe, { faceMm }: Measures): number {
  return 2 * dialExtent({ radius: faceMm / 2, ringOfFives: ringOfFives && kind !== 'layered' })
}

function secondWidthMm({ fastener }: Recipe): number {
  return fasteners[fastener].leastHandMm
}

/** The shapes of a part, the top left corner of its box at the origin. */
export function partShapes(box: PartBox, recipe: Recipe, m: Measures, wording: Wording = IN_ENGLISH): Shape[] {
  const { id, width, height } = box
  const { holeMm } = fasteners[recipe.fastener]
  const centred = (shapes: Shape[], extent: number): Shape[] => [
    group(shapes, { part: id, x: width / 2, y: height - extent / 2 }),
  ]
  switch (id) {
    case 'face':
      return centred([...faceShapes(recipe, m), ...holeMarks(isFourUp(recipe) ? 0 : holeMm)], height)
    case 'middle':
      return [
        label(printedAs('middle circle, {0} mm', wording, round(m.middleMm))),
        ...centred([...middleShapes(m), ...holeMarks(holeMm)], m.middleMm),
      ]
    case 'hub':
      return [
        label(printedAs('hub, {0} mm', wording, round(m.hubMm))),
        ...centred([cutLine(circlePath(0, 0, m.hubMm / 2 - 0.2)), ...holeMarks(holeMm)], m.hubMm),
      ]
    case 'minute-strip':
      return strip(printedAs('minute hand: cut to here, {0} mm', wording, round(m.minuteHandMm)), m.minuteHandMm, id)
    case 'hour-strip':
      return strip(printedAs('hour hand: cut to here, {0} mm', wording, round(m.hourHandMm)), m.hourHandMm, id)
    case 'minute-hand':
      return lyingHand(box, { kind: 'minute', length: m.minuteHandMm, width: m.minuteWidthMm }, recipe, wording)
    case 'hour-hand':
      return lyingHand(box, { kind: 'hour', length: m.hourHandMm, width: m.hourWidthMm }, recipe, wording)
    case 'second-hand':
      return lyingHand(box, { kind: 'second', length: m.secondHandMm, width: secondWidthMm(recipe) }, recipe, wording)
  }
}

const round = (mm: number) => Math.round(mm * 10) / 10

/** The face about the origin, with the line to cut it out along. */
export function faceShapes(recipe: Recipe, m: Measures): Shape[] {
  const radius = m.faceMm / 2
  if (recipe.kind === 'layered') return [...bandShapes(recipe, m), cutLine(circlePath(0, 0, radius))]
  const guides = recipe.kind === 'draw' ? recipe.guides : undefined
  const shapes =
    guides === undefined
      ? dialShapes(0, { radius, hands: 'none', ...faceLook(recipe) })
      : guideShapes(radius, guides, recipe.lowInk)
  return [...shapes, cutLine(circlePath(0, 0, faceExtentMm(recipe, m) / 2 - 0.2))]
}

function faceLook({ face, ringOfFives, halves, zoneLines, quarterShading, lowInk }: Recipe) {
  const numerals = face === 'full' ? 'all' : face === 'quarters' ? 'quarters' : 'none'
  const marks = face === 'blank' ? 'none' : 'all'
  return { numerals, marks, ringOfFives, halves, zoneLines, quarterShading, lowInk } as const
}

/** A face to be drawn by the child: quarter marks, then hour marks and numerals to trace; fading to nothing. */
function guideShapes(radius: number, guides: Recipe['guides'], lowInk: boolean): Shape[] {
  const edge: Shape = circle({ x: 0, y: 0 }, radius, { stroke: INK, strokeMm: 0.6, fill: lowInk ? 'none' : '#FFFFFF' })
  const mark = (hour: number): Shape => {
    const [a, b] = [
      pointOnDial(hour * 30, radius * (hour % 3 === 0 ? GUIDE_QUARTER_FROM : GUIDE_HOUR_FROM)),
      pointOnDial(hour * 30, radius * MARK_TO),
    ]
    return line(a, b, { stroke: INK, strokeMm: hour % 3 === 0 ? 0.9 : 0.4 })
  }
  const cross: Shape[] = holeMarks(1)
  if (guides === 'none') return [edge]
  if (guides === 'centre') return [edge, ...cross]
  if (guides === 'quarters') return [edge, ...cross, ...[0, 3, 6, 9].map(mark)]
  const numerals = Array.from({ length: 12 }, (_, i): Shape => {
    const at = pointOnDial((i + 1) * 30, radius * NUMERAL_RADIUS)
    return centredText(String(i + 1), { x: at.x, y: at.y }, { size: radius * NUMERAL_SIZE, fill: FAINT })
  })
  return [edge, ...cross, ...Array.from({ length: 12 }, (_, hour) => mark(hour)), ...numerals]
}

/** The outer circle of a layered clock: its numerals stand in the band that the middle circle leaves. */
function bandShapes({ face, lowInk, quarterShading }: Recipe, m: Measures): Shape[] {
  const [outer, inner] = [m.faceMm / 2, m.middleMm / 2]
  const band = outer - inner
  const shown = NUMERAL_ORDER.slice(0, face === 'full' ? 12 : face === 'quarters' ? 4 : 0)
  const numerals = shown.map((hour) => {
    const at = pointOnDial(hour * 30, (outer + inner) / 2)
    return centredText(
      String(hour),
      { x: at.x, y: at.y },
      { size: Math.min(band * 0.62, outer * NUMERAL_SIZE), fill: INK, weight: 'bold' },
    )
  })
  const under: Shape = circle({ x: 0, y: 0 }, inner, { layer: 'guide', stroke: FAINT, strokeMm: 0.25 })
  const quarters = quarterShading
    ? dialShapes(0, { radius: outer, hands: 'none', numerals: 'none', marks: 'none', quarterShading, lowInk }).slice(
        1,
        -1,
      )
    : []
  return [...quarters, under, ...numerals]
}

/** The middle circle carries the sixty marks at its edge. */
export function middleShapes(m: Measures): Shape[] {
  const r = m.middleMm / 2 - 0.2
  const marks = Array.from({ length: 60 }, (_, minute): Shape => {
    const isHour = minute % 5 === 0
    const [a, b] = [
      pointOnDial(minute * 6, r * (isHour ? LAYERED.hourMarkFrom : LAYERED.minuteMarkFrom)),
      pointOnDial(minute * 6, r * LAYERED.markTo),
    ]
    return line(a, b, { stroke: INK, strokeMm: isHour ? 0.9 : 0.35 })
  })
  return [...marks, cutLine(circlePath(0, 0, r))]
}

/** A hand that is cut out of paper, mm. */
export interface CutHand {
  readonly kind: 'hour' | 'minute' | 'second'
  readonly length: number
  readonly width: number
}

const HAND_LABELS = {
  hour: 'hour hand, {0} mm from the hole',
  minute: 'minute hand, {0} mm from the hole',
  second: 'second hand, {0} mm from the hole',
} as const satisfies Record<CutHand['kind'], PrintedPhrase>

function lyingHand(box: PartBox, { kind, length, width }: CutHand, recipe: Recipe, wording: Wording): Shape[] {
  const commands = handCut(kind, length, width)
  const { onDial } = languages[wording.language].phrases
  const name = kind === 'second' ? printedAs('second', wording) : onDial[kind]
  const written: Shape[] = recipe.handLabels
    ? [
        group(
          [
            textAt(
              name,
              { x: width * 0.6, y: width * 0.16 },
              {
                size: fitSize(name, Math.min(6, width * 0.42), length - width, 'bold'),
                fill: kind === 'hour' ? OAK : kind === 'minute' ? SLATE : INK,
                weight: 'bold',
              },
            ),
          ],
          { turn: -90 },
        ),
      ]
    : []
  return [
    label(printedAs(HAND_LABELS[kind], wording, round(length))),
    group([cutLine(commands), ...holeMarks(fasteners[recipe.fastener].holeMm), ...written], {
      part: box.id,
      x: width,
      y: LABEL_MM + (box.height - LABEL_MM) / 2,
      turn: 90,
    }),
  ]
}

/** The outline that a hand is cut along, pointing at 12, its pivot at the origin. */
export function handCut(kind: 'hour' | 'minute' | 'second', length: number, width: number) {
  return handOutline(kind, { length, width, tail: width })
}

function strip(text: string, length: number, id: PartId): Shape[] {
  return [
    label(text),
    group([path(rectanglePath(0, 0, length, STRIP_MM), { layer: 'guide', stroke: INK, strokeMm: 0.3 })], {
      part: id,
      x: 0,
      y: LABEL_MM,
    }),
  ]
}

function label(text: string): Shape {
  return textAt(text, { x: 0, y: 3.8 }, { layer: 'guide', size: 3.4, fill: '#6B6158' })
}

function cutLine(commands: Extract<Shape, { type: 'path' }>['commands']): Shape {
  return path(commands, { layer: 'cut', stroke: INK, strokeMm: 0.35 })
}

/** Where the adult makes the hole: its true size, with a cross through the centre; nothing for 0. */
export function holeMarks(holeMm: number): Shape[] {
  if (holeMm === 0) return []
  const reach = holeMm / 2 + 1.5
  const stroke = (x1: number, y1: number, x2: number, y2: number): Shape =>
    line({ x: x1, y: y1 }, { x: x2, y: y2 }, { layer: 'guide', stroke: FAINT, strokeMm: 0.2 })
  return [
    circle({ x: 0, y: 0 }, holeMm / 2, { layer: 'guide', stroke: FAINT, strokeMm: 0.25, fill: '#FFFFFF' }),
    stroke(-reach, 0, reach, 0),
    stroke(0, -reach, 0, reach),
  ]
}
