import { type Read, type Shapes, cutLines, groups, inPart, widthOf, words } from './reading'

/* The box of a deck, folded up from its net: do the cards go in, and does it close? */

/** Of the papers that the cards are printed on, mm. */
const THICK = { '80': 0.1, '160': 0.2, '300': 0.4 } as const

const near = (a: number, b: number) => Math.abs(a - b) < 0.05
const unique = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b).filter((value, i, all) => i === 0 || !near(value, all[i - 1] ?? NaN))

/** The width and height of one card, by the lines that it is cut along. */
function cardOf(page: Shapes): { width: number; height: number } {
  const { xs, ys } = cutLines(page)
  return { width: (xs[1] ?? NaN) - (xs[0] ?? NaN), height: (ys[1] ?? NaN) - (ys[0] ?? NaN) }
}

export const isBoxPage = (page: Shapes): boolean => inPart(page, 'box').length > 0

export function checkBox(read: Read): void {
  const { expect, o, pages } = read
  const boxes = pages.filter(isBoxPage)
  expect(boxes.length === (o.box === undefined ? 0 : 1), `${boxes.length} boxes`)
  const [page] = boxes
  if (!page || o.box === undefined) return
  const net = inPart(page, 'box')
  const outline = net.find(({ tag, layer }) => tag === 'path' && layer === 'cut')?.points ?? []
  const folds = net.filter(({ tag, layer }) => tag === 'line' && layer === 'fold')
  const upright = folds.filter(({ points: [a, b] }) => a && b && near(a.x, b.x))
  const level = folds.filter(({ points: [a, b] }) => a && b && near(a.y, b.y))
  const walls = unique(upright.flatMap(({ points: [a] }) => (a ? [a.x] : [])))
  const rows = unique(level.flatMap(({ points: [a] }) => (a ? [a.y] : [])))
  expect(walls.length === 4 && rows.length === 4, `${walls.length} upright folds, ${rows.length} level ones`)
  const [front = NaN, side = NaN, back = NaN, last = NaN] = walls
  const [tuck = NaN, top = NaN, foot = NaN, floor = NaN] = rows
  const [xs, ys] = [outline.map(({ x }) => x), outline.map(({ y }) => y)]
  const [left, right, highest, lowest] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  const [wide, deep] = [side - front, back - side]
  expect(near(last - back, wide), `a front of ${wide} mm and a back of ${last - back}`)
  expect(near(right - last, deep), `sides of ${deep} and ${right - last} mm`)
  expect(near(top - tuck, deep) && near(floor - foot, deep), 'lid or floor is not as deep as the box')
  // The lid and the floor hang on the back, from edge to edge; the walls are folded over their whole height.
  for (const { points } of level)
    expect(
      near(Math.min(...points.map(({ x }) => x)), back) && near(Math.max(...points.map(({ x }) => x)), last),
      'a lid on another wall',
    )
  for (const { points } of upright)
    expect(
      near(Math.min(...points.map(({ y }) => y)), top) && near(Math.max(...points.map(({ y }) => y)), foot),
      'a wall that is not folded to its end',
    )
  expect(front - left >= 8 && tuck - highest >= 8 && lowest - floor >= 8, 'a flap is narrower than 8 mm')

  const cards = pages.filter((each) => !isBoxPage(each)).flatMap((each) => groups(each, 'card'))
  const { width, height } = cardOf(pages.find((each) => groups(each, 'card').length > 0) ?? [])
  const [short, long] = [Math.min(width, height), Math.max(width, height)]
  expect(wide >= short + 0.8 && wide < short + 3, `a box ${wide} mm wide for cards of ${short}`)
  expect(foot - top >= long + 0.8 && foot - top < long + 3, `a box ${foot - top} mm high for cards of ${long}`)
  const thick = cards.length * THICK[o.box]
  expect(deep >= thick + 0.45, `a box ${deep} mm deep for ${cards.length} cards of ${thick} mm`)
  expect(deep <= Math.max(3, thick + 1), `a box ${deep} mm deep for only ${thick} mm`)

  const label = inPart(net, 'label')
  const said = words(label)
  expect(new RegExp(`(^|\\D)${cards.length}(\\D|$)`).test(said), `“${said}” does not tell ${cards.length} cards`)
  expect(said.length > 5, 'the box has no label')
  for (const text of label) {
    const at = text.points[0]?.x ?? NaN
    expect(at - widthOf(text) / 2 > front && at + widthOf(text) / 2 < side, `“${text.text}” is not on the front`)
  }
}
