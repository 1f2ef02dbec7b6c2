import { languages } from '../../../src/core/wording'
import { apart, type Point } from '../svg'
import { cornersOf, distance, middleOf, xsOf, ysOf } from './measuring'
import { type Read, type Shapes, dials, expectDistinct, groups, hands, inPart, words } from './reading'
import { cards, truths } from './sets'
import { timesListed } from './worn'

/* What is laid round a clock or slides along a strip: whether it fits, and whether it counts right where it lies. */

/** The number and the place of each part whose name begins so. */
function counted(shapes: Shapes, name: string): { at: number; says: number; corners: Point[] }[] {
  const names = [...new Set(shapes.flatMap(({ parts }) => parts.filter((part) => part.startsWith(`${name}-`))))]
  return names.map((part) => {
    const own = inPart(shapes, part)
    return {
      at: Number(part.slice(name.length + 1)),
      says: Number(words(own)),
      corners: own.flatMap((text) => cornersOf(text)),
    }
  })
}

export const ringing = (read: Read): void => {
  const { expect, o } = read
  const [page = []] = read.pages
  const ring = inPart(page, 'ring')
  const round = ring
    .filter(({ tag, layer }) => tag === 'path' && layer === 'cut')
    .map(({ points }) => ({
      at: middleOf(points),
      radius: (Math.max(...points.map(({ x }) => x)) - Math.min(...points.map(({ x }) => x))) / 2,
    }))
    .sort((a, b) => a.radius - b.radius)
  const [hole, rim] = round
  expect(round.length === 2, `${round.length} circles to cut`)
  if (!hole || !rim) return
  expect(distance(hole.at, rim.at) < 0.01, 'the hole is not in the middle')
  // The rim of a printed face is drawn a little beyond its size.
  const clock = ((o.across ?? 92) / 2) * 1.015
  expect(hole.radius > clock && hole.radius < clock + 2, `a hole of ${hole.radius} mm round a clock of ${clock}`)
  expect(rim.radius - hole.radius >= 18, 'the ring is too narrow to hold')
  const out = (corners: readonly Point[]) => corners.map((corner) => distance(corner, hole.at))
  const turn = (corners: readonly Point[]) => {
    const middle = middleOf(corners)
    return (Math.atan2(middle.x - hole.at.x, hole.at.y - middle.y) * 180) / Math.PI
  }
  const due = {
    count: (minute: number) => minute,
    past: (minute: number) => minute,
    to: (minute: number) => 60 - minute,
  }
  const labels = (Object.keys(due) as (keyof typeof due)[]).map((name) => ({ name, own: counted(ring, name) }))
  for (const { name, own } of labels)
    for (const { at, says, corners } of own) {
      // A number is right for the numeral of the clock beside which it lies, not for its name.
      const beside = Math.round((((turn(corners) % 360) + 360) % 360) / 6) || 60
      expect(apart(turn(corners), 6 * at) < 1.5, `${name} ${at} is out of its place`)
      expect(says === due[name](beside), `beside minute ${beside} the ring says ${says}`)
      expect(Math.min(...out(corners)) > hole.radius && Math.max(...out(corners)) < rim.radius, `${says} is cut off`)
    }
  const sorted = labels.map(({ own }) =>
    own
      .map(({ at }) => at)
      .sort((a, b) => a - b)
      .join(),
  )
  const fives = Array.from({ length: 12 }, (_, i) => 5 * (i + 1))
  const sides = [fives, fives.filter((five) => five < 30), fives.filter((five) => five > 30 && five < 60)]
  expect(sorted.join(' | ') === sides.join(' | '), `counts ${sorted.join(' | ')}`)
  const { past, to } = languages[o.wording.language].phrases.onDial
  for (const [word, isRight] of [
    [past, true],
    [to, false],
  ] as const) {
    const own = ring.filter(({ tag, text }) => tag === 'text' && text === word)
    expect(own.length === 1, `“${word}” is there ${own.length} times`)
    const corners = own.flatMap((text) => cornersOf(text))
    expect(middleOf(corners).x > hole.at.x === isRight, `“${word}” is on the other side`)
    expect(Math.min(...out(corners)) > hole.radius && Math.max(...out(corners)) < rim.radius, `“${word}” is cut off`)
  }
  timesListed(read)
}

interface Slits {
  readonly first: number
  readonly second: number
}

/** A pointer whose slits let a strip of a height through, with its arrow between them. */
function pointerOf(page: Shapes, high: number, { expect }: Read): Slits {
  const slits = groups(inPart(page, 'pointer'), 'slit').map((slit) => ({
    x: xsOf(slit),
    top: Math.min(...ysOf(slit)),
    bottom: Math.max(...ysOf(slit)),
  }))
  expect(slits.length === 2, `${slits.length} slits`)
  for (const { x, top, bottom } of slits) {
    expect(Math.max(...x) - Math.min(...x) < 0.01, 'a slit is not upright')
    expect(bottom - top > high + 0.5 && bottom - top < high + 3, `a slit of ${bottom - top} mm for a strip of ${high}`)
  }
  const [first = NaN, second = NaN] = slits.map(({ x }) => x[0] ?? NaN).sort((a, b) => a - b)
  const card = inPart(page, 'pointer').filter(({ layer, parts }) => layer === 'cut' && parts.at(-1) === 'pointer')
  const [cardXs, cardYs] = [xsOf(card), ysOf(card)]
  const isHeld = first - Math.min(...cardXs) > 8 && Math.max(...cardXs) - second > 8
  expect(isHeld && Math.max(...cardYs) - (slits[0]?.bottom ?? NaN) > 5, 'the pointer tears at a slit')
  const arrow = inPart(page, 'arrow').flatMap(({ points }) => points)
  const tip = arrow.reduce((a, b) => (b.y > a.y ? b : a), arrow[0] ?? { x: NaN, y: NaN })
  expect(Math.abs(tip.x - (first + second) / 2) < 0.05, 'the arrow is not between the slits')
  expect(tip.y < (slits[0]?.top ?? NaN) && tip.y > (slits[0]?.top ?? NaN) - 2, 'the arrow does not end at the strip')
  return { first, second }
}

/** Counts past above the line and counts to below it, each in its place. Gives where 0 and 60 are. */
function countsOn(strip: Shapes, { expect }: Read): { readonly zero: number; readonly sixty: number } {
  const texts = inPart(strip, 'number-line').filter(({ tag, text }) => tag === 'text' && /^\d+$/.test(text ?? ''))
  const heights = texts.map(({ points }) => (points[0]?.y ?? NaN).toFixed(2))
  const rows = [...new Set(heights)].sort((a, b) => Number(a) - Number(b))
  const [above = [], below = []] = rows.map((row) => texts.filter((_, i) => heights[i] === row))
  const zero = above.find(({ text }) => text === '0')?.points[0]?.x ?? NaN
  const sixty = above.find(({ text }) => text === '60')?.points[0]?.x ?? NaN
  const along = (minutes: number) => zero + ((sixty - zero) * minutes) / 60
  for (const { text, points } of above)
    expect(Math.abs((points[0]?.x ?? NaN) - along(Number(text))) < 0.05, `${text} is out of its place`)
  for (const { text, points } of below)
    expect(Math.abs((points[0]?.x ?? NaN) - along(60 - Number(text))) < 0.05, `${text} to is out of its place`)
  expect(above.length === 13 && below.length === 7 && rows.length === 2, `${above.length} and ${below.length} counts`)
  return { zero, sixty }
}

/** The strip is pushed through the pointer: does it go through, hold at both ends, and count evenly? */
export const sliding = (read: Read): void => {
  const { expect, o } = read
  const [page = []] = read.pages
  const strip = inPart(page, 'strip')
  const outline = strip.filter(({ layer, parts }) => layer === 'cut' && parts.at(-1) === 'strip')
  const [left, right] = [Math.min(...xsOf(outline)), Math.max(...xsOf(outline))]
  const { first, second } = pointerOf(page, Math.max(...ysOf(outline)) - Math.min(...ysOf(outline)), read)
  const { zero, sixty } = countsOn(strip, read)
  const hold = (second - first) / 2
  expect(zero - left > hold + 3 && right - sixty > hold + 3, 'the strip slips out of the pointer at an end')

  const shown = cards(read).map((card) => hands(card)[0])
  expect(shown.length === o.count, `${shown.length} cards`)
  expectDistinct(read, shown, 'a clock is on two cards')
  const pairs = groups(read.key.flat(), 'pair')
  truths(read, pairs)
  expect(
    [...pairs.map((pair) => hands(pair)[0])].sort().join() === [...shown].sort().join(),
    'the key has other clocks',
  )
  for (const pair of pairs) {
    const [dial] = dials(pair)
    const minutes = Math.round(((((dial?.minute ?? NaN) % 360) + 360) % 360) / 6) % 60
    expect(
      Number(words(pair, 'figures')) === minutes,
      `the pointer at ${words(pair, 'figures')} for a dial at ${dial?.time}`,
    )
  }
}
