import { apart, type Point, type ReadShape } from '../svg'
import {
  type Read,
  type Shapes,
  dials,
  expectDistinct,
  groups,
  inPart,
  minuteIn,
  saysTruth,
  textBox,
  words,
} from './reading'
import { truths } from './sets'

/*
 * The square is folded again, in space: each corner is turned about its slanting line, each flap about its straight
 * one. What comes to lie above and beneath each other must be one time, and read the right way up for one person.
 * Half the side is 1, the middle 0, y down.
 */

const CLOCKS_OUTSIDE = 4
const IN_SQUARE = 12

interface Piece {
  readonly is: 'outside' | 'flap' | 'under' | 'middle'
  /** Where it lies once all is folded, and which way a direction on it then points. */
  readonly folded: Point
  readonly turned: (way: Point) => Point
}

/** Turns a corner of the square to the middle: a reflection in the line |x| + |y| = 1 of its quarter. */
function cornerIn({ x, y }: Point): { at: Point; turned: (way: Point) => Point } {
  const [sx, sy] = [Math.sign(x) || 1, Math.sign(y) || 1]
  const swap = (way: Point) => ({ x: -sx * sy * way.y, y: -sx * sy * way.x })
  const moved = swap({ x, y })
  return { at: { x: moved.x + sx, y: moved.y + sy }, turned: swap }
}

/** Turns a flap of the smaller square to the middle, where the point lies on one. */
function flapIn({ x, y }: Point): { at: Point; turned: (way: Point) => Point } | undefined {
  if (Math.max(Math.abs(x), Math.abs(y)) <= 0.5) return undefined
  return Math.abs(x) > Math.abs(y)
    ? { at: { x: Math.sign(x) - x, y }, turned: (way) => ({ x: -way.x, y: way.y }) }
    : { at: { x, y: Math.sign(y) - y }, turned: (way) => ({ x: way.x, y: -way.y }) }
}

function pieceAt(at: Point): Piece {
  const isCorner = Math.abs(at.x) + Math.abs(at.y) > 1
  const first = isCorner ? cornerIn(at) : { at, turned: (way: Point) => way }
  const second = flapIn(first.at)
  return {
    is: isCorner ? (second ? 'flap' : 'outside') : second ? 'under' : 'middle',
    folded: second?.at ?? first.at,
    turned: (way) => (second ? second.turned(first.turned(way)) : first.turned(way)),
  }
}

/** Which of the eight halves of flaps a folded point lies in: its side, and on which hand. */
const halfOf = ({ x, y }: Point) =>
  Math.abs(x) > Math.abs(y) ? `x${Math.sign(x)} ${Math.sign(y)}` : `y${Math.sign(y)} ${Math.sign(x)}`

/** Away from whoever holds the side on which a folded point lies: to the middle. */
const awayFrom = ({ x, y }: Point): Point =>
  Math.abs(x) > Math.abs(y) ? { x: -Math.sign(x), y: 0 } : { x: 0, y: -Math.sign(y) }

const upOf = (turn: number): Point => ({
  x: Math.sin((turn * Math.PI) / 180),
  y: -Math.cos((turn * Math.PI) / 180),
})
const degrees = ({ x, y }: Point) => (Math.atan2(x, -y) * 180) / Math.PI

interface Sheet {
  readonly place: (point: Point) => Point
}

/** The square of a page, from the line that it is cut along. */
function sheetOf(page: Shapes, { expect }: Read): Sheet {
  const outline = inPart(page, 'fold-lines').find(({ tag, layer }) => tag === 'path' && layer === 'cut')
  const xs = outline?.points.map(({ x }) => x) ?? []
  const ys = outline?.points.map(({ y }) => y) ?? []
  const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  expect(Math.abs(right - left - (bottom - top)) < 0.01, `a square of ${right - left} by ${bottom - top} mm`)
  const half = (right - left) / 2
  return { place: ({ x, y }) => ({ x: (x - left) / half - 1, y: (y - top) / half - 1 }) }
}

/** The creases that the folding leaves, each by its two ends. */
const CREASES = [
  ...[-0.5, 0, 0.5].flatMap((c) => [
    [c, -1, c, 1],
    [-1, c, 1, c],
  ]),
  [-1, 0, 0, -1],
  [0, -1, 1, 0],
  [0, 1, 1, 0],
  [-1, 0, 0, 1],
]

function expectCreases(page: Shapes, { place }: Sheet, { expect }: Read): void {
  const drawn = inPart(page, 'fold-lines').flatMap(({ layer, points: [a, b] }) => {
    if (layer !== 'fold' || !a || !b) return []
    const ends = [place(a), place(b)].map(({ x, y }) => [x, y].map((each) => Math.round(each * 1000) / 1000 + 0))
    return [
      ends
        .sort((one, other) => (one[0] ?? 0) - (other[0] ?? 0) || (one[1] ?? 0) - (other[1] ?? 0))
        .flat()
        .join(),
    ]
  })
  const due = CREASES.map(([x1 = 0, y1 = 0, x2 = 0, y2 = 0]) =>
    (x1 < x2 || (x1 === x2 && y1 < y2) ? [x1, y1, x2, y2] : [x2, y2, x1, y1]).join(),
  )
  expect([...drawn].sort().join(' ') === [...due].sort().join(' '), `creases ${drawn.join(' ')}`)
}

/** What stands on one piece: all of it there, where it comes to lie, and which way its top then points. */
function pieceOf(shapes: Shapes, turn: number, is: Piece['is'], { sheet, read }: { sheet: Sheet; read: Read }) {
  const { left, right, top, bottom } = textBox(shapes)
  const corners = [
    { x: left, y: top },
    { x: right, y: top },
    { x: left, y: bottom },
    { x: right, y: bottom },
  ]
  // A clock is round: it need not fill the corners of its box.
  const [dial] = dials(shapes)
  const edge = (right - left) / 2
  const around = dial
    ? Array.from({ length: 16 }, (_, i) => upOf(22.5 * i)).map((way) => ({
        x: (left + right) / 2 + way.x * edge,
        y: (top + bottom) / 2 + way.y * edge,
      }))
    : corners
  const middle = pieceAt(sheet.place({ x: (left + right) / 2, y: (top + bottom) / 2 }))
  for (const point of around) {
    const piece = pieceAt(sheet.place(point))
    const isSame = piece.is === is && (is === 'outside' || halfOf(piece.folded) === halfOf(middle.folded))
    read.expect(isSame, `${is}: something lies on ${piece.is}`)
  }
  return { folded: middle.folded, opened: upOf(turn), top: middle.turned(upOf(turn)) }
}

const turnOf = (shapes: Shapes): number =>
  shapes.find(({ tag, parts }: ReadShape) => tag === 'text' && !parts.includes('dial'))?.turn ??
  shapes.find(({ dialTurn }) => dialTurn !== undefined)?.dialTurn ??
  0

function checkSquare(page: Shapes, read: Read): string[] {
  const sheet = sheetOf(page, read)
  expectCreases(page, sheet, read)
  const at = { sheet, read }
  const outer = groups(page, 'outer')
  const [flaps, under] = [groups(page, 'flap'), groups(page, 'under')]
  read.expect(outer.length === CLOCKS_OUTSIDE, `${outer.length} clocks outside`)
  read.expect(flaps.length === 8 && under.length === 8, `${flaps.length} flaps, ${under.length} under them`)
  const quarters = outer.map((shapes) => {
    const { folded, top } = pieceOf(shapes, turnOf(shapes), 'outside', at)
    const inward = degrees({ x: -Math.sign(folded.x), y: -Math.sign(folded.y) })
    read.expect(apart(degrees(top), inward) < 1, 'a clock outside has its top elsewhere than in the middle')
    return `${Math.sign(folded.x)} ${Math.sign(folded.y)}`
  })
  expectDistinct(read, quarters, 'two clocks outside are in one corner')
  const halves = flaps.map((shapes, i) => {
    const beneath = under[i] ?? []
    const [word, clock] = [pieceOf(shapes, turnOf(shapes), 'flap', at), pieceOf(beneath, turnOf(beneath), 'under', at)]
    const away = degrees(awayFrom(word.folded))
    read.expect(halfOf(word.folded) === halfOf(clock.folded), 'a clock lies under another time')
    read.expect(apart(degrees(word.top), away) < 1, 'a time on a flap is not upright for who holds it')
    read.expect(apart(degrees(clock.opened), away) < 1, 'a clock under a flap is not upright for who lifts it')
    const [dial] = dials(beneath)
    const said = words(shapes)
    read.expect(dial !== undefined && saysTruth(dial, said, read.o), `“${said}” over a dial at ${dial?.time}`)
    return halfOf(word.folded)
  })
  expectDistinct(read, halves, 'two times are on one half of a flap')
  const outside = outer.map((shapes) => String(dials(shapes)[0]?.time))
  const inside = flaps.map((shapes) => String(minuteIn(words(shapes), read.o)))
  expectDistinct(read, outside, 'a clock comes twice outside')
  expectDistinct(read, inside, 'a time comes twice on the flaps')
  return [...outside, ...inside]
}

/** Squares that are right when folded, and a key with every time of all of them. */
export const folding = (read: Read): void => {
  read.expect(read.pages.length === read.o.count, `${read.pages.length} squares`)
  const times = read.pages.flatMap((page) => checkSquare(page, read))
  const pairs = groups(read.key.flat(), 'pair')
  truths(read, pairs)
  const told = pairs.map((pair) => String(dials(pair)[0]?.time))
  read.expect(pairs.length === read.o.count * IN_SQUARE, `${pairs.length} pairs in the key`)
  read.expect([...told].sort().join() === [...times].sort().join(), 'the key has other times')
}
