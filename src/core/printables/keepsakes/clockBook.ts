import { bodyArea, type Drawing, line, path, rectanglePath, type Shape } from '../../drawing'
import { dialShapes, faceWithin } from '../../faces'
import { randomFrom } from '../../random'
import { isTwoHanded, type Item, makeItems, minuteOf } from '../../teaching'
import { languages, nameIn, printedAs, told } from '../../wording'
import { answerAt, answerOf } from '../kit/answerPlace'
import type { PrintOptions } from '../kit/choices'
import { definePrintable } from '../kit/definePrintable'
import { dialAt, itemDial } from '../kit/dialPlace'
import { keyFooter, keyTitle, printFooter, titleOr } from '../kit/footers'
import { childPage, part, rule } from '../kit/frame'
import { type Cell, gridCells } from '../kit/grid'
import { CUT, THIN } from '../kit/looks'
import { textFrom, wordsIn } from '../kit/wordLists'

const LEAVES_ON_A_PAGE = 2
/** At the left of each leaf, for two staples or holes, mm. */
const BINDING_MM = 12
/** Above and below what is on a leaf, mm. */
const [TOP_MM, MARGIN_MM] = [11, 5] as const

/** A leaf of the book: a clock to read, one to draw, and what the child does then. */
interface Leaf {
  readonly read: Item
  readonly set: Item
}

/** A book that grows by a leaf a session: half a page each, to cut, to fill in and to staple together. */
export const clockBook = definePrintable({
  id: 'clock-book',
  kind: 'make',
  name: told('My clock book'),
  purpose: told('A book that grows by a page a session: a clock to read, one to draw, and a picture of what I do then'),
  stage: 'pictorial',
  counts: told('How many pages of the book'),
  leastItems: 1,
  mostItems: 8,
  usualItems: 2,
  suits: isTwoHanded,
  takes: ['cover'],
  forEachChild: true,
  needs: ['scissors', 'colours'],
  cautions: ['scissors'],
  notes: () => [
    told('Print it with a cover the first time. Later, print as many pages as there are sessions to come.'),
    told(
      'Keep the pages together with two staples at the left, their ends inside, or with a ribbon through two holes.',
    ),
  ],
  make(options, seed) {
    const footer = printFooter(told('My clock book'), options, seed)
    const leaves = leavesOf(options, seed)
    const title = titleOr(options, nameIn(options.wording, told('My clock book')))
    const filled = (isKey: boolean) =>
      leaves.map((leaf, i) => (cell: Cell) => leafShapes(leaf, i, { cell, isKey }, options))
    const cover = options.cover ? [(cell: Cell) => coverShapes(cell, options)] : []
    return {
      items: leaves.flatMap(({ read, set }) => [read, set]),
      pages: bound([...cover, ...filled(false)], (body) => childPage(options, title, footer, body), options),
      key: bound(
        [...cover, ...filled(true)],
        (body) => childPage(options, keyTitle(told('My clock book'), options), keyFooter(footer, options), body),
        options,
      ),
    }
  },
})

/** A time to read and another to draw on each leaf; none is read or drawn twice. */
function leavesOf({ rung, count }: PrintOptions, seed: number): Leaf[] {
  const random = randomFrom(seed)
  const toRead = makeItems(random, { rung, ask: 'read', count })
  // One more than is needed, so that even the last leaf has one that differs from what is read there.
  const toSet = makeItems(random, { rung, ask: 'set', count: count + 1 })
  return toRead.map((read) => {
    const at = toSet.findIndex((item) => minuteOf(item) !== minuteOf(read))
    const [set] = toSet.splice(at, 1) as [Item]
    return { read, set }
  })
}

/** Leaves on pages, two on each, with a line to cut between them. */
function bound(
  leaves: readonly ((cell: Cell) => Shape[])[],
  pageOf: (body: readonly Shape[]) => Drawing,
  { paper }: PrintOptions,
): Drawing[] {
  const area = bodyArea(paper)
  const cells = gridCells(area, 1, LEAVES_ON_A_PAGE)
  const middle = area.y + area.height / LEAVES_ON_A_PAGE
  const cut = line({ x: area.x, y: middle }, { x: area.x + area.width, y: middle }, CUT)
  return Array.from({ length: Math.ceil(leaves.length / LEAVES_ON_A_PAGE) }, (_, page) => {
    const own = leaves.slice(page * LEAVES_ON_A_PAGE, (page + 1) * LEAVES_ON_A_PAGE)
    return pageOf([cut, ...own.flatMap((leaf, i) => leaf(cells[i] as Cell))])
  })
}

/** Where the leaves are held together. */
function binding({ x, y, height }: Cell): Shape {
  const staple = (share: number) =>
    line(
      { x: x + BINDING_MM / 2, y: y + height * share - 5 },
      { x: x + BINDING_MM / 2, y: y + height * share + 5 },
      THIN,
    )
  return part('binding', [staple(0.3), staple(0.7)])
}

function coverShapes(cell: Cell, options: PrintOptions): Shape[] {
  const { wording, owner, lowInk } = options
  const left = cell.x + BINDING_MM
  const width = cell.x + cell.width - left
  const room = cell.height / 2 - MARGIN_MM
  const half = (width - 2 * room) / 2
  const middle = left + half
  const y = cell.y + cell.height / 2
  const face = dialShapes(0, { radius: faceWithin(room), hands: 'none', lowInk })
  const { phrases } = languages[wording.language]
  return [
    binding(cell),
    part('cover', [
      part('face', face, left + width - room, y),
      ...wordsIn(nameIn(wording, told('My clock book')), { x: middle, y: y - 20 }, { width: 2 * half - 6, most: 11 }),
      ...(owner ? [textFrom(owner, { x: left + 4, y: y + 20 }, { width: 2 * half - 8, most: 8 })] : []),
      rule(left + 4, left + 2 * half - 4, y + 22),
      textFrom(phrases.name, { x: left + 4, y: y + 28 }, { width: 2 * half - 8, most: 4 }),
    ]),
  ]
}

interface LeafPlace {
  readonly cell: Cell
  readonly isKey: boolean
}

/** Three columns: the clock to read, the clock to draw, the picture. */
function leafShapes({ read, set }: Leaf, place: number, { cell, isKey }: LeafPlace, options: PrintOptions): Shape[] {
  const { wording } = options
  const inner: Cell = {
    x: cell.x + BINDING_MM,
    y: cell.y + MARGIN_MM + TOP_MM,
    width: cell.width - BINDING_MM,
    height: cell.height - 2 * MARGIN_MM - TOP_MM,
  }
  const [first, second, third] = gridCells(inner, 3, 1) as [Cell, Cell, Cell]
  const top = cell.y + MARGIN_MM + 4
  const headed = (words: string, { x, y, width }: Cell) =>
    wordsIn(words, { x: x + width / 2, y: y + 6 }, { width: width - 6, most: 5, height: 12 })
  const room = Math.min(first.width / 2 - 3, (inner.height - 30) / 2)
  const at = ({ x, y, width }: Cell) => ({ x: x + width / 2, y: y + 14 + room, room })
  const words = answerOf(set, wording)
  const bottom = inner.y + 14 + 2 * room + 13
  return [
    binding(cell),
    textFrom(printedAs('Date', wording), { x: inner.x + 3, y: top }, { width: 20, most: 4.5 }),
    rule(inner.x + 24, inner.x + 84, top + 1),
    part(`question-${2 * place}`, [
      ...headed(printedAs('I read this clock', wording), first),
      itemDial(read, at(first), options),
      ...answerAt(
        { item: read, choices: [], place, cell: first, options, isKey },
        first.x + first.width / 2,
        bottom,
        first.width / 2 - 4,
      ),
    ]),
    part(`question-${2 * place + 1}`, [
      ...headed(printedAs('I draw this time', wording), second),
      isKey ? dialAt(minuteOf(set), at(second), options) : emptyFace(at(second), options),
      part(
        'words',
        wordsIn(
          words,
          { x: second.x + second.width / 2, y: bottom - 4 },
          { width: second.width - 6, most: 6, height: 12 },
        ),
      ),
    ]),
    ...headed(printedAs('What I do then', wording), third),
    part('picture', [path(rectanglePath(third.x + 3, third.y + 14, third.width - 6, third.height - 14), THIN)]),
  ]
}

function emptyFace({ x, y, room }: { x: number; y: number; room: number }, { lowInk }: PrintOptions): Shape {
  return part('face', dialShapes(0, { radius: faceWithin(room), hands: 'none', lowInk }), x, y)
}
