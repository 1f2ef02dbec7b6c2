import { apart, type Point, type ReadShape } from '../svg'
import { cornersOf, distance, type Extent, extentOf, NOWHERE, pointsIn } from './measuring'
import { type Read, type Shapes, dials, expectDistinct, groups, inPart, saysTruth, words } from './reading'
import { expectControl } from './sets'

/*
 * The wheel is laid behind its cover, pin on pin, and turned from mark to mark. What is then seen through the window
 * and behind the flap must be one whole clock, upright, and its time, and nothing of any other.
 */

interface Circle {
  readonly at: Point
  readonly radius: number
}

/** The circle that is cut among some shapes; NaN where there is none. */
function cutCircle(shapes: Shapes, tag: ReadShape['tag']): Circle {
  const points = shapes.find((shape) => shape.tag === tag && shape.layer === 'cut')?.points ?? []
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)]
  const [left, right] = [Math.min(...xs), Math.max(...xs)]
  const middleY = tag === 'circle' ? (ys[0] ?? NaN) : (Math.min(...ys) + Math.max(...ys)) / 2
  return { at: { x: (left + right) / 2, y: middleY }, radius: (right - left) / 2 }
}

/** The corners of the ink of each text, and the circle of each clock with all that is written round it. */
interface OnWheel {
  readonly corners: readonly Point[]
  readonly clock: { readonly at: Point; readonly radius: number; readonly turn: number }
  readonly turns: readonly number[]
}

function stopOf(shapes: Shapes): OnWheel {
  const texts = shapes.filter(({ tag, parts }) => tag === 'text' && !parts.includes('dial'))
  const own = inPart(shapes, 'dial')
  const at = own[0]?.origin ?? { x: NaN, y: NaN }
  return {
    corners: texts.flatMap((text) => cornersOf(text)),
    clock: {
      at,
      radius: Math.max(...own.flatMap(({ points }) => points.map((point) => distance(point, at)))),
      turn: own.find(({ dialTurn }) => dialTurn !== undefined)?.dialTurn ?? 0,
    },
    turns: texts.map(({ turn = 0 }) => turn),
  }
}

/** A point of the wheel's page, where the wheel is turned back by so many degrees and laid on the cover's pin. */
function laid(point: Point, turn: number, { from, to }: { from: Point; to: Point }): Point {
  const [cos, sin] = [Math.cos((-turn * Math.PI) / 180), Math.sin((-turn * Math.PI) / 180)]
  const [x, y] = [point.x - from.x, point.y - from.y]
  return { x: to.x + x * cos - y * sin, y: to.y + x * sin + y * cos }
}

const tip = (shapes: Shapes, pin: Point, isFar: boolean) =>
  shapes
    .flatMap(({ points }) => points)
    .sort((a, b) => (isFar ? -1 : 1) * (distance(a, pin) - distance(b, pin)))[0] ?? { x: NaN, y: NaN }

/** The wheel and the cover, pin on pin. */
interface Pinned {
  readonly from: Point
  readonly to: Point
}

/** Two discs that turn about one pin: the wheel's edge can be reached behind the cover. */
function pinnedDiscs(wheel: Shapes, cover: Shapes, { expect }: Read): Pinned & { readonly rim: number } {
  const discs = [wheel, cover].map((shapes) => ({ pin: cutCircle(shapes, 'circle'), rim: cutCircle(shapes, 'path') }))
  for (const { pin, rim } of discs) expect(distance(rim.at, pin.at) < 0.01, 'the pin is not in the middle')
  const [back, front] = discs
  expect(back?.pin.radius === front?.pin.radius, 'holes of two sizes')
  expect((back?.rim.radius ?? 0) > (front?.rim.radius ?? Infinity) + 3, 'the wheel cannot be turned by its edge')
  return { from: back?.pin.at ?? NOWHERE, to: front?.pin.at ?? NOWHERE, rim: front?.rim.radius ?? 0 }
}

/** The flap of a cover, which hangs from its upper edge, clear of the window, the rim and the pin. */
function flapOf(
  cover: Shapes,
  window: Circle,
  { to, rim, expect }: { to: Point; rim: number } & Pick<Read, 'expect'>,
): Extent {
  const flap = extentOf(pointsIn(inPart(cover, 'flap')))
  const hinge = inPart(cover, 'flap').filter(({ layer }) => layer === 'fold')
  expect(
    hinge.length === 1 && hinge.every((shape) => shape.points.every(({ y }) => Math.abs(y - flap.top) < 0.01)),
    'the flap does not hang from its upper edge',
  )
  expect(flap.bottom < window.at.y - window.radius - 2, 'the card between the window and the flap is too narrow')
  for (const x of [flap.left, flap.right])
    expect(distance({ x, y: flap.top }, to) < rim - 1, 'the flap reaches out of the cover')
  expect(window.at.y + window.radius < to.y - 6, 'the window meets the pin')
  return flap
}

interface Seen {
  readonly turn: number
  readonly stop: number
  readonly window: Circle
  readonly flap: Extent
  readonly pinned: Pinned
}

/** The clock and the words of the stop that is due: whole and upright. */
function expectShown({ clock, corners, turns }: OnWheel, { turn, stop, window, flap, pinned }: Seen, { expect }: Read) {
  const away = distance(laid(clock.at, turn, pinned), window.at)
  expect(away + clock.radius < window.radius, `the clock of stop ${stop} is cut by the window`)
  expect(apart(clock.turn, turn) < 0.1, `the clock of stop ${stop} is not upright`)
  const placed = corners.map((corner) => laid(corner, turn, pinned))
  const isIn = ({ x, y }: Point) => x > flap.left && x < flap.right && y > flap.top && y < flap.bottom
  expect(placed.length > 0 && placed.every(isIn), `the words of stop ${stop} are cut by the flap`)
  for (const each of turns) expect(apart(each, turn) < 0.1, `the words of stop ${stop} are not upright`)
}

/** Those of another stop: out of the window, and not behind the flap. */
function expectHidden({ clock, corners }: OnWheel, { turn, stop, window, flap, pinned }: Seen, { expect }: Read) {
  const away = distance(laid(clock.at, turn, pinned), window.at)
  expect(away > clock.radius + window.radius, `at stop ${stop} another clock is in the window`)
  const placed = corners.map((corner) => laid(corner, turn, pinned))
  const text = extentOf(placed)
  const isBeside = text.right < flap.left || text.left > flap.right
  const isOverOrUnder = text.bottom < flap.top || text.top > flap.bottom
  expect(isBeside || isOverOrUnder, `at stop ${stop} other words are behind the flap`)
}

export const turningWheel = (read: Read): void => {
  const { expect, o } = read
  const [back = [], front = []] = read.pages
  const [wheel, cover] = [inPart(back, 'wheel'), inPart(front, 'cover')]
  expect(read.pages.length === 2, `${read.pages.length} pages`)
  const stops = groups(wheel, 'stop')
  expect(stops.length === o.count, `${stops.length} stops`)
  const { rim, ...pinned } = pinnedDiscs(wheel, cover, read)
  const window = cutCircle(inPart(cover, 'window'), 'path')
  const flap = flapOf(cover, window, { to: pinned.to, rim, expect })
  const pointer = tip(inPart(cover, 'pointer'), pinned.to, true)
  const marks = groups(wheel, 'mark').map((mark) => tip(mark, pinned.from, false))
  const seen = stops.map(stopOf)
  const said = stops.map((stop) => words(stop))
  expectDistinct(read, said, 'two stops say the same')
  stops.forEach((stop, i) => {
    const at = { turn: (360 * i) / stops.length, stop: i + 1, window, flap, pinned }
    const met = marks
      .map((mark) => laid(mark, at.turn, pinned))
      .filter(({ x, y }) => Math.abs(x - pointer.x) < 0.1 && y < pinned.to.y)
    expect(met.length === 1, `${met.length} marks meet the arrow at stop ${i + 1}`)
    seen.forEach((each, other) => (other === i ? expectShown : expectHidden)(each, at, read))
    const [dial] = dials(stop)
    expect(dial !== undefined && saysTruth(dial, words(stop), o), `“${words(stop)}” over a dial at ${dial?.time}`)
  })
  expectControl(read, said)
}
