import { say } from '../../../src/core/wording'
import { apart, type Point } from '../svg'
import { bearing, cornersOf, distance, middleOf } from './measuring'
import { type Read, type Shapes, dials, expectDistinct, groups, inPart, minuteIn, words } from './reading'
import { control, expectControl, said } from './sets'

/* What is spun: whether each part is as likely as the others, and whether what stands in it stands there alone. */

/** So much may parts of a spinner differ. */
const FAIR = 0.01

/** All that is inked of some shapes: the outlines of texts, and the points of what is drawn. */
function inkOf(shapes: Shapes): Point[] {
  return shapes.flatMap((shape) => (shape.tag === 'text' ? cornersOf(shape) : [...shape.points]))
}

function expectFair({ expect }: Read, sizes: readonly number[], what: string): void {
  const usual = sizes.reduce((sum, size) => sum + size, 0) / sizes.length
  expect(
    sizes.every((size) => Math.abs(size / usual - 1) < FAIR),
    `${what}: ${sizes.map((size) => size.toFixed(2)).join(' ')}`,
  )
}

/** Area and centre of gravity of a card of one thickness, by the triangles from its first corner. */
function weighed(corners: readonly Point[]): { area: number; centre: Point } {
  const origin = corners[0] ?? { x: 0, y: 0 }
  const sum = { area: 0, x: 0, y: 0 }
  for (let i = 1; i + 1 < corners.length; i++) {
    const [a, b] = [corners[i] ?? origin, corners[i + 1] ?? origin]
    const area = ((a.x - origin.x) * (b.y - origin.y) - (b.x - origin.x) * (a.y - origin.y)) / 2
    sum.area += area
    sum.x += (area * (origin.x + a.x + b.x)) / 3
    sum.y += (area * (origin.y + a.y + b.y)) / 3
  }
  return { area: sum.area, centre: { x: sum.x / sum.area, y: sum.y / sum.area } }
}

/** What stands over each side of a top, the first side's first. */
function sidesOf(page: Shapes, read: Read): Shapes[] {
  const { expect } = read
  const top = inPart(page, 'top')
  const corners = top.find(({ tag, layer }) => tag === 'path' && layer === 'cut')?.points ?? []
  const hole = middleOf(top.find(({ tag, layer }) => tag === 'circle' && layer === 'cut')?.points ?? [])
  expect(corners.length === read.o.count, `a top of ${corners.length} corners`)
  const { area, centre } = weighed(corners)
  expect(distance(centre, hole) < FAIR * Math.sqrt(area), 'the pencil is not in the centre of gravity')
  const after = (i: number) => corners[(i + 1) % corners.length] ?? hole
  expectFair(
    read,
    corners.map((corner, i) => distance(corner, after(i))),
    'sides',
  )
  expectFair(
    read,
    corners.map((corner, i) => weighed([hole, corner, after(i)]).area),
    'sectors',
  )
  const sides = groups(top, 'side')
  const over = sides.map((shapes, i) => {
    const ink = inkOf(shapes)
    const on = corners.findIndex((corner, at) =>
      ink.every((point) =>
        [
          [hole, corner],
          [corner, after(at)],
          [after(at), hole],
        ].every(([a = hole, b = hole]) => (b.x - a.x) * (point.y - a.y) - (b.y - a.y) * (point.x - a.x) > 0),
      ),
    )
    expect(on >= 0, `what is over side ${i + 1} lies over another, or beyond it`)
    const [a, b] = [corners[on] ?? hole, after(on)]
    const down = bearing(hole, { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 })
    const turns = [
      ...shapes.flatMap(({ dialTurn }) => (dialTurn === undefined ? [] : [dialTurn])),
      ...shapes.flatMap(({ tag, turn = 0, parts }) => (tag === 'text' && !parts.includes('dial') ? [turn] : [])),
    ]
    for (const turn of turns) expect(apart(turn + 180, down) < 0.1, `over side ${i + 1} something is not upright`)
    return on
  })
  expectDistinct(read, over, 'two things are over one side')
  return sides
}

/** Two fair tops with the same times, in clocks and in words. */
export const spinning = (read: Read): void => {
  const { expect, o } = read
  expect(read.pages.length === 2, `${read.pages.length} tops`)
  const [clocks, texts] = read.pages.map((page) => sidesOf(page, read))
  const shown = (clocks ?? []).flatMap((side) => dials(side)).map((dial) => said(dial, o))
  const written = (texts ?? []).map((side) => words(side))
  expectDistinct(read, shown, 'a time is twice on a top')
  expect(shown.length === o.count, `${shown.length} clocks`)
  expect(
    [...shown].sort().join('|') === [...written].sort().join('|'),
    `${written.join(', ')} beside ${shown.join(', ')}`,
  )
  expectControl(read, written)
  expect(control(read).size === o.count, 'the key has fewer times')
}

/** A ring of a spinner: what each sector says, in order; every one alone between its two lines, and as wide as the others. */
function ringOf(spinner: Shapes, name: string, read: Read): string[] {
  const { expect } = read
  const own = groups(spinner, name)
  const middle = spinner[0]?.origin ?? { x: NaN, y: NaN }
  const texts = own.map((shapes) => words(shapes))
  const ink = own.map(inkOf)
  const reach = (points: readonly Point[]) => points.map((point) => distance(point, middle))
  const [least, most] = [Math.min(...ink.flatMap(reach)), Math.max(...ink.flatMap(reach))]
  // The lines of this ring: those that go from within its texts to beyond them.
  const edges = spinner
    .filter(({ tag, points: [a, b] }) => {
      if (tag !== 'line' || !a || !b) return false
      const [near = 0, far = 0] = reach([a, b]).sort((one, other) => one - other)
      return near < least && far > most
    })
    .map(({ points }) =>
      bearing(
        middle,
        points.reduce((a, b) => (distance(a, middle) > distance(b, middle) ? a : b)),
      ),
    )
    .sort((a, b) => a - b)
  expect(edges.length === own.length, `${edges.length} lines between ${own.length} ${name}`)
  expectFair(
    read,
    edges.map((edge, i) => ((edges[(i + 1) % edges.length] ?? 0) - edge + 360) % 360 || 360),
    name,
  )
  const sectorOf = (point: Point) => {
    const at = bearing(middle, point)
    const i = edges.findIndex((edge) => edge > at)
    return i < 0 ? edges.length : i
  }
  const sectors = ink.map((points) => {
    const found = new Set(points.map((point) => sectorOf(point) % edges.length))
    expect(found.size === 1, `${name}: a text crosses the line of its sector`)
    return [...found][0]
  })
  expectDistinct(read, sectors, `${name}: two texts are in one sector`)
  return texts
}

/** Every time that two flicks can make is in the key, once, in figures and words that say the same. */
export const flickingTwice = (read: Read): void => {
  const { expect, o } = read
  const spinner = inPart(read.pages[0] ?? [], 'rings')
  const hours = ringOf(spinner, 'hour', read).map(Number)
  const minutes = ringOf(spinner, 'minutes', read).map((text) => Number(text.slice(1)))
  expectDistinct(read, hours, 'an hour comes twice')
  expectDistinct(read, minutes, 'minutes come twice')
  expect(Math.min(...hours) === 1 && Math.max(...hours) === 12 && hours.length === 12, `hours ${hours.join()}`)
  expect(minutes.length === o.count, `${minutes.length} minutes`)
  const due = hours.flatMap((hour) => minutes.map((minute) => (hour % 12) * 60 + minute))
  const lines = groups(read.key.flat(), 'time').map((line) => words(line))
  const told = lines.map((line) => {
    const [figures = '', ...inWords] = line.split('  ')
    const minute = minuteIn(figures, o) ?? NaN
    expect(figures === say(minute, { ...o.wording, form: 'digital' }), `“${figures}” is not written so`)
    const form = o.wording.form === 'minutes-past' ? 'minutes-past' : 'turns'
    expect(inWords.join('  ') === say(minute, { ...o.wording, form }), `“${line}” says two times`)
    return minute
  })
  const sorted = (list: readonly number[]) => [...list].sort((a, b) => a - b).join()
  expect(sorted(told) === sorted(due), `the key has ${told.length} times of ${due.length}`)
}
