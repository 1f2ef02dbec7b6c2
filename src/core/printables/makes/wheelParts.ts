import {
  circle,
  circlePath,
  group,
  INK,
  line,
  path,
  type PathCommand,
  type Point,
  pointOnDial,
  polygonPath,
  rectanglePath,
  type Shape,
} from '../../drawing'
import { CUT, FOLD, THIN, ARROW } from '../kit/looks'

/*
 * A wheel that turns behind a cover, both about one pin, the origin. At each stop a clock lies behind the round window
 * of the cover, and its words behind the flap over that. All in mm.
 */

export const WHEEL_MM = 92
/** Smaller than the wheel, so that this can be turned by its edge. */
export const COVER_MM = 88
/** Of the pin, as a paper fastener needs it. */
export const PIN_MM = 2
/** The flap and the words behind it, about the point straight up from the pin. */
export const FLAP = { up: 75, width: 46, height: 17 } as const
/** On every side less than the flap, so that a wheel that stands a little askew shows no cut words. */
export const WORDS_ROOM = { width: FLAP.width - 6, height: FLAP.height - 3 } as const
/** Between the window and the flap, for the card to hold. */
const BRIDGE_MM = 3
/** Between the window and the clock in it. */
export const ASKEW_MM = 0.8

/**
 * The largest window for so many stops, and how far up from the pin its middle is: neighbours on the wheel lie a
 * millimetre out of it on either side.
 */
export function windowFor(stops: number): { readonly up: number; readonly radius: number } {
  const outer = FLAP.up - FLAP.height / 2 - BRIDGE_MM
  const sine = Math.sin(Math.PI / stops)
  const radius = (outer * sine - 0.5) / (1 + sine)
  return { up: outer - radius, radius }
}

/** Of the stops, degrees clockwise. */
export const turnOfStop = (stop: number, stops: number): number => (360 * stop) / stops

const pin = (): Shape => circle({ x: 0, y: 0 }, PIN_MM, CUT)

/** A small triangle on the rim that points to the middle, or from it. */
function mark(turn: number, from: number, to: number): Shape {
  const half = 3 / ((from + to) / 2)
  const sideways = (half * 180) / Math.PI
  const corners = [pointOnDial(turn, to), pointOnDial(turn - sideways, from), pointOnDial(turn + sideways, from)]
  return path(polygonPath(corners), { fill: INK })
}

/** The rim of the wheel, its pin, and a mark at each stop that meets the cover's. */
export function wheelOutline(stops: number): Shape[] {
  const marks = Array.from({ length: stops }, (_, stop) => mark(turnOfStop(stop, stops), WHEEL_MM - 0.3, COVER_MM))
  return [
    path(circlePath(0, 0, WHEEL_MM), CUT),
    pin(),
    ...marks.map((shape, i) => group([shape], { part: `mark-${i}` })),
  ]
}

const flapTop = -FLAP.up - FLAP.height / 2

/** The three sides of the flap that are cut. */
function flapSides(): PathCommand[] {
  const [left, right] = [-FLAP.width / 2, FLAP.width / 2]
  return [
    { op: 'M', x: left, y: flapTop },
    { op: 'L', x: left, y: flapTop + FLAP.height },
    { op: 'L', x: right, y: flapTop + FLAP.height },
    { op: 'L', x: right, y: flapTop },
  ]
}

/** All that is cut and folded of the cover. */
export function coverOutline(stops: number, { lowInk = false }: { lowInk?: boolean } = {}): Shape[] {
  const { up, radius } = windowFor(stops)
  const hinge: Point = { x: FLAP.width / 2, y: flapTop }
  return [
    path(circlePath(0, 0, COVER_MM), CUT),
    ...(lowInk ? [] : [path(rectanglePath(-FLAP.width / 2, flapTop, FLAP.width, FLAP.height), { fill: '#F7E6C9' })]),
    group([path(circlePath(0, -up, radius), CUT)], { part: 'window' }),
    group([path(flapSides(), CUT), line({ x: -hinge.x, y: hinge.y }, hinge, FOLD)], { part: 'flap' }),
    pin(),
    group([mark(0, COVER_MM - 3.5, COVER_MM - 0.3)], { part: 'pointer' }),
  ]
}

/** A curved arrow about the middle, clockwise. */
function turning(radius: number): Shape[] {
  const [from, to, back] = [pointOnDial(60, radius), pointOnDial(120, radius), pointOnDial(112, radius)]
  const barb = (out: number) => line(to, { ...pointOnDial(108, radius + out) }, ARROW)
  return [
    path(
      [
        { op: 'M', ...from },
        { op: 'A', r: radius, large: false, sweep: true, ...back },
        { op: 'L', ...to },
      ],
      ARROW,
    ),
    barb(1.8),
    barb(-1.8),
  ]
}

/** The wheel and the cover in small, in the steps of putting them together. */
export function wheelPictures(stops: number, half: number): readonly (readonly Shape[])[] {
  const k = (half - 1) / WHEEL_MM
  const { up, radius } = windowFor(stops)
  const [flapWidth, flapHeight] = [FLAP.width * k, FLAP.height * k]
  const disc = (x: number, y: number): Shape[] => [circle({ x, y }, WHEEL_MM * k, THIN)]
  const clocks = (x: number, y: number): Shape[] =>
    Array.from({ length: stops }, (_, stop) => {
      const at = pointOnDial(turnOfStop(stop, stops), up * k)
      return circle({ x: x + at.x, y: y + at.y }, (radius - 1.5) * k, THIN)
    })
  const cover = (x: number, y: number, isOpen: boolean): Shape[] => [
    circle({ x, y }, COVER_MM * k, THIN),
    circle({ x, y: y - up * k }, radius * k, { ...THIN, fill: '#DDEBDD' }),
    path(rectanglePath(x - flapWidth / 2, y + flapTop * k, flapWidth, flapHeight), { ...THIN, fill: '#DDEBDD' }),
    path(
      rectanglePath(
        x - flapWidth / 2,
        y + flapTop * k - (isOpen ? flapHeight * 0.6 : 0),
        flapWidth,
        flapHeight * (isOpen ? 0.6 : 1),
      ),
      {
        ...THIN,
        fill: '#F7E6C9',
      },
    ),
    circle({ x, y }, 0.7, { fill: INK }),
  ]
  const small = 0.62
  const beside = (shapes: readonly Shape[], x: number, y: number) => group(shapes, { x, y })
  return [
    [...disc(-half * 0.36, -1), ...clocks(-half * 0.36, -1), ...cover(half * 0.36, 1, false)],
    cover(0, 0, true),
    [
      beside([...disc(0, 0), ...clocks(0, 0)], half * small - 4, -2),
      beside(cover(0, 0, false), -half * small + 5, 2),
      line({ x: -half * small + 5, y: 2 }, { x: half * small - 4, y: -2 }, { ...ARROW, dashMm: [1.2, 1] }),
    ],
    [
      ...disc(0, 0),
      ...cover(0, 0, true),
      group([
        line({ x: 0, y: -up * k }, { x: 0, y: -(up + radius * 0.6) * k }, ARROW),
        line({ x: 0, y: -up * k }, { x: radius * 0.4 * k, y: -up * k }, ARROW),
      ]),
      ...turning(half + 2),
    ],
  ]
}
