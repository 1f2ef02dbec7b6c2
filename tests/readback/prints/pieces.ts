import type { Point } from '../svg'
import { NOWHERE, bearing, cornersOf, distance } from './measuring'
import { type Read, type Shapes, expectDistinct, inPart, words } from './reading'
import { cards, expectControl } from './sets'

/* A clock cut into pieces: every line between two of them is laid on every other, to see that none fits there. */

/** Two lines that gape or overlap by less than this could be taken for one another, mm. */
const SEEN_MM = 3

interface Line {
  readonly turn: number
  /** How far to the right of the straight line it is, at each mm from the middle outwards. */
  readonly aside: readonly number[]
}

/** A line as it would be if it went straight up: how far aside it is at each mm from the hub to the rim. */
function lineOf(points: readonly Point[], middle: Point, { hub, rim }: { hub: number; rim: number }): Line {
  const end = points.reduce((a, b) => (distance(a, middle) > distance(b, middle) ? a : b))
  const turn = bearing(middle, end)
  const [sine, cosine] = [Math.sin((turn * Math.PI) / 180), Math.cos((turn * Math.PI) / 180)]
  const upright = points.map(({ x, y }) => {
    const [dx, dy] = [x - middle.x, y - middle.y]
    return { out: dx * sine - dy * cosine, aside: dx * cosine + dy * sine }
  })
  const at = (out: number) =>
    upright.slice(1).reduce((most, b, i) => {
      const a = upright[i] ?? b
      const [low, high] = [Math.min(a.out, b.out), Math.max(a.out, b.out)]
      if (out < low || out > high || high === low) return most
      const aside = a.aside + ((b.aside - a.aside) * (out - a.out)) / (b.out - a.out)
      return Math.abs(aside) > Math.abs(most) ? aside : most
    }, 0)
  return { turn, aside: Array.from({ length: Math.floor(rim - hub) }, (_, i) => at(hub + i)) }
}

function circles(shapes: Shapes): { at: Point; radius: number }[] {
  return shapes
    .filter(
      ({ tag, layer, points }) =>
        tag === 'path' && layer === 'cut' && distance(points[0] ?? NOWHERE, points.at(-1) ?? NOWHERE) < 0.01,
    )
    .map(({ points }) => {
      const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)]
      const [left, right] = [Math.min(...xs), Math.max(...xs)]
      return { at: { x: (left + right) / 2, y: (Math.min(...ys) + Math.max(...ys)) / 2 }, radius: (right - left) / 2 }
    })
    .sort((a, b) => a.radius - b.radius)
}

/** Twelve numerals in their places, none of them cut in two. */
function expectNumerals(face: Shapes, lines: readonly (readonly Point[])[], middle: Point, { expect }: Read): void {
  const numerals = face.filter(({ tag }) => tag === 'text')
  expect(
    numerals
      .map(({ text }) => Number(text))
      .sort((a, b) => a - b)
      .join() === '1,2,3,4,5,6,7,8,9,10,11,12',
    `numerals ${numerals.map(({ text }) => text).join()}`,
  )
  for (const numeral of numerals) {
    const corners = cornersOf(numeral)
    const centre = {
      x: corners.reduce((sum, { x }) => sum + x, 0) / corners.length,
      y: corners.reduce((sum, { y }) => sum + y, 0) / corners.length,
    }
    const out = Math.abs(((bearing(middle, centre) - 30 * Number(numeral.text) + 540) % 360) - 180)
    expect(out < 3, `${numeral.text} is ${out.toFixed(1)} degrees out of its place`)
    const [xs, ys] = [corners.map(({ x }) => x), corners.map(({ y }) => y)]
    const isCut = lines.some((line) =>
      line.some(({ x, y }) => x > Math.min(...xs) && x < Math.max(...xs) && y > Math.min(...ys) && y < Math.max(...ys)),
    )
    expect(!isCut, `${numeral.text} is cut in two`)
  }
}

/** A point on each mm of a line. */
function stepped(points: readonly Point[]): Point[] {
  return points.slice(1).flatMap((b, i) => {
    const a = points[i] ?? b
    const steps = Math.max(1, Math.ceil(distance(a, b)))
    return Array.from({ length: steps + 1 }, (_, at) => ({
      x: a.x + ((b.x - a.x) * at) / steps,
      y: a.y + ((b.y - a.y) * at) / steps,
    }))
  })
}

export const inPieces = (read: Read): void => {
  const { expect, o } = read
  const [page = []] = read.pages
  const clock = inPart(page, 'clock')
  const cut = inPart(clock, 'pieces')
  const [hub, rim, ...others] = circles(cut)
  expect(hub !== undefined && rim !== undefined && others.length === 0, 'no middle, or no rim')
  if (!hub || !rim) return
  expect(distance(hub.at, rim.at) < 0.01, 'the middle is not in the middle')
  const drawn = cut
    .filter(({ points }) => distance(points[0] ?? NOWHERE, points.at(-1) ?? NOWHERE) > 1)
    .map(({ points }) => points)
  const wanted = o.pieces ?? 6
  expect(drawn.length === wanted, `${drawn.length} lines for ${wanted} pieces`)
  for (const points of drawn) {
    const ends = [points[0] ?? NOWHERE, points.at(-1) ?? NOWHERE].map((point) => distance(point, rim.at))
    const isWhole = Math.abs(Math.min(...ends) - hub.radius) < 0.05 && Math.abs(Math.max(...ends) - rim.radius) < 0.05
    expect(isWhole, 'a line does not go from the middle to the rim')
  }
  const lines = drawn.map((points) => lineOf(points, rim.at, { hub: hub.radius, rim: rim.radius }))
  const turns = lines.map(({ turn }) => turn).sort((a, b) => a - b)
  turns.forEach((turn, i) => {
    const next = turns[(i + 1) % turns.length] ?? turn
    expect(Math.abs(((next - turn + 360) % 360) - 360 / wanted) < 0.1, `pieces of different width at ${turn}`)
  })
  lines.forEach((line, i) =>
    lines.forEach((other, at) => {
      const gape = Math.max(...line.aside.map((aside, mm) => Math.abs(aside - (other.aside[mm] ?? 0))))
      expect(at === i || gape >= SEEN_MM, `line ${i + 1} fits line ${at + 1}`)
    }),
  )
  expectNumerals(inPart(clock, 'dial'), drawn.map(stepped), rim.at, read)

  const reach = (hand: 'hour' | 'minute') =>
    Math.max(
      ...inPart(page, `cut-${hand}-hand`).flatMap(({ points, origin }) =>
        points.map((point) => distance(point, origin)),
      ),
    )
  expect(reach('minute') < rim.radius && reach('minute') > 0.8 * rim.radius, `a minute hand of ${reach('minute')} mm`)
  expect(Math.abs(reach('hour') / reach('minute') - 0.6) < 0.06, `an hour hand of ${reach('hour')} mm`)

  const told = cards(read).map((card) => words(card, 'words'))
  expect(told.length === o.count, `${told.length} cards`)
  expectDistinct(read, told, 'a time is on two cards')
  expectControl(read, told)
}
