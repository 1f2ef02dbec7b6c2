import { apart, type Point } from '../svg'
import { distance, extentOf, pointsIn, xsOf, ysOf } from './measuring'
import { type Read, type Shapes, dials, expectDistinct, groups, inPart, words } from './reading'
import { expectControl } from './sets'

/* Clocks to make: whether they can be cut, joined, worn and turned, told by what is on the page alone. */

const width = (shapes: Shapes) => Math.max(...xsOf(shapes)) - Math.min(...xsOf(shapes))

/** A hole by its middle and how wide it is. */
function holeIn(shapes: Shapes): { at: Point; across: number } {
  const hole = shapes.filter(({ tag, layer }) => tag === 'circle' && layer === 'cut')
  const [xs, ys] = [xsOf(hole), ysOf(hole)]
  return {
    at: { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: ys[0] ?? NaN },
    across: Math.max(...xs) - Math.min(...xs),
  }
}

/** A face that is right without hands, and hands that fit it. Gives the radius of the face. */
export function turnable(page: Shapes, read: Read): { readonly at: Point; readonly radius: number } {
  const { expect, o } = read
  const face = inPart(page, 'dial')
  const hole = holeIn(face)
  const middle = face[0]?.origin ?? { x: NaN, y: NaN }
  const radius = Math.max(...face.filter(({ tag }) => tag === 'circle').map((shape) => width([shape]) / 2))
  expect(distance(hole.at, middle) < 0.01, 'the hole is not in the middle of the face')
  expect(
    dials(face).every(({ hour, minute }) => hour === undefined && minute === undefined),
    'the face has hands on it',
  )
  const numerals = face.filter(({ tag, text }) => tag === 'text' && Number(text) <= 12)
  expect(new Set(numerals.map(({ text }) => text)).size === 12, `${numerals.length} numerals`)
  for (const { text, points, size = 0 } of numerals) {
    const at = points[0] ?? middle
    // A numeral is anchored at its middle, on its foot.
    const turn = (Math.atan2(at.x - middle.x, middle.y - (at.y - size * 0.36)) * 180) / Math.PI
    expect(apart(turn, 30 * Number(text)) < 1.5, `${text} is out of its place`)
  }
  const wanted = o.rung === 'hour-hand' ? ['hour'] : o.rung === 'fives' ? ['minute'] : ['hour', 'minute']
  const lengths = (['hour', 'minute'] as const).flatMap((hand) => {
    const own = inPart(page, `cut-${hand}-hand`)
    if (own.length === 0) return []
    const joint = holeIn(own)
    expect(Math.abs(joint.across - hole.across) < 0.01, `the hole of the ${hand} hand is of another size`)
    const outline = own.filter(({ tag }) => tag === 'path')
    const across = Math.max(...ysOf(outline)) - Math.min(...ysOf(outline))
    expect(across > joint.across + 6, `the ${hand} hand tears at its hole`)
    const behind = joint.at.x - Math.min(...xsOf(outline))
    expect(behind > joint.across / 2 + 2.5, `the ${hand} hand ends too near its hole`)
    return [{ hand, length: Math.max(...xsOf(outline)) - joint.at.x }]
  })
  expect(lengths.map(({ hand }) => hand).join() === wanted.join(), `hands ${lengths.map(({ hand }) => hand).join()}`)
  for (const { hand, length } of lengths) {
    const [least, most] = hand === 'hour' ? [0.45, 0.65] : [0.85, 0.97]
    expect(length > least * radius && length < most * radius, `the ${hand} hand is ${length} mm on ${radius}`)
  }
  return { at: middle, radius }
}

/** A list of times to tick, each once, all in the key. */
export function timesListed(read: Read): void {
  const listed = groups(read.pages.flat(), 'time')
  const told = listed.map((time) => words(time, 'words'))
  read.expect(told.length === read.o.count, `${told.length} times`)
  for (const time of listed)
    read.expect(time.filter(({ tag }) => tag === 'path').length === 1, 'a time has no box to tick')
  expectDistinct(read, told, 'a time is there twice')
  expectControl(read, told)
}

/** What is drawn of the cut outline between two heights. */
const between = (points: readonly Point[], from: number, to: number) => points.filter(({ y }) => y > from && y < to)

export const wearing = (read: Read): void => {
  const { expect, o } = read
  const [page = []] = read.pages
  expect(read.pages.length === 1, `${read.pages.length} pages`)
  const { at, radius } = turnable(page, read)
  const strap = inPart(page, 'strap')
  const outline = strap.find(({ tag, layer, parts }) => tag === 'path' && layer === 'cut' && parts.at(-1) === 'strap')
  const points = outline?.points ?? []
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)]
  expect((Math.max(...xs) - Math.min(...xs)) / 2 > radius + 1.5, 'the strap is narrower than the face')
  const slits = groups(strap, 'slit').map((slit) => ({ y: ysOf(slit)[0] ?? NaN, wide: width(slit) }))
  const wrist = 10 * (o.wrist ?? 14)
  // The neck is the narrowest part: the tongue is wider above it, the strap below.
  const upper = between(points, Math.min(...ys) - 1, at.y - radius)
  const neck = Math.min(...upper.map(({ x }) => Math.abs(x - at.x)).filter((half) => half > 4.5))
  const neckAt = Math.min(...upper.filter(({ x }) => Math.abs(Math.abs(x - at.x) - neck) < 0.01).map(({ y }) => y))
  const head = 2 * Math.max(...between(points, Math.min(...ys) - 1, neckAt).map(({ x }) => Math.abs(x - at.x)))
  expect(slits.length >= 3, `${slits.length} slits`)
  for (const { wide } of slits) {
    expect(head > wide + 3, `a tongue of ${head} mm slips out of a slit of ${wide}`)
    expect(2 * neck < wide - 1, `a neck of ${2 * neck} mm does not lie in a slit of ${wide}`)
  }
  const around = slits.map(({ y }) => y - neckAt)
  expect(Math.abs(Math.min(...around) - wrist) < 0.05, `closed at the first slit it is ${Math.min(...around)} mm round`)
  const end = Math.max(...ys) - neckAt
  expect(Math.abs(end - 1.2 * wrist) < 0.05, `a strap of ${end} mm for a wrist of ${wrist}`)
  expect(end - Math.max(...around) >= 7.9, 'the last slit tears')
  around.slice(1).forEach((each, i) => expect(each - (around[i] ?? 0) > 4, 'slits too near each other'))
  const middle = around[Math.floor(around.length / 2)] ?? NaN
  expect(Math.abs(at.y - neckAt - middle / 2) < 0.05, 'the face is not across from where the strap closes')
  timesListed(read)
}

/** g for each mm² of card; a fastener, g. */
const [CARD, FASTENER] = [160e-6, 1.2]

/**
 * The tent is folded up: two walls from one fold, their feet as far apart as the tie holds them. It stands while its
 * centre of gravity, pulled forward by hands and fastener, is well inside its feet.
 */
export const standingUp = (read: Read): void => {
  const { expect } = read
  const [page = []] = read.pages
  expect(read.pages.length === 1, `${read.pages.length} pages`)
  const { at, radius } = turnable(page, read)
  const box = (shapes: Shapes) => extentOf(pointsIn(shapes))
  const own = (name: string, layer: string) =>
    inPart(page, name).filter((shape) => shape.layer === layer && shape.parts.at(-1) === name)
  const [walls, fold] = [box(own('tent', 'cut')), own('tent', 'fold')]
  expect(fold.length === 1, `${fold.length} folds of the tent`)
  const foldAt = ysOf(fold)[0] ?? NaN
  expect(Math.abs(width(fold) - (walls.right - walls.left)) < 0.05, 'the fold does not go from edge to edge')
  const [back, front] = [foldAt - walls.top, walls.bottom - foldAt]
  expect(Math.abs(back - front) < 0.05, `walls of ${back} and ${front} mm`)
  const reach = radius + 2
  expect(
    at.x - reach > walls.left && at.x + reach < walls.right && at.y - reach > foldAt && at.y + reach < walls.bottom,
    'the face does not lie on the front wall',
  )
  const [tie, bends] = [box(own('tie', 'cut')), own('tie', 'fold').map((shape) => xsOf([shape])[0] ?? NaN)]
  const [first = NaN, second = NaN] = [...bends].sort((a, b) => a - b)
  expect(bends.length === 2, `${bends.length} folds of the tie`)
  expect(first - tie.left >= 11.9 && tie.right - second >= 11.9, 'a flap is too narrow for small hands')
  const foot = second - first
  // With the longest of it, the walls lean by a right angle; with none, they fall together.
  expect(foot > 0.4 * front && foot < 0.8 * front, `feet ${foot} mm apart under walls of ${front} mm`)
  const [wall, strip] = [front * (walls.right - walls.left) * CARD, foot * (tie.bottom - tie.top) * CARD]
  const hands = (['hour', 'minute'] as const).map((hand) => box(inPart(page, `cut-${hand}-hand`)))
  const more = hands
    .filter(({ left }) => Number.isFinite(left))
    .reduce((sum, { left, right, top, bottom }) => sum + (right - left) * (bottom - top) * CARD, FASTENER)
  const height = (walls.bottom - at.y) / front
  // Feet at -foot / 2 and foot / 2: the front wall is nearer the first the lower it weighs.
  const onFront = -(foot / 2) * (1 - height)
  const centre = (wall * (-foot / 4) + wall * (foot / 4) + more * onFront) / (2 * wall + strip + more)
  expect(
    foot / 2 + centre > foot / 4,
    `its centre of gravity is ${(foot / 2 + centre).toFixed(1)} mm inside its front foot`,
  )
  timesListed(read)
}
