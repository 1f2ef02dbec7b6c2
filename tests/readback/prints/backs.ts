import { paperOf } from '../../../src/core/drawing'
import type { PrintOptions } from '../../../src/core/printables'
import { extentOf, middleOf, pointsIn } from './measuring'
import { type Read, type Shapes, cellOf, cutLines, groups, inPart, words } from './reading'

/* The backs of cards: one behind each card, with the letter of their set and the pattern that all of a set have. */

/** A letter stands on backs: they are turned over the long edge where nothing else was chosen. */
export function withBacks(o: PrintOptions): PrintOptions {
  return o.letter !== undefined && o.backs === undefined ? { ...o, backs: 'long-edge' } : o
}

const isOfLetter = ({ parts }: Shapes[number]) => parts.includes('letter')

/** Where the middle of a card's back has to be once the sheet is turned over. */
function due(front: { x: number; y: number }, o: PrintOptions): { x: number; y: number } {
  const { width, height } = paperOf(o.paper)
  return o.backs === 'short-edge' ? { x: front.x, y: height - front.y } : { x: width - front.x, y: front.y }
}

export function checkBacks({ pages, o, expect }: Read): void {
  if (o.letter === undefined && o.backs === undefined) return
  const patterns = new Set<number>()
  pages.forEach((page, at) => {
    const cards = groups(page, 'card')
    if (cards.length === 0) return
    const backs = groups(pages[at + 1] ?? [], 'back')
    expect(backs.length === cards.length, `${backs.length} backs behind ${cards.length} cards`)
    const lines = cutLines(page)
    cards.forEach((card, i) => {
      const [back = [], front] = [backs[i], cellOf(card, lines)]
      const ring = inPart(back, 'letter')
      expect(words(ring) === (o.letter ?? ''), `a back has the letter “${words(ring)}”`)
      const drawn = back.filter((shape) => shape.tag !== 'text' && !isOfLetter(shape))
      patterns.add(drawn.length)
      if (!front) return
      const wanted = due(front, o)
      const isOver = (shapes: Shapes) => Math.abs(middleOf(pointsIn(shapes)).x - wanted.x) <= 0.3
      // Acorns and triangles are not drawn about their middles.
      const isLevel = Math.abs(middleOf(pointsIn(drawn)).y - wanted.y) <= 1
      expect(drawn.length === 0 || (isOver(drawn) && isLevel), 'a pattern is not behind its card')
      if (ring.length === 0) return
      const { top, bottom } = extentOf(pointsIn(ring.filter(({ tag }) => tag === 'circle')))
      const half = (Math.min(...gaps(lines.ys)) || 0) / 2
      expect(isOver(ring), 'a letter is not in the middle of its back')
      expect(top > wanted.y - half + 2 && bottom < wanted.y + half - 2, 'a letter is cut off')
    })
  })
  expect(patterns.size <= 1, 'the backs of one set differ')
}

const gaps = (places: readonly number[]) => places.slice(1).map((place, i) => place - (places[i] ?? 0))

/** The pages without the letters of sets, for what else is checked of backs. */
export const withoutLetters = (pages: readonly Shapes[]): Shapes[] =>
  pages.map((page) => page.filter((shape) => !isOfLetter(shape)))
